package vastarc.core.advice.sheet;

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
import vastarc.core.advice.parameters.ScopeRules;
import vastarc.core.advice.parameters.SheetChoices;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.ThermalPlan;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.joint.WeldingConditions.WeldingConditionsBuilder;
import vastarc.core.physics.heat.FusionRequirement;

/**
 * An alternative to a joint that was refused: the nearest weld that has a sheet.
 *
 * @param says     the alternative and its main figure
 * @param change   fields to change and what to, by their names: a choice's name, a flag, or a figure in the field's unit
 * @param currentA current of its first pass, A
 * @param passes   how many runs it takes
 */
public record Alternative(Phrase says, Map<String, Object> change, double currentA, int passes) {

    /** Copies its collections, so that it cannot change. */
    public Alternative {
        change = Collections.unmodifiableMap(new TreeMap<>(change));
    }

    private static final int MOST = 5;
    private static final double INSIDE_WITHIN_REACH_MM = 600;
    private static final double BRISK_MM_PER_S = 5;
    private static final double FASTEST_MM_PER_S = 10;

    /** A step towards a weld that works: what it is called, what it changes and how. */
    private record AlternativeStep(String code, Map<String, Object> change, UnaryOperator<Weld> apply) {

        private AlternativeStep and(AlternativeStep other) {
            Map<String, Object> both = new LinkedHashMap<>(change);
            both.putAll(other.change);
            String name = other.code.isEmpty() ? code : code.isEmpty() ? other.code : code + "+" + other.code;
            return new AlternativeStep(name, both, weld -> other.apply.apply(apply.apply(weld)));
        }
    }

    private static final AlternativeStep AS_IT_IS = new AlternativeStep("", Map.of(), weld -> weld);

    /**
     * {@return the alternatives, nearest first; empty only for metals that cannot be joined}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     * @param shop the defaults of the shop
     */
    public static List<Alternative> outOf(Joint joint, WeldingConditions conditions, ShopDefaults shop) {
        Weld weld = new Weld(joint, conditions);
        List<Alternative> alternatives = new ArrayList<>(MOST);
        if (ScopeRules.isForeignPair(joint)) {
            return alternatives;
        }
        List<AlternativeStep> eased = eased(weld);
        List<AlternativeStep> depths = depths(weld);
        for (AlternativeStep ease : eased) {
            for (AlternativeStep depth : depths) {
                AlternativeStep step = ease.and(depth);
                if (!step.code.isEmpty() && alternatives.size() < MOST) {
                    solved(weld, step, shop).ifPresent(alternatives::add);
                }
            }
            if (!alternatives.isEmpty()) {
                return alternatives;
            }
        }
        return alternatives;
    }

    /** What may be let go of, alone and then all together. */
    private static List<AlternativeStep> eased(Weld weld) {
        List<AlternativeStep> single = new ArrayList<>();
        WeldingConditions conditions = weld.practice();
        if (conditions.position().isDownhill()) {
            Position up = climbing(conditions.position());
            single.add(practised("up", Map.of("position", up.name()), draft -> draft.position = up));
        }
        if (conditions.pulse() != PulsePurpose.NONE) {
            single.add(practised("steady", Map.of("pulse", "NONE"), draft -> draft.pulse = PulsePurpose.NONE));
        }
        if (!conditions.wire() && weld.joint().gap().inMillimetres() > 0) {
            single.add(practised("wire", Map.of("wire", true), draft -> draft.wire = true));
        }
        if (conditions.chill() != BackingBar.NONE) {
            single.add(practised("noBar", Map.of("chill", "NONE"), draft -> draft.chill = BackingBar.NONE));
        }
        if (conditions.travelMmPerS().isPresent()) {
            Map<String, Object> change = new LinkedHashMap<>();
            change.put("travelMmPerMin", "");
            single.add(practised("usualTravel", change, draft -> draft.travelMmPerS = OptionalDouble.empty()));
        }
        List<AlternativeStep> all = new ArrayList<>();
        all.add(AS_IT_IS);
        all.addAll(single);
        all.add(single.stream().reduce(AS_IT_IS, AlternativeStep::and));
        if (conditions.chill() == BackingBar.NONE) {
            all.add(practised("bar", Map.of("chill", "COPPER_BAR"), draft -> draft.chill = BackingBar.COPPER_BAR));
        }
        all.add(faster("brisk", BRISK_MM_PER_S));
        all.add(faster("fastest", FASTEST_MM_PER_S)
                .and(practised("bar", Map.of("chill", "COPPER_BAR"), draft -> draft.chill = BackingBar.COPPER_BAR)));
        return all;
    }

