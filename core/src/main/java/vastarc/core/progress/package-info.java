/** How long work in the core tells how far it is, and learns that nobody wants it any more. */
@NullMarked
package vastarc.core.progress;

import org.jspecify.annotations.NullMarked;
