/** What learners have answered. */
@NullMarked
package vastarc.web.store.drill;

import org.jspecify.annotations.NullMarked;
