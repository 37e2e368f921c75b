package vastarc.core.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.finding.Problem;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.wording.Phrase;

/** The ranges inside which the product answers, and what must fit together. */
public final class JointLimits {

    /**
     * Allowed range of one input.
     *
     * @param field the input's name in the API
     * @param low   lowest, in the unit
     * @param high  highest, in the unit
     * @param unit  of the range
     */
    public record Range(String field, double low, double high, Unit unit) {

        /** The problem with a value outside, NaN and infinities included. */
        public Optional<Problem> check(double value) {
            if (value >= low && value <= high) {
                return Optional.empty();
            }
            Object given = Double.isFinite(value) ? Quantity.of(value, unit) : String.valueOf(value);
            return Optional.of(
                    Problem.badValue(field, "range", given, Quantity.of(low, unit), Quantity.of(high, unit)));
        }

        public Range inField(String name) {
            return new Range(name, low, high, unit);
        }
    }

    public static final Range THICKNESS = new Range("thicknessMm", 0.1, 12, Unit.MILLIMETRE);
    public static final Range TUBE_OD = new Range("tubeOdMm", 3, 1000, Unit.MILLIMETRE);
    public static final Range GAP = new Range("gapMm", 0, 4, Unit.MILLIMETRE);
    public static final Range GROOVE_ANGLE = new Range("grooveAngleDeg", 30, 120, Unit.DEGREE);
    public static final Range ROOT_FACE = new Range("rootFaceMm", 0, 4, Unit.MILLIMETRE);
    public static final Range LEG = new Range("legMm", 0.5, 12, Unit.MILLIMETRE);
    public static final Range DEPTH = new Range("depthMm", 0.05, 12, Unit.MILLIMETRE);
    public static final Range COPE_ANGLE = new Range("copeAngleDeg", 30, 90, Unit.DEGREE);
    public static final Range PREHEAT = new Range("preheatC", -20, 400, Unit.CELSIUS);
    public static final Range TRAVEL = new Range("travelMmPerMin", 20, 600, Unit.MM_PER_MIN);
    public static final Range HOSE_LENGTH = new Range("hoseLengthM", 0.5, 30, Unit.METRE);
    public static final Range HOSE_BORE = new Range("hoseBoreMm", 2, 12, Unit.MILLIMETRE);

    private JointLimits() {}

    /** What does not fit together, each figure being in its own range. */
    public static List<Problem> misfits(Joint joint) {
        List<Problem> problems = new ArrayList<>();
        joint.tubeOd().ifPresent(od -> tubeWall(joint, od).ifPresent(problems::add));
        joint.groove().ifPresent(groove -> {
            if (groove.rootFace().inMillimetres() >= joint.thinnerMm()) {
                problems.add(Problem.badValue(
                        "rootFaceMm", "groove.land", groove.rootFace(), Quantity.millimetres(joint.thinnerMm())));
            }
        });
        return problems;
    }

    /** What of the practice does not fit the joint. */
    public static List<Problem> misfits(Joint joint, Practice practice) {
        List<Problem> problems = new ArrayList<>();
        practice.penetration()
                .filter(told -> !told.isFor(joint))
                .ifPresent(told -> problems.add(Problem.badValue(
                        "penetration",
                        "penetration.form",
                        Phrase.of("penetration." + told),
                        Phrase.of("joint." + joint.form()),
                        names(Penetration.choicesFor(joint)))));
        practice.depth()
                .filter(depth -> depth.inMillimetres() >= joint.thinnerMm())
                .filter(depth -> Penetration.of(joint, practice) == Penetration.PARTIAL)
                .ifPresent(depth -> problems.add(
                        Problem.badValue("depthMm", "depth.through", depth, Quantity.millimetres(joint.thinnerMm()))));
        return problems;
    }

    private static String names(List<? extends Enum<?>> choices) {
        return String.join(", ", choices.stream().map(Enum::name).toList());
    }

    /** A preparation that this form does not have, or that is too deep a cut for so thin a plate. */
    static Optional<Problem> preparation(JointForm form, Preparation told, double thicknessMm) {
        if (!told.isFor(form)) {
            return Optional.of(Problem.badValue(
                    "preparation",
                    "preparation.form",
                    Phrase.of("preparation." + told),
                    Phrase.of("joint." + form),
                    names(Preparation.choicesFor(form))));
        }
        boolean thin = told == Preparation.V && form == JointForm.SQUARE_BUTT && thicknessMm < Preparation.V_FROM_MM;
        return thin
                ? Optional.of(Problem.badValue(
                        "preparation",
                        "preparation.thin",
                        Quantity.millimetres(thicknessMm),
                        Quantity.millimetres(Preparation.V_FROM_MM)))
                : Optional.empty();
    }

    /** The wall that belongs to the tube: the branch of a saddle, the abutting tube of a plate, both of a butt. */
    private static Optional<Problem> tubeWall(Joint joint, Length od) {
        double wall = joint.form() == JointForm.TUBE_BUTT
                ? joint.thickerMm()
                : joint.abutting().inMillimetres();
        if (!joint.form().isTube() || od.inMillimetres() > 2 * wall) {
            return Optional.empty();
        }
        return Optional.of(Problem.badValue(
                "tubeOdMm", "tube.wall", od, Quantity.millimetres(wall), Quantity.millimetres(2 * wall)));
    }
}
