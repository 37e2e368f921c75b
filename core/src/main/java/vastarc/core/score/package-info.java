/**
 * The weld in time: what the trigger, gas and current do from the first touch until the gas is shut.
 *
 * <p>{@link vastarc.core.score.ScorePlanner} turns a setup sheet into a {@link vastarc.core.score.Score}: the planned touches of a hand,
 * what the machine makes of them ({@link vastarc.core.score.ArcCycle}, a state machine whose {@link vastarc.core.score.ControlLogic} is
 * data), the integrals, the pool. The same machine plays any other touches: {@link vastarc.core.score.TryReview} says what a hand's own
 * timing did. Currents between two changes run evenly or under a pulse, so integrals are exact.
 */
@NullMarked
package vastarc.core.score;

import org.jspecify.annotations.NullMarked;
