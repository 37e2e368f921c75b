package vastarc.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.consumable.Wire;
import vastarc.core.heat.Demand;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Groove;
import vastarc.core.joint.Position;

/**
 * The passes that fill a V or a thick fillet, and what a metre of it uses.
 *
 * <p>Groove \( g t + (t-f)^2\tan(\alpha/2) \), cap \( \tfrac23 w h \) with \( w = g + 2(t-f)\tan(\alpha/2) + 2 \), h = 1 mm; root
 * about 10 mm², each fill 14 mm² flat and 0.7 of that climbing. Fillet \( 1.1 L^2/2 \), L the thinner member, in passes of at most a
 * 4.5 mm leg. Wire and mass with 3 % loss. Source: geometry [textbook], pass sizes [judgement]. Checked by: v-groove.csv.
 *
 * @param passes     in order, root first
 * @param sectionMm2 section to be laid, mm²
 * @param wireMPerM  wire per metre of seam, m
 * @param gramPerM   mass of wire per metre of seam, g
 * @param arcMinPerM arc time per metre of seam, min
 * @param gasLPerM   argon per metre of seam, welding alone, L
 */
public record PassPlan(
        List<Pass> passes, double sectionMm2, double wireMPerM, double gramPerM, double arcMinPerM, double gasLPerM) {

    /** One pass: {@code kind} is spoken by {@code pass.<kind>}. */
    public record Pass(String kind, double currentA, double areaMm2, double wireDiameterMm) {}

    /** Largest leg laid in one pass, mm (judgement). */
    static final double MAX_LEG_MM = 4.5;

    private static final double CAP_HEIGHT_MM = 1;
    private static final double ROOT_MM2 = 10;
    private static final double FILL_MM2 = 14;
    private static final double CLIMBING = 0.7;
    private static final double MAX_REACH_MM = 2.7;
    private static final double LOSS = 1.03;
    private static final double FILLET_ROUNDING = 0.3;

    /** The plan of a joint that takes more than one pass with wire; empty for one that does not. */
    static Optional<PassPlan> of(Plan plan) {
        if (plan.joint().groove().isPresent()) {
            return Optional.of(groove(plan, plan.joint().groove().get()));
        }
        boolean thick = plan.form().isCorner()
                && plan.practice().wire()
                && filletPasses(plan.joint().thinnerMm()) > 1;
        return thick ? Optional.of(fillet(plan)) : Optional.empty();
    }

    private static PassPlan groove(Plan plan, Groove groove) {
        HeatSolution root = plan.heat();
        double t = plan.joint().thinnerMm();
        double fill = FILL_MM2 * (isClimbing(plan.position()) ? CLIMBING : 1);
        double area = grooveMm2(t, groove) + capMm2(t, groove);
        int count = passCount(area, fill);
        double each = count > 1 ? (area - ROOT_MM2) / (count - 1) : 0;
        double wire = wireMm(plan);
        List<Pass> passes = new ArrayList<>(count);
        passes.add(new Pass("ROOT", root.currentA(), Math.min(ROOT_MM2, area), wire));
        for (int pass = 1; pass < count; pass++) {
            double filled = ROOT_MM2 + each * (pass - 0.5);
            double width = Math.sqrt(square(groove.gap().inMillimetres()) + 4 * groove.halfAngleTangent() * filled);
            passes.add(new Pass(pass == count - 1 ? "CAP" : "FILL", onFaceA(root, width / 2, each), each, wire));
        }
        return total(plan, passes, area);
    }

    private static PassPlan fillet(Plan plan) {
        double leg = plan.joint().thinnerMm();
        double area = 1.1 * leg * leg / 2;
        int count = filletPasses(leg);
        double each = area / count;
        double wire = wireMm(plan);
        List<Pass> passes = new ArrayList<>(count);
        passes.add(new Pass("ROOT", plan.heat().currentA(), each, wire));
        for (int pass = 1; pass < count; pass++) {
            double current = onFaceA(plan.heat(), MAX_REACH_MM, each);
            passes.add(new Pass(pass == count - 1 ? "CAP" : "FILL", current, each, wire));
        }
        return total(plan, passes, area);
    }

    private static PassPlan total(Plan plan, List<Pass> passes, double area) {
        double section = Math.PI / 4 * square(wireMm(plan));
        double gram = area * plan.heat().metal().densityKgPerM3() * LOSS * 1e-3;
        double minutes = passes.size() * 1000 / plan.heat().demand().speedMmPerS() / 60;
        double gas = minutes * plan.gasFlow().value();
        return new PassPlan(List.copyOf(passes), area, area / section * LOSS, gram, minutes, gas);
    }

    private static double wireMm(Plan plan) {
        return Wire.usualFor(plan.joint().wireThicknessMm()).diameterMm();
    }

    /** A later pass melts its own half width of the face below it, in the full plate. */
    private static double onFaceA(HeatSolution first, double halfWidthMm, double areaMm2) {
        Demand demand = Demand.onFace(Math.min(MAX_REACH_MM, halfWidthMm), areaMm2, first.demand());
        return HeatSolution.currentA(first.joint(), first.practice(), demand);
    }

    private static double square(double value) {
        return value * value;
    }

    /** Section of a V below the face, mm². */
    static double grooveMm2(double t, Groove groove) {
        double above = Math.max(0, t - groove.rootFace().inMillimetres());
        return groove.gap().inMillimetres() * t + above * above * groove.halfAngleTangent();
    }

    /** Section of the cap above the face, mm². */
    static double capMm2(double t, Groove groove) {
        double above = Math.max(0, t - groove.rootFace().inMillimetres());
        double width = groove.gap().inMillimetres() + 2 * above * groove.halfAngleTangent() + 2;
        return 2.0 / 3 * width * CAP_HEIGHT_MM;
    }

    /** 1 + ⌈(A − 10)/fill⌉. */
    static int passCount(double areaMm2, double fillMm2) {
        return 1 + (int) Math.ceil(Math.max(0, areaMm2 - ROOT_MM2) / fillMm2);
    }

    /** Passes of a fillet with a leg as long as the thinner member is thick. */
    static int filletPasses(double legMm) {
        return Math.max(1, (int) Math.ceil(square(legMm / MAX_LEG_MM) - FILLET_ROUNDING));
    }

    private static boolean isClimbing(Position position) {
        return position.poolLimit() == Position.PoolLimit.RUNNING || position.poolLimit() == Position.PoolLimit.SLOPING;
    }
}
