/**
 * Reads lengths, flows and speeds as shops write them, a flow or a speed, read into figures.
 *
 * <p>A bare number is read in the shop's own unit system; a leading dot ({@code .065}) and a fraction ({@code 1/8}) are inch
 * shop defaults and are read as inches; a gauge needs a material that has a gauge scale.
 */
@NullMarked
package vastarc.core.base.notation;

import org.jspecify.annotations.NullMarked;
