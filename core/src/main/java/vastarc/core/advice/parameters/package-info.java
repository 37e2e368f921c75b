/**
 * The numbers of a weld and the choices behind them, before any of it is explained: what may be welded at all
 * ({@link vastarc.core.advice.parameters.ScopeRules}), current, pulse, tungsten, cup, gas, filler and passes, each once
 * ({@link vastarc.core.advice.parameters.SheetDecisions}), what a shop has and prefers, and what is entered by hand. The sheet explains them.
 *
 * <p>Uses: base, domain, physics.
 */
@NullMarked
package vastarc.core.advice.parameters;

import org.jspecify.annotations.NullMarked;
