package vastarc.core.simulation.observe;

import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.physics.heat.PulseRhythm;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.source.TorchPath;

/**
 * Ripples: the pool's level swells with each dab and sinks as it goes on, and each place keeps the level at which it froze. Without wire a slow
 * pulse does the same. Source: {@code docs/model/simulation.md (5)}.
 */
final class RippleModel {

    private static final double MOST_MM = 0.35;
    private static final double OF_RISE = 0.5;
    private static final double OF_WIDTH = 0.02;
    private static final double HALF = 0.5;

    private final double rateHz;
    private final boolean dabs;
    private final double pitchMm;

    RippleModel(SimulationRequest request) {
        double dabRate = request.score().rhythm().dabsPerS();
        double pulse =
                request.score().sheet().isPulsed() ? request.score().values().of(CycleKey.PULSE_RATE) : 0;
        this.dabs = dabRate > 0;
        this.rateHz = dabs ? dabRate : pulse <= TorchPath.FELT_BELOW_HZ ? pulse : 0;
        double speed = request.operator()
                        .travelMmPerMin()
                        .orElse(60 * request.heat().demand().speedMmPerS())
                / 60;
        this.pitchMm = rateHz > 0 ? speed / rateHz : 0;
    }

    /** From one to the next, mm; 0 where there are none. */
    double pitchMm() {
        return pitchMm;
    }

    /** From one to the next, s; empty where there are none. */
    OptionalDouble everyS() {
        return rateHz > 0 ? OptionalDouble.of(1 / rateHz) : OptionalDouble.empty();
    }

    /**
     * How much the pool stood above its mean level at an instant, in heights of a ripple, −½ to ½. Its mean over a beat is 0, so that ripples
     * add no metal.
     */
    double level(double s) {
        if (rateHz == 0 || Double.isNaN(s)) {
            return 0;
        }
        double rises = dabs ? TorchPath.DAB_SHARE : HALF;
        double phase = new PulseRhythm(rateHz, rises).phaseAt(s);
        return phase < rises ? phase / rises - HALF : HALF - (phase - rises) / (1 - rises);
    }

    /**
     * Height of a ripple, mm: a dab's metal over the pool's surface, A / (f π/4 w τ), τ the time the middle stayed molten, at most half of what
     * the bead stands up and {@value #MOST_MM} mm; without wire one fiftieth of the width [judgement].
     */
    double heightMm(double laidMm2, double wideMm, double riseMm, double moltenS) {
        if (rateHz == 0 || wideMm <= 0 || Double.isNaN(moltenS)) {
            return 0;
        }
        if (!dabs) {
            return OF_WIDTH * wideMm;
        }
        double molten = Math.max(1 / rateHz, moltenS);
        double swells = laidMm2 / (rateHz * Math.PI / 4 * wideMm * molten);
        return Math.min(MOST_MM, Math.min(OF_RISE * Math.abs(riseMm), swells));
    }
}
