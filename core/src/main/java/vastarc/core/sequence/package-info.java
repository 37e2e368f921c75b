/**
 * The sequence of a whole job: tacks, runs, waits and what it uses ({@link vastarc.core.sequence.SequencePlanner}), a changed sequence checked
 * ({@link vastarc.core.sequence.SequenceCheck}), and one welder over several jobs ({@link vastarc.core.sequence.DayPlanner}).
 */
@NullMarked
package vastarc.core.sequence;

import org.jspecify.annotations.NullMarked;
