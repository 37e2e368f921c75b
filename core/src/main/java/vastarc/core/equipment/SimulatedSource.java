package vastarc.core.equipment;

import java.util.SplittableRandom;
import vastarc.core.advice.cycle.CycleTimeline;
import vastarc.core.equipment.CurrentMeter.ClampReading;

/**
 * A welding machine that does not exist: its dial gives something else than it says, and its current is never quite still.
 *
 * <p>True current \( I = I_{min} + (I_{max} - I_{min})(0.72 s + 0.28 s^2)\,g \), s share of the dial, g a gain of 0.92 to 1.06 that belongs to the
 * machine. Noise 0.8 % of the current, one standard deviation. All of it by judgement; the seed is the machine's own, so that it lies the
 * same way every time.
 *
 * @param minA current with the dial at its lowest, A
 * @param maxA current its plate promises at the highest, A
 * @param seed of this machine
 */
public record SimulatedSource(double minA, double maxA, long seed) {

    private static final double STRAIGHT = 0.72;
    private static final double BENT = 0.28;
    private static final double LEAST_GAIN = 0.92;
    private static final double GAIN_SPREAD = 0.14;
    private static final double NOISE = 0.008;

    /**
     * {@return the current it really gives at a place of its dial, A}
     *
     * @param place where the control is set
     */
    public double trueAmps(double place) {
        double share = Math.min(1, Math.max(0, place));
        double gain = LEAST_GAIN + GAIN_SPREAD * new SplittableRandom(seed).nextDouble();
        return (minA + (maxA - minA) * (STRAIGHT * share + BENT * share * share)) * gain;
    }

    /**
     * {@return the current while a weld is played on it, A: the plan's, scaled by how far the dial lies, with noise}
     *
     * @param timeline the cycle timeline
     * @param timeS time, s
     * @param place where the control is set
     * @param plannedA current of the plan, A
     */
    public double ampsAt(CycleTimeline timeline, double timeS, double place, double plannedA) {
        double planned = timeline.at(timeS).currentA();
        double lie = plannedA > 0 ? trueAmps(place) / plannedA : 1;
        return noisy(planned * lie, Double.doubleToLongBits(timeS));
    }

    private double noisy(double amps, long moment) {
        SplittableRandom random = new SplittableRandom(seed ^ moment);
        double gauss = 0;
        for (int i = 0; i < 12; i++) {
            gauss += random.nextDouble();
        }
        return Math.max(0, amps * (1 + NOISE * (gauss - 6)));
    }

    /**
     * {@return a clamp meter round the lead of this machine, with the arc on and the dial at a place}
     *
     * @param place where the control is set
     * @param moment makes one reading differ from the next
     */
    public CurrentMeter meterAt(double place, long moment) {
        return () -> new ClampReading(Math.round(10 * noisy(trueAmps(place), moment)) / 10.0, true);
    }
}
