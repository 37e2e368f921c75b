/**
 * Figures with a unit, and the two ways a shop writes them.
 *
 * <p>Every figure of the product is a {@link vastarc.core.quantity.Quantity} in one fixed unit (the unit of the API). Showing it in
 * inch units is a matter of {@link vastarc.core.quantity.UnitSystem} alone; reading what the welder typed is a matter of
 * {@link vastarc.core.notation.LengthReader} and {@link vastarc.core.notation.RateReader}. What is shown can be typed back: the
 * round trip is exact within the shown precision.
 */
@NullMarked
package vastarc.core.quantity;

import org.jspecify.annotations.NullMarked;
