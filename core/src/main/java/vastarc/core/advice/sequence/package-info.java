/**
 * The sequence of a whole job: tacks, runs, waits and what it uses ({@link vastarc.core.advice.sequence.SequencePlanner}), a changed sequence checked
 * ({@link vastarc.core.advice.sequence.SequenceCheck}), and one welder over several jobs ({@link vastarc.core.advice.sequence.DayPlanner}).
 */
@NullMarked
package vastarc.core.advice.sequence;

import org.jspecify.annotations.NullMarked;
