/** The shop's machines and torches as they are stored, what meters said of their dials, their memory, and how they mean jobs. */
@NullMarked
package vastarc.web.store.machine;

import org.jspecify.annotations.NullMarked;
