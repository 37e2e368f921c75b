/**
 * One joint planned: {@link vastarc.core.advice.plan.WeldPlan} makes its sheet and its score, each once and only when asked for.
 * {@link vastarc.core.advice.plan.SheetDocument} is a sheet kept: its figures, windows and reasons as data, with the engine that made them.
 */
@NullMarked
package vastarc.core.advice.plan;

import org.jspecify.annotations.NullMarked;
