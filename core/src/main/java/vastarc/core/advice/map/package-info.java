/**
 * Where a weld works: over current and one more input, the zones in which it is cold, right, through, burnt, too wide or too hot for its colour.
 *
 * <p>{@link vastarc.core.advice.map.WeldMap} holds the grid, the sheet's point on it and how far current and travel may slip. The criteria and their
 * equations are those of {@link vastarc.core.advice.map.WeldZone}, written down in {@code docs/model/map.md}.
 */
@NullMarked
package vastarc.core.advice.map;

import org.jspecify.annotations.NullMarked;
