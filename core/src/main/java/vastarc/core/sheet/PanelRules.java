package vastarc.core.sheet;

import static vastarc.core.sheet.Setting.figure;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.heat.Arc;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Control;
import vastarc.core.joint.Finish;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;

/** Settings of the machine's front: currents, slopes, gas times, pulse. */
final class PanelRules {

    /** Hand speed alone moves the current this much either way: ±20 % of travel. */
    private static final double HAND_SPREAD = 0.12;

    private static final double CEILING = 1.2;
    private static final double CEILING_WELL_ABOVE = 1.35;
    private static final double CEILING_HIGHEST = 1.5;
    private static final double MIN_PRE_FLOW_S = 0.3;
    private static final double MIN_PRE_FLOW_TITANIUM_S = 1.5;
    private static final double TORCH_VOLUME_ML = 30;
    private static final double MIN_POST_FLOW_S = 3;
    private static final double FIXED_POST_FLOW_S = 8;
    private static final double STRAW_C = 600;
    private static final double BRIGHT_C = 430;
    private static final double TITANIUM_C = 425;

    private PanelRules() {}

    static List<Setting> settings(Plan plan) {
        List<Setting> settings = new ArrayList<>(16);
        settings.add(working(plan));
        settings.add(ceiling(plan));
        settings.add(start(plan));
        settings.add(upSlope(plan));
        settings.add(downSlope(plan));
        settings.add(end(plan));
        settings.add(preFlow(plan));
        settings.add(postFlow(plan));
        settings.addAll(PulseRules.settings(plan));
        return settings;
    }

    /**
     * Working current, A: the chosen school's, the peak where it is pulsed. Window ±12 %, what ±20 % of travel does.
     * Range 0.5 to 450 A. Source: heat balance {@link vastarc.core.heat.JointHeat} [fitted]; linear rules [handbook].
     */
    private static Setting working(Plan plan) {
        HeatSolution heat = plan.heat();
        School school = plan.schools().of(Matter.WORKING_CURRENT);
        double peak = plan.peakA();
        double scale = peak / SchoolCurrent.chosen(plan.comparison(), school);
        Setting.Draft draft = figure(
                        SettingKey.WORKING_CURRENT,
                        new Window(peak, peak * (1 - HAND_SPREAD), peak * (1 + HAND_SPREAD)))
                .by(school)
                .from("platePower", Quantity.watts(heat.platePowerW()))
                .from("wirePower", Quantity.watts(heat.wirePowerW()))
                .from("arcEfficiency", Quantity.percent(Arc.EFFICIENCY * 100))
                .from("travel", Quantity.mmPerMin(heat.demand().speedMmPerS() * 60))
                .from("thickness", Quantity.millimetres(plan.joint().thinnerMm()));
        plan.comparison().forEach(other -> draft.other(other.school(), other.currentA() * scale));
        if (!plan.pulse().isSteady()) {
            return draft.because(
                    "workingCurrent.peak",
                    Quantity.amperes(peak),
                    Quantity.amperes(plan.pulse().averageA()));
        }
        return school == School.HEAT_BALANCE
                ? draft.because(
                        heat.wirePowerW() > 0 ? "workingCurrent.wire" : "workingCurrent.fusion",
                        Quantity.watts(heat.platePowerW()),
                        Quantity.watts(heat.wirePowerW()),
                        Quantity.mmPerMin(heat.demand().speedMmPerS() * 60))
                : draft.because(
                        "workingCurrent.rule", Quantity.millimetres(plan.joint().thinnerMm()));
    }

    /**
     * Pedal ceiling, A: \( 1.2\,I \) up to the next 5 A (1 A below 18 A), I the working current; window from I to 1.5 I.
     * Other schools 1.35 I and I. Idle without a pedal. Source: trade habit [judgement].
     */
    private static Setting ceiling(Plan plan) {
        double working = plan.peakA();
        School school = plan.schools().of(Matter.PEDAL_CEILING);
        if (plan.control() != Control.PEDAL) {
            return figure(SettingKey.PEDAL_CEILING, Window.only(working))
                    .idle()
                    .because("pedalCeiling.noFoot", Quantity.amperes(working));
        }
        double value = ceiling(school, working);
        return figure(SettingKey.PEDAL_CEILING, Window.around(value, working, working * CEILING_HIGHEST))
                .by(school)
                .from("workingCurrent", Quantity.amperes(working))
                .other(School.CEILING_ABOVE, ceiling(School.CEILING_ABOVE, working))
                .other(School.CEILING_WELL_ABOVE, ceiling(School.CEILING_WELL_ABOVE, working))
                .other(School.CEILING_AT_WORKING, ceiling(School.CEILING_AT_WORKING, working))
                .because(
                        school == School.CEILING_AT_WORKING ? "pedalCeiling.atWorking" : "pedalCeiling.above",
                        Quantity.amperes(working),
                        Quantity.percent(100 * working / value));
    }

