/**
 * Argon behind the joint: how long until the air is out ({@link vastarc.core.physics.purge.Purge}), what the vent does to the molten root
 * ({@link vastarc.core.physics.purge.RootPressure}), how much leaks in ({@link vastarc.core.physics.purge.LeakFit}), what the cylinder lasts, and a simulated
 * oxygen meter to learn on. Source: {@code docs/model/purge.md (1)} to (7).
 */
@NullMarked
package vastarc.core.physics.purge;

import org.jspecify.annotations.NullMarked;
