package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.parameters.ArcHeat;
import vastarc.core.advice.parameters.ExpectedBead;
import vastarc.core.advice.parameters.ExpectedBead.BackState;
import vastarc.core.advice.parameters.MetalTemperatures;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassKind;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.Preheat;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.material.Family;
import vastarc.core.physics.heat.ArcEnergy;
import vastarc.core.physics.heat.FusionRequirement;

/** Explains how the weld will go: travel, passes, heat, pool, tint, preheat, hood. */
final class WeldRules {

    private WeldRules() {}

    static List<Parameter> settings(WeldParameters weld) {
        List<Parameter> settings = new ArrayList<>(16);
        settings.add(travel(weld));
        settings.add(
                weld.passes().map(passes -> passes(weld.decisions(), passes)).orElseGet(WeldRules::onePass));
        turns(weld).ifPresent(settings::add);
        CurrentRules.endOfLap(weld).ifPresent(settings::add);
        settings.addAll(CurrentRules.heelAndToe(weld));
        settings.addAll(CurrentRules.means(weld));
        settings.addAll(heat(weld));
        settings.addAll(pool(weld));
        settings.addAll(preheat(weld));
        settings.addAll(TintRules.settings(weld));
        settings.add(hood(weld));
        return settings;
    }

    private static Parameter travel(WeldParameters weld) {
        SheetDecisions plan = weld.decisions();
        String how = plan.practice().travelMmPerS().isPresent()
                ? "own"
                : plan.practice().technique().name();
        return figure(ParameterKey.TRAVEL_SPEED, weld.travel().mmPerMin())
                .from("thickness", Quantity.millimetres(plan.joint().thinnerMm()))
                .because(
                        "travelSpeed." + how,
                        Phrase.of(
                                "position.factor",
                                plan.position().letters(),
                                Math.round(100 * plan.position().speedFactor())));
    }

    private static Parameter onePass() {
        return figure(ParameterKey.PASSES, Range.only(1)).because("passes.one");
    }

    /** One from each side, or as the schedule of passes has it. */
    private static Parameter passes(SheetDecisions plan, PassSchedule passes) {
        int count = passes.passes().size();
        Quantity section = Quantity.of(passes.sectionMm2(), Unit.SQUARE_MM);
        boolean both = plan.runs().get(0).kind() == PassKind.ONE_SIDE;
        Joint joint = plan.joint();
        String why = joint.groove().isPresent() ? "groove" : both ? "bothSides" : "fillet";
        Range range = both ? Range.only(count) : Range.around(count, Math.max(1, count - 1), count + 1);
        return figure(ParameterKey.PASSES, range)
                .from("section", section)
                .because(
                        "passes." + why,
                        section,
                        Quantity.ruled(FusionRequirement.MAX_LEG_MM),
                        Quantity.ruled(joint.legMm()));
    }

    private static Optional<Parameter> turns(WeldParameters weld) {
        return weld.travel()
                .turnsPerMinute()
                .flatMap(turns -> weld.decisions()
                        .joint()
                        .tubeOd()
                        .map(od -> figure(ParameterKey.TURNS, turns)
                                .from("tubeOd", od.quantity())
                                .from("travel", travelOf(weld))
                                .because("turnsPerMinute", od, Quantity.seconds(60 / turns.value()))));
    }

    private static Quantity travelOf(WeldParameters weld) {
        return Quantity.mmPerMin(weld.travel().mmPerMin().value());
    }

    private static List<Parameter> heat(WeldParameters weld) {
        ArcHeat heat = weld.heat();
        Quantity power = Quantity.watts(heat.powerW());
        Quantity length = Quantity.millimetres(weld.decisions().heat().arc().lengthMm());
        return List.of(
                figure(ParameterKey.ARC_VOLTAGE, heat.voltageV())
                        .from("arcLength", length)
                        .from("averageCurrent", Quantity.amperes(weld.currents().averageA()))
                        .because("arcVoltage", length),
                figure(ParameterKey.HEAT_INPUT, heat.heatInput())
                        .from("arcPower", power)
                        .from("travel", travelOf(weld))
                        .from("standardEfficiency", Quantity.percent(100 * ArcEnergy.STANDARD_EFFICIENCY))
                        .because("heatInput"),
                figure(ParameterKey.ARC_ENERGY, heat.arcEnergy())
                        .from("arcPower", power)
                        .from("travel", travelOf(weld))
                        .because("arcEnergy"));
    }

    private static List<Parameter> pool(WeldParameters weld) {
        ExpectedBead bead = weld.bead();
        Quantity plate = Quantity.watts(weld.decisions().heat().platePowerW());
        return List.of(
                figure(ParameterKey.POOL_WIDTH, bead.poolMm())
                        .from("platePower", plate)
                        .because("poolWidth"),
                figure(ParameterKey.BACK_BEAD, bead.backMm())
                        .from("platePower", plate)
                        .because("backBead." + code(bead.back())));
    }

    private static String code(BackState back) {
        return switch (back) {
            case LATER -> "later";
            case OPEN_ROOT -> "openRoot";
            case HIDDEN -> "hidden";
            case CORNER_THROUGH -> "cornerThrough";
            case CORNER -> "corner";
            case THROUGH -> "through";
            case UNFUSED -> "unfused";
        };
    }

    private static List<Parameter> preheat(WeldParameters weld) {
        MetalTemperatures metal = weld.temperatures();
        Joint joint = weld.decisions().joint();
        Quantity thickness = Quantity.millimetres(joint.thickerMm());
        Family family =
                Preheat.isChromoly(joint) ? Family.CHROMOLY : joint.material().family();
        return List.of(
                figure(ParameterKey.PREHEAT, metal.beforeC())
                        .from("thickness", thickness)
                        .because(
                                metal.need().isWanted() ? "preheat.chromoly" : "preheat.none",
                                Quantity.celsius(metal.need().lowC())),
                figure(ParameterKey.INTERPASS, metal.interpassC())
                        .from("thickness", thickness)
                        .because(
                                "interpass." + family,
                                Quantity.celsius(metal.interpassC().value())));
    }

    private static Parameter hood(WeldParameters weld) {
        Quantity hottest = Quantity.amperes(weld.decisions().hottestA());
        boolean micro = weld.currents().working().value() <= 5;
        return figure(ParameterKey.HELMET_SHADE, weld.bead().shade())
                .from("peakCurrent", hottest)
                .because(micro ? "helmetShade.micro" : "helmetShade.current", hottest);
    }
}
