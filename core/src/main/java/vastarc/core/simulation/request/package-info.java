/**
 * What can be simulated, and its bounds: a raw plate ({@link vastarc.core.simulation.request.PlateRequest}) or a whole weld
 * ({@link vastarc.core.simulation.request.SimulationRequest}).
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation.request;

import org.jspecify.annotations.NullMarked;
