package vastarc.core.advice.parameters;

import java.util.List;
import java.util.Optional;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;
import vastarc.core.domain.joint.Joint;

/**
 * What a machine's own good runs may teach.
 *
 * @param machine by name
 * @param runs    that came out well on it
 */
public record CalibrationRuns(String machine, List<ProvenRun> runs) {

    private static final CalibrationRuns NOTHING = new CalibrationRuns("", List.of());

    /** Copies its collections, so that it cannot change. */
    public CalibrationRuns {
        runs = List.copyOf(runs);
    }

    /**
     * No machine, or no run.
     *
     * @return the calibration runs
     */
    public static CalibrationRuns nothing() {
        return NOTHING;
    }

    /**
     * {@return the current as proven for a joint; empty from too few runs}
     *
     * @param joint the joint
     */
    public Optional<MachineCalibration> of(Joint joint) {
        return runs.size() < MachineCalibration.LEAST_RUNS
                ? Optional.empty()
                : MachineCalibration.of(
                        runs,
                        new ProvenRun(joint.material().name(), joint.form().name(), joint.thinnerMm(), machine, 1));
    }
}
