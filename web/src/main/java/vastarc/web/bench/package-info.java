/** The Bench place: the home, with the jobs. */
@NullMarked
package vastarc.web.bench;

import org.jspecify.annotations.NullMarked;
