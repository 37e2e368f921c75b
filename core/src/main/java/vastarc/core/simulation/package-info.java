/**
 * The weld on a simulated plate: a raw plate ({@link vastarc.core.simulation.PlateSimulation}) or a whole weld
 * ({@link vastarc.core.simulation.WeldSimulation}), both led by one {@code Simulator}: it takes the arc along its path over a field, and observers
 * read off what is to be seen. Here too: comparisons of two welds, searches for a setting, and what a result means. Below lie, each using
 * only those before it: mesh, source, solver, request, result, observe; verification holds the whole against closed solutions.
 * Source: {@code docs/model/simulation.md (1)} to {@code (4)}.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation;

import org.jspecify.annotations.NullMarked;
