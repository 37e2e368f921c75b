package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassKind;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.Preheat;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.RootBead;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.domain.consumable.HelmetShade;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.material.Family;
import vastarc.core.physics.heat.ArcEnergy;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.Pulse;

/** How the weld will go: travel, passes, heat, pool, tint, preheat, hood. */
final class WeldRules {

    private static final double HEEL_SHARE = 0.12;
    private static final double SQUARE_COPE_DEG = 90;
    private static final double SHARPEST_COPE_DEG = 30;

    private WeldRules() {}

    static List<Parameter> settings(SheetDecisions plan, Optional<PassSchedule> passes) {
        List<Parameter> settings = new ArrayList<>(16);
        settings.add(travel(plan));
        settings.add(passes(plan, passes));
        turns(plan).ifPresent(settings::add);
        endOfLap(plan).ifPresent(settings::add);
        settings.addAll(heelAndToe(plan));
        settings.addAll(currents(plan));
        settings.addAll(heat(plan));
        settings.addAll(pool(plan));
        settings.addAll(preheat(plan));
        settings.addAll(TintRules.settings(plan));
        settings.add(hood(plan));
        return settings;
    }

    /**
     * Travel, mm/min: {@link vastarc.core.physics.heat.FusionRequirement#speedMmPerS()}; range ±20 %, a welder's spread. Source: [fitted, judgement].
     */
    private static Parameter travel(SheetDecisions plan) {
        double speed = plan.heat().demand().speedMmPerS() * 60;
        boolean own = plan.practice().travelMmPerS().isPresent();
        return figure(ParameterKey.TRAVEL_SPEED, new Range(speed, 0.8 * speed, 1.2 * speed))
                .from("thickness", Quantity.millimetres(plan.joint().thinnerMm()))
                .because(
                        own
                                ? "travelSpeed.own"
                                : "travelSpeed." + plan.practice().technique().name(),
                        Phrase.of(
                                "position.factor",
                                plan.position().letters(),
                                percent(plan.position().speedFactor())));
    }

    private static long percent(double factor) {
        return Math.round(100 * factor);
    }

    /** One, one from each side, or as the plan of passes has it. */
    private static Parameter passes(SheetDecisions plan, Optional<PassSchedule> passes) {
        if (passes.isPresent()) {
            int count = passes.get().passes().size();
            Quantity section = Quantity.of(passes.get().sectionMm2(), Unit.SQUARE_MM);
            boolean both = plan.runs().get(0).kind() == PassKind.ONE_SIDE;
            String why = plan.joint().groove().isPresent() ? "groove" : both ? "bothSides" : "fillet";
            return figure(
                            ParameterKey.PASSES,
                            both ? Range.only(count) : Range.around(count, Math.max(1, count - 1), count + 1))
                    .from("section", section)
                    .because(
                            "passes." + why,
                            section,
                            Quantity.ruled(FusionRequirement.MAX_LEG_MM),
                            Quantity.ruled(plan.joint().legMm()));
        }
        return figure(ParameterKey.PASSES, Range.only(1)).because("passes.one");
    }

    /** n = v/(π D) [by definition]. */
    private static Optional<Parameter> turns(SheetDecisions plan) {
        if (!plan.practice().rotated()) {
            return Optional.empty();
        }
        double speed = plan.heat().demand().speedMmPerS() * 60;
        return plan.joint().tubeOd().map(od -> {
            double turns = speed / (Math.PI * od.inMillimetres());
            return figure(ParameterKey.TURNS, new Range(turns, 0.8 * turns, 1.2 * turns))
                    .from("tubeOd", od.quantity())
                    .from("travel", Quantity.mmPerMin(speed))
                    .because("turnsPerMinute", od, Quantity.seconds(60 / turns));
        });
    }

