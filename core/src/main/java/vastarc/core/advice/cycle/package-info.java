/**
 * The weld in time: what the trigger, gas and current do from the first touch until the gas is shut.
 *
 * <p>{@link vastarc.core.advice.cycle.CyclePlanner} turns a setup sheet into a {@link vastarc.core.advice.cycle.WeldCycle}: the planned inputs of a welder,
 * what the machine makes of them ({@link vastarc.core.advice.cycle.ArcStateMachine}, a state machine whose {@link vastarc.core.advice.cycle.TriggerMode} is
 * data), the integrals, the pool. The same machine plays any other touches: {@link vastarc.core.advice.cycle.PracticeReview} says what a welder's own
 * timing did. Currents between two changes run evenly or under a pulse, so integrals are exact.
 */
@NullMarked
package vastarc.core.advice.cycle;

import org.jspecify.annotations.NullMarked;
