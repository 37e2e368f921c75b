/** How long work in the core reports its progress, and learns that it was cancelled. */
@NullMarked
package vastarc.core.base.progress;

import org.jspecify.annotations.NullMarked;
