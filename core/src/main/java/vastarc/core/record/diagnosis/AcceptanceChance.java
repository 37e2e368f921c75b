package vastarc.core.record.diagnosis;

import java.util.List;
import java.util.Optional;
import org.hipparchus.linear.Array2DRowRealMatrix;
import org.hipparchus.linear.ArrayRealVector;
import org.hipparchus.linear.CholeskyDecomposition;
import org.hipparchus.linear.MatrixUtils;
import org.hipparchus.linear.RealMatrix;
import org.hipparchus.linear.RealVector;

/**
 * The chance that a run is accepted, over current and travel: a logistic curve with a peak, drawn towards what the engine alone would say until the shop's
 * runs say otherwise. {@code docs/model/diagnosis.md (5)}. Source: logistic regression with a normal prior, by Newton's steps; Laplace's range
 * [textbook]; the prior by judgement.
 */
public final class AcceptanceChance {

    /** Fewer judged runs make no chance. */
    public static final int LEAST_RUNS = 20;

    /** Fewer accepted, or fewer refused, make none either. */
    public static final int LEAST_OF_EACH = 3;

    /** Runs in which current or travel is ten per cent off are one step away. */
    private static final double STEP = 0.1;

    /** A run as calculated is accepted in four of five; two steps away the odds have fallen to a seventh. */
    private static final double[] PRIOR_MEAN = {1.4, 0, 0, -0.5, -0.5};

    private static final double[] PRIOR_SPREAD = {1, 0.7, 0.7, 0.3, 0.3};
    private static final int NEWTON_STEPS = 30;
    private static final double STILL = 1e-10;
    private static final double NINE_OF_TEN = 1.6448536269514722;

    private final RealVector weights;
    private final CholeskyDecomposition precision;
    private final int runs;

    private AcceptanceChance(RealVector weights, CholeskyDecomposition precision, int runs) {
        this.weights = weights;
        this.precision = precision;
        this.runs = runs;
    }

    /**
     * A run that was judged.
     *
     * @param currentRatio current read over calculated, above 0
     * @param travelRatio  travel read over planned, above 0
     * @param accepted     it passed
     */
    public record JudgedRun(double currentRatio, double travelRatio, boolean accepted) {}

    /**
     * A chance with how sure it is.
     *
     * @param chance 0 to 1
     * @param low    where it lies with a chance of nine in ten: from
     * @param high   to
     */
    public record Chance(double chance, double low, double high) {}

    /**
     * {@return what judged runs say; empty from too few, or where they all came out alike}
     *
     * @param judged runs of like joints on one machine
     */
    public static Optional<AcceptanceChance> of(List<JudgedRun> judged) {
        long accepted = judged.stream().filter(JudgedRun::accepted).count();
        boolean enough =
                judged.size() >= LEAST_RUNS && accepted >= LEAST_OF_EACH && judged.size() - accepted >= LEAST_OF_EACH;
        return enough ? Optional.of(fitted(judged)) : Optional.empty();
    }

    private static AcceptanceChance fitted(List<JudgedRun> judged) {
        List<RealVector> rows = judged.stream()
                .map(run -> features(run.currentRatio(), run.travelRatio()))
                .toList();
        RealMatrix prior = priorPrecision();
        RealVector mean = new ArrayRealVector(PRIOR_MEAN);
        RealVector weights = mean.copy();
        CholeskyDecomposition precision = new CholeskyDecomposition(prior);
        for (int step = 0; step < NEWTON_STEPS; step++) {
            RealMatrix curved = prior.copy();
            RealVector slope = prior.operate(mean.subtract(weights));
            for (int i = 0; i < rows.size(); i++) {
                double chance = logistic(weights.dotProduct(rows.get(i)));
                double missed = (judged.get(i).accepted() ? 1 : 0) - chance;
                slope = slope.add(rows.get(i).mapMultiply(missed));
                curved = curved.add(rows.get(i).outerProduct(rows.get(i)).scalarMultiply(chance * (1 - chance)));
            }
            precision = new CholeskyDecomposition(curved);
            RealVector change = precision.getSolver().solve(slope);
            weights = weights.add(change);
            if (change.getNorm() < STILL) {
                break;
            }
        }
        return new AcceptanceChance(weights, precision, judged.size());
    }

    private static RealMatrix priorPrecision() {
        RealMatrix precision = new Array2DRowRealMatrix(
                MatrixUtils.createRealIdentityMatrix(PRIOR_MEAN.length).getData());
        for (int i = 0; i < PRIOR_SPREAD.length; i++) {
            precision.setEntry(i, i, 1 / (PRIOR_SPREAD[i] * PRIOR_SPREAD[i]));
        }
        return precision;
    }

    private static RealVector features(double currentRatio, double travelRatio) {
        double hotter = Math.log(currentRatio) / STEP;
        double faster = Math.log(travelRatio) / STEP;
        return new ArrayRealVector(new double[] {1, hotter, faster, hotter * hotter, faster * faster});
    }

    private static double logistic(double odds) {
        return 1 / (1 + Math.exp(-odds));
    }

    /**
     * {@return the chance at a setting}
     *
     * @param currentRatio current over calculated, above 0
     * @param travelRatio  travel over planned, above 0
     */
    public Chance at(double currentRatio, double travelRatio) {
        RealVector here = features(currentRatio, travelRatio);
        double odds = weights.dotProduct(here);
        double half =
                NINE_OF_TEN * Math.sqrt(here.dotProduct(precision.getSolver().solve(here)));
        return new Chance(logistic(odds), logistic(odds - half), logistic(odds + half));
    }

    /** {@return how many runs it rests on} */
    public int runs() {
        return runs;
    }
}
