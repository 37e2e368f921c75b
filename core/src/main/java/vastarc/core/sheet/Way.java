package vastarc.core.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import vastarc.core.heat.Demand;
import vastarc.core.joint.Chill;
import vastarc.core.joint.Finish;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Penetration;
import vastarc.core.joint.Position;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Preparation;
import vastarc.core.joint.PulsePurpose;
import vastarc.core.joint.Weld;
import vastarc.core.quantity.Quantity;
import vastarc.core.wording.Phrase;

/**
 * A way out of a refusal: the nearest weld that has a sheet.
 *
 * @param says     the way and its main figure
 * @param change   fields to change and what to, by their names: a choice's name, a flag, or a figure in the field's unit
 * @param currentA current of its first pass, A
 * @param passes   how many runs it takes
 */
public record Way(Phrase says, Map<String, Object> change, double currentA, int passes) {

    public Way {
        change = Collections.unmodifiableMap(new TreeMap<>(change));
    }

    private static final int MOST = 5;
    private static final double INSIDE_WITHIN_REACH_MM = 600;
    private static final double BRISK_MM_PER_S = 5;
    private static final double FASTEST_MM_PER_S = 10;

    /** A step towards a weld that works: what it is called, what it changes and how. */
    private record Step(String code, Map<String, Object> change, UnaryOperator<Weld> apply) {

        private Step and(Step other) {
            Map<String, Object> both = new LinkedHashMap<>(change);
            both.putAll(other.change);
            String name = other.code.isEmpty() ? code : code.isEmpty() ? other.code : code + "+" + other.code;
            return new Step(name, both, weld -> other.apply.apply(apply.apply(weld)));
        }
    }

    private static final Step AS_IT_IS = new Step("", Map.of(), weld -> weld);

    /** The nearest ways, nearest first; empty only for metals that cannot be joined. */
    public static List<Way> outOf(Joint joint, Practice practice, ShopWays shop) {
        Weld weld = new Weld(joint, practice);
        List<Way> ways = new ArrayList<>(MOST);
        if (ScopeRules.isForeignPair(joint)) {
            return ways;
        }
        List<Step> eased = eased(weld);
        List<Step> depths = depths(weld);
        for (Step ease : eased) {
            for (Step depth : depths) {
                Step step = ease.and(depth);
                if (!step.code.isEmpty() && ways.size() < MOST) {
                    tried(weld, step, shop).ifPresent(ways::add);
                }
            }
            if (!ways.isEmpty()) {
                return ways;
            }
        }
        return ways;
    }

    /** What may be let go of, alone and then all together. */
    private static List<Step> eased(Weld weld) {
        List<Step> single = new ArrayList<>();
        Practice practice = weld.practice();
        if (practice.position().isDownhill()) {
            Position up = climbing(practice.position());
            single.add(practised("up", Map.of("position", up.name()), draft -> draft.position = up));
        }
        if (practice.pulse() != PulsePurpose.NONE) {
            single.add(practised("steady", Map.of("pulse", "NONE"), draft -> draft.pulse = PulsePurpose.NONE));
        }
        if (!practice.wire() && weld.joint().gap().inMillimetres() > 0) {
            single.add(practised("wire", Map.of("wire", true), draft -> draft.wire = true));
        }
        if (practice.chill() != Chill.NONE) {
            single.add(practised("noBar", Map.of("chill", "NONE"), draft -> draft.chill = Chill.NONE));
        }
        if (practice.travelMmPerS().isPresent()) {
            Map<String, Object> change = new LinkedHashMap<>();
            change.put("travelMmPerMin", "");
            single.add(practised("usualTravel", change, draft -> draft.travelMmPerS = OptionalDouble.empty()));
        }
        List<Step> all = new ArrayList<>();
        all.add(AS_IT_IS);
        all.addAll(single);
        all.add(single.stream().reduce(AS_IT_IS, Step::and));
        if (practice.chill() == Chill.NONE) {
            all.add(practised("bar", Map.of("chill", "COPPER_BAR"), draft -> draft.chill = Chill.COPPER_BAR));
        }
        all.add(faster("brisk", BRISK_MM_PER_S));
        all.add(faster("fastest", FASTEST_MM_PER_S)
                .and(practised("bar", Map.of("chill", "COPPER_BAR"), draft -> draft.chill = Chill.COPPER_BAR)));
        return all;
    }

    private static Position climbing(Position falling) {
        return switch (falling) {
            case PJ -> Position.PH;
            case JL045 -> Position.HL045;
            default -> Position.PF;
        };
    }

    private static Step faster(String code, double speed) {
        return practised(
                code, Map.of("travelMmPerMin", speed * 60), draft -> draft.travelMmPerS = OptionalDouble.of(speed));
    }

    private static Step practised(String code, Map<String, Object> change, Consumer<Practice.Draft> draft) {
        return new Step(
                code, change, weld -> new Weld(weld.joint(), weld.practice().with(draft)));
    }

