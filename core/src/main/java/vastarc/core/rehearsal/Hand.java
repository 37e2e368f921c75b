package vastarc.core.rehearsal;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import vastarc.core.finding.Problem;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.quantity.Unit;

/**
 * The hand that leads the torch.
 *
 * @param travelMmPerMin its travel; the sheet's where it is not told
 * @param arcMm          arc length; the sheet's where it is not told, mm
 * @param leanDeg        the torch leans so far over the base member from half way between the two
 * @param scatterPercent how far travel and arc length stray, one standard deviation over about a second's memory; 0 for a steady hand
 * @param seed           of an unsteady hand: the same seed strays alike
 */
public record Hand(
        OptionalDouble travelMmPerMin, OptionalDouble arcMm, double leanDeg, double scatterPercent, long seed) {

    public static final Range TRAVEL = new Range("travelMmPerMin", 10, 1200, Unit.MM_PER_MIN);
    public static final Range ARC = new Range("arcMm", 0.5, 8, Unit.MILLIMETRE);
    public static final Range LEAN = new Range("leanDeg", -30, 30, Unit.DEGREE);
    public static final Range SCATTER = new Range("scatterPercent", 0, 50, Unit.PERCENT);
    public static final Range SEED = new Range("seed", 0, 9_007_199_254_740_991.0, Unit.NUMBER);

    /** How far an unsteady hand strays where it is not told, %. Judgement. */
    public static final double USUAL_SCATTER = 15;

    /** Steady, by the sheet. */
    public static Hand steady() {
        return new Hand(OptionalDouble.empty(), OptionalDouble.empty(), 0, 0, 1);
    }

    public Hand unsteady(double percent, long ofSeed) {
        return new Hand(travelMmPerMin, arcMm, leanDeg, percent, ofSeed);
    }

    public Hand travelling(double mmPerMin) {
        return new Hand(OptionalDouble.of(mmPerMin), arcMm, leanDeg, scatterPercent, seed);
    }

    public boolean isSteady() {
        return scatterPercent == 0;
    }

    List<Problem> problems() {
        Stream<Optional<Problem>> told = Stream.of(
                travelMmPerMin.isPresent() ? TRAVEL.check(travelMmPerMin.getAsDouble()) : Optional.empty(),
                arcMm.isPresent() ? ARC.check(arcMm.getAsDouble()) : Optional.empty(),
                LEAN.check(leanDeg),
                SCATTER.check(scatterPercent),
                SEED.check(seed));
        return told.flatMap(Optional::stream).toList();
    }
}
