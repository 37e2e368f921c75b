/**
 * What a photograph of a bead says in numbers: how wide it is and how evenly, how straight it runs, how its ripples are spaced, and which colour the
 * heat left beside it, each with how sure it is. A scale comes first ({@link vastarc.core.vision.PlaneMap}); along the seam the picture is laid straight
 * ({@link vastarc.core.vision.SeamView}); there the toes are followed ({@link vastarc.core.vision.ToeFinder}). Nothing here inspects a weld: depth,
 * fusion and cracks cannot be seen. Source: {@code docs/model/vision.md}.
 *
 * <p>Uses: base, domain.
 */
@NullMarked
package vastarc.core.vision;

import org.jspecify.annotations.NullMarked;
