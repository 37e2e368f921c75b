/** The Purge place: what is filled with argon, how long it takes, what it does to the root, and the wait itself. */
@NullMarked
package vastarc.web.purge;

import org.jspecify.annotations.NullMarked;
