/** The Read place: what a bead looks like, what it comes from, what to change, and the result of it. */
@NullMarked
package vastarc.web.read;

import org.jspecify.annotations.NullMarked;
