/**
 * Figures with a unit, and the two ways a shop writes them.
 *
 * <p>Every figure of the product is a {@link vastarc.core.base.units.Quantity} in one fixed unit (the unit of the API). Showing it in
 * inch units is a matter of {@link vastarc.core.base.units.UnitSystem} alone; reading what the welder typed is a matter of
 * {@link vastarc.core.base.notation.LengthReader} and {@link vastarc.core.base.notation.RateReader}. What is shown can be typed back: the
 * round trip is exact within the shown precision.
 */
@NullMarked
package vastarc.core.base.units;

import org.jspecify.annotations.NullMarked;
