package vastarc.core.advice.parameters;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;
import vastarc.core.domain.joint.Weld;

/**
 * What a machine's own good runs may teach.
 *
 * @param machine by name
 * @param runs    that came out well on it, the newest first
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
     * {@return the current as proven for a joint; empty from too few runs} Runs from before the machine's current changed do not count.
     *
     * @param weld the joint and how it is welded
     */
    public Optional<MachineCalibration> of(Weld weld) {
        return runs.size() < MachineCalibration.LEAST_RUNS
                ? Optional.empty()
                : MachineCalibration.of(present(), ProvenRun.asCalculated(weld, machine));
    }

    /**
     * {@return what is known of a joint's current on this machine, from however few runs}
     *
     * @param weld the joint and how it is welded
     */
    public MachineCalibration known(Weld weld) {
        return MachineCalibration.posterior(present(), ProvenRun.asCalculated(weld, machine));
    }

    /** {@return whether the machine's current has changed; empty where there are too few runs} */
    public Optional<Drift> drift() {
        List<Double> inOrder = new ArrayList<>(
                runs.stream().map(ProvenRun::ratio).filter(ratio -> ratio > 0).toList());
        Collections.reverse(inOrder);
        return Drift.of(inOrder);
    }

    /** The runs since the machine's current last changed. */
    private List<ProvenRun> present() {
        List<ProvenRun> read = runs.stream().filter(run -> run.ratio() > 0).toList();
        return drift().map(drift -> read.subList(0, read.size() - drift.since()))
                .orElse(read);
    }
}
