/** What was seen on the beads of jobs, and what trying changes has taught the shop. */
@NullMarked
package vastarc.web.store.diagnosis;

import org.jspecify.annotations.NullMarked;
