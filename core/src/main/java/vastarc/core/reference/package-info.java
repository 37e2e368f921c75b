/** What the welder looks up: words with their other names, symptoms with their causes. Read from tables, nothing calculated. */
@NullMarked
package vastarc.core.reference;

import org.jspecify.annotations.NullMarked;
