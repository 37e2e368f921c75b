/**
 * The rules and the computation of Vast Arc, without any interface.
 *
 * <p>Rooms, in the order in which a later one may use an earlier one (held by {@code ArchitectureTest}):
 * <ol>
 *   <li>{@code quantity} – figures with a unit, the two unit systems, reading what a shop writes
 *   <li>{@code wording} – phrases kept apart from logic, spoken in either unit system
 *   <li>{@code finding} – problems and cautions as values
 *   <li>{@code table} – the tables of the trade, read from data files
 *   <li>{@code material} – the six grades and their properties
 *   <li>{@code joint} – what is to be welded and how
 *   <li>{@code heat} – the moving source on a plate of finite thickness, arc and cooling
 *   <li>{@code consumable} – tungsten, cup, gas and wire
 *   <li>{@code sheet} – the planner: every parameter with range, method and reason
 *   <li>{@code score} – the weld in time, as a machine answers trigger or pedal
 *   <li>{@code machine} – profiles of machines, where their controls must be set, limits, dials
 *   <li>{@code reference} – symptoms and words, as the reference shows them
 * </ol>
 * Everything here is immutable and pure: no clock, no randomness, no input or output but reading its own tables.
 */
@NullMarked
package vastarc.core;

import org.jspecify.annotations.NullMarked;
