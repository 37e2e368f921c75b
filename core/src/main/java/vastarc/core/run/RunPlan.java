package vastarc.core.run;

import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.heat.Pulse;
import vastarc.core.purge.PurgeTargets;
import vastarc.core.score.ControlLogic;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.Window;

/**
 * What a run was meant to be.
 *
 * @param working     at the arc, the peak where it is pulsed, with its window, A
 * @param startA      A
 * @param upS         s; where a foot does it, as long as it should take
 * @param downS       s
 * @param endA        A
 * @param foot        a foot brings the current and takes it away
 * @param pulse       empty for a steady current
 * @param preFlowS    s
 * @param postFlowS   s
 * @param flow        at the torch with its window, L/min
 * @param travel      with its window, mm/min
 * @param voltage     V
 * @param leastStable lowest current the tungsten holds, A
 * @param strikePpm   oxygen inside that it should be below; empty without a purge
 */
public record RunPlan(
        Window working,
        double startA,
        double upS,
        double downS,
        double endA,
        boolean foot,
        Optional<Pulse> pulse,
        double preFlowS,
        double postFlowS,
        Window flow,
        Window travel,
        double voltage,
        double leastStable,
        OptionalDouble strikePpm) {

    /** What a score plans; where it is purged, the oxygen that metal and finish stand is the target. */
    public static RunPlan of(Score score) {
        Sheet sheet = score.sheet();
        return of(
                score,
                sheet.practice().purged()
                        ? OptionalDouble.of(PurgeTargets.strikePpm(
                                sheet.joint(), sheet.practice().finish()))
                        : OptionalDouble.empty());
    }

    /** What a score plans; a purge is held to a target of its own, ppm. */
    public static RunPlan of(Score score, OptionalDouble strikePpm) {
        Sheet sheet = score.sheet();
        boolean foot = score.logic().input() == ControlLogic.Input.FOOT;
        Optional<Score.FootTimes> times = score.foot();
        double rate = score.values().of(ScoreKey.PULSE_RATE);
        double working = score.values().of(ScoreKey.WORKING_CURRENT);
        Pulse pulse = new Pulse(
                rate,
                score.values().of(ScoreKey.PULSE_ON_TIME) / 100,
                score.values().of(ScoreKey.PULSE_BACKGROUND) / 100,
                working);
        return new RunPlan(
                around(sheet, SettingKey.WORKING_CURRENT, working),
                score.values().of(ScoreKey.START_CURRENT),
                foot ? sheet.foot().easeInS() : score.values().of(ScoreKey.UP_SLOPE),
                times.map(one -> sheet.foot().taperS()).orElse(score.values().of(ScoreKey.DOWN_SLOPE)),
                foot ? sheet.foot().leastA() : score.values().of(ScoreKey.END_CURRENT),
                foot,
                rate > 0 ? Optional.of(pulse) : Optional.empty(),
                score.values().of(ScoreKey.PRE_FLOW),
                score.values().of(ScoreKey.POST_FLOW),
                around(
                        sheet,
                        SettingKey.GAS_FLOW,
                        sheet.setting(SettingKey.GAS_FLOW).value()),
                around(
                        sheet,
                        SettingKey.TRAVEL_SPEED,
                        sheet.setting(SettingKey.TRAVEL_SPEED).value()),
                sheet.setting(SettingKey.ARC_VOLTAGE).value(),
                sheet.foot().leastA(),
                strikePpm);
    }

    private static Window around(Sheet sheet, SettingKey key, double value) {
        Window window = sheet.find(key).flatMap(Setting::window).orElse(Window.only(value));
        return Window.around(value, window.low(), window.high());
    }

    /** The mean current with its range, A: what a meter too slow for the pulse reads; the working current where it is steady. */
    public Window mean() {
        double share = pulse.map(one -> one.averageA() / one.peakA()).orElse(1.0);
        return new Window(share * working.value(), share * working.low(), share * working.high());
    }

    /** Time from strike to arc-out for a seam, s. */
    public double arcS(double seamMm) {
        return seamMm / travel.value() * 60 + upS + downS;
    }
}
