package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;

import java.util.List;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.Pulse;
import vastarc.core.physics.heat.WeldPool;

/** The pulse, by what it is wanted for. */
final class PulseRules {

    private PulseRules() {}

    /**
     * The four pulse settings; at rest and idle for a steady current.
     */
    static List<Parameter> settings(SheetDecisions plan) {
        Pulse pulse = plan.pulse();
        if (pulse.isSteady()) {
            String why = plan.practice().pulse() == PulsePurpose.NONE ? "pulse.none" : "pulse.liftOnly";
            return List.of(
                    figure(ParameterKey.PULSE_RATE, Range.only(0)).idle().because(why),
                    figure(ParameterKey.PULSE_ON_TIME, Range.only(100)).idle().because(why),
                    figure(ParameterKey.PULSE_BACKGROUND, Range.only(100))
                            .idle()
                            .because(why),
                    figure(ParameterKey.PULSE_BACKGROUND_CURRENT, Range.only(pulse.peakA()))
                            .idle()
                            .because(why));
        }
        return List.of(rate(plan, pulse), onTime(plan, pulse), background(plan, pulse), backgroundCurrent(plan, pulse));
    }

    /**
     * Pulse rate, Hz: v/pitch for a ripple of about 1 mm within 0.5 to 3 Hz (10 Hz on a positioner), 2 Hz for heat control, 200 Hz for a
     * stiff arc; v travel, mm/s. Windows by purpose. Source: [judgement]; freezing {@link vastarc.core.physics.heat.WeldPool} [simulation].
     */
    private static Parameter rate(SheetDecisions plan, Pulse pulse) {
        double pitch = pulse.ripplePitchMm(plan.heat().demand().speedMmPerS());
        double frozen = WeldPool.frozenFraction(pulse.offTimeS(), freezeAtBackgroundS(plan));
        Range range = switch (plan.practice().pulse()) {
            case HEAT -> Range.around(pulse.rateHz(), 1, 3);
            case STIFF -> Range.around(pulse.rateHz(), 100, 500);
            default ->
                Range.around(
                        pulse.rateHz(),
                        plan.heat().demand().speedMmPerS() / 1.5,
                        Math.min(10, plan.heat().demand().speedMmPerS() / 0.6));
        };
        return figure(ParameterKey.PULSE_RATE, range)
                .from("travel", Quantity.mmPerMin(plan.heat().demand().speedMmPerS() * 60))
                .from("ripplePitch", Quantity.ruled(pitch))
                .from("frozen", Quantity.percent(100 * frozen))
                .because("pulseRate." + plan.practice().pulse(), Quantity.ruled(pitch), Quantity.percent(100 * frozen));
    }

    /** Time in which the pool freezes at background, s. */
    static double freezeAtBackgroundS(SheetDecisions plan) {
        HeatBalance heat = plan.heat();
        double background = ArcModel.EFFICIENCY * heat.arc().powerW(plan.pulse().backgroundA());
        return heat.pool().freezeTimeS(heat.metal(), heat.arcHeatW(), background);
    }

    /**
     * On-time, % of the cycle: 50, or 45 for heat control; range 40 to 60. Source: [judgement].
     */
    private static Parameter onTime(SheetDecisions plan, Pulse pulse) {
        double percent = pulse.onFraction() * 100;
        return figure(ParameterKey.PULSE_ON_TIME, Range.around(percent, 40, 60))
                .from("peakCurrent", Quantity.amperes(pulse.peakA()))
                .because("pulseOnTime." + plan.practice().pulse());
    }

    /**
     * Background, % of the peak: 40, or 30 for heat control, lifted to the tungsten's minimum; range 25 to 50. Source: [judgement].
     */
    private static Parameter background(SheetDecisions plan, Pulse pulse) {
        double percent = pulse.backgroundRatio() * 100;
        double least = 100 * plan.tungsten().minStableA() / pulse.peakA();
        return figure(ParameterKey.PULSE_BACKGROUND, Range.around(percent, Math.max(25, least), 50))
                .from("peakCurrent", Quantity.amperes(pulse.peakA()))
                .from("tungstenMinimum", Quantity.amperes(plan.tungsten().minStableA()))
                .because("pulseBackground", Quantity.amperes(pulse.backgroundA()));
    }

    /**
     * Background, A: share times peak, for panels that want amperes. Source: arithmetic.
     */
    private static Parameter backgroundCurrent(SheetDecisions plan, Pulse pulse) {
        double value = pulse.backgroundA();
        return figure(
                        ParameterKey.PULSE_BACKGROUND_CURRENT,
                        Range.around(
                                value,
                                Math.max(plan.tungsten().minStableA(), 0.25 * pulse.peakA()),
                                0.5 * pulse.peakA()))
                .from("peakCurrent", Quantity.amperes(pulse.peakA()))
                .from("tungstenMinimum", Quantity.amperes(plan.tungsten().minStableA()))
                .because("pulseBackgroundCurrent", Quantity.percent(100 * pulse.backgroundRatio()));
    }
}
