package vastarc.core.advice.sheet;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.Consumer;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.joint.WeldingConditions.WeldingConditionsBuilder;
import vastarc.core.physics.heat.HeatBalance;

/**
 * What the back of a corner looks like at its leg, and what a bar, a purge, a smaller leg or melting it through does to it.
 *
 * @param way         how it is welded
 * @param penetration {@code ROOT} or {@code THROUGH}
 * @param chosen      is what the sheet is for
 * @param change      fields to change and what to, by their names, to weld it so; empty for the chosen one
 * @param currentA    steady current by the heat balance, A
 * @param legMm       leg, mm; 0 without filler
 * @param backMm      width that melts behind, mm; 0 where the back stays solid
 * @param backPeakC   hottest that the back gets, °C, at most the melting point
 * @param back        what the back looks like
 */
public record CornerChoice(
        CornerWay way,
        Penetration penetration,
        boolean chosen,
        Map<String, Object> change,
        double currentA,
        double legMm,
        double backMm,
        double backPeakC,
        Phrase back) {

    /** How a corner can be welded. */
    public enum CornerWay {
        /** As it is set. */
        AS_SET("asSet"),
        /** With a copper bar behind. */
        BAR("bar"),
        /** With argon behind. */
        PURGE("purge"),
        /** With a leg so small that the back stays solid. */
        SMALLER_LEG("smallerLeg"),
        /** Melted through. */
        THROUGH("through"),
        /** Fused at the root only. */
        BY_LEG("byLeg");

        private final String apiName;

        CornerWay(String apiName) {
            this.apiName = apiName;
        }

        /** {@return its name in calls} */
        public String apiName() {
            return apiName;
        }

        /** {@return the key of its words} */
        public String words() {
            return "corner." + apiName;
        }
    }

    /** Smallest leg offered, as a share of the leg that is set: a smaller one is another weld. */
    private static final double LEAST_LEG_SHARE = 0.6;

    private static final double LEG_STEP_MM = 0.1;

    /** Copies its collections, so that it cannot change. */
    public CornerChoice {
        change = Collections.unmodifiableMap(new TreeMap<>(change));
    }

    /**
     * {@return the weld as it is set, then what would change its back; empty for any joint but a corner}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static List<CornerChoice> compare(Joint joint, WeldingConditions conditions) {
        if (!joint.isCorner()) {
            return List.of();
        }
        List<CornerChoice> choices = new ArrayList<>(5);
        CornerChoice set = of(CornerWay.AS_SET, Map.of(), joint, conditions);
        choices.add(set);
        if (joint.hasOpenBack()) {
            if (conditions.chill() == BackingBar.NONE) {
                choices.add(changed(CornerWay.BAR, Map.of("chill", "COPPER_BAR"), joint, conditions, draft -> {
                    draft.chill = BackingBar.COPPER_BAR;
                }));
            }
            if (joint.wantsPurge() && !conditions.purged()) {
                choices.add(changed(CornerWay.PURGE, Map.of("purged", true), joint, conditions, draft -> {
                    draft.purged = true;
                }));
            }
            if (set.penetration() == Penetration.ROOT && set.backMm() > 0 && conditions.wire()) {
                smallerLeg(joint, conditions).ifPresent(choices::add);
            }
        }
        choices.add(
                set.penetration() == Penetration.ROOT
                        ? to(Penetration.THROUGH, joint, conditions)
                        : to(Penetration.ROOT, joint, conditions));
        return List.copyOf(choices);
    }

    private static CornerChoice to(Penetration other, Joint joint, WeldingConditions conditions) {
        CornerWay way = other == Penetration.THROUGH ? CornerWay.THROUGH : CornerWay.BY_LEG;
        return of(way, Map.of("penetration", other.name()), joint, conditions.melting(other));
    }

    private static CornerChoice changed(
            CornerWay way,
            Map<String, Object> change,
            Joint joint,
            WeldingConditions conditions,
            Consumer<WeldingConditionsBuilder> draft) {
        return of(way, change, joint, conditions.with(draft));
    }

    /** The largest leg, in steps of 0.1 mm, that leaves the back solid. */
    private static Optional<CornerChoice> smallerLeg(Joint joint, WeldingConditions conditions) {
        double least = LEAST_LEG_SHARE * joint.legMm();
        for (double leg = Math.floor(joint.legMm() / LEG_STEP_MM) * LEG_STEP_MM; leg >= least; leg -= LEG_STEP_MM) {
            double rounded = Math.round(leg / LEG_STEP_MM) * LEG_STEP_MM;
            Joint smaller = joint.with(draft -> draft.leg = Optional.of(Length.ofMillimetres(rounded)));
            if (HeatBalance.leavesBackSolid(smaller, conditions)) {
                return Optional.of(of(CornerWay.SMALLER_LEG, Map.of("legMm", rounded), smaller, conditions));
            }
        }
        return Optional.empty();
    }

    private static CornerChoice of(
            CornerWay way, Map<String, Object> change, Joint joint, WeldingConditions conditions) {
        HeatBalance heat = HeatBalance.of(joint, conditions);
        double back = joint.hasOpenBack() ? heat.pool().backWidthMm() : 0;
        return new CornerChoice(
                way,
                Penetration.of(joint, conditions),
                change.isEmpty(),
                change,
                heat.currentA(),
                conditions.wire() ? joint.legMm() : 0,
                back,
                Math.min(heat.backPeakC(), heat.metal().meltC()),
                Phrase.of("back." + back(joint, conditions, back > 0)));
    }

    private static String back(Joint joint, WeldingConditions conditions, boolean molten) {
        if (!joint.hasOpenBack()) {
            return "hidden";
        }
        String metal = joint.isTitanium() ? "titanium" : joint.wantsPurge() ? "stainless" : "steel";
        return metal + (molten ? ".molten" : ".solid") + (joint.wantsPurge() && conditions.purged() ? ".purged" : "");
    }
}
