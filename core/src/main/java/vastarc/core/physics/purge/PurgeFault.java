package vastarc.core.physics.purge;

import java.util.List;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.OxygenMeter.MeterFault;

/**
 * What a decay says is wrong. Against the time constant V/Q: a floor above the target is a leak, far slower is a shut vent, rising is an
 * empty cylinder, creeping up at the end is the meter's own drift, as slow as stirred where it should lie in layers is an inlet on top. Needs
 * a space whose time constant is well above the meter's lag of 8 s; in a small tube the lag hides all but leak and empty cylinder [judgement].
 */
public final class PurgeFault {

    private static final double CREEPS = 1.12;
    private static final double STIRRED_FROM = 0.82;
    private static final int FEWEST = 30;

    private PurgeFault() {}

    /**
     * {@return the likeliest fault behind readings; {@link MeterFault#NONE} where all is as it should be}
     *
     * @param purge the purge
     * @param readings the readings
     */
    public static MeterFault of(Purge purge, List<OxygenReading> readings) {
        LeakFit fit = LeakFit.of(purge.volumeL(), purge.flowLPerMin(), purge.argonPpm(), readings);
        double expected = 60 * purge.volumeL() / purge.flowLPerMin();
        return switch (fit.verdict()) {
            case EMPTY -> isDrift(readings) ? MeterFault.SENSOR_DRIFT : MeterFault.EMPTY_BOTTLE;
            case BLOCKED -> MeterFault.VENT_BLOCKED;
            case NO_ARGON -> MeterFault.EMPTY_BOTTLE;
            case SLOW, UNKNOWN -> MeterFault.NONE;
            case LEAKS, TIGHT -> slowOrLeaking(purge, fit, readings, expected);
        };
    }

    private static MeterFault slowOrLeaking(Purge purge, LeakFit fit, List<OxygenReading> readings, double expected) {
        if (isDrift(readings)) {
            return MeterFault.SENSOR_DRIFT;
        }
        double floor = purge.argonPpm() + fit.leakLPerMin() / purge.flowLPerMin() * Purge.AIR_PPM;
        if (fit.settled() && floor > purge.targetPpm()) {
            return MeterFault.LEAKING_DAM;
        }
        boolean stirred = purge.layered() && fit.timeConstantS() > STIRRED_FROM * expected;
        return stirred ? MeterFault.INLET_TOP : MeterFault.NONE;
    }

    /** The last tenth of the readings is a little, not much, above what came two thirds of the way. */
    private static boolean isDrift(List<OxygenReading> readings) {
        int size = readings.size();
        if (size < FEWEST) {
            return false;
        }
        double late = mean(readings.subList(size - size / 10, size));
        double before = mean(readings.subList(6 * size / 10, 7 * size / 10));
        return late > CREEPS * before && late < 3 * before;
    }

    private static double mean(List<OxygenReading> readings) {
        return readings.stream().mapToDouble(OxygenReading::ppm).average().orElseThrow();
    }
}
