package vastarc.core.advice.cycle;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.advice.cycle.TriggerMode.SupportedSetting;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.advice.cycle.WeldCycle.PedalTimes;

/** What a practised welder touches, and when, to play a weld cycle as it is. */
final class OperatorSequence {

    /** A switch that is only tapped stays down this long, s. */
    private static final double TAPPED_S = 0.15;

    /** Where in the weld the planned second current begins and ends. */
    private static final double SECOND_FROM = 0.5;

    private static final double SECOND_TO = 0.75;
    private static final double FOOT_REST_S = 0.3;
    private static final double FOOT_TOUCH = 0.02;
    private static final double FOOT_SETTLES_S = 0.02;

    private final TriggerMode logic;
    private final CycleValues values;

    private OperatorSequence(TriggerMode mode, CycleValues values) {
        this.logic = mode;
        this.values = values;
    }

    static List<OperatorInput> of(TriggerMode mode, CycleValues values) {
        return new OperatorSequence(mode, values).touches();
    }

    private List<OperatorInput> touches() {
        return switch (logic.input()) {
            case FOOT -> foot();
            case TOUCH -> byHand();
            case SWITCH ->
                switch (logic.timed()) {
                    case NO -> bySwitch();
                    case SPOT -> List.of(OperatorInput.press(0), OperatorInput.release(struckS() + spotS() + TAPPED_S));
                    case STITCH -> List.of(OperatorInput.press(0), OperatorInput.release(stitchedS()));
                };
        };
    }

    private double at(CycleKey key) {
        return values.of(key);
    }

    private double preS() {
        return logic.honours(SupportedSetting.PRE_FLOW) ? at(CycleKey.PRE_FLOW) : 0;
    }

    private double struckS() {
        return preS() + ArcStateMachine.STRIKE_S;
    }

    private double upS() {
        return logic.honours(SupportedSetting.UP_SLOPE) && at(CycleKey.START_CURRENT) < at(CycleKey.WORKING_CURRENT)
                ? at(CycleKey.UP_SLOPE)
                : 0;
    }

    private double spotS() {
        return at(CycleKey.SPOT_TIME);
    }

    /** What brings the weld on and ends it follows from what the logic makes of a press and of letting go. */
    private List<OperatorInput> bySwitch() {
        double go = struckS() + (logic.startHold() ? at(CycleKey.START_HOLD) : 0);
        double weld = go + upS();
        double end = weld + values.weldS();
        boolean heldWhileWelding = logic.reaction(Phase.WELD, false) != TriggerAction.NONE;
        if (heldWhileWelding) {
            return List.of(OperatorInput.press(0), OperatorInput.release(end));
        }
        List<OperatorInput> inputs = new ArrayList<>();
        inputs.add(OperatorInput.press(0));
        inputs.add(OperatorInput.release(logic.startHold() ? go : TAPPED_S));
        boolean taps = logic.reaction(Phase.WELD, true) == TriggerAction.TAP;
        if (taps && values.weldS() > 4 * ArcStateMachine.TAP_S) {
            tap(inputs, weld + SECOND_FROM * values.weldS());
            tap(inputs, weld + SECOND_TO * values.weldS());
        }
        inputs.add(OperatorInput.press(end));
        inputs.add(OperatorInput.release(end + (logic.endHold() ? endedS(taps) : TAPPED_S)));
        return inputs;
    }

    private static void tap(List<OperatorInput> inputs, double atS) {
        inputs.add(OperatorInput.press(atS));
        inputs.add(OperatorInput.release(atS + TAPPED_S));
    }

    /** From the last press until the end current has been held; a press that might be a tap is decided first. */
    private double endedS(boolean taps) {
        double slope = at(CycleKey.END_CURRENT) < at(CycleKey.WORKING_CURRENT) ? at(CycleKey.DOWN_SLOPE) : 0;
        return (taps ? ArcStateMachine.TAP_S : 0) + slope + at(CycleKey.END_HOLD);
    }

    /** Valve open, count, strike; snap away, hold still, close. */
    private List<OperatorInput> byHand() {
        double strike = at(CycleKey.PRE_FLOW);
        double out = strike + ArcStateMachine.STRIKE_S + values.weldS();
        return List.of(
                OperatorInput.valve(0, true),
                OperatorInput.press(strike),
                OperatorInput.release(out),
                OperatorInput.valve(out + at(CycleKey.POST_FLOW), false));
    }

    /** When a foot has brought the current up, and when it has taken it away again; empty where no foot does. */
    static Optional<PedalTimes> footTimes(TriggerMode mode, CycleValues values) {
        return mode.input() == TriggerInput.FOOT
                ? Optional.of(new OperatorSequence(mode, values).footTimes())
                : Optional.empty();
    }

    private PedalTimes footTimes() {
        double in = struckS() + at(CycleKey.FOOT_IN);
        return new PedalTimes(in + FOOT_SETTLES_S, in + values.weldS() + at(CycleKey.FOOT_OUT));
    }

    /** Touched, eased in to the working current, eased out to the least the arc holds, lifted. */
    private List<OperatorInput> foot() {
        double ceiling = at(CycleKey.PEDAL_CEILING);
        double working = Math.min(1, at(CycleKey.WORKING_CURRENT) / ceiling);
        double least = Math.max(FOOT_TOUCH, Math.min(working, values.leastA() / ceiling));
        PedalTimes times = footTimes();
        double out = struckS() + at(CycleKey.FOOT_IN) + values.weldS();
        double low = times.outS();
        return List.of(
                OperatorInput.foot(0, 0),
                OperatorInput.foot(struckS() * 0.5 + 0.01, least),
                OperatorInput.foot(struckS() + FOOT_SETTLES_S, least),
                OperatorInput.foot(times.inS(), working),
                OperatorInput.foot(out, working),
                OperatorInput.foot(low, least),
                OperatorInput.foot(low + FOOT_REST_S, least),
                OperatorInput.foot(low + FOOT_REST_S + 0.05, 0));
    }

    private double stitchedS() {
        int spots = values.spots();
        double value = ArcStateMachine.STRIKE_S + spotS();
        return preS()
                + spots * value
                + (spots - 1) * at(CycleKey.SPOT_PAUSE)
                + 0.5 * Math.min(0.1, at(CycleKey.SPOT_PAUSE));
    }
}
