/**
 * What the torch is built up from and what goes into the seam: tungsten, cup, gas, wire, hood. Each from a table of the trade.
 */
@NullMarked
package vastarc.core.domain.consumable;

import org.jspecify.annotations.NullMarked;
