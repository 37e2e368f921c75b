/**
 * A joint cut into cells: sections of every form ({@link vastarc.core.simulation.mesh.JointSection}), graded across the seam and even along it
 * ({@link vastarc.core.simulation.mesh.Grid}), and where each cell lies in memory.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation.mesh;

import org.jspecify.annotations.NullMarked;