    /** How else it may be prepared or melted, by what hands do first. */
    private static List<Step> depths(Weld weld) {
        List<Step> steps = new ArrayList<>();
        Joint joint = weld.joint();
        boolean clean = weld.practice().finish() == Finish.HYGIENIC;
        if (joint.isCorner()) {
            steps.add(AS_IT_IS);
            steps.add(melting(Penetration.ROOT));
            return steps;
        }
        if (weld.practice()
                .penetration()
                .filter(told -> told != Penetration.FULL)
                .isPresent()) {
            steps.add(melting(Penetration.FULL));
        }
        steps.add(AS_IT_IS);
        if (canBeV(joint)) {
            steps.add(vee(joint));
        }
        if (joint.form() != JointForm.EDGE && weld.practice().backAccess() && isInsideWithinReach(joint)) {
            steps.add(melting(Penetration.BOTH_SIDES));
        }
        if (clean && joint.thinnerMm() >= Preparation.V_FROM_MM && isEdges(joint)) {
            steps.add(asVButt());
        }
        if (!clean) {
            steps.add(partial(joint));
            if (joint.groove().isEmpty()) {
                steps.add(melting(Penetration.SURFACE));
            }
        }
        return steps;
    }

    private static boolean canBeV(Joint joint) {
        boolean butt = joint.form() == JointForm.SQUARE_BUTT || joint.form() == JointForm.TUBE_BUTT;
        return butt && joint.groove().isEmpty() && joint.thinnerMm() >= Preparation.V_FROM_MM;
    }

    private static boolean isEdges(Joint joint) {
        return joint.form() == JointForm.EDGE || joint.form() == JointForm.OUTSIDE_CORNER;
    }

    /** Another joint altogether: the members laid edge to edge. */
    private static Step asVButt() {
        return new Step(
                "vButt",
                Map.of("joint", "V_BUTT", "preparation", "V", "penetration", "FULL"),
                weld -> new Weld(
                        weld.joint()
                                .with(draft -> draft.form = JointForm.SQUARE_BUTT)
                                .prepared(Preparation.V),
                        weld.practice().melting(Penetration.FULL)));
    }

    private static boolean isInsideWithinReach(Joint joint) {
        return !joint.form().isTube()
                || joint.tubeOd()
                        .filter(od -> od.inMillimetres() >= INSIDE_WITHIN_REACH_MM)
                        .isPresent();
    }

    private static Step vee(Joint joint) {
        Map<String, Object> change = joint.form() == JointForm.SQUARE_BUTT
                ? Map.of("joint", "V_BUTT", "preparation", "V", "penetration", "FULL")
                : Map.of("preparation", "V", "penetration", "FULL");
        return new Step(
                "v",
                change,
                weld -> new Weld(
                        weld.joint().prepared(Preparation.V), weld.practice().melting(Penetration.FULL)));
    }

    private static Step melting(Penetration penetration) {
        return new Step(
                penetration.name(),
                Map.of("penetration", penetration.name()),
                weld -> new Weld(weld.joint(), weld.practice().melting(penetration)));
    }

    /** Half the thickness, in steps a hand can tell apart, no deeper than one run melts. */
    private static Step partial(Joint joint) {
        double half = Math.min(joint.thinnerMm() / 2, joint.material().deepestRunMm());
        double depth = Math.max(0.05, half < 1 ? half : Math.floor(10 * half) / 10);
        return new Step(
                "PARTIAL",
                Map.of("penetration", "PARTIAL", "depthMm", depth),
                weld -> new Weld(weld.joint(), weld.practice().melting(depth)));
    }

    private static Optional<Way> tried(Weld weld, Step step, ShopWays shop) {
        Weld other = step.apply.apply(weld);
        if (!ScopeRules.problems(other.joint(), other.practice()).isEmpty()) {
            return Optional.empty();
        }
        Plan plan = Balance.inScope(other.joint(), other.practice()).first(shop, OwnValues.none());
        if (ScopeRules.currentProblem(plan).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(
                new Way(says(step, plan), step.change, plan.peakA(), plan.runs().size()));
    }

    private static Phrase says(Step step, Plan plan) {
        String[] codes = step.code.split("\\+");
        Quantity current = Quantity.amperes(plan.peakA());
        Object last = part(codes[codes.length - 1], plan);
        Object both = last;
        for (int i = codes.length - 2; i >= 0; i--) {
            both = Phrase.of("way.both", part(codes[i], plan), both);
        }
        boolean root = plan.runs().size() > 1 && plan.joint().groove().isPresent();
        return Phrase.of(root ? "way.root" : "way.current", both, current);
    }

    private static Phrase part(String code, Plan plan) {
        return Phrase.of(
                "wayOut." + code,
                plan.runs().size(),
                Quantity.millimetres(Demand.depthMm(plan.joint(), plan.practice())),
                plan.position().letters(),
                Quantity.mmPerMin(60 * plan.heat().demand().speedMmPerS()));
    }
}
