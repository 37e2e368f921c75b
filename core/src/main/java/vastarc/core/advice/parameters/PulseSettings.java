package vastarc.core.advice.parameters;

import java.util.Optional;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.Pulse;
import vastarc.core.physics.heat.WeldPool;

/**
 * The four settings of a pulse, by what it is wanted for, and what they do to the pool.
 *
 * @param rateHz            pulses a second
 * @param onTimePercent     share of the cycle at the peak
 * @param backgroundPercent background over peak
 * @param backgroundA       background, A
 * @param ripplePitchMm     from ripple to ripple, mm
 * @param frozenFraction    share of the pool that freezes in each background, 0 to 1
 */
public record PulseSettings(
        Range rateHz,
        Range onTimePercent,
        Range backgroundPercent,
        Range backgroundA,
        double ripplePitchMm,
        double frozenFraction) {

    /** Empty for a steady current. */
    static Optional<PulseSettings> of(SheetDecisions plan) {
        Pulse pulse = plan.pulse();
        if (pulse.isSteady()) {
            return Optional.empty();
        }
        double peak = pulse.peakA();
        double least = plan.tungsten().minStableA();
        return Optional.of(new PulseSettings(
                rate(plan, pulse),
                Range.around(pulse.onFraction() * 100, 40, 60),
                Range.around(pulse.backgroundRatio() * 100, Math.max(25, 100 * least / peak), 50),
                Range.around(pulse.backgroundA(), Math.max(least, 0.25 * peak), 0.5 * peak),
                pulse.ripplePitchMm(plan.heat().demand().speedMmPerS()),
                WeldPool.frozenFraction(pulse.offTimeS(), freezeAtBackgroundS(plan))));
    }

    /**
     * v/pitch for a ripple of about 1 mm within 0.5 to 3 Hz (10 Hz on a positioner), 2 Hz for heat control, 200 Hz for a stiff arc; v travel,
     * mm/s. Ranges by purpose. Source: [judgement]; freezing {@link WeldPool} [simulation].
     */
    private static Range rate(SheetDecisions plan, Pulse pulse) {
        double speed = plan.heat().demand().speedMmPerS();
        return switch (plan.practice().pulse()) {
            case HEAT -> Range.around(pulse.rateHz(), 1, 3);
            case STIFF -> Range.around(pulse.rateHz(), 100, 500);
            default -> Range.around(pulse.rateHz(), speed / 1.5, Math.min(10, speed / 0.6));
        };
    }

    private static double freezeAtBackgroundS(SheetDecisions plan) {
        HeatBalance heat = plan.heat();
        double background = ArcModel.EFFICIENCY * heat.arc().powerW(plan.pulse().backgroundA());
        return heat.pool().freezeTimeS(heat.metal(), heat.arcHeatW(), background);
    }
}
