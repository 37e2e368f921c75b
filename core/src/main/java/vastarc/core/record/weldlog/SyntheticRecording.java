package vastarc.core.record.weldlog;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.advice.cycle.Phase;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.units.PhysicalConstants;

/**
 * A simulated weld: a seeded welder plays a weld cycle, with a fault of its own, and meters read along ten times a second. For learning
 * the booth and for tests; every reading of it is to be labelled as simulated. Noise and lags by judgement; the same seed reads the same.
 */
public final class SyntheticRecording {

    /** What the welder does wrong. */
    public enum OperatorFault {
        /** Nothing. */
        NONE,
        /** Lets go before the crater is filled. */
        EARLY_RELEASE,
        /** Ends without down-slope. */
        NO_SLOPE,
        /** An unsteady pedal. */
        SHAKY,
        /** Travels too slowly. */
        SLOW,
        /** Welds with too much current. */
        TOO_HOT,
        /** Takes the gas away too early. */
        GAS_SHUT_EARLY,
        /** The bottle is empty soon after the weld has begun. */
        GAS_RUNS_OUT;

        /** {@return the key of its name in {@code words.properties}} */
        public String words() {
            return "run.fault." + name();
        }
    }

    private static final double STEP_S = 0.1;
    private static final int MOMENTS = 37;
    private static final double NEARLY = 0.97;
    private static final double NOISE = 0.01;
    private static final double SHAKE = 0.14;
    private static final double SLOWER = 1.4;
    private static final double HOTTER = 1.22;
    private static final double EARLY_SHARE = 0.2;
    private static final double GAS_RISES_S = 0.3;
    private static final double GAS_SHUT_S = 0.8;
    private static final double GAS_LASTS_S = 4;
    private static final double IDLE_NOISE_A = 0.15;
    private static final double PURGED_SHARE = 0.8;
    private static final double PURGE_FALLS_S = 20;

    /** A spot beside the seam warms and cools so, °C a second for an ampere, and for a degree above the room. */
    private static final double WARMS = 0.025;

    private static final double COOLS = 0.02;

    private final WeldCycle score;
    private final OperatorFault fault;
    private final SplittableRandom random;
    private final double weldFromS;
    private final double weldToS;
    private final double outS;
    private double shake;
    private double flow;

    private SyntheticRecording(WeldCycle cycle, OperatorFault fault, long seed) {
        this.score = cycle;
        this.fault = fault;
        this.random = new SplittableRandom(seed);
        double[] held = held(cycle);
        weldFromS = held[0];
        weldToS = held[1];
        outS = outS();
    }

    /** When the working current was reached, and when it was left. */
    private static double[] held(WeldCycle cycle) {
        double nearly = NEARLY * cycle.values().of(CycleKey.WORKING_CURRENT);
        double end = cycle.timeline().arcOutS();
        double[] held = {end, end};
        for (double s = end; s > 0; s -= STEP_S / 2) {
            if (cycle.timeline().at(s).currentA() >= nearly) {
                held[0] = s;
                held[1] = held[1] == end ? s : held[1];
            }
        }
        return held;
    }

    /** When the arc goes out in the weld cycle's time; earlier where the welder lets go. */
    private double outS() {
        double end = score.timeline().arcOutS();
        return switch (fault) {
            case EARLY_RELEASE -> weldToS + EARLY_SHARE * (end - weldToS);
            case NO_SLOPE -> weldToS;
            default -> end;
        };
    }

    /**
     * {@return what meters read of it: current, voltage, gas flow, the metal beside the seam, and oxygen behind it
     * where it is purged}
     *
     * @param cycle the weld cycle
     * @param fault what the welder does wrong
     * @param seed seed of the random numbers
     */
    public static Recording weld(WeldCycle cycle, OperatorFault fault, long seed) {
        return new SyntheticRecording(cycle, fault, seed).trace();
    }