    /**
     * Current at the end of a lap, A: \( I\,(1 - \Delta T_{wrap}/(T_m - 20)) \), at least half. Source: thermal image one girth ahead [textbook].
     */
    private static Optional<Parameter> endOfLap(SheetDecisions plan) {
        HeatBalance heat = plan.heat();
        return plan.joint().tubeOd().map(od -> {
            double rise = heat.wrapRiseK(od.inMillimetres());
            double melt = heat.metal().meltC() - PhysicalConstants.ROOM_C;
            double current = plan.peakA() * Math.max(0.5, 1 - rise / melt);
            return figure(ParameterKey.END_OF_LAP_CURRENT, Range.around(current, 0.95 * current, plan.peakA()))
                    .from("workingCurrent", Quantity.amperes(plan.peakA()))
                    .from("wrapRise", Quantity.of(rise, Unit.KELVIN))
                    .because("endOfLapCurrent", od, Quantity.of(rise, Unit.KELVIN), Quantity.amperes(plan.peakA()));
        });
    }

    /**
     * Current at the heel and at the toe of a saddle, A: 12 % more and less at a cope of 30°, in proportion to 90°, where they are alike.
     * Source: [judgement].
     */
    private static List<Parameter> heelAndToe(SheetDecisions plan) {
        if (plan.form() != JointForm.TUBE_SADDLE) {
            return List.of();
        }
        double cope = plan.joint().copeAngleDeg();
        double share = HEEL_SHARE * (SQUARE_COPE_DEG - cope) / (SQUARE_COPE_DEG - SHARPEST_COPE_DEG);
        return List.of(
                saddleEnd(ParameterKey.HEEL_CURRENT, plan, 1 + share),
                saddleEnd(ParameterKey.TOE_CURRENT, plan, 1 - share));
    }

    private static Parameter saddleEnd(ParameterKey key, SheetDecisions plan, double factor) {
        double current = plan.peakA() * factor;
        double angle = plan.joint().copeAngleDeg();
        return figure(key, plan.currentRange(current))
                .from("workingCurrent", Quantity.amperes(plan.peakA()))
                .from("copeAngle", Quantity.of(angle, Unit.DEGREE))
                .because(
                        key.apiName(),
                        Quantity.of(key == ParameterKey.HEEL_CURRENT ? angle : 180 - angle, Unit.DEGREE),
                        Quantity.amperes(plan.peakA()));
    }

    /**
     * Average and RMS of the current in time, A. Source: arithmetic.
     */
    private static List<Parameter> currents(SheetDecisions plan) {
        Pulse pulse = plan.pulse();
        String how = pulse.isSteady() ? "steady" : "pulsed";
        return List.of(
                figure(ParameterKey.AVERAGE_CURRENT, Range.only(pulse.averageA()))
                        .from("peakCurrent", Quantity.amperes(pulse.peakA()))
                        .because(
                                "averageCurrent." + how,
                                Quantity.watts(pulse.meanPowerW(plan.heat().arc()))),
                figure(ParameterKey.RMS_CURRENT, Range.only(pulse.rmsA()))
                        .from("peakCurrent", Quantity.amperes(pulse.peakA()))
                        .because("rmsCurrent." + how));
    }

    /**
     * Arc voltage, V; heat input \( 0.6\,P/v \) and arc energy \( P/v \), kJ/mm, P the arc's mean power, W, v travel, mm/s. Windows ±20 %.
     * Source: voltage [textbook], 0.6 EN 1011-1 [standard].
     */
    private static List<Parameter> heat(SheetDecisions plan) {
        ArcModel arc = plan.heat().arc();
        double volts = arc.voltageV(plan.pulse().averageA());
        double speed = plan.heat().demand().speedMmPerS();
        double powerW = plan.pulse().meanPowerW(arc);
        double energy = ArcEnergy.of(powerW, speed).kjPerMm();
        double input = ArcEnergy.of(powerW, speed).heatInputKjPerMm();
        Quantity power = Quantity.watts(powerW);
        return List.of(
                figure(ParameterKey.ARC_VOLTAGE, new Range(volts, volts - 0.8, volts + 0.8))
                        .from("arcLength", Quantity.millimetres(arc.lengthMm()))
                        .from("averageCurrent", Quantity.amperes(plan.pulse().averageA()))
                        .because("arcVoltage", Quantity.millimetres(arc.lengthMm())),
                figure(ParameterKey.HEAT_INPUT, new Range(input, 0.8 * input, 1.2 * input))
                        .from("arcPower", power)
                        .from("travel", Quantity.mmPerMin(speed * 60))
                        .from("standardEfficiency", Quantity.percent(100 * ArcEnergy.STANDARD_EFFICIENCY))
                        .because("heatInput"),
                figure(ParameterKey.ARC_ENERGY, new Range(energy, 0.8 * energy, 1.2 * energy))
                        .from("arcPower", power)
                        .from("travel", Quantity.mmPerMin(speed * 60))
                        .because("arcEnergy"));
    }

