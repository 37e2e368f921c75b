/** The Panel place: a job's score on the shop's own machine, current and target settings, and the pre-weld check. */
@NullMarked
package vastarc.web.panel;

import org.jspecify.annotations.NullMarked;
