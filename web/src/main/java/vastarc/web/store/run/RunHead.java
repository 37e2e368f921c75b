package vastarc.web.store.run;

import java.util.Optional;
import java.util.UUID;
import vastarc.core.coach.CoachLevel;

/**
 * What a run is found by.
 *
 * @param job           it belongs to; empty for one that came from a file
 * @param jobName       as it was called then
 * @param welded        what it joined
 * @param machine       it was welded on; empty where none was chosen
 * @param machineName   as it was called then
 * @param hand          who welded; empty where not given
 * @param coach         how much of the coach was heard; empty for nothing
 * @param meter         it listens to; empty for none
 * @param simulated     a stand-in welded it
 * @param planned       what the sheet wanted
 */
public record RunHead(
        Optional<UUID> job,
        String jobName,
        WeldedJoint welded,
        Optional<UUID> machine,
        String machineName,
        String hand,
        Optional<CoachLevel> coach,
        String meter,
        boolean simulated,
        PlannedFigures planned) {

    /** The same at a job and on a machine. */
    RunHead at(Optional<UUID> otherJob, Optional<UUID> otherMachine) {
        return new RunHead(
                otherJob, jobName, welded, otherMachine, machineName, hand, coach, meter, simulated, planned);
    }
}
