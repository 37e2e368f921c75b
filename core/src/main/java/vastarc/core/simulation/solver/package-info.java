/**
 * Heat and melting by finite volumes in enthalpy ({@link vastarc.core.simulation.solver.TemperatureField}): the curves of the metals, losses of the
 * faces, steps in time. Source: {@code docs/model/simulation.md (1)} and {@code (3)}.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation.solver;

import org.jspecify.annotations.NullMarked;