    /**
     * Pool on the face and on the back, mm, by the heat balance; windows ±15 % and ±30 %. Source: [fitted].
     */
    private static List<Parameter> pool(SheetDecisions plan) {
        double front = plan.heat().pool().frontWidthMm();
        double back = plan.heat().pool().backWidthMm();
        Parameter face = figure(ParameterKey.POOL_WIDTH, new Range(front, 0.85 * front, 1.15 * front))
                .from("platePower", Quantity.watts(plan.heat().platePowerW()))
                .because("poolWidth");
        Range behind = plan.pass() > 1 ? Range.only(0) : RootBead.of(plan.first());
        Parameter rear = figure(ParameterKey.BACK_BEAD, behind)
                .from("platePower", Quantity.watts(plan.heat().platePowerW()))
                .because(backReason(plan, back));
        return List.of(face, rear);
    }

    private static String backReason(SheetDecisions plan, double back) {
        if (plan.pass() > 1) {
            return "backBead.later";
        }
        if (RootBead.isOpenRoot(plan.first())) {
            return "backBead.openRoot";
        }
        if (!plan.joint().hasOpenBack()) {
            return "backBead.hidden";
        }
        if (plan.joint().isCorner()) {
            return back > 0 ? "backBead.cornerThrough" : "backBead.corner";
        }
        return back > 0 ? "backBead.through" : "backBead.unfused";
    }

    /**
     * Metal before the arc and between passes, °C. Source: preheat.csv [judgement].
     */
    private static List<Parameter> preheat(SheetDecisions plan) {
        Preheat warm = Preheat.of(plan.joint());
        OptionalDouble entered = plan.practice().preheatC();
        Quantity thickness = Quantity.millimetres(plan.joint().thickerMm());
        Parameter before = figure(
                        ParameterKey.PREHEAT, Range.around(entered.orElse(warm.lowC()), warm.lowC(), warm.highC()))
                .from("thickness", thickness)
                .because(warm.isWanted() ? "preheat.chromoly" : "preheat.none", Quantity.celsius(warm.lowC()));
        double most = Math.max(warm.interpassC(), plan.practice().metalC());
        Parameter between = figure(ParameterKey.INTERPASS, new Range(most, Math.min(most, warm.lowC()), most))
                .from("thickness", thickness)
                .because(
                        "interpass."
                                + (Preheat.isChromoly(plan.joint())
                                        ? Family.CHROMOLY
                                        : plan.joint().material().family()),
                        Quantity.celsius(most));
        return List.of(before, between);
    }

    /**
     * Hood shade by peak current, A. Source: helmet-shades.csv [handbook].
     */
    private static Parameter hood(SheetDecisions plan) {
        HelmetShade shade = HelmetShade.forCurrent(plan.hottestA());
        return figure(ParameterKey.HELMET_SHADE, new Range(shade.usual(), shade.low(), shade.high()))
                .from("peakCurrent", Quantity.amperes(plan.hottestA()))
                .because(
                        plan.peakA() <= 5 ? "helmetShade.micro" : "helmetShade.current",
                        Quantity.amperes(plan.hottestA()));
    }
}
