/**
 * Argon behind the joint: how long until the air is out ({@link vastarc.core.purge.Purge}), what the vent does to the molten root
 * ({@link vastarc.core.purge.RootPressure}), how much leaks in ({@link vastarc.core.purge.LeakFit}), what the cylinder lasts, and a simulated
 * oxygen meter to learn on. Source: engine specification, section 12.
 */
@NullMarked
package vastarc.core.purge;

import org.jspecify.annotations.NullMarked;
