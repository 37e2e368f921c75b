package vastarc.core.physics.purge;

import org.hipparchus.random.RandomGenerator;
import org.hipparchus.random.Well512a;
import vastarc.core.physics.purge.OxygenMeter.MeterFault;

/**
 * A simulated flow meter before the inlet: a first-order lag of 2 s, 2 % noise. A cylinder that runs empty takes its flow away, a shut vent
 * most of it; the other faults do not show here. The same seed reads the same. Source: [judgement].
 */
public final class FlowMeter {

    private static final double LAG_S = 2;
    private static final double NOISE = 0.02;
    private static final double FADES_S = 20;
    private static final double THROUGH_A_SHUT_VENT = 0.2;
    private static final double AS_SET = 0.15;
    private static final double NOTHING = 0.05;

    private final Purge purge;
    private final MeterFault fault;
    private final RandomGenerator random;

    /** What a flow says beside what was set. Its words: {@code purge.flow.<name>}. */
    public enum FlowVerdict {
        /** As set. */
        AS_SET,
        /** Less than set. */
        LOW,
        /** More than set. */
        HIGH,
        /** No flow. */
        NONE
    }

    /**
     * A meter on a purge that begins at 0 s.
     *
     * @param purge the purge
     * @param fault what is wrong with the meter
     * @param seed seed of the random numbers
     */
    public FlowMeter(Purge purge, MeterFault fault, long seed) {
        this.purge = purge;
        this.fault = fault;
        this.random = new Well512a(seed);
    }

    /**
     * {@return what it shows at a time, L/min; 0 or more}
     *
     * @param s time, s
     */
    public double readLPerMin(double s) {
        double through = purge.flowLPerMin() * (1 - Math.exp(-s / LAG_S));
        double emptyS = OxygenMeter.emptyS(purge);
        double left = switch (fault) {
            case EMPTY_BOTTLE -> s < emptyS ? through : through * Math.exp(-(s - emptyS) / FADES_S);
            case VENT_BLOCKED -> through * THROUGH_A_SHUT_VENT;
            case NONE, LEAKING_DAM, INLET_TOP, SENSOR_DRIFT -> through;
        };
        return Math.max(0, left * (1 + NOISE * random.nextGaussian()));
    }

    /**
     * {@return a reading held against the flow that was set, L/min both}
     *
     * @param setLPerMin flow that was set, L/min
     * @param readLPerMin flow shown by the meter, L/min
     */
    public static FlowVerdict verdict(double setLPerMin, double readLPerMin) {
        double share = readLPerMin / setLPerMin;
        if (share < NOTHING) {
            return FlowVerdict.NONE;
        }
        return share < 1 - AS_SET ? FlowVerdict.LOW : share > 1 + AS_SET ? FlowVerdict.HIGH : FlowVerdict.AS_SET;
    }
}
