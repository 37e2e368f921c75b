/**
 * The weld on a simulated plate: heat and melting solved by finite volumes in enthalpy ({@link vastarc.core.rehearsal.Field}), on a grid
 * uniform along the seam and graded across it ({@link vastarc.core.rehearsal.PlateGrid}), and what is read off it. Source: engine
 * specification, section 15.
 */
@NullMarked
package vastarc.core.rehearsal;

import org.jspecify.annotations.NullMarked;
