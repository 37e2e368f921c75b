package vastarc.core.purge;

import java.util.List;
import vastarc.core.purge.LeakFit.Reading;
import vastarc.core.purge.OxygenMeter.Fault;

/**
 * What a decay says is wrong. Against the time constant V/Q: a floor above the target is a leak, far slower is a shut vent, rising is an
 * empty bottle, creeping up at the end is the meter's own drift, as slow as stirred where it should lie in layers is an inlet on top. Needs
 * a space whose time constant is well above the meter's lag of 8 s; in a small tube the lag hides all but leak and empty bottle [judgement].
 */
public final class PurgeFault {

    private static final double CREEPS = 1.12;
    private static final double STIRRED_FROM = 0.82;
    private static final int FEWEST = 30;

    private PurgeFault() {}

    /** The likeliest fault behind readings; {@link Fault#NONE} where all is as it should be. */
    public static Fault of(Purge purge, List<Reading> readings) {
        LeakFit fit = LeakFit.of(purge.volumeL(), purge.flowLPerMin(), purge.argonPpm(), readings);
        double expected = 60 * purge.volumeL() / purge.flowLPerMin();
        return switch (fit.verdict()) {
            case EMPTY -> isDrift(readings) ? Fault.SENSOR_DRIFT : Fault.EMPTY_BOTTLE;
            case BLOCKED -> Fault.VENT_BLOCKED;
            case NO_ARGON -> Fault.EMPTY_BOTTLE;
            case SLOW, UNKNOWN -> Fault.NONE;
            case LEAKS, TIGHT -> slowOrLeaking(purge, fit, readings, expected);
        };
    }

    private static Fault slowOrLeaking(Purge purge, LeakFit fit, List<Reading> readings, double expected) {
        if (isDrift(readings)) {
            return Fault.SENSOR_DRIFT;
        }
        double floor = purge.argonPpm() + fit.leakLPerMin() / purge.flowLPerMin() * Purge.AIR_PPM;
        if (fit.settled() && floor > purge.targetPpm()) {
            return Fault.LEAKING_DAM;
        }
        boolean stirred = purge.layered() && fit.timeConstantS() > STIRRED_FROM * expected;
        return stirred ? Fault.INLET_TOP : Fault.NONE;
    }

    /** The last tenth of the readings stands a little, not much, above what came two thirds of the way. */
    private static boolean isDrift(List<Reading> readings) {
        int size = readings.size();
        if (size < FEWEST) {
            return false;
        }
        double late = mean(readings.subList(size - size / 10, size));
        double before = mean(readings.subList(6 * size / 10, 7 * size / 10));
        return late > CREEPS * before && late < 3 * before;
    }

    private static double mean(List<Reading> readings) {
        return readings.stream().mapToDouble(Reading::ppm).average().orElseThrow();
    }
}
