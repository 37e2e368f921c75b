package vastarc.core.advice.parameters;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.physics.heat.FusionRequirement;

/** What the product refuses politely: pairs that cannot be welded, runs deeper than an arc melts, currents beyond any torch. */
public final class ScopeRules {

    private static final double LOWEST_CURRENT_A = 1;

    /** Thickest stock welded falling, mm (judgement). */
    static final double FALLING_TO_MM = 5;

    private static final double GAP_OF_THICKNESS = 1.0 / 3;

    private ScopeRules() {}

    /**
     * {@return every reason why a joint is not planned; empty where it is}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static List<Problem> problems(Joint joint, WeldingConditions conditions) {
        List<Problem> problems = new ArrayList<>();
        if (isForeignPair(joint)) {
            problems.add(Problem.outOfScope("otherMaterial", "pair.titanium"));
        }
        Penetration penetration = Penetration.of(joint, conditions);
        tooThick(joint, conditions, penetration).ifPresent(problems::add);
        if (penetration == Penetration.BOTH_SIDES && !conditions.backAccess()) {
            problems.add(Problem.badValue("penetration", "bothSides.access"));
        }
        if (penetration.leavesNotch() && conditions.finish() == FinishRequirement.HYGIENIC) {
            problems.add(
                    Problem.outOfScope("penetration", "penetration.hygienic", Phrase.of("penetration." + penetration)));
        }
        if (conditions.position().isDownhill() && joint.thinnerMm() > FALLING_TO_MM) {
            problems.add(Problem.outOfScope(
                    "position",
                    "position.falling",
                    conditions.position().letters(),
                    Quantity.millimetres(joint.thinnerMm()),
                    Quantity.millimetres(FALLING_TO_MM)));
        }
        wideGap(joint, conditions).ifPresent(problems::add);
        return problems;
    }

    /** A gap past a third of the thinner member wants filler. Source: bench figures [judgement]. */
    private static Optional<Problem> wideGap(Joint joint, WeldingConditions conditions) {
        double most = GAP_OF_THICKNESS * joint.thinnerMm();
        boolean wide = joint.groove().isEmpty() && joint.gap().inMillimetres() > most;
        return wide && !conditions.wire()
                ? Optional.of(Problem.outOfScope("gapMm", "gap.fusion", joint.gap(), Quantity.millimetres(most)))
                : Optional.empty();
    }

    /**
     * {@return whether the metals cannot be joined by an arc: the one refusal without an alternative}
     *
     * @param joint the joint
     */
    public static boolean isForeignPair(Joint joint) {
        return FillerAlloy.of(joint.material(), joint.other()).alloy().isEmpty();
    }

    private static Optional<Problem> tooThick(Joint joint, WeldingConditions conditions, Penetration penetration) {
        if (joint.groove().isPresent() || penetration == Penetration.ROOT) {
            return Optional.empty();
        }
        boolean full = penetration == Penetration.FULL || penetration == Penetration.THROUGH;
        double limit = full ? joint.material().onePassMm() : joint.material().deepestRunMm();
        double depth = FusionRequirement.depthMm(joint, conditions);
        if (depth <= limit) {
            return Optional.empty();
        }
        String code = switch (penetration) {
            case BOTH_SIDES -> "thickness.bothSides";
            case PARTIAL -> "depth.tooDeep";
            default -> joint.form() == JointForm.EDGE ? "thickness.edge" : "thickness.onePass";
        };
        return Optional.of(Problem.outOfScope(
                penetration == Penetration.PARTIAL ? "depthMm" : "thicknessMm",
                code,
                Quantity.millimetres(full || penetration == Penetration.BOTH_SIDES ? joint.thinnerMm() : depth),
                Quantity.millimetres(penetration == Penetration.BOTH_SIDES ? limit / depth * joint.thinnerMm() : limit),
                Phrase.of("material." + joint.material().name())));
    }

    /**
     * {@return a current that no tungsten of the table holds or carries}
     *
     * @param plan the decisions of the sheet
     */
    public static Optional<Problem> currentProblem(SheetDecisions plan) {
        if (plan.heat().currentA() < LOWEST_CURRENT_A) {
            return Optional.of(Problem.outOfScope("thicknessMm", "current.tooLow", Quantity.amperes(LOWEST_CURRENT_A)));
        }
        double current = plan.hottestA();
        if (Tungsten.forPeak(current).isEmpty()) {
            boolean pulsed = !plan.pulse().isSteady();
            return Optional.of(Problem.outOfScope(
                    pulsed ? "pulse" : "thicknessMm",
                    pulsed ? "current.peakTooHigh" : "current.tooHigh",
                    Quantity.amperes(current)));
        }
        return Optional.empty();
    }
}
