package vastarc.core.score;

import java.util.ArrayList;
import java.util.List;
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
        return switch (logic.name()) {
            case PEDAL -> foot();
            case TRIGGER_2T_PLAIN, TRIGGER_2T_SLOPES -> List.of(Touch.press(0), Touch.release(weldEndS()));
            case TRIGGER_4T -> fourTouches(List.of());
            case TRIGGER_4T_SECOND -> fourTouches(List.of(SECOND_FROM, SECOND_TO));
            case LATCHED -> latched();
            case LIFT_VALVE -> byHand();
            case SPOT -> List.of(Touch.press(0), Touch.release(struckS() + spotS() + TAPPED_S));
            case STITCH -> List.of(Touch.press(0), Touch.release(stitchedS()));
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

    private double weldEndS() {
        return struckS() + upS() + values.weldS();
    }

    private double spotS() {
        return at(ScoreKey.SPOT_TIME);
    }

    private List<Touch> fourTouches(List<Double> taps) {
        double go = struckS() + at(ScoreKey.START_HOLD);
        double weld = go + upS();
        double end = weld + values.weldS();
        double decide = taps.isEmpty() ? 0 : ArcCycle.TAP_S;
        double slope = at(ScoreKey.END_CURRENT) < at(ScoreKey.WORKING_CURRENT) ? at(ScoreKey.DOWN_SLOPE) : 0;
        List<Touch> touches = new ArrayList<>(List.of(Touch.press(0), Touch.release(go)));
        if (values.weldS() > 4 * ArcCycle.TAP_S) {
            taps.forEach(share -> {
                touches.add(Touch.press(weld + share * values.weldS()));
                touches.add(Touch.release(weld + share * values.weldS() + TAPPED_S));
            });
        }
        touches.add(Touch.press(end));
        touches.add(Touch.release(end + decide + slope + at(ScoreKey.END_HOLD)));
        return touches;
    }

    private List<Touch> latched() {
        return List.of(
                Touch.press(0), Touch.release(TAPPED_S), Touch.press(weldEndS()), Touch.release(weldEndS() + TAPPED_S));
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

    /** Touched, eased in to the working current, eased out to the least the arc holds, lifted. */
    private List<Touch> foot() {
        double ceiling = at(ScoreKey.PEDAL_CEILING);
        double working = Math.min(1, at(ScoreKey.WORKING_CURRENT) / ceiling);
        double least = Math.max(FOOT_TOUCH, Math.min(working, values.leastA() / ceiling));
        double in = struckS() + at(ScoreKey.FOOT_IN);
        double out = in + values.weldS();
        double low = out + at(ScoreKey.FOOT_OUT);
        return List.of(
                Touch.foot(0, 0),
                Touch.foot(struckS() * 0.5 + 0.01, least),
                Touch.foot(struckS() + 0.02, least),
                Touch.foot(in + 0.02, working),
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
