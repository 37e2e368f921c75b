/** The shop's machines and torches as they are kept, what meters said of their dials, their memory, and how they stand for jobs. */
@NullMarked
package vastarc.web.store.machine;

import org.jspecify.annotations.NullMarked;
