package vastarc.core.sheet;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.consumable.Wire;
import vastarc.core.heat.Demand;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Groove;
import vastarc.core.joint.Position;

/**
 * The passes that fill a V, and what a metre of it uses.
 *
 * <p>Groove \( g t + (t-f)^2\tan(\alpha/2) \), cap \( \tfrac23 w h \) with \( w = g + 2(t-f)\tan(\alpha/2) + 2 \), h = 1 mm; root
 * about 10 mm², each fill 14 mm² flat and 0.7 of that climbing. Source: geometry [textbook], pass sizes [judgement]. Checked by:
 * v-groove.csv.
 *
 * @param passes     in order, root first
 * @param grooveMm2  section of the groove, mm²
 * @param capMm2     section of the cap, mm²
 * @param wireMPerM  wire per metre of seam, m
 * @param gramPerM   mass of wire per metre of seam, g
 * @param arcMinPerM arc time per metre of seam, min
 * @param gasLPerM   argon per metre of seam, welding alone, L
 */
public record PassPlan(
        List<Pass> passes,
        double grooveMm2,
        double capMm2,
        double wireMPerM,
        double gramPerM,
        double arcMinPerM,
        double gasLPerM) {

    /** One pass: {@code kind} is spoken by {@code pass.<kind>}. */
    public record Pass(String kind, double currentA, double areaMm2) {}

    private static final double CAP_HEIGHT_MM = 1;
    private static final double ROOT_MM2 = 10;
    private static final double FILL_MM2 = 14;
    private static final double CLIMBING = 0.7;
    private static final double MAX_REACH_MM = 2.7;
    private static final double LOSS = 1.03;

    static PassPlan of(Plan plan) {
        HeatSolution root = plan.heat();
        double t = plan.joint().thinnerMm();
        Groove groove = plan.joint().groove().orElseThrow();
        double fill = FILL_MM2 * (isClimbing(plan.position()) ? CLIMBING : 1);
        double grooveArea = grooveMm2(t, groove);
        double cap = capMm2(t, groove);
        int count = passCount(grooveArea + cap, fill);
        List<Pass> passes = passes(root, groove, grooveArea + cap, count);
        double wire = (grooveArea + cap)
                / Wire.usualFor(plan.joint().wireThicknessMm()).sectionMm2()
                * LOSS;
        double gram = (grooveArea + cap) * root.metal().densityKgPerM3() * LOSS * 1e-3;
        double minutes = count * 1000 / root.demand().speedMmPerS() / 60;
        return new PassPlan(
                passes,
                grooveArea,
                cap,
                wire,
                gram,
                minutes,
                minutes * plan.gasFlow().value());
    }

    static double grooveMm2(double t, Groove groove) {
        double above = Math.max(0, t - groove.rootFace().inMillimetres());
        return groove.gap().inMillimetres() * t + above * above * groove.halfAngleTangent();
    }

    static double capMm2(double t, Groove groove) {
        double above = Math.max(0, t - groove.rootFace().inMillimetres());
        double width = groove.gap().inMillimetres() + 2 * above * groove.halfAngleTangent() + 2;
        return 2.0 / 3 * width * CAP_HEIGHT_MM;
    }

    /** 1 + ⌈(A − 10)/fill⌉. */
    static int passCount(double areaMm2, double fillMm2) {
        return 1 + (int) Math.ceil(Math.max(0, areaMm2 - ROOT_MM2) / fillMm2);
    }

    private static boolean isClimbing(Position position) {
        return position.poolLimit() == Position.PoolLimit.RUNNING || position.poolLimit() == Position.PoolLimit.SLOPING;
    }

    private static List<Pass> passes(HeatSolution root, Groove groove, double area, int count) {
        List<Pass> passes = new ArrayList<>(count);
        passes.add(new Pass("ROOT", root.currentA(), Math.min(ROOT_MM2, area)));
        double each = count > 1 ? (area - ROOT_MM2) / (count - 1) : 0;
        for (int pass = 1; pass < count; pass++) {
            double filled = ROOT_MM2 + each * (pass - 0.5);
            passes.add(new Pass(pass == count - 1 ? "CAP" : "FILL", fillCurrent(root, groove, filled, each), each));
        }
        return passes;
    }

    /** A fill melts its own width of the face below it, in the full plate. */
    private static double fillCurrent(HeatSolution root, Groove groove, double filledMm2, double areaMm2) {
        double gap = groove.gap().inMillimetres();
        double width = Math.sqrt(gap * gap + 4 * groove.halfAngleTangent() * filledMm2);
        Demand fill = Demand.onFace(Math.min(MAX_REACH_MM, width / 2), areaMm2, root.demand());
        return HeatSolution.currentA(root.joint(), root.practice(), fill);
    }
}
