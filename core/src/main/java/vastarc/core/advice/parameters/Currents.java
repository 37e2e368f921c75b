package vastarc.core.advice.parameters;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.Pulse;

/**
 * Currents of a pass, A.
 *
 * @param working  the working current; the peak where it is pulsed
 * @param ceiling  with the pedal fully down; the working current where there is no pedal
 * @param start    at the strike
 * @param end      that fills the crater
 * @param averageA mean over a pulse
 * @param rmsA     root of the mean square over a pulse
 * @param lap      as a lap closes; empty for anything but a tube
 * @param saddle   at heel and toe; empty for anything but a saddle
 */
public record Currents(
        MethodFigure working,
        MethodFigure ceiling,
        MethodFigure start,
        Range end,
        double averageA,
        double rmsA,
        Optional<EndOfLap> lap,
        Optional<SaddleCurrents> saddle) {

    private static final double UNEQUAL_RATIO = 1.2;
    private static final double THIN_AND_SOME = 1.15;
    private static final double CEILING = 1.2;
    private static final double CEILING_WELL_ABOVE = 1.35;
    private static final double CEILING_HIGHEST = 1.5;
    private static final double HEEL_SHARE = 0.12;
    private static final double SQUARE_COPE_DEG = 90;
    private static final double SHARPEST_COPE_DEG = 30;

    /**
     * The current where a lap closes on its own heat.
     *
     * @param current its range, A
     * @param riseK   how much warmer the metal is there, K
     */
    public record EndOfLap(Range current, double riseK) {}

    /**
     * The currents at the ends of a saddle.
     *
     * @param heel where the branch leans over the run, A
     * @param toe  on the far side, A
     */
    public record SaddleCurrents(Range heel, Range toe) {}

    static Currents of(SheetDecisions plan) {
        Pulse pulse = plan.pulse();
        return new Currents(
                working(plan),
                ceiling(plan),
                start(plan),
                end(plan),
                pulse.averageA(),
                pulse.rmsA(),
                plan.joint().tubeOd().map(od -> lap(plan, od)),
                saddle(plan));
    }

    /**
     * The chosen method's current, the peak where it is pulsed. Range ±12 %, what ±20 % of travel does. Range 0.5 to 450 A. Source: heat
     * balance {@link vastarc.core.physics.heat.JointConduction} [fitted]; linear rules [handbook].
     */
    private static MethodFigure working(SheetDecisions plan) {
        Method method = plan.methods().of(ParameterTopic.WORKING_CURRENT);
        CurrentByMethod chosen = CurrentByMethod.chosen(plan.comparison(), method);
        double peak = plan.peakA();
        double scale = peak / chosen.currentA();
        Map<Method, Double> byMethod = new LinkedHashMap<>();
        plan.comparison().forEach(other -> byMethod.put(other.method(), other.currentA() * scale));
        return new MethodFigure(workingRange(plan, chosen.method(), peak), chosen.method(), byMethod);
    }

    /** What runs have proven has a range of its own. */
    private static Range workingRange(SheetDecisions plan, Method method, double peak) {
        return method == Method.AS_PROVEN_HERE
                ? plan.proven()
                        .map(learned -> Range.around(
                                peak,
                                peak * learned.usualLow() / learned.ratio(),
                                peak * learned.usualHigh() / learned.ratio()))
                        .orElseThrow()
                : joined(plan, plan.currentRange(peak));
    }

    /**
     * The range of the first pass, reaching down to the current of two thin members where one is heavy: a short heavy partner takes less
     * than calculated. Source: [judgement].
     */
    private static Range joined(SheetDecisions plan, Range range) {
        Joint joint = plan.joint();
        if (plan.pass() != 1 || joint.thickerMm() <= UNEQUAL_RATIO * joint.thinnerMm()) {
            return range;
        }
        Joint thin = joint.withBothAt(Length.ofMillimetres(joint.thinnerMm()));
        double pulse = plan.peakA() / (plan.methodFactor() * plan.heat().currentA());
        double least = HeatBalance.currentA(thin, plan.practice()) * plan.methodFactor() * pulse;
        return Range.around(range.value(), Math.min(range.low(), THIN_AND_SOME * least), range.high());
    }

    /**
     * \( 1.2\,I \) up to the next 5 A (1 A below 18 A), I the current of the hottest pass; range from I to 1.5 I. Other methods 1.35 I and I.
     * Source: trade practice [judgement].
     */
    private static MethodFigure ceiling(SheetDecisions plan) {
        Method method = plan.methods().of(ParameterTopic.PEDAL_CEILING);
        if (plan.control() != ControlDevice.PEDAL) {
            return new MethodFigure(Range.only(plan.peakA()), method, Map.of());
        }
        double hottest = plan.hottestA();
        Map<Method, Double> byMethod = new LinkedHashMap<>();
        byMethod.put(Method.CEILING_ABOVE, roundedUp(CEILING * hottest));
        byMethod.put(Method.CEILING_WELL_ABOVE, roundedUp(CEILING_WELL_ABOVE * hottest));
        byMethod.put(Method.CEILING_AT_WORKING, hottest);
        double value = Maps.get(byMethod, method);
        return new MethodFigure(Range.around(value, hottest, hottest * CEILING_HIGHEST), method, byMethod);
    }

    /** Up to the next 5 A; to the next ampere where 5 A would be a large part of it. */
    private static double roundedUp(double current) {
        double step = current < 18 ? 1 : 5;
        return Math.ceil(current / step - 1e-9) * step;
    }

    /**
     * 0.5 I at a free edge, 0.7 I on a closed seam, at least the tungsten's minimum; range from that minimum to I. Source: standing arc, a
     * free edge puddles alike at half the current [simulation].
     */
    private static MethodFigure start(SheetDecisions plan) {
        Method method = plan.methods().of(ParameterTopic.START_CURRENT);
        if (!plan.control().runsSlopes()) {
            return new MethodFigure(Range.only(withoutSlopes(plan)), method, Map.of());
        }
        double least = plan.tungsten().minStableA();
        double working = plan.peakA();
        Map<Method, Double> byMethod = new LinkedHashMap<>();
        byMethod.put(Method.START_BY_EDGE, Math.max(least, (plan.startsAtEdge() ? 0.5 : 0.7) * working));
        byMethod.put(Method.START_LOWEST, least);
        byMethod.put(Method.START_HALF, Math.max(least, 0.5 * working));
        double value = Maps.get(byMethod, method);
        return new MethodFigure(Range.around(value, least, working), method, byMethod);
    }

    /** Where the machine runs no slopes: a pedal comes and goes at the tungsten's minimum, a lift set at the working current. */
    private static double withoutSlopes(SheetDecisions plan) {
        return plan.control() == ControlDevice.PEDAL ? plan.tungsten().minStableA() : plan.peakA();
    }

    /**
     * \( \max(I_{min}, 0.2\,I) \), I_min the tungsten's minimum; range from I_min to 0.35 I. Source: [judgement].
     */
    private static Range end(SheetDecisions plan) {
        if (!plan.control().runsSlopes()) {
            return Range.only(withoutSlopes(plan));
        }
        double least = plan.tungsten().minStableA();
        double working = plan.peakA();
        return Range.around(Math.max(least, 0.2 * working), least, Math.min(working, 0.35 * working));
    }

    /**
     * \( I\,(1 - \Delta T_{wrap}/(T_m - 20)) \), at least half. Source: thermal image one girth ahead [textbook].
     */
    private static EndOfLap lap(SheetDecisions plan, Length od) {
        HeatBalance heat = plan.heat();
        double rise = heat.wrapRiseK(od.inMillimetres());
        double melt = heat.metal().meltC() - PhysicalConstants.ROOM_C;
        double current = plan.peakA() * Math.max(0.5, 1 - rise / melt);
        return new EndOfLap(Range.around(current, 0.95 * current, plan.peakA()), rise);
    }

    /**
     * 12 % more at the heel and less at the toe of a cope of 30°, in proportion to 90°, where they are alike. Source: [judgement].
     */
    private static Optional<SaddleCurrents> saddle(SheetDecisions plan) {
        if (plan.form() != JointForm.TUBE_SADDLE) {
            return Optional.empty();
        }
        double cope = plan.joint().copeAngleDeg();
        double share = HEEL_SHARE * (SQUARE_COPE_DEG - cope) / (SQUARE_COPE_DEG - SHARPEST_COPE_DEG);
        return Optional.of(new SaddleCurrents(
                plan.currentRange(plan.peakA() * (1 + share)), plan.currentRange(plan.peakA() * (1 - share))));
    }
}
