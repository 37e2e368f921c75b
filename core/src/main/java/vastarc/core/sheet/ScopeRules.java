package vastarc.core.sheet;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.consumable.Tungsten;
import vastarc.core.consumable.WireAlloy;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.material.Family;
import vastarc.core.quantity.Quantity;
import vastarc.core.table.Complete;
import vastarc.core.table.Table;
import vastarc.core.wording.Phrase;

/** What the product refuses politely: pairs that cannot be welded, square edges too thick for one pass, currents beyond any torch. */
final class ScopeRules {

    private static final double LOWEST_CURRENT_A = 1;
    private static final double BOTH_SIDES_FACTOR = 1.8;
    private static final Map<Family, Double> ONE_PASS_MM = onePass();

    private ScopeRules() {}

    private static Map<Family, Double> onePass() {
        Map<Family, Double> limits = new EnumMap<>(Family.class);
        Table.read("one-pass.csv", Set.of("family", "limit_mm"))
                .forEach(row -> limits.put(row.named("family", Family.class), row.number("limit_mm")));
        return limits;
    }

    static List<Problem> problems(Joint joint, Practice practice) {
        List<Problem> problems = new ArrayList<>();
        if (WireAlloy.of(joint.material(), joint.other()).alloy().isEmpty()) {
            problems.add(Problem.outOfScope("otherMaterial", "pair.titanium"));
        }
        tooThick(joint, practice).ifPresent(problems::add);
        if (practice.bothSides() && !practice.backAccess()) {
            problems.add(Problem.badValue("bothSides", "bothSides.access"));
        }
        return problems;
    }

    /** Thickest square edge for one pass from one side, mm; welded from both sides, 1.8 times that (judgement). */
    static double onePassLimitMm(Joint joint, Practice practice) {
        double limit = Complete.get(ONE_PASS_MM, joint.material().family());
        return practice.bothSides() ? limit * BOTH_SIDES_FACTOR : limit;
    }

    private static Optional<Problem> tooThick(Joint joint, Practice practice) {
        boolean square = joint.form().fusion() == JointForm.Fusion.THROUGH
                && joint.groove().isEmpty();
        double limit = onePassLimitMm(joint, practice);
        if (!square || joint.thinnerMm() <= limit) {
            return Optional.empty();
        }
        String code = joint.form() == JointForm.EDGE
                ? "thickness.edge"
                : practice.bothSides() ? "thickness.bothSides" : "thickness.onePass";
        return Optional.of(Problem.outOfScope(
                "thicknessMm",
                code,
                Quantity.millimetres(joint.thinnerMm()),
                Quantity.millimetres(limit),
                Phrase.of("material." + joint.material().name())));
    }

    /** A current that no tungsten of the table holds or carries. */
    static Optional<Problem> currentProblem(Plan plan) {
        double current = plan.peakA();
        if (plan.heat().currentA() < LOWEST_CURRENT_A) {
            return Optional.of(Problem.outOfScope("thicknessMm", "current.tooLow", Quantity.amperes(LOWEST_CURRENT_A)));
        }
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
