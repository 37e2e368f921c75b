package vastarc.core.advice.parameters;

import java.util.Optional;

/**
 * How a pass runs along the seam.
 *
 * @param mmPerMin       travel, mm/min
 * @param turnsPerMinute turns of a rotated tube, 1/min; empty for anything else
 */
public record TravelSettings(Range mmPerMin, Optional<Range> turnsPerMinute) {

    /**
     * Travel {@link vastarc.core.physics.heat.FusionRequirement#speedMmPerS()}, range ±20 %, a welder's spread. Turns n = v/(π D). Source:
     * [fitted, judgement]; by definition.
     */
    static TravelSettings of(SheetDecisions plan) {
        double speed = plan.heat().demand().speedMmPerS() * 60;
        return new TravelSettings(
                spread(speed),
                plan.practice().rotated()
                        ? plan.joint().tubeOd().map(od -> spread(speed / (Math.PI * od.inMillimetres())))
                        : Optional.empty());
    }

    private static Range spread(double value) {
        return new Range(value, 0.8 * value, 1.2 * value);
    }
}
