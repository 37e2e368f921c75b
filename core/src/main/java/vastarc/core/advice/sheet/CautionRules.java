package vastarc.core.advice.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.FillerChoice;
import vastarc.core.advice.parameters.FillerSettings;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.Preheat;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.validation.Caution;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.ServiceRequirement;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.material.Family;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.WeldPool;

/** The cautions that matter for this joint, the most telling first. */
final class CautionRules {

    private static final double LONG_SHIELD_S = 15;
    private static final double LARGE_GAP_SHARE = 1.0 / 3;
    private static final double UNEQUAL_RATIO = 1.2;
    private static final double STEEP_COPE_DEG = 75;
    private static final double GROUND_BACK_FROM_MM = 5;
    private static final double HOT_TO_TOUCH_C = 50;

    private static final double STAINLESS_WARM_C = 150;
    private static final double TITANIUM_WARM_C = 100;

    private CautionRules() {}

    static List<Caution> cautions(WeldParameters weld) {
        SheetDecisions plan = weld.decisions();
        List<Caution> cautions = new ArrayList<>(8);
        metal(weld, cautions);
        joint(weld, cautions);
        pool(plan, cautions);
        technique(plan, cautions);
        people(plan, cautions);
        cautions.add(Caution.of("qualified"));
        return cautions;
    }

    /**
     * What the metal asks for: purge, trailing gas, clean wire, preheat of chromoly over 3.2 mm.
     */
    private static void metal(WeldParameters weld, List<Caution> cautions) {
        SheetDecisions plan = weld.decisions();
        Joint joint = plan.joint();
        if (joint.wantsPurge() && !plan.practice().purged()) {
            boolean spoilt = weld.tint().isSpoilt();
            if (joint.hasOpenBack()) {
                cautions.add(Caution.of(
                        joint.isTitanium() ? "titaniumNoPurge" : spoilt ? "stainlessSugar" : "stainlessNoPurge"));
            }
        }
        if (joint.isTitanium()) {
            cautions.add(Caution.of(weld.tint().trail().isPresent() ? "titaniumTrail" : "titaniumGas"));
            if (plan.practice().wire()) {
                cautions.add(Caution.of("titaniumWire"));
            }
            if (weld.gas().postFlow().metalS() > LONG_SHIELD_S) {
                cautions.add(Caution.of("titaniumHold"));
            }
        }
        if (Preheat.isChromoly(joint)) {
            cautions.add(Caution.of(Preheat.of(joint).isWanted() ? "chromolyPreheat" : "chromolyThin"));
        }
    }

    /**
     * What the joint asks for: members more than 1.2 times apart, branches under 75°, gaps over a third of the thinner member [judgement].
     */
    private static void joint(WeldParameters weld, List<Caution> cautions) {
        SheetDecisions plan = weld.decisions();
        Joint joint = plan.joint();
        if (joint.thickerMm() > UNEQUAL_RATIO * joint.thinnerMm()) {
            boolean baseHeavy = joint.base().compareTo(joint.abutting()) > 0;
            double share = baseHeavy ? plan.heat().baseShare() : 1 - plan.heat().baseShare();
            cautions.add(Caution.of(
                    "unequal",
                    Math.round(100 * share),
                    Quantity.amperes(plan.heat().currentA()),
                    bothAt(plan, joint.thinnerMm()),
                    Quantity.millimetres(joint.thinnerMm()),
                    bothAt(plan, joint.thickerMm()),
                    Quantity.millimetres(joint.thickerMm())));
        }
        depth(plan, cautions);
        seam(plan, cautions);
        weld.filler().ifPresent(filler -> wire(plan, filler, cautions));
        fusion(plan, cautions);
        warmed(plan, cautions);
    }

    /** What welding without filler risks: a hollow fillet, hard or porous metal, a crack where stainless meets steel. */
    private static void fusion(SheetDecisions plan, List<Caution> cautions) {
        if (plan.practice().wire()) {
            return;
        }
        Joint joint = plan.joint();
        if (hasSteel(joint) && (joint.material().isStainless() || joint.other().isStainless())) {
            cautions.add(Caution.of("fusion.pair"));
        } else if (Preheat.isChromoly(joint)) {
            cautions.add(Caution.of("fusion.chromoly"));
        } else if (joint.material().family() == Family.STEEL) {
            cautions.add(Caution.of("fusion.steel"));
        }
        if (joint.isCorner()) {
            cautions.add(Caution.of("fusion.fillet"));
        }
    }

    /** Warmer before the arc than this metal should be. Source: bench figures [judgement]. */
    private static void warmed(SheetDecisions plan, List<Caution> cautions) {
        double most = plan.isTitanium() ? TITANIUM_WARM_C : STAINLESS_WARM_C;
        boolean sensitive = plan.isTitanium() || plan.joint().material().isStainless();
        double preheatC = plan.practice().preheatC().orElse(0);
        if (sensitive && preheatC > most) {
            cautions.add(Caution.of(
                    plan.isTitanium() ? "preheat.titanium" : "preheat.stainless",
                    Quantity.celsius(preheatC),
                    Quantity.celsius(most)));
        }
    }

