/**
 * How a person or a call says a joint: fields, words and readers.
 *
 * <p>Uses: base, domain.
 */
@NullMarked
package vastarc.core.input;

import org.jspecify.annotations.NullMarked;
