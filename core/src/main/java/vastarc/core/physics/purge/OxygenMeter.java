package vastarc.core.physics.purge;

import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well512a;

/**
 * A simulated oxygen meter at the vent: a first-order lag of 8 s, 3 % noise and one digit, 0.1 ppm to 21 %. The same seed reads the same.
 * Source: [judgement].
 */
public final class OxygenMeter {

    static final double LAG_S = 8;
    private static final double NOISE = 0.03;
    private static final double LEAST_PPM = 0.1;
    private static final double STEP_S = 0.5;
    private static final double LEAKS_SHARE = 2e-3;
    private static final double DRIFT_PER_S = 0.002;

    /** What may be wrong. */
    public enum MeterFault {
        /** Nothing. */
        NONE,
        /** A dam lets air in. */
        LEAKING_DAM,
        /** The argon ends. */
        EMPTY_BOTTLE,
        /** The vent is blocked. */
        VENT_BLOCKED,
        /** Argon comes in at the top. */
        INLET_TOP,
        /** The sensor drifts. */
        SENSOR_DRIFT
    }

    private final Purge purge;
    private final MeterFault fault;
    private final RandomGenerator random;
    private double atS;
    private double shown = Purge.AIR_PPM;

    /**
     * A meter on a purge that begins at 0 s.
     *
     * @param purge the purge
     * @param fault what is wrong with the meter
     * @param seed seed of the random numbers
     */
    public OxygenMeter(Purge purge, MeterFault fault, long seed) {
        this.purge = fault == MeterFault.LEAKING_DAM ? leaking(purge) : purge;
        this.fault = fault;
        this.random = new Well512a(seed);
    }

    private static Purge leaking(Purge sound) {
        double leak = Math.max(sound.leakLPerMin(), LEAKS_SHARE * sound.flowLPerMin());
        return new Purge(
                sound.volumeL(),
                sound.flowLPerMin(),
                leak,
                sound.argonPpm(),
                sound.targetPpm(),
                sound.layered(),
                sound.hoseL());
    }

    /**
     * {@return what it shows at a time, ppm; asked for in order of time}
     *
     * @param s time, s
     */
    public double readPpm(double s) {
        while (atS < s) {
            double step = Math.min(STEP_S, s - atS);
            atS += step;
            shown += (actualPpm(atS) - shown) * (1 - Math.exp(-step / LAG_S));
        }
        double drifted = fault == MeterFault.SENSOR_DRIFT ? shown * (1 + DRIFT_PER_S * s) : shown;
        double noisy = drifted * (1 + NOISE * random.nextGaussian());
        return digits(Math.min(Purge.AIR_PPM, Math.max(LEAST_PPM, noisy)));
    }

    private double actualPpm(double s) {
        double empty = emptyS(purge);
        return switch (fault) {
            case INLET_TOP -> purge.mixedPpm(s);
            case NONE, LEAKING_DAM, SENSOR_DRIFT -> purge.blendPpm(s);
            case VENT_BLOCKED -> purge.mixedPpm(s / 5);
            case EMPTY_BOTTLE ->
                s < empty
                        ? purge.mixedPpm(s)
                        : Purge.AIR_PPM - (Purge.AIR_PPM - purge.mixedPpm(empty)) * Math.exp(-(s - empty) / 120);
        };
    }

    /** When the cylinder of an {@link MeterFault#EMPTY_BOTTLE} is empty, s. */
    static double emptyS(Purge purge) {
        return purge.mixedS().orElse(60.0) / 2;
    }

    /** Three figures, as a meter shows. */
    private static double digits(double ppm) {
        double unit = Math.pow(10, Math.floor(Math.log10(ppm)) - 2);
        return Math.max(LEAST_PPM, Math.round(ppm / unit) * unit);
    }
}
