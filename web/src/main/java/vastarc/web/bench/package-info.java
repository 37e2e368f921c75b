/** The Bench place: the home, with the jobs in hand. */
@NullMarked
package vastarc.web.bench;

import org.jspecify.annotations.NullMarked;
