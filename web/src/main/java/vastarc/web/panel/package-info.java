/** The Panel place: a job's score on the shop's own machine, how it stands and how it must, and the check before the strike. */
@NullMarked
package vastarc.web.panel;

import org.jspecify.annotations.NullMarked;
