/** The shop's own qualified procedures. */
@NullMarked
package vastarc.web.store.procedure;

import org.jspecify.annotations.NullMarked;
