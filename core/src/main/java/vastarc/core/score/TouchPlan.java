package vastarc.core.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.score.ControlLogic.Honour;

/** What a practised hand touches, and when, to play a score as it stands. */
final class TouchPlan {

    /** A switch that is only tapped stays down this long, s. */
    private static final double TAPPED_S = 0.15;

    /** Where in the weld the planned second current begins and ends. */
    private static final double SECOND_FROM = 0.5;

    private static final double SECOND_TO = 0.75;
    private static final double FOOT_REST_S = 0.3;
    private static final double FOOT_TOUCH = 0.02;
    private static final double FOOT_SETTLES_S = 0.02;

    private final ControlLogic logic;
    private final ScoreValues values;

    private TouchPlan(ControlLogic logic, ScoreValues values) {
        this.logic = logic;
        this.values = values;
    }

    static List<Touch> of(ControlLogic logic, ScoreValues values) {
        return new TouchPlan(logic, values).touches();
    }

    private List<Touch> touches() {
        return switch (logic.input()) {
            case FOOT -> foot();
            case TOUCH -> byHand();
            case SWITCH ->
                switch (logic.timed()) {
                    case NO -> bySwitch();
                    case SPOT -> List.of(Touch.press(0), Touch.release(struckS() + spotS() + TAPPED_S));
                    case STITCH -> List.of(Touch.press(0), Touch.release(stitchedS()));
                };
        };
    }

    private double at(ScoreKey key) {
        return values.of(key);
    }

    private double preS() {
        return logic.honours(Honour.PRE_FLOW) ? at(ScoreKey.PRE_FLOW) : 0;
    }

    private double struckS() {
        return preS() + ArcCycle.STRIKE_S;
    }

    private double upS() {
        return logic.honours(Honour.UP_SLOPE) && at(ScoreKey.START_CURRENT) < at(ScoreKey.WORKING_CURRENT)
                ? at(ScoreKey.UP_SLOPE)
                : 0;
    }

    private double spotS() {
        return at(ScoreKey.SPOT_TIME);
    }

    /** What brings the weld on and ends it follows from what the logic makes of a press and of letting go. */
    private List<Touch> bySwitch() {
        double go = struckS() + (logic.startHold() ? at(ScoreKey.START_HOLD) : 0);
        double weld = go + upS();
        double end = weld + values.weldS();
        boolean heldWhileWelding = logic.reaction(Phase.WELD, false) != Reaction.NONE;
        if (heldWhileWelding) {
            return List.of(Touch.press(0), Touch.release(end));
        }
        List<Touch> touches = new ArrayList<>();
        touches.add(Touch.press(0));
        touches.add(Touch.release(logic.startHold() ? go : TAPPED_S));
        boolean taps = logic.reaction(Phase.WELD, true) == Reaction.TAP;
        if (taps && values.weldS() > 4 * ArcCycle.TAP_S) {
            tap(touches, weld + SECOND_FROM * values.weldS());
            tap(touches, weld + SECOND_TO * values.weldS());
        }
        touches.add(Touch.press(end));
        touches.add(Touch.release(end + (logic.endHold() ? endedS(taps) : TAPPED_S)));
        return touches;
    }

    private static void tap(List<Touch> touches, double atS) {
        touches.add(Touch.press(atS));
        touches.add(Touch.release(atS + TAPPED_S));
    }

    /** From the last press until the end current has been held; a press that might be a tap is decided first. */
    private double endedS(boolean taps) {
        double slope = at(ScoreKey.END_CURRENT) < at(ScoreKey.WORKING_CURRENT) ? at(ScoreKey.DOWN_SLOPE) : 0;
        return (taps ? ArcCycle.TAP_S : 0) + slope + at(ScoreKey.END_HOLD);
    }

    /** Valve open, count, strike; snap away, hold still, close. */
    private List<Touch> byHand() {
        double strike = at(ScoreKey.PRE_FLOW);
        double out = strike + ArcCycle.STRIKE_S + values.weldS();
        return List.of(
                Touch.valve(0, true),
                Touch.press(strike),
                Touch.release(out),
                Touch.valve(out + at(ScoreKey.POST_FLOW), false));
    }

    /** When a foot has brought the current up, and when it has taken it away again; empty where no foot does. */
    static Optional<Score.FootTimes> footTimes(ControlLogic logic, ScoreValues values) {
        return logic.input() == ControlLogic.Input.FOOT
                ? Optional.of(new TouchPlan(logic, values).footTimes())
                : Optional.empty();
    }

    private Score.FootTimes footTimes() {
        double in = struckS() + at(ScoreKey.FOOT_IN);
        return new Score.FootTimes(in + FOOT_SETTLES_S, in + values.weldS() + at(ScoreKey.FOOT_OUT));
    }

    /** Touched, eased in to the working current, eased out to the least the arc holds, lifted. */
    private List<Touch> foot() {
        double ceiling = at(ScoreKey.PEDAL_CEILING);
        double working = Math.min(1, at(ScoreKey.WORKING_CURRENT) / ceiling);
        double least = Math.max(FOOT_TOUCH, Math.min(working, values.leastA() / ceiling));
        Score.FootTimes times = footTimes();
        double out = struckS() + at(ScoreKey.FOOT_IN) + values.weldS();
        double low = times.outS();
        return List.of(
                Touch.foot(0, 0),
                Touch.foot(struckS() * 0.5 + 0.01, least),
                Touch.foot(struckS() + FOOT_SETTLES_S, least),
                Touch.foot(times.inS(), working),
                Touch.foot(out, working),
                Touch.foot(low, least),
                Touch.foot(low + FOOT_REST_S, least),
                Touch.foot(low + FOOT_REST_S + 0.05, 0));
    }

    private double stitchedS() {
        int spots = values.spots();
        double one = ArcCycle.STRIKE_S + spotS();
        return preS()
                + spots * one
                + (spots - 1) * at(ScoreKey.SPOT_PAUSE)
                + 0.5 * Math.min(0.1, at(ScoreKey.SPOT_PAUSE));
    }
}
