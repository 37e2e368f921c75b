/**
 * The setup sheet: every setting with its value, its range, the method or rule that set it and the reason in a sentence.
 *
 * <p>{@link vastarc.core.advice.sheet.SheetPlanner} is the entrance. It refuses what is out of scope
 * ({@link vastarc.core.advice.parameters.ScopeRules}), makes the decisions that depend on each other once ({@link vastarc.core.advice.parameters.SheetDecisions}), and
 * lets the rule classes write the settings: panel, gas, torch, wire, heat. Where practitioners disagree
 * ({@link vastarc.core.advice.parameters.ParameterTopic}), the {@link vastarc.core.advice.parameters.ChosenMethods} say whose value is used, and the parameter carries the others.
 */
@NullMarked
package vastarc.core.advice.sheet;

import org.jspecify.annotations.NullMarked;
