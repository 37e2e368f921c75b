package vastarc.core.record.weldlog;

import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.cycle.WeldCycle.PedalTimes;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.physics.heat.Pulse;

/**
 * What a run was meant to be.
 *
 * @param working     at the arc, the peak where it is pulsed, with its range, A
 * @param startA      A
 * @param upS         s; with a pedal, as long as it should take
 * @param downS       s
 * @param endA        A
 * @param foot        the current is controlled by a pedal
 * @param pulse       empty for a steady current
 * @param preFlowS    s
 * @param postFlowS   s
 * @param flow        at the torch with its range, L/min
 * @param travel      with its range, mm/min
 * @param voltage     V
 * @param leastStable lowest current the tungsten holds, A
 * @param strikePpm   oxygen inside that it should be below; empty without a purge
 */
public record RunPlan(
        Range working,
        double startA,
        double upS,
        double downS,
        double endA,
        boolean foot,
        Optional<Pulse> pulse,
        double preFlowS,
        double postFlowS,
        Range flow,
        Range travel,
        double voltage,
        double leastStable,
        OptionalDouble strikePpm) {

    /**
     * {@return what a weld cycle plans; where it is purged, the oxygen that metal and finish allow is the target}
     *
     * @param cycle the weld cycle
     */
    public static RunPlan of(WeldCycle cycle) {
        SetupSheet sheet = cycle.sheet();
        return of(
                cycle,
                sheet.practice().purged()
                        ? OptionalDouble.of(sheet.purgeRequest().targetPpm())
                        : OptionalDouble.empty());
    }

    /**
     * {@return what a weld cycle plans; a purge is held to a target of its own, ppm}
     *
     * @param cycle the weld cycle
     * @param strikePpm oxygen at the strike, ppm by volume; empty where it is not measured
     */
    public static RunPlan of(WeldCycle cycle, OptionalDouble strikePpm) {
        SetupSheet sheet = cycle.sheet();
        boolean foot = cycle.logic().input() == TriggerInput.FOOT;
        Optional<PedalTimes> times = cycle.foot();
        double rate = cycle.values().of(CycleKey.PULSE_RATE);
        double working = cycle.values().of(CycleKey.WORKING_CURRENT);
        Pulse pulse = new Pulse(
                rate,
                cycle.values().of(CycleKey.PULSE_ON_TIME) / 100,
                cycle.values().of(CycleKey.PULSE_BACKGROUND) / 100,
                working);
        return new RunPlan(
                around(sheet, ParameterKey.WORKING_CURRENT, working),
                cycle.values().of(CycleKey.START_CURRENT),
                foot ? sheet.foot().easeInS() : cycle.values().of(CycleKey.UP_SLOPE),
                times.map(pedalTimes -> sheet.foot().taperS())
                        .orElse(cycle.values().of(CycleKey.DOWN_SLOPE)),
                foot ? sheet.foot().leastA() : cycle.values().of(CycleKey.END_CURRENT),
                foot,
                rate > 0 ? Optional.of(pulse) : Optional.empty(),
                cycle.values().of(CycleKey.PRE_FLOW),
                cycle.values().of(CycleKey.POST_FLOW),
                around(
                        sheet,
                        ParameterKey.GAS_FLOW,
                        sheet.setting(ParameterKey.GAS_FLOW).value()),
                around(
                        sheet,
                        ParameterKey.TRAVEL_SPEED,
                        sheet.setting(ParameterKey.TRAVEL_SPEED).value()),
                sheet.setting(ParameterKey.ARC_VOLTAGE).value(),
                sheet.foot().leastA(),
                strikePpm);
    }

    private static Range around(SetupSheet sheet, ParameterKey key, double value) {
        Range range = sheet.find(key).flatMap(Parameter::window).orElse(Range.only(value));
        return Range.around(value, range.low(), range.high());
    }

    /**
     * {@return the mean current with its range, A: what a meter too slow for the pulse reads; the working current
     * where it is steady}
     */
    public Range mean() {
        double share = pulse.map(one -> one.averageA() / one.peakA()).orElse(1.0);
        return new Range(share * working.value(), share * working.low(), share * working.high());
    }

    /**
     * {@return time from strike to arc-out for a seam, s}
     *
     * @param seamMm length of the seam, mm
     */
    public double arcS(double seamMm) {
        return seamMm / travel.value() * 60 + upS + downS;
    }
}