    /** What a weld that is not through leaves behind, and what is to be done on its other side. */
    private static void depth(SheetDecisions plan, List<Caution> cautions) {
        Joint joint = plan.joint();
        double t = joint.thinnerMm();
        if (plan.penetration().leavesNotch()) {
            Quantity left = Quantity.ruled(t - FusionRequirement.depthMm(joint, plan.practice()));
            boolean bears = plan.practice().service() != ServiceRequirement.GENERAL;
            cautions.add(Caution.of(bears ? "notchBears" : "notch", left, Quantity.millimetres(t)));
        }
        if (plan.penetration() == Penetration.BOTH_SIDES && t > GROUND_BACK_FROM_MM) {
            cautions.add(Caution.of("groundBack"));
        }
        boolean crevice = joint.form() == JointForm.LAP
                || joint.form() == JointForm.EDGE
                || joint.preparation() == EdgePreparation.SOCKET
                || joint.preparation() == EdgePreparation.BACKING_STRIP;
        if (crevice && plan.practice().finish() == FinishRequirement.HYGIENIC) {
            cautions.add(Caution.of("crevice"));
        }
    }

    private static void seam(SheetDecisions plan, List<Caution> cautions) {
        Joint joint = plan.joint();
        if (joint.form() == JointForm.TUBE_SADDLE && joint.copeAngleDeg() < STEEP_COPE_DEG) {
            cautions.add(Caution.of("cope", Math.round(joint.copeAngleDeg()), Math.round(180 - joint.copeAngleDeg())));
        }
        if (plan.position() != Position.PA) {
            cautions.add(Caution.of("position." + plan.position().name()));
        }
        if (joint.gap().inMillimetres() > LARGE_GAP_SHARE * joint.thinnerMm()
                && joint.groove().isEmpty()) {
            cautions.add(Caution.of("gap", joint.gap(), Quantity.millimetres(LARGE_GAP_SHARE * joint.thinnerMm())));
        }
        if (plan.position().isFixedTube() && !joint.form().isTube()) {
            cautions.add(Caution.of("tubePosition", plan.position().letters()));
        }
        if (joint.form().isTube()
                && !plan.practice().rotated()
                && !plan.position().isFixedTube()
                && plan.position() != Position.PC) {
            cautions.add(Caution.of("tubeTurns"));
        }
    }

    private static void wire(SheetDecisions plan, FillerSettings filler, List<Caution> cautions) {
        Joint joint = plan.joint();
        Method method = plan.methods().of(ParameterTopic.WIRE_SIZE);
        FillerChoice choice = filler.choice();
        FillerRod rod = filler.rod().item();
        if (rod.isTooThickFor(joint.wireThicknessMm())) {
            cautions.add(Caution.of(
                    "wireThick", Quantity.stockMillimetres(rod.diameterMm()), Quantity.millimetres(joint.thinnerMm())));
        } else if (method == Method.WIRE_THICKER && choice.chillPerDabK() > FillerChoice.COLD_DAB_K) {
            cautions.add(Caution.of("coldDab", Quantity.of(choice.chillPerDabK(), Unit.KELVIN)));
        }
        double perMin = filler.feedMmPerMin().value();
        if (perMin > FillerChoice.FASTEST_MM_PER_MIN) {
            cautions.add(Caution.of(
                    "feedFast", Quantity.mmPerMin(perMin), Quantity.mmPerMin(FillerChoice.FASTEST_MM_PER_MIN)));
        }
    }

    /** Working current of the same joint with both members at one thickness. */
    private static Quantity bothAt(SheetDecisions plan, double millimetres) {
        Joint alike = plan.joint().withBothAt(Length.ofMillimetres(millimetres));
        return Quantity.amperes(HeatBalance.currentA(alike, plan.practice()));
    }

    /** Whether the pool stays where it is: surface tension against its weight, by position [textbook form, judgement factors]. */
    private static void pool(SheetDecisions plan, List<Caution> cautions) {
        HeatBalance heat = plan.heat();
        double width = heat.pool().frontWidthMm();
        widthLimitMm(plan)
                .filter(limit -> width > limit)
                .ifPresent(limit -> cautions.add(Caution.of(
                        "poolFalls", Quantity.ruled(width), plan.position().letters(), Quantity.ruled(limit))));
        double back = heat.pool().backWidthMm();
        if (back > 0 && !plan.joint().isCorner() && plan.joint().hasOpenBack() && back > backLimitMm(plan)) {
            cautions.add(Caution.of("blowThrough", Quantity.ruled(back), Quantity.ruled(backLimitMm(plan))));
        }
    }