    private static double ceiling(School school, double working) {
        return switch (school) {
            case CEILING_AT_WORKING -> working;
            case CEILING_WELL_ABOVE -> roundedUp(CEILING_WELL_ABOVE * working);
            default -> roundedUp(CEILING * working);
        };
    }

    /** Up to the next 5 A; to the next ampere where 5 A would be a large part of it. */
    private static double roundedUp(double current) {
        double step = current < 18 ? 1 : 5;
        return Math.ceil(current / step - 1e-9) * step;
    }

    /**
     * Start current, A: 0.5 I at a free edge, 0.7 I on a closed seam, at least the tungsten's minimum; window from that minimum to I.
     * Source: standing arc, a free edge puddles alike at half the current [simulation]. Idle where a foot or nothing sets it.
     */
    private static Setting start(Plan plan) {
        double working = plan.peakA();
        double least = plan.tungsten().minStableA();
        if (!plan.control().runsSlopes()) {
            double rest = plan.control() == Control.PEDAL ? least : working;
            return figure(SettingKey.START_CURRENT, Window.only(rest)).idle().because("startCurrent." + plan.control());
        }
        School school = plan.schools().of(Matter.START_CURRENT);
        double value = start(school, plan);
        return figure(SettingKey.START_CURRENT, Window.around(value, least, working))
                .by(school)
                .from("workingCurrent", Quantity.amperes(working))
                .from("tungstenMinimum", Quantity.amperes(least))
                .other(School.START_BY_EDGE, start(School.START_BY_EDGE, plan))
                .other(School.START_LOWEST, least)
                .other(School.START_HALF, start(School.START_HALF, plan))
                .because(
                        school == School.START_BY_EDGE
                                ? plan.startsAtEdge() ? "startCurrent.edge" : "startCurrent.closed"
                                : "startCurrent.school",
                        Quantity.amperes(working),
                        Quantity.stockMillimetres(plan.tungsten().diameterMm()),
                        Quantity.amperes(least));
    }

    private static double start(School school, Plan plan) {
        double share = switch (school) {
            case START_LOWEST -> 0;
            case START_HALF -> 0.5;
            default -> plan.startsAtEdge() ? 0.5 : 0.7;
        };
        return Math.max(plan.tungsten().minStableA(), share * plan.peakA());
    }

    /**
     * Up-slope, s: \( a/v^2 \) at an edge within 0.5 to 3 s, 0.3 s on a closed seam; a diffusivity, mm²/s, v travel, mm/s.
     * Source: settling of a moving source [textbook], limits [judgement].
     */
    private static Setting upSlope(Plan plan) {
        if (!plan.control().runsSlopes()) {
            return figure(SettingKey.UP_SLOPE, Window.only(0)).idle().because("upSlope." + plan.control());
        }
        School school = plan.schools().of(Matter.UP_SLOPE);
        double byEdge = easeInS(plan);
        double value = upSlope(school, byEdge);
        return figure(SettingKey.UP_SLOPE, Window.around(value, 0.5 * byEdge, 2 * byEdge))
                .by(school)
                .from("diffusivity", Quantity.number(plan.heat().metal().diffusivityM2PerS() * 1e6))
                .from("travel", Quantity.mmPerMin(plan.heat().demand().speedMmPerS() * 60))
                .other(School.UP_SLOPE_BY_EDGE, byEdge)
                .other(School.UP_SLOPE_NONE, upSlope(School.UP_SLOPE_NONE, byEdge))
                .other(School.UP_SLOPE_SETTLED, upSlope(School.UP_SLOPE_SETTLED, byEdge))
                .because(plan.startsAtEdge() ? "upSlope.edge" : "upSlope.closed", Quantity.seconds(value));
    }

