/**
 * The weld on a simulated plate: heat and melting solved by finite volumes in enthalpy ({@link vastarc.core.rehearsal.Field}), on a grid
 * uniform along the seam and graded across it ({@link vastarc.core.rehearsal.Grid}) over any joint's section, and what is read off it: raw
 * ({@link vastarc.core.rehearsal.PlateRun}) or as a whole weld ({@link vastarc.core.rehearsal.RehearsalRun}). Source: engine specification,
 * section 15.
 */
@NullMarked
package vastarc.core.rehearsal;

import org.jspecify.annotations.NullMarked;
