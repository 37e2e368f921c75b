/** Threads for what happens by the clock. */
@NullMarked
package vastarc.web.schedule;

import org.jspecify.annotations.NullMarked;
