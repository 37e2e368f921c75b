/**
 * The rules and the computation of Vast Arc, without any interface.
 *
 * <p>Layers, each a folder whose package page names the layers it uses ({@code ArchitectureTest} reads them):
 * <ol>
 *   <li>{@code base} – numbers with units, what a shop writes, messages, tables, problems
 *   <li>{@code domain} – metal, joint, welding conditions, consumables
 *   <li>{@code physics} – arc, heat flow, pool, cooling, purge, duty
 *   <li>{@code advice} – setup sheet, weld cycle, plan of a weld, sequence and day
 *   <li>{@code equipment} – machines, panels, dials
 *   <li>{@code simulation} – the weld on a simulated plate
 *   <li>{@code record} – runs, readings, diagnosis
 *   <li>{@code reference}, {@code training}, {@code input} – what is looked up, what is practised, how a joint is entered
 * </ol>
 * Everything here is immutable and pure: no clock, no randomness, no input or output but reading its own tables. The formulas are written down in {@code docs/model}.
 */
@NullMarked
package vastarc.core;

import org.jspecify.annotations.NullMarked;
