package vastarc.core.advice.parameters;

import java.util.List;
import java.util.Optional;

/**
 * What runs that came out well teach of the current on one machine: the method "as proven here".
 *
 * <p>Each run gives a ratio of the current that was good to the current that was calculated. Its logarithm is taken with a scatter of 6 %, drawn to
 * nothing by a prior spread of 12 %, and weighed by how near the run is: another metal counts a fifth, another form two fifths, a thickness by
 * \( \exp(-\frac12 (\Delta\ln t / 0.35)^2) \). Runs on other machines do not count at all: it is this machine's dial. Never more than ±35 %.
 * All by judgement.
 *
 * @param ratio to the calculated current
 * @param low   of its range, a ratio
 * @param high  likewise
 * @param runs  that count for a third or more
 */
public record MachineCalibration(double ratio, double low, double high, int runs) {

    /** Fewer do not make a method. */
    public static final int LEAST_RUNS = 3;

    private static final double PRIOR_SPREAD = 0.12;
    private static final double SCATTER = 0.06;
    private static final double OTHER_METAL = 0.2;
    private static final double OTHER_FORM = 0.4;
    private static final double THICKNESS_REACH = 0.35;
    private static final double NEAR = 1 / 3.0;
    private static final double MOST = 0.35;

    /**
     * A run that came out well.
     *
     * @param metal  by its API name
     * @param form   likewise
     * @param mm     thickness of the thinner member
     * @param machine it was welded on
     * @param ratio  of the current read to the current calculated
     */
    public record ProvenRun(String metal, String form, double mm, String machine, double ratio) {}

    /**
     * {@return what runs teach for a joint on a machine; empty from fewer than three that are near}
     *
     * @param runs the runs
     * @param wanted the joint to find the current for
     */
    public static Optional<MachineCalibration> of(List<ProvenRun> runs, ProvenRun wanted) {
        double precision = 1 / (PRIOR_SPREAD * PRIOR_SPREAD);
        double sum = 0;
        int near = 0;
        for (ProvenRun run : runs) {
            double weight = weight(run, wanted);
            if (weight > 0 && run.ratio() > 0) {
                precision += weight / (SCATTER * SCATTER);
                sum += weight / (SCATTER * SCATTER) * Math.log(run.ratio());
                near += weight >= NEAR ? 1 : 0;
            }
        }
        if (near < LEAST_RUNS) {
            return Optional.empty();
        }
        double mean = sum / precision;
        double half = SCATTER + 2 / Math.sqrt(precision);
        return Optional.of(new MachineCalibration(bounded(mean), bounded(mean - half), bounded(mean + half), near));
    }

    private static double bounded(double logRatio) {
        return Math.min(1 + MOST, Math.max(1 - MOST, Math.exp(logRatio)));
    }

    private static double weight(ProvenRun run, ProvenRun wanted) {
        if (!run.machine().equals(wanted.machine())) {
            return 0;
        }
        double metal = run.metal().equals(wanted.metal()) ? 1 : OTHER_METAL;
        double form = run.form().equals(wanted.form()) ? 1 : OTHER_FORM;
        double away = run.mm() > 0 && wanted.mm() > 0 ? Math.log(run.mm() / wanted.mm()) / THICKNESS_REACH : 2;
        return metal * form * Math.exp(-away * away / 2);
    }
}
