package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.MethodCurrent;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.sheet.Parameter.ParameterBuilder;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.HeatBalance;

/** Currents of the machine's panel: working current, the pedal's ceiling, start and end. */
final class CurrentRules {

    private static final double UNEQUAL_RATIO = 1.2;
    private static final double THIN_AND_SOME = 1.15;
    private static final double CEILING = 1.2;
    private static final double CEILING_WELL_ABOVE = 1.35;
    private static final double CEILING_HIGHEST = 1.5;

    private CurrentRules() {}

    /**
     * Working current, A: the chosen method's, the peak where it is pulsed. Range ±12 %, what ±20 % of travel does.
     * Range 0.5 to 450 A. Source: heat balance {@link vastarc.core.physics.heat.JointConduction} [fitted]; linear rules [handbook].
     */
    static Parameter working(SheetDecisions plan) {
        HeatBalance heat = plan.heat();
        MethodCurrent chosen =
                MethodCurrent.chosen(plan.comparison(), plan.methods().of(ParameterTopic.WORKING_CURRENT));
        Method method = chosen.school();
        double peak = plan.peakA();
        double scale = peak / chosen.currentA();
        ParameterBuilder draft = figure(ParameterKey.WORKING_CURRENT, rangeOf(plan, method, peak))
                .by(method)
                .from("platePower", Quantity.watts(heat.platePowerW()))
                .from("wirePower", Quantity.watts(heat.wirePowerW()))
                .from("arcEfficiency", Quantity.percent(ArcModel.EFFICIENCY * 100))
                .from("travel", Quantity.mmPerMin(heat.demand().speedMmPerS() * 60))
                .from("thickness", Quantity.millimetres(plan.joint().thinnerMm()));
        plan.comparison().forEach(other -> draft.other(other.school(), other.currentA() * scale));
        if (!plan.pulse().isSteady()) {
            return draft.because(
                    "workingCurrent.peak",
                    Quantity.amperes(peak),
                    Quantity.amperes(plan.pulse().averageA()));
        }
        if (method == Method.AS_PROVEN_HERE) {
            return draft.because(
                    "workingCurrent.proven", plan.proven().orElseThrow().runs());
        }
        return method == Method.HEAT_BALANCE
                ? draft.because(
                        heat.wirePowerW() > 0 ? "workingCurrent.wire" : "workingCurrent.fusion",
                        Quantity.watts(heat.platePowerW()),
                        Quantity.watts(heat.wirePowerW()),
                        Quantity.mmPerMin(heat.demand().speedMmPerS() * 60))
                : draft.because(
                        "workingCurrent.rule", Quantity.millimetres(plan.joint().thinnerMm()));
    }

    /** What runs have proven has a range of its own. */
    private static Range rangeOf(SheetDecisions plan, Method method, double peak) {
        return method == Method.AS_PROVEN_HERE
                ? plan.proven()
                        .map(learned -> Range.around(
                                peak, peak * learned.low() / learned.ratio(), peak * learned.high() / learned.ratio()))
                        .orElseThrow()
                : joined(plan, plan.currentRange(peak));
    }

    /**
     * The range of the first pass, reaching down to the current of two thin members where one is heavy: a short heavy partner takes less
     * than calculated. Source: [judgement].
     */
    private static Range joined(SheetDecisions plan, Range range) {
        if (plan.pass() != 1) {
            return range;
        }
        double low = range.low();
        double high = range.high();
        Joint joint = plan.joint();
        if (joint.thickerMm() > UNEQUAL_RATIO * joint.thinnerMm()) {
            Joint thin = joint.withBothAt(Length.ofMillimetres(joint.thinnerMm()));
            double least = HeatBalance.currentA(thin, plan.practice()) * plan.methodFactor() * shape(plan);
            low = Math.min(low, THIN_AND_SOME * least);
        }
        return Range.around(range.value(), low, high);
    }

    /** What the pulse makes of a steady current: its peak over it. */
    private static double shape(SheetDecisions plan) {
        return plan.peakA() / (plan.methodFactor() * plan.heat().currentA());
    }

