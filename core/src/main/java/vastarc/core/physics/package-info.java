/**
 * Formulas of arc, heat flow, pool, cooling, purging and duty. Each is written down in {@code docs/model}.
 *
 * <p>Uses: base, domain.
 */
@NullMarked
package vastarc.core.physics;

import org.jspecify.annotations.NullMarked;
