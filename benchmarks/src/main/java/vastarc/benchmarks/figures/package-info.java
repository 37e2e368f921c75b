/** Figures of the sheet held against what bench welders set, and against simulations; printed as tables. */
package vastarc.benchmarks.figures;
