package vastarc.core.simulation.source;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;

/**
 * The welder that leads the torch.
 *
 * @param travelMmPerMin its travel; the sheet's where it is not given
 * @param arcMm          arc length; the sheet's where it is not given, mm
 * @param leanDeg        the torch leans so far over the base member from half way between the two
 * @param scatterPercent how far travel and arc length stray, one standard deviation over about a second's memory; 0 for a steady welder
 * @param seed           of an unsteady welder: the same seed strays alike
 */
public record TorchOperator(
        OptionalDouble travelMmPerMin, OptionalDouble arcMm, double leanDeg, double scatterPercent, long seed) {

    /** Travel. */
    public static final InputRange TRAVEL = new InputRange("travelMmPerMin", 10, 1200, Unit.MM_PER_MIN);
    /** Length of the arc. */
    public static final InputRange ARC = new InputRange("arcMm", 0.5, 8, Unit.MILLIMETRE);
    /** Lean of the torch over the base member from half way between the two. */
    public static final InputRange LEAN = new InputRange("leanDeg", -30, 30, Unit.DEGREE);
    /** Scatter of travel and arc length. */
    public static final InputRange SCATTER = new InputRange("scatterPercent", 0, 50, Unit.PERCENT);
    /** Seed of the scatter. */
    public static final InputRange SEED = new InputRange("seed", 0, 9_007_199_254_740_991.0, Unit.NUMBER);

    /** How far an unsteady welder varies where it is not given, %. Judgement. */
    public static final double USUAL_SCATTER = 15;

    /**
     * Steady, by the sheet.
     *
     * @return the torch operator
     */
    public static TorchOperator steady() {
        return new TorchOperator(OptionalDouble.empty(), OptionalDouble.empty(), 0, 0, 1);
    }

    /**
     * {@return this welder with a random variation of travel, %, repeatable by its seed}
     *
     * @param percent how unsteady, %
     * @param ofSeed seed of the random numbers
     */
    public TorchOperator unsteady(double percent, long ofSeed) {
        return new TorchOperator(travelMmPerMin, arcMm, leanDeg, percent, ofSeed);
    }

    /**
     * {@return this welder with another travel speed, mm/min}
     *
     * @param mmPerMin travel, mm/min
     */
    public TorchOperator travelling(double mmPerMin) {
        return new TorchOperator(OptionalDouble.of(mmPerMin), arcMm, leanDeg, scatterPercent, seed);
    }

    /** {@return whether travel does not vary} */
    public boolean isSteady() {
        return scatterPercent == 0;
    }

    /** {@return what is out of range} */
    public List<Problem> problems() {
        Stream<Optional<Problem>> problems = Stream.of(
                travelMmPerMin.isPresent() ? TRAVEL.check(travelMmPerMin.getAsDouble()) : Optional.empty(),
                arcMm.isPresent() ? ARC.check(arcMm.getAsDouble()) : Optional.empty(),
                LEAN.check(leanDeg),
                SCATTER.check(scatterPercent),
                SEED.check(seed));
        return problems.flatMap(Optional::stream).toList();
    }
}
