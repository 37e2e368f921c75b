/** What a hand looks up: words with their other names, symptoms with their causes. Read from tables, nothing reckoned. */
@NullMarked
package vastarc.core.reference;

import org.jspecify.annotations.NullMarked;
