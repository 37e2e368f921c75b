/**
 * The six grades Vast Arc sets: their families, gauge scales and effective properties (table {@code materials.csv}).
 */
@NullMarked
package vastarc.core.domain.material;

import org.jspecify.annotations.NullMarked;
