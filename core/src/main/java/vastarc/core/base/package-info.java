/**
 * Numbers with units, messages, tables, problems: what every other layer is written with.
 *
 * <p>Uses: nothing.
 */
@NullMarked
package vastarc.core.base;

import org.jspecify.annotations.NullMarked;
