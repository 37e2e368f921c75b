/**
 * What heats the joint: the arc's path and strength in time ({@link vastarc.core.simulation.source.ArcPath}), whose torch moves it, and how its heat
 * falls on the faces ({@link vastarc.core.simulation.source.GaussianSource}). Source: {@code docs/model/simulation.md (2)}.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation.source;

import org.jspecify.annotations.NullMarked;