    /**
     * \( a/v^2 \) within 0.5 to 3 s at an edge; 0.3 s where the seam starts on metal.
     */
    static double easeInS(Plan plan) {
        double speed = plan.heat().demand().speedMmPerS();
        double settle = plan.heat().metal().diffusivityM2PerS() * 1e6 / (speed * speed);
        return plan.startsAtEdge() ? Math.min(3, Math.max(0.5, settle)) : 0.3;
    }

    private static double upSlope(School school, double byEdge) {
        return switch (school) {
            case UP_SLOPE_NONE -> 0.1;
            case UP_SLOPE_SETTLED -> 2.5;
            default -> byEdge;
        };
    }

    /**
     * Down-slope, s: \( \max(1, t_f, L/v) \), t_f freezing time, s, L pool length, mm, v travel, mm/s; window 0.7 to 2 times that.
     * Source: energy balance, its factor [simulation]; window [judgement].
     */
    private static Setting downSlope(Plan plan) {
        Quantity taper = Quantity.seconds(plan.taperS());
        if (!plan.control().runsSlopes()) {
            return figure(SettingKey.DOWN_SLOPE, Window.only(0)).idle().because("downSlope." + plan.control(), taper);
        }
        return figure(SettingKey.DOWN_SLOPE, new Window(plan.taperS(), 0.7 * plan.taperS(), 2 * plan.taperS()))
                .from("poolLength", Quantity.millimetres(plan.heat().pool().lengthMm()))
                .from("travel", Quantity.mmPerMin(plan.heat().demand().speedMmPerS() * 60))
                .from("freezeTime", Quantity.seconds(freezeS(plan)))
                .because(
                        "downSlope.pool",
                        Quantity.millimetres(plan.heat().pool().lengthMm()),
                        taper);
    }

    private static double freezeS(Plan plan) {
        HeatSolution heat = plan.heat();
        return heat.pool().freezeTimeS(heat.metal(), heat.platePowerW(), 0);
    }

    /**
     * End current, A: \( \max(I_{min}, 0.2\,I) \), I_min the tungsten's minimum, A; window from I_min to 0.35 I. Source: [judgement].
     */
    private static Setting end(Plan plan) {
        double least = plan.tungsten().minStableA();
        double working = plan.peakA();
        if (!plan.control().runsSlopes()) {
            double rest = plan.control() == Control.PEDAL ? least : working;
            return figure(SettingKey.END_CURRENT, Window.only(rest)).idle().because("endCurrent." + plan.control());
        }
        double value = Math.max(least, 0.2 * working);
        return figure(SettingKey.END_CURRENT, Window.around(value, least, Math.min(working, 0.35 * working)))
                .from("workingCurrent", Quantity.amperes(working))
                .from("tungstenMinimum", Quantity.amperes(least))
                .because(
                        value > least ? "endCurrent.fifth" : "endCurrent.tungsten",
                        Quantity.amperes(working),
                        Quantity.stockMillimetres(plan.tungsten().diameterMm()));
    }

    /**
     * Pre-flow, s: time to push the air out of hose and torch, at least 0.3 s, titanium 1.5 s. Other schools 0, 0.3 and 1 s.
     * Source: {@link #hosePurgeS} [textbook], floors [judgement].
     */
    private static Setting preFlow(Plan plan) {
        double hose = hosePurgeS(plan);
        School school = plan.schools().of(Matter.PRE_FLOW);
        double value = preFlow(school, plan, hose);
        String why = plan.control() == Control.LIFT_ONLY
                ? "preFlow.byHand"
                : plan.isTitanium() ? "preFlow.titanium" : "preFlow.hose";
        return figure(SettingKey.PRE_FLOW, Window.around(value, floorS(plan), 2.5 * hose))
                .by(school)
                .from("hoseLength", Quantity.of(plan.practice().hoseLengthM(), Unit.METRE))
                .from("hoseBore", Quantity.millimetres(plan.practice().hoseBoreMm()))
                .from("gasFlow", Quantity.litresPerMin(plan.gasFlow().value()))
                .other(School.PRE_FLOW_BY_HOSE, preFlow(School.PRE_FLOW_BY_HOSE, plan, hose))
                .other(School.PRE_FLOW_NONE, 0)
                .other(School.PRE_FLOW_SHORT, MIN_PRE_FLOW_S)
                .other(School.PRE_FLOW_LONG, 1)
                .because(
                        why,
                        Quantity.seconds(hose),
                        Quantity.litresPerMin(plan.gasFlow().value()));
    }

