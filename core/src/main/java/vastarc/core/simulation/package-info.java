/**
 * The weld on a simulated plate: heat and melting solved by finite volumes in enthalpy ({@link vastarc.core.simulation.TemperatureField}), on a grid
 * uniform along the seam and graded across it ({@link vastarc.core.simulation.Grid}) over any joint's section, and what is read off it: raw
 * ({@link vastarc.core.simulation.PlateSimulation}) or as a whole weld ({@link vastarc.core.simulation.WeldSimulation}). Source: {@code docs/model/simulation.md (1)} to (4).
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation;

import org.jspecify.annotations.NullMarked;