    private Recording trace() {
        double length = length();
        int count = (int) Math.ceil(length / STEP_S) + 1;
        double[] s = new double[count];
        boolean purged = score.sheet().practice().purged();
        List<double[]> read = new ArrayList<>();
        for (MeasuredQuantity kind : MeasuredQuantity.values()) {
            read.add(new double[kind == MeasuredQuantity.OXYGEN && !purged ? 0 : count]);
        }
        double volts = RunPlan.of(score, OptionalDouble.empty()).voltage();
        double heat = PhysicalConstants.ROOM_C;
        for (int i = 0; i < count; i++) {
            s[i] = Math.round(1000 * i * STEP_S) / 1000.0;
            double amps = amps(s[i]);
            read.get(MeasuredQuantity.CURRENT.ordinal())[i] = round(Math.abs(amps + IDLE_NOISE_A * gauss()), 10);
            read.get(MeasuredQuantity.VOLTAGE.ordinal())[i] = amps > 0 ? round(volts + 0.2 * gauss(), 10) : 0;
            read.get(MeasuredQuantity.GAS_FLOW.ordinal())[i] = round(gas(s[i]), 10);
            heat += STEP_S * (WARMS * Math.max(0, amps) - COOLS * (heat - PhysicalConstants.ROOM_C));
            read.get(MeasuredQuantity.TEMPERATURE.ordinal())[i] = round(heat, 1);
            if (purged) {
                read.get(MeasuredQuantity.OXYGEN.ordinal())[i] = round(oxygen(s[i]), 1);
            }
        }
        Map<MeasuredQuantity, Channel> channels = new EnumMap<>(MeasuredQuantity.class);
        for (MeasuredQuantity kind : MeasuredQuantity.values()) {
            if (read.get(kind.ordinal()).length > 0) {
                channels.put(kind, Channel.of(s, read.get(kind.ordinal())));
            }
        }
        return new Recording(channels);
    }

    /** The purge has come under its target before the strike and goes on falling while it is held. */
    private double oxygen(double s) {
        double share = PURGED_SHARE * (0.5 + 0.5 * Math.exp(-s / PURGE_FALLS_S));
        return Math.max(1, targetPpm() * share * (1 + 3 * NOISE * gauss()));
    }

    private double targetPpm() {
        return score.sheet().purgeRequest().targetPpm();
    }

    private static double round(double value, double steps) {
        return Math.round(value * steps) / steps;
    }

    private double stretch() {
        return fault == OperatorFault.SLOW ? SLOWER : 1;
    }

    private double length() {
        return score.timeline().lengthS() + (weldToS - weldFromS) * (stretch() - 1) + 2;
    }

    /** The weld cycle's time for a time of the run: a slow welder stays longer in the weld. */
    private double inScore(double s) {
        double welded = (weldToS - weldFromS) * stretch();
        if (s <= weldFromS) {
            return s;
        }
        return s < weldFromS + welded ? weldFromS + (s - weldFromS) / stretch() : s - welded + weldToS - weldFromS;
    }

    private double amps(double s) {
        double at = inScore(s);
        MachineState moment = score.timeline().at(at);
        if (!moment.phase().isArc() || moment.phase() == Phase.STRIKE && moment.currentA() <= 0 || at > outS) {
            return 0;
        }
        shake = fault == OperatorFault.SHAKY ? 0.8 * shake + 0.6 * SHAKE * gauss() : 0;
        double pressed = meanA(s) * (1 + shake) * (fault == OperatorFault.TOO_HOT ? HOTTER : 1);
        return Math.max(0.5, pressed * (1 + NOISE * gauss()));
    }

    /** What a meter reads: the mean since its last reading, of as many moments as no pulse keeps step with. */
    private double meanA(double s) {
        double sum = 0;
        for (int i = 0; i < MOMENTS; i++) {
            sum += score.timeline().at(inScore(s - STEP_S * i / MOMENTS)).currentA();
        }
        return sum / MOMENTS;
    }

    private double gas(double s) {
        double at = inScore(s);
        boolean open = score.timeline().at(at).gas() && at < score.timeline().lengthS();
        boolean shut = fault == OperatorFault.GAS_SHUT_EARLY && at > outS + GAS_SHUT_S
                || fault == OperatorFault.GAS_RUNS_OUT && at > weldFromS + GAS_LASTS_S;
        double wanted =
                open && !shut ? score.sheet().setting(ParameterKey.GAS_FLOW).value() : 0;
        flow += (wanted - flow) * (1 - Math.exp(-STEP_S / (GAS_RISES_S / 3)));
        return flow < 0.05 ? 0 : Math.max(0, flow + 0.05 * gauss());
    }

    private double gauss() {
        double sum = 0;
        for (int i = 0; i < 12; i++) {
            sum += random.nextDouble();
        }
        return sum - 6;
    }
}