    /**
     * \( t = 2\,(V_{hose} + V_{torch})/Q \), s; V_hose = π/4 d² L and V_torch = 30 mL, Q flow. Source: two volumes displace the air
     * [textbook].
     */
    private static double hosePurgeS(Plan plan) {
        double bore = plan.practice().hoseBoreMm();
        double hoseMl = Math.PI / 4 * bore * bore * plan.practice().hoseLengthM();
        return 2 * (hoseMl + TORCH_VOLUME_ML) / 1000 / plan.gasFlow().value() * 60;
    }

    private static double preFlow(School school, Plan plan, double hose) {
        return switch (school) {
            case PRE_FLOW_NONE -> 0;
            case PRE_FLOW_SHORT -> MIN_PRE_FLOW_S;
            case PRE_FLOW_LONG -> 1;
            default -> Math.max(floorS(plan), hose);
        };
    }

    private static double floorS(Plan plan) {
        return plan.isTitanium() ? MIN_PRE_FLOW_TITANIUM_S : MIN_PRE_FLOW_S;
    }

    /**
     * Post-flow, s: \( \max(3, I/10, t_W, t_{shield}) \); I average current, A; t_W tungsten's cooling, s; t_shield time until the bead's end
     * is at 600 °C (stainless), 430 °C (bright or hygienic), 425 °C (titanium). Never under t_W, whatever the school.
     * Source: {@link vastarc.core.heat.Cooling} [simulation], thresholds [judgement].
     */
    private static Setting postFlow(Plan plan) {
        double current = plan.pulse().averageA();
        double tip = plan.tungsten().coolingS(plan.peakA());
        double shield = shieldC(plan) > 0 ? plan.cooling().timeToS(shieldC(plan)) : 0;
        double byCurrent = Math.max(MIN_POST_FLOW_S, current / 10);
        double untilCold = Math.max(byCurrent, Math.max(tip, shield));
        School school = plan.schools().of(Matter.POST_FLOW);
        double chosen = switch (school) {
            case POST_FLOW_BY_CURRENT -> byCurrent;
            case POST_FLOW_FIXED -> FIXED_POST_FLOW_S;
            default -> untilCold;
        };
        double value = Math.max(tip, chosen);
        String why = plan.control() == Control.LIFT_ONLY
                ? "postFlow.byHand"
                : school != School.POST_FLOW_UNTIL_COLD
                        ? "postFlow.school"
                        : shield >= untilCold
                                ? "postFlow.metal"
                                : tip >= untilCold ? "postFlow.tungsten" : "postFlow.current";
        Setting.Draft draft = figure(SettingKey.POST_FLOW, Window.around(value, tip, 1.5 * untilCold))
                .by(school)
                .from("averageCurrent", Quantity.amperes(current))
                .from("tungstenCooling", Quantity.seconds(tip));
        if (shield > 0) {
            draft.from("metalCooling", Quantity.seconds(shield));
        }
        return draft.other(School.POST_FLOW_UNTIL_COLD, untilCold)
                .other(School.POST_FLOW_BY_CURRENT, byCurrent)
                .other(School.POST_FLOW_FIXED, FIXED_POST_FLOW_S)
                .because(why, Quantity.seconds(value), Quantity.celsius(shieldC(plan)), Quantity.seconds(byCurrent));
    }

    /**
     * Temperature to which the bead's end stays under gas, °C; 0 where the metal does not ask for it. Source: tint bands [judgement].
     */
    private static double shieldC(Plan plan) {
        if (plan.isTitanium()) {
            return TITANIUM_C;
        }
        if (!plan.joint().wantsPurge()) {
            return 0;
        }
        Finish finish = plan.practice().finish();
        return finish == Finish.BRIGHT || finish == Finish.HYGIENIC ? BRIGHT_C : STRAW_C;
    }
}
