/**
 * Drawings in millimetres: a {@link vastarc.web.drawing.Drawing} is a list of lines and labels with finished coordinates, which a
 * template only places. Colours are left to style classes.
 */
@NullMarked
package vastarc.web.drawing;

import org.jspecify.annotations.NullMarked;
