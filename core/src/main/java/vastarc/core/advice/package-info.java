/**
 * From a joint to a setup sheet, a weld cycle in time, a plan of passes, a sequence of welds and a day.
 *
 * <p>Uses: base, domain, physics.
 */
@NullMarked
package vastarc.core.advice;

import org.jspecify.annotations.NullMarked;