    /** Widest pool that its surface holds in this position, mm; empty where any is held [textbook form, judgement factors]. */
    private static Optional<Double> widthLimitMm(SheetDecisions plan) {
        double lc = plan.heat().metal().capillaryLengthM() * 1000;
        double length = plan.heat().pool().lengthMm();
        return switch (plan.position().poolLimit()) {
            case NONE -> Optional.empty();
            case SHELF -> Optional.of(Math.sqrt(2) * lc);
            case HANGING -> Optional.of(Math.PI / 2 * lc);
            case RUNNING -> Optional.of(2 * lc * lc / length);
            case SLOPING -> Optional.of(2 * lc * lc / length / Math.sin(Math.PI / 4));
        };
    }

    private static double backLimitMm(SheetDecisions plan) {
        return WeldPool.widestBackMm(plan.heat().metal(), plan.heat().pool().thicknessMm(), plan.peakA());
    }

    /**
     * What technique and machine ask for: marks of a walked cup, a bare lift set, small arcs, a background at the tungsten's limit.
     */
    private static void technique(SheetDecisions plan, List<Caution> cautions) {
        FinishRequirement finish = plan.practice().finish();
        if (plan.practice().technique() == Technique.CUP_WALK && finish != FinishRequirement.PLAIN) {
            cautions.add(Caution.of("cupWalkMarks", Phrase.of("finish." + finish.name())));
        }
        if (plan.control() == ControlDevice.LIFT_ONLY) {
            cautions.add(Caution.of("liftOnly"));
        }
        if (plan.isMicro()) {
            cautions.add(Caution.of(plan.peakA() <= 5 ? "microHood" : "micro"));
            if (plan.joint().thinnerMm() < FusionRequirement.MICRO_BELOW_MM && plan.form() != JointForm.EDGE) {
                double t = plan.joint().thinnerMm();
                cautions.add(Caution.of("microFlange", Quantity.millimetres(1.5 * t), Quantity.millimetres(2 * t)));
            }
        }
        if (!plan.pulse().isSteady()
                && plan.pulse().backgroundA() <= plan.tungsten().minStableA() * 1.05) {
            cautions.add(Caution.of(
                    "backgroundHeld", Quantity.amperes(plan.tungsten().minStableA())));
        }
    }

    /**
     * What people near by need to know, what kills first: closed hollows, argon, fume, acid, shock, rays, fire, heat.
     */
    private static void people(SheetDecisions plan, List<Caution> cautions) {
        if (mayBeClosed(plan.joint())) {
            cautions.add(Caution.of("closedHollow"));
        }
        cautions.add(Caution.of(plan.practice().purged() ? "argonPurge" : "argon"));
        cautions.add(Caution.of("fume." + fume(plan)));
        if (fume(plan) == Family.STAINLESS && hasSteel(plan.joint())) {
            cautions.add(Caution.of("coating"));
        }
        if (plan.joint().wantsPurge() && plan.practice().finish() != FinishRequirement.PLAIN) {
            cautions.add(Caution.of("pickling"));
        }
        cautions.add(Caution.of(plan.control() == ControlDevice.LIFT_ONLY ? "shock" : "shockSpark"));
        cautions.add(Caution.of(reflects(plan) ? "eyesReflected" : "eyes"));
        boolean warm = plan.practice().metalC() > HOT_TO_TOUCH_C
                || Preheat.of(plan.joint()).isWanted();
        cautions.add(Caution.of(warm ? "fireWarm" : "fire"));
    }

    /** Whether the joint may shut a hollow up: a branch on a tube, a tube on a plate, a socket. */
    private static boolean mayBeClosed(Joint joint) {
        return joint.form() == JointForm.TUBE_SADDLE
                || joint.form() == JointForm.TUBE_TO_PLATE
                || joint.preparation() == EdgePreparation.SOCKET;
    }

    private static boolean hasSteel(Joint joint) {
        return Stream.of(joint.material(), joint.other())
                .anyMatch(metal -> metal.family() == Family.STEEL || metal.family() == Family.CHROMOLY);
    }

    /** Bright stainless and aluminium throw the arc's rays back, and make ozone of them. */
    private static boolean reflects(SheetDecisions plan) {
        return plan.joint().material().isStainless()
                || plan.joint().other().isStainless()
                || plan.practice().chill() == BackingBar.ALUMINIUM_BAR;
    }

    /** Chromium comes from either member or from the wire. */
    private static Family fume(SheetDecisions plan) {
        Joint joint = plan.joint();
        boolean chromium = joint.material().isStainless()
                || joint.other().isStainless()
                || plan.practice().wire() && isStainlessWire(plan);
        return chromium ? Family.STAINLESS : joint.material().family();
    }

    private static boolean isStainlessWire(SheetDecisions plan) {
        return FillerAlloy.of(
                        plan.joint().material(),
                        plan.joint().other(),
                        plan.practice().service())
                .family()
                .filter(family -> family == Family.STAINLESS)
                .isPresent();
    }
}
