/** What learners have answered. */
@NullMarked
package vastarc.web.kept.drill;

import org.jspecify.annotations.NullMarked;
