/**
 * The bead in section: where its surface runs, from what was melted, the metal laid and what holds a pool up.
 * Source: {@code docs/model/simulation.md (5)}.
 *
 * <p>Uses: base, domain, physics, advice.
 */
@NullMarked
package vastarc.core.simulation.shape;

import org.jspecify.annotations.NullMarked;
