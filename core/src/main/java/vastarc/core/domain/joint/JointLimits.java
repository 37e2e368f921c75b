package vastarc.core.domain.joint;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Problem;

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
    public record InputRange(String field, double low, double high, Unit unit) {

        /**
         * {@return the problem with a value outside, NaN and infinities included}
         *
         * @param value the value
         */
        public Optional<Problem> check(double value) {
            if (value >= low && value <= high) {
                return Optional.empty();
            }
            Object given = Double.isFinite(value) ? Quantity.of(value, unit) : String.valueOf(value);
            return Optional.of(
                    Problem.badValue(field, "range", given, Quantity.of(low, unit), Quantity.of(high, unit)));
        }

        /**
         * {@return this range for another field}
         *
         * @param name the name
         */
        public InputRange inField(String name) {
            return new InputRange(name, low, high, unit);
        }
    }

    /** Thickness of a member. */
    public static final InputRange THICKNESS = new InputRange("thicknessMm", 0.1, 12, Unit.MILLIMETRE);
    /** Outer diameter of a tube. */
    public static final InputRange TUBE_OD = new InputRange("tubeOdMm", 3, 1000, Unit.MILLIMETRE);
    /** Gap between the members. */
    public static final InputRange GAP = new InputRange("gapMm", 0, 4, Unit.MILLIMETRE);
    /** Included angle of a groove. */
    public static final InputRange GROOVE_ANGLE = new InputRange("grooveAngleDeg", 30, 120, Unit.DEGREE);
    /** Root face of a groove. */
    public static final InputRange ROOT_FACE = new InputRange("rootFaceMm", 0, 4, Unit.MILLIMETRE);
    /** Leg of a fillet. */
    public static final InputRange LEG = new InputRange("legMm", 0.5, 12, Unit.MILLIMETRE);
    /** Depth of fusion asked for. */
    public static final InputRange DEPTH = new InputRange("depthMm", 0.05, 12, Unit.MILLIMETRE);
    /** Angle between branch and run. */
    public static final InputRange COPE_ANGLE = new InputRange("copeAngleDeg", 30, 90, Unit.DEGREE);
    /** Temperature of the work before welding. */
    public static final InputRange PREHEAT = new InputRange("preheatC", -20, 400, Unit.CELSIUS);
    /** Travel of the torch. */
    public static final InputRange TRAVEL = new InputRange("travelMmPerMin", 20, 600, Unit.MM_PER_MIN);
    /** Length of the torch's gas hose. */
    public static final InputRange HOSE_LENGTH = new InputRange("hoseLengthM", 0.5, 30, Unit.METRE);
    /** Bore of the torch's gas hose. */
    public static final InputRange HOSE_BORE = new InputRange("hoseBoreMm", 2, 12, Unit.MILLIMETRE);

    private JointLimits() {}

    /**
     * {@return what does not fit together, each figure being in its own range}
     *
     * @param joint the joint
     */
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

    /**
     * {@return what of the practice does not fit the joint}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static List<Problem> misfits(Joint joint, WeldingConditions conditions) {
        List<Problem> problems = new ArrayList<>();
        conditions
                .penetration()
                .filter(entered -> !entered.isFor(joint))
                .ifPresent(entered -> problems.add(Problem.badValue(
                        "penetration",
                        "penetration.form",
                        Phrase.of("penetration." + entered),
                        Phrase.of("joint." + joint.form()),
                        names(Penetration.choicesFor(joint)))));
        conditions
                .depth()
                .filter(depth -> depth.inMillimetres() >= joint.thinnerMm())
                .filter(depth -> Penetration.of(joint, conditions) == Penetration.PARTIAL)
                .ifPresent(depth -> problems.add(
                        Problem.badValue("depthMm", "depth.through", depth, Quantity.millimetres(joint.thinnerMm()))));
        return problems;
    }

    private static String names(List<? extends Enum<?>> choices) {
        return String.join(", ", choices.stream().map(Enum::name).toList());
    }

    /**
     * {@return a preparation that this form does not have, or that is too deep a cut for so thin a plate; empty where
     * it can be}
     *
     * @param form the joint form
     * @param entered the edge preparation as entered
     * @param thicknessMm thickness, mm
     */
    public static Optional<Problem> preparation(JointForm form, EdgePreparation entered, double thicknessMm) {
        if (!entered.isFor(form)) {
            return Optional.of(Problem.badValue(
                    "preparation",
                    "preparation.form",
                    Phrase.of("preparation." + entered),
                    Phrase.of("joint." + form),
                    names(EdgePreparation.choicesFor(form))));
        }
        boolean thin = entered == EdgePreparation.V
                && form == JointForm.SQUARE_BUTT
                && thicknessMm < EdgePreparation.V_FROM_MM;
        return thin
                ? Optional.of(Problem.badValue(
                        "preparation",
                        "preparation.thin",
                        Quantity.millimetres(thicknessMm),
                        Quantity.millimetres(EdgePreparation.V_FROM_MM)))
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
