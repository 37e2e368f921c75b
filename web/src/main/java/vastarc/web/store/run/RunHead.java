package vastarc.web.store.run;

import java.util.Optional;
import java.util.UUID;

/**
 * What a run is found by.
 *
 * @param job           it belongs to; empty for one that came from a file
 * @param jobName       as it was called then
 * @param material      by its API name
 * @param joint         likewise
 * @param thicknessMm   of the thinner member
 * @param machine       it was welded on; empty where none was chosen
 * @param machineName   as it was called then
 * @param hand          who welded; empty where not given
 * @param meter         it listens to; empty for none
 * @param simulated     a stand-in welded it
 * @param plannedA      working current of the sheet, A
 * @param reckonedA     what the engine calculated without the welder's own value, A
 * @param plannedTravel of the sheet, mm/min
 */
public record RunHead(
        Optional<UUID> job,
        String jobName,
        String material,
        String joint,
        double thicknessMm,
        Optional<UUID> machine,
        String machineName,
        String hand,
        String meter,
        boolean simulated,
        double plannedA,
        double reckonedA,
        double plannedTravel) {

    /** The same at a job and on a machine. */
    RunHead at(Optional<UUID> otherJob, Optional<UUID> otherMachine) {
        return new RunHead(
                otherJob,
                jobName,
                material,
                joint,
                thicknessMm,
                otherMachine,
                machineName,
                hand,
                meter,
                simulated,
                plannedA,
                reckonedA,
                plannedTravel);
    }
}
