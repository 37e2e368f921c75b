/**
 * The arc on the metal: from a joint to watts and amperes, pool and cooling.
 *
 * <p>Model: a point source moving over the face of a plate of finite thickness with leaking faces
 * ({@link vastarc.core.physics.heat.MovingSourcePlate}), a joint being a bundle of half plates that share one arc
 * ({@link vastarc.core.physics.heat.JointConduction}). Temperature is linear in power, so the power follows from one search for a maximum. What must
 * be molten is the {@link vastarc.core.physics.heat.FusionRequirement}. The arc turns power into current ({@link vastarc.core.physics.heat.ArcModel}).
 *
 * <p>Limits: about ±15 % on the current; the welder's own speed moves it more. No arc width, no surface flow in the pool.
 * Inside the formulas SI units; temperatures in °C differences from room temperature.
 */
@NullMarked
package vastarc.core.physics.heat;

import org.jspecify.annotations.NullMarked;
