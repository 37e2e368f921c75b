package vastarc.core.advice.parameters;

import java.util.List;
import java.util.Optional;
import org.hipparchus.distribution.continuous.TDistribution;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Weld;

/**
 * What runs that came out well teach of the current on one machine: the method "as proven here".
 *
 * <p>Each run gives a ratio of the current that was good to the current that was calculated. Its logarithm is taken as normal, mean and scatter
 * unknown, with a normal-inverse-gamma prior: the engine's own spread from shop to shop (12 %), a scatter of 6 % within a shop. A run is weighed by how
 * near it is: another metal counts a fifth, another form or position two fifths, a thickness by \( \exp(-\frac12 (\Delta\ln t / 0.35)^2) \). Runs on other machines
 * do not count at all: it is this machine's dial. Never more than ±35 %. {@code docs/model/diagnosis.md (3)}.
 *
 * @param ratio     to the calculated current
 * @param low       where the ratio lies with a chance of {@link #CREDIBLE}: from
 * @param high      to
 * @param usualLow  where nine of ten good runs will lie: from
 * @param usualHigh to
 * @param runs      that count for a third or more
 */
public record MachineCalibration(double ratio, double low, double high, double usualLow, double usualHigh, int runs) {

    /** Fewer do not make a method. */
    public static final int LEAST_RUNS = 3;

    /** Chance that the ratio lies in its range. */
    public static final double CREDIBLE = 0.9;

    /** Usual scatter of good runs about their mean, of the logarithm. */
    static final double SCATTER = 0.06;

    private static final double PRIOR_SPREAD = 0.12;

    /** The usual scatter counts like twice so many runs. */
    private static final double PRIOR_SHAPE = 6;

    private static final double OTHER_METAL = 0.2;
    private static final double OTHER_FORM = 0.4;
    private static final double OTHER_POSITION = 0.4;
    private static final double THICKNESS_REACH = 0.35;
    private static final double NEAR = 1 / 3.0;
    private static final double MOST = 0.35;

    /**
     * A run that came out well.
     *
     * @param metal  by its API name
     * @param form   likewise
     * @param position likewise; empty where it was not kept, which says nothing against any
     * @param mm     thickness of the thinner member
     * @param machine it was welded on
     * @param ratio  of the current read to the current calculated
     */
    public record ProvenRun(String metal, String form, String position, double mm, String machine, double ratio) {

        /**
         * {@return what a run would be that is exactly as calculated}
         *
         * @param weld    what would be welded
         * @param machine by name
         */
        static ProvenRun asCalculated(Weld weld, String machine) {
            Joint joint = weld.joint();
            return new ProvenRun(
                    joint.material().name(),
                    joint.form().name(),
                    weld.practice().position().name(),
                    joint.thinnerMm(),
                    machine,
                    1);
        }

        /**
         * {@return whether it was a joint of the same metal and form, and of no very other thickness}
         *
         * @param weld the weld it is held against
         */
        public boolean isLike(Weld weld) {
            return ratio > 0 && weightFor(asCalculated(weld, machine)) > OTHER_FORM;
        }

        /**
         * {@return how much this run says of another, 0 to 1}
         *
         * @param wanted the other one
         */
        double weightFor(ProvenRun wanted) {
            if (!machine.equals(wanted.machine) || ratio <= 0) {
                return 0;
            }
            double ofMetal = metal.equals(wanted.metal) ? 1 : OTHER_METAL;
            double ofForm = form.equals(wanted.form) ? 1 : OTHER_FORM;
            boolean elsewhere = !position.isEmpty() && !wanted.position.isEmpty() && !position.equals(wanted.position);
            double ofPosition = elsewhere ? OTHER_POSITION : 1;
            double away = mm > 0 && wanted.mm > 0 ? Math.log(mm / wanted.mm) / THICKNESS_REACH : 2;
            return ofMetal * ofForm * ofPosition * Math.exp(-away * away / 2);
        }
    }

    /**
     * {@return what runs teach for a joint on a machine; empty from fewer than three that are near}
     *
     * @param runs the runs
     * @param wanted the joint to find the current for
     */
    public static Optional<MachineCalibration> of(List<ProvenRun> runs, ProvenRun wanted) {
        MachineCalibration learned = posterior(runs, wanted);
        return learned.runs < LEAST_RUNS ? Optional.empty() : Optional.of(learned);
    }

    /**
     * {@return what is known of a joint's current on a machine, from however few runs; without any, what is taken before the first}
     *
     * @param runs   the runs
     * @param wanted the joint
     */
    static MachineCalibration posterior(List<ProvenRun> runs, ProvenRun wanted) {
        double weights = 0;
        double sum = 0;
        double squares = 0;
        int near = 0;
        for (ProvenRun run : runs) {
            double weight = run.weightFor(wanted);
            if (weight > 0) {
                double log = Math.log(run.ratio());
                weights += weight;
                sum += weight * log;
                squares += weight * log * log;
                near += weight >= NEAR ? 1 : 0;
            }
        }
        double counts = SCATTER * SCATTER / (PRIOR_SPREAD * PRIOR_SPREAD) + weights;
        double mean = sum / counts;
        double shape = PRIOR_SHAPE + weights / 2;
        double rate = (PRIOR_SHAPE - 1) * SCATTER * SCATTER + (squares - sum * mean) / 2;
        double far = new TDistribution(2 * shape).inverseCumulativeProbability((1 + CREDIBLE) / 2);
        double half = far * Math.sqrt(rate / (shape * counts));
        double usual = far * Math.sqrt(rate / shape * (1 + 1 / counts));
        return new MachineCalibration(
                bounded(mean),
                bounded(mean - half),
                bounded(mean + half),
                bounded(mean - usual),
                bounded(mean + usual),
                near);
    }

    private static double bounded(double logRatio) {
        return Math.min(1 + MOST, Math.max(1 - MOST, Math.exp(logRatio)));
    }
}
