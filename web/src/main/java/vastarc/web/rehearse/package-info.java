/** The Rehearse place: the weld on simulated metal, two side by side, a setting looked for, and what was simulated before. */
@NullMarked
package vastarc.web.rehearse;

import org.jspecify.annotations.NullMarked;
