package vastarc.core.advice.parameters;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.HeatBalance;

/**
 * One arc run of a joint: what it melts and what it lays.
 *
 * <p>Groove \( g t + (t-f)^2\tan(\alpha/2) \), cap \( \tfrac23 w h \) with \( w = g + 2(t-f)\tan(\alpha/2) + 2 \), h = 1 mm; root
 * about 10 mm², each fill 14 mm² flat and 0.7 of that climbing. A bevelled stem half the angle's share, and a quarter of its thickness
 * over it as a fillet. Fillet \( 1.1 L^2/2 \), a leg of at most 6 mm in the first pass, the rest in fills; a socket in two at least. {@code docs/model/filler.md (3)}. Source: geometry [textbook],
 * pass sizes [judgement]. Checked by: v-groove.csv.
 *
 * @param kind     what it is for
 * @param demand   what it melts, and the section it lays
 * @param currentA its steady current by the heat balance, A
 */
public record WeldPass(PassKind kind, FusionRequirement demand, double currentA) {

    private static final double ROOT_MM2 = FusionRequirement.ROOT_AREA_MM2;
    private static final double FILL_MM2 = 14;
    private static final double CLIMBING = 0.7;
    private static final double MAX_REACH_MM = 2.7;

    /** Less than this is no pass of its own. */
    private static final double LEAST_PASS_MM2 = 8;

    private static final int SOCKET_PASSES = 2;

    /** The runs of a joint in order, one at least; the first is the one the heat was balanced for. */
    static List<WeldPass> of(HeatBalance first) {
        Joint joint = first.joint();
        if (joint.preparation().isBevelledT() && first.practice().wire()) {
            return bevelled(first);
        }
        if (joint.groove().isPresent() && !joint.isCorner()) {
            return groove(first, joint.groove().get());
        }
        if (joint.isCorner() && first.practice().wire()) {
            return fillet(first);
        }
        boolean both = Penetration.of(joint, first.practice()) == Penetration.BOTH_SIDES;
        return both
                ? List.of(first(first, PassKind.ONE_SIDE), first(first, PassKind.OTHER_SIDE))
                : List.of(first(first, PassKind.ONLY));
    }

    private static WeldPass first(HeatBalance heat, PassKind kind) {
        return new WeldPass(kind, heat.demand(), heat.currentA());
    }

    private static WeldPass run(HeatBalance first, PassKind kind, FusionRequirement requirement) {
        return new WeldPass(kind, requirement, HeatBalance.currentA(first.joint(), first.practice(), requirement));
    }

    /** The next run; one that melts and lays what the run before it did takes what that took. */
    private static WeldPass after(
            List<WeldPass> runs, HeatBalance first, PassKind kind, FusionRequirement requirement) {
        WeldPass before = runs.get(runs.size() - 1);
        return requirement.equals(before.demand())
                ? new WeldPass(kind, requirement, before.currentA())
                : run(first, kind, requirement);
    }

    private static List<WeldPass> groove(HeatBalance first, Groove groove) {
        double t = first.joint().thinnerMm();
        double fill = FILL_MM2 * (isClimbing(first.practice().position()) ? CLIMBING : 1);
        double area = groove.sectionMm2(t) + groove.capMm2(t);
        int count = passCount(area, fill);
        double each = count > 1 ? (area - ROOT_MM2) / (count - 1) : 0;
        boolean pipe = first.joint().form().isTube();
        List<WeldPass> runs = new ArrayList<>(count + 1);
        runs.add(first(first, PassKind.ROOT));
        for (int pass = 1; pass < count; pass++) {
            double filled = ROOT_MM2 + each * (pass - 0.5);
            double width = Math.sqrt(square(groove.gap().inMillimetres()) + 4 * groove.halfAngleTangent() * filled);
            PassKind kind = pass == count - 1 ? PassKind.CAP : pass == 1 && pipe ? PassKind.HOT : PassKind.FILL;
            runs.add(after(runs, first, kind, first.demand().onFace(first.joint(), width / 2, each, first.practice())));
        }
        if (Penetration.of(first.joint(), first.practice()) == Penetration.BOTH_SIDES) {
            runs.add(run(first, PassKind.BACK, first.demand().onBack(first.joint(), groove)));
        }
        return runs;
    }

    private static List<WeldPass> bevelled(HeatBalance first) {
        Joint joint = first.joint();
        int sides = joint.preparation() == EdgePreparation.BEVEL_BOTH_SIDES ? 2 : 1;
        double side = FusionRequirement.bevelledSideMm2(joint);
        double fill = FILL_MM2 * (isClimbing(first.practice().position()) ? CLIMBING : 1);
        int count = passCount(side, fill);
        double each = count > 1 ? (side - ROOT_MM2) / (count - 1) : 0;
        List<WeldPass> runs = new ArrayList<>(sides * count);
        for (int of = 0; of < sides; of++) {
            runs.add(first(first, PassKind.ROOT));
            for (int pass = 1; pass < count; pass++) {
                double width = Math.sqrt(2 * (ROOT_MM2 + each * (pass - 0.5)));
                runs.add(run(
                        first,
                        pass == count - 1 ? PassKind.CAP : PassKind.FILL,
                        first.demand().onFace(first.joint(), width / 2, each, first.practice())));
            }
        }
        return runs;
    }

    private static List<WeldPass> fillet(HeatBalance first) {
        Joint joint = first.joint();
        double leg = joint.legMm();
        double area = FusionRequirement.legAreaMm2(leg);
        int least = joint.preparation() == EdgePreparation.SOCKET ? SOCKET_PASSES : 1;
        double fill = FILL_MM2 * (isClimbing(first.practice().position()) ? CLIMBING : 1);
        int count = Math.max(least, filletPasses(leg, fill));
        if (count == 1) {
            return List.of(first(first, PassKind.ONLY));
        }
        double laid = first.demand().depositedAreaMm2();
        double each = Math.max(LEAST_PASS_MM2, (area - laid) / (count - 1));
        List<WeldPass> runs = new ArrayList<>(count);
        runs.add(first(first, PassKind.ROOT));
        for (int pass = 1; pass < count; pass++) {
            runs.add(run(
                    first,
                    pass == count - 1 ? PassKind.CAP : PassKind.FILL,
                    first.demand().onFace(joint, Math.min(MAX_REACH_MM, leg / 2), each, first.practice())));
        }
        return runs;
    }

    /** Section it lays, mm²; 0 without filler. */
    double areaMm2() {
        return demand.depositedAreaMm2();
    }

    private static double square(double value) {
        return value * value;
    }

    /** 1 + ⌈(A − 10)/fill⌉. */
    static int passCount(double areaMm2, double fillMm2) {
        return 1 + (int) Math.ceil(Math.max(0, areaMm2 - ROOT_MM2) / fillMm2);
    }

    /** Passes of a fillet of a leg: one of the largest leg that one pass lays, the rest in fills. */
    static int filletPasses(double legMm, double fillMm2) {
        double rest = FusionRequirement.legAreaMm2(legMm)
                - FusionRequirement.legAreaMm2(Math.min(legMm, FusionRequirement.MAX_LEG_MM));
        return 1 + (int) Math.ceil(rest / fillMm2);
    }

    private static boolean isClimbing(Position position) {
        return position.poolLimit() == Position.PoolLimit.RUNNING || position.poolLimit() == Position.PoolLimit.SLOPING;
    }
}