    private static Position climbing(Position falling) {
        return switch (falling) {
            case PJ -> Position.PH;
            case JL045 -> Position.HL045;
            default -> Position.PF;
        };
    }

    private static AlternativeStep faster(String code, double speed) {
        return practised(
                code, Map.of("travelMmPerMin", speed * 60), draft -> draft.travelMmPerS = OptionalDouble.of(speed));
    }

    private static AlternativeStep practised(
            String code, Map<String, Object> change, Consumer<WeldingConditionsBuilder> draft) {
        return new AlternativeStep(
                code, change, weld -> new Weld(weld.joint(), weld.practice().with(draft)));
    }

    /** Other preparations or penetrations, the easiest first. */
    private static List<AlternativeStep> depths(Weld weld) {
        List<AlternativeStep> steps = new ArrayList<>();
        Joint joint = weld.joint();
        boolean clean = weld.practice().finish() == FinishRequirement.HYGIENIC;
        if (joint.isCorner()) {
            steps.add(AS_IT_IS);
            steps.add(melting(Penetration.ROOT));
            return steps;
        }
        if (weld.practice()
                .penetration()
                .filter(entered -> entered != Penetration.FULL)
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
        if (clean && joint.thinnerMm() >= EdgePreparation.V_FROM_MM && isEdges(joint)) {
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
        return butt && joint.groove().isEmpty() && joint.thinnerMm() >= EdgePreparation.V_FROM_MM;
    }

    private static boolean isEdges(Joint joint) {
        return joint.form() == JointForm.EDGE || joint.form() == JointForm.OUTSIDE_CORNER;
    }

    /** Another joint: the members edge to edge. */
    private static AlternativeStep asVButt() {
        return new AlternativeStep(
                "vButt",
                Map.of("joint", "V_BUTT", "preparation", "V", "penetration", "FULL"),
                weld -> new Weld(
                        weld.joint()
                                .with(draft -> draft.form = JointForm.SQUARE_BUTT)
                                .prepared(EdgePreparation.V),
                        weld.practice().melting(Penetration.FULL)));
    }

    private static boolean isInsideWithinReach(Joint joint) {
        return !joint.form().isTube()
                || joint.tubeOd()
                        .filter(od -> od.inMillimetres() >= INSIDE_WITHIN_REACH_MM)
                        .isPresent();
    }

    private static AlternativeStep vee(Joint joint) {
        Map<String, Object> change = joint.form() == JointForm.SQUARE_BUTT
                ? Map.of("joint", "V_BUTT", "preparation", "V", "penetration", "FULL")
                : Map.of("preparation", "V", "penetration", "FULL");
        return new AlternativeStep(
                "v",
                change,
                weld -> new Weld(
                        weld.joint().prepared(EdgePreparation.V),
                        weld.practice().melting(Penetration.FULL)));
    }

    private static AlternativeStep melting(Penetration penetration) {
        return new AlternativeStep(
                penetration.name(),
                Map.of("penetration", penetration.name()),
                weld -> new Weld(weld.joint(), weld.practice().melting(penetration)));
    }

    /** Half the thickness, in steps a welder can see, no deeper than one run melts. */
    private static AlternativeStep partial(Joint joint) {
        double half = Math.min(joint.thinnerMm() / 2, joint.material().deepestRunMm());
        double depth = Math.max(0.05, half < 1 ? half : Math.floor(10 * half) / 10);
        return new AlternativeStep(
                "PARTIAL",
                Map.of("penetration", "PARTIAL", "depthMm", depth),
                weld -> new Weld(weld.joint(), weld.practice().melting(depth)));
    }

    private static Optional<Alternative> solved(Weld weld, AlternativeStep step, ShopDefaults shop) {
        Weld other = step.apply.apply(weld);
        if (!ScopeRules.problems(other.joint(), other.practice()).isEmpty()) {
            return Optional.empty();
        }
        SheetDecisions plan =
                ThermalPlan.inScope(other.joint(), other.practice()).first(SheetChoices.of(shop));
        if (ScopeRules.currentProblem(plan).isPresent()) {
            return Optional.empty();
        }
        return Optional.of(new Alternative(
                says(step, plan), step.change, plan.peakA(), plan.runs().size()));
    }

    private static Phrase says(AlternativeStep step, SheetDecisions plan) {
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

    private static Phrase part(String code, SheetDecisions plan) {
        return Phrase.of(
                "wayOut." + code,
                plan.runs().size(),
                Quantity.millimetres(FusionRequirement.depthMm(plan.joint(), plan.practice())),
                plan.position().letters(),
                Quantity.mmPerMin(60 * plan.heat().demand().speedMmPerS()));
    }
}