    /**
     * Pedal ceiling, A: \( 1.2\,I \) up to the next 5 A (1 A below 18 A), I the working current; range from I to 1.5 I.
     * Other methods 1.35 I and I. Idle without a pedal. Source: trade practice [judgement].
     */
    static Parameter ceiling(SheetDecisions plan) {
        double working = plan.hottestA();
        Method method = plan.methods().of(ParameterTopic.PEDAL_CEILING);
        if (plan.control() != ControlDevice.PEDAL) {
            return figure(ParameterKey.PEDAL_CEILING, Range.only(plan.peakA()))
                    .idle()
                    .because("pedalCeiling.noFoot", Quantity.amperes(plan.peakA()));
        }
        double value = ceiling(method, working);
        return figure(ParameterKey.PEDAL_CEILING, Range.around(value, working, working * CEILING_HIGHEST))
                .by(method)
                .from("workingCurrent", Quantity.amperes(working))
                .other(Method.CEILING_ABOVE, ceiling(Method.CEILING_ABOVE, working))
                .other(Method.CEILING_WELL_ABOVE, ceiling(Method.CEILING_WELL_ABOVE, working))
                .other(Method.CEILING_AT_WORKING, ceiling(Method.CEILING_AT_WORKING, working))
                .because(
                        method == Method.CEILING_AT_WORKING ? "pedalCeiling.atWorking" : "pedalCeiling.above",
                        Quantity.amperes(working),
                        Quantity.percent(100 * working / value));
    }

    private static double ceiling(Method method, double working) {
        return switch (method) {
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
     * Start current, A: 0.5 I at a free edge, 0.7 I on a closed seam, at least the tungsten's minimum; range from that minimum to I.
     * Source: standing arc, a free edge puddles alike at half the current [simulation]. Idle where a foot or nothing sets it.
     */
    static Parameter start(SheetDecisions plan) {
        double working = plan.peakA();
        double least = plan.tungsten().minStableA();
        if (!plan.control().runsSlopes()) {
            double rest = plan.control() == ControlDevice.PEDAL ? least : working;
            return figure(ParameterKey.START_CURRENT, Range.only(rest))
                    .idle()
                    .because("startCurrent." + plan.control());
        }
        Method method = plan.methods().of(ParameterTopic.START_CURRENT);
        double value = start(method, plan);
        return figure(ParameterKey.START_CURRENT, Range.around(value, least, working))
                .by(method)
                .from("workingCurrent", Quantity.amperes(working))
                .from("tungstenMinimum", Quantity.amperes(least))
                .other(Method.START_BY_EDGE, start(Method.START_BY_EDGE, plan))
                .other(Method.START_LOWEST, least)
                .other(Method.START_HALF, start(Method.START_HALF, plan))
                .because(
                        method == Method.START_BY_EDGE
                                ? plan.startsAtEdge() ? "startCurrent.edge" : "startCurrent.closed"
                                : "startCurrent.school",
                        Quantity.amperes(working),
                        Quantity.stockMillimetres(plan.tungsten().diameterMm()),
                        Quantity.amperes(least));
    }

    private static double start(Method method, SheetDecisions plan) {
        double share = switch (method) {
            case START_LOWEST -> 0;
            case START_HALF -> 0.5;
            default -> plan.startsAtEdge() ? 0.5 : 0.7;
        };
        return Math.max(plan.tungsten().minStableA(), share * plan.peakA());
    }

    /**
     * End current, A: \( \max(I_{min}, 0.2\,I) \), I_min the tungsten's minimum, A; range from I_min to 0.35 I. Source: [judgement].
     */
    static Parameter end(SheetDecisions plan) {
        double least = plan.tungsten().minStableA();
        double working = plan.peakA();
        if (!plan.control().runsSlopes()) {
            double rest = plan.control() == ControlDevice.PEDAL ? least : working;
            return figure(ParameterKey.END_CURRENT, Range.only(rest)).idle().because("endCurrent." + plan.control());
        }
        double value = Math.max(least, 0.2 * working);
        return figure(ParameterKey.END_CURRENT, Range.around(value, least, Math.min(working, 0.35 * working)))
                .from("workingCurrent", Quantity.amperes(working))
                .from("tungstenMinimum", Quantity.amperes(least))
                .because(
                        value > least ? "endCurrent.fifth" : "endCurrent.tungsten",
                        Quantity.amperes(working),
                        Quantity.stockMillimetres(plan.tungsten().diameterMm()));
    }
}
