/**
 * The six grades Vast Arc sets: their families, gauge scales and effective properties (table {@code materials.csv}).
 */
package vastarc.core.material;
