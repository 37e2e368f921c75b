package vastarc.core.score;

import java.util.Optional;
import vastarc.core.heat.Pulse;
import vastarc.core.score.ControlLogic.Honour;
import vastarc.core.score.ControlLogic.Input;
import vastarc.core.score.ControlLogic.Timed;

/** Where the arc is in its life, and what brings it on: the machine's own clock, or what a hand asks for. */
final class ArcPhases {

    private static final double INSTANT = 1e-9;

    private final ControlLogic logic;
    private final ScoreValues values;
    private final FootPath foot;
    private final ArcClock clock;
    private final ArcRecorder recorder = new ArcRecorder();

    private Phase phase = Phase.IDLE;
    private double enteredS;
    private double enteredA;
    private boolean held;
    private boolean valveOpen;
    private boolean tapping;
    private double tappedS;
    private double beatOriginS;

    ArcPhases(ControlLogic logic, ScoreValues values, FootPath foot) {
        this.logic = logic;
        this.values = values;
        this.foot = foot;
        this.clock = new ArcClock(logic, values);
    }

    Phase phase() {
        return phase;
    }

    boolean isHeld() {
        return held;
    }

    /** What has been so far; a machine at rest is closed with a moment of rest. */
    Timeline timeline() {
        if (phase == Phase.IDLE) {
            record(now(), 0, 0);
        }
        return recorder.timeline(logic);
    }

    /** When the phase ends by the machine's own clock, s. */
    double timeoutS() {
        double own = Math.max(now(), enteredS + phaseS());
        return tapping ? Math.min(own, tappedS + ArcCycle.TAP_S) : own;
    }

    private double phaseS() {
        return clock.phaseS(phase, enteredA, held);
    }

    double now() {
        return recorder.now();
    }

    /** The machine's own clock brings the next phase. */
    void expire() {
        if (tapping && now() >= tappedS + ArcCycle.TAP_S - INSTANT) {
            tapping = false;
            down(Timeline.Cause.TOUCH);
            return;
        }
        switch (phase) {
            case PRE_FLOW -> strike(Timeline.Cause.TIME);
            case STRIKE -> struck();
            case START_HOLD -> up(Timeline.Cause.TIME);
            case UP_SLOPE -> weld(Timeline.Cause.TIME, clock.isJump(Honour.UP_SLOPE, ScoreKey.UP_SLOPE));
            case WELD -> enter(Phase.ARC_OUT, Timeline.Cause.TIME, 0, true);
            case DOWN_SLOPE -> endOfSlope();
            case END_HOLD -> enter(Phase.ARC_OUT, Timeline.Cause.TIME, 0, true);
            case ARC_OUT -> afterArc();
            case POST_FLOW -> enter(Phase.IDLE, Timeline.Cause.TIME, 0, false);
            default -> throw new IllegalStateException("no end of its own to " + phase);
        }
    }

    private void struck() {
        if (logic.startHold()) {
            enter(Phase.START_HOLD, Timeline.Cause.TIME, recorder.levelA(), false);
        } else {
            up(Timeline.Cause.TIME);
        }
    }

    private void endOfSlope() {
        if (logic.endHold()) {
            enter(Phase.END_HOLD, Timeline.Cause.TIME, recorder.levelA(), false);
        } else {
            enter(Phase.ARC_OUT, Timeline.Cause.TIME, 0, true);
        }
    }

    private void afterArc() {
        if (logic.timed() == Timed.STITCH && held) {
            strike(Timeline.Cause.TIME);
        } else {
            postFlow(Timeline.Cause.TIME);
        }
    }

    /**
     * The trigger is pressed or let go.
     *
     * @return it was a tap, and has been answered
     */
    boolean hold(boolean press) {
        held = press;
        boolean tap = tapping && !press;
        if (tap) {
            tapping = false;
            tapped();
        }
        return tap;
    }

    /** A press that is a tap if it is let go soon, and the end of the weld if it is not. */
    void tap() {
        tapping = true;
        tappedS = now();
    }

    void valve(boolean open) {
        valveOpen = open;
        if (open && phase == Phase.IDLE) {
            enter(Phase.PRE_FLOW, Timeline.Cause.TOUCH, 0, false);
        } else if (!open && (phase == Phase.PRE_FLOW || phase == Phase.POST_FLOW)) {
            enter(Phase.IDLE, Timeline.Cause.TOUCH, 0, false);
        }
    }

    void cancel() {
        enter(Phase.IDLE, Timeline.Cause.TOUCH, 0, false);
    }

    void begin() {
        if (logic.gasByHand()) {
            strike(Timeline.Cause.TOUCH);
        } else {
            enter(Phase.PRE_FLOW, Timeline.Cause.TOUCH, 0, false);
        }
    }

    void cut() {
        if (phase == Phase.ARC_OUT) {
            postFlow(Timeline.Cause.TOUCH);
        } else {
            enter(Phase.ARC_OUT, Timeline.Cause.TOUCH, 0, true);
        }
    }

    private void tapped() {
        if (phase == Phase.SECOND_CURRENT) {
            weld(Timeline.Cause.TOUCH, true);
        } else {
            enter(Phase.SECOND_CURRENT, Timeline.Cause.TOUCH, values.of(ScoreKey.SECOND_CURRENT), true);
        }
    }

    void strike(Timeline.Cause cause) {
        enter(Phase.STRIKE, cause, clock.strikeA(), true);
    }

    void up(Timeline.Cause cause) {
        if (logic.input() == Input.FOOT) {
            weld(cause, true);
        } else if (clock.isJump(Honour.UP_SLOPE, ScoreKey.UP_SLOPE)) {
            weld(cause, recorder.levelA() != clock.mainA());
        } else {
            enter(Phase.UP_SLOPE, cause, recorder.levelA(), false);
        }
    }

    private void weld(Timeline.Cause cause, boolean jumps) {
        enter(Phase.WELD, cause, logic.input() == Input.FOOT ? footA(now()) : clock.mainA(), jumps);
        beatOriginS = now();
    }

    void down(Timeline.Cause cause) {
        if (!logic.honours(Honour.DOWN_SLOPE)) {
            cut();
        } else if (values.of(ScoreKey.DOWN_SLOPE) == 0 && logic.endHold()) {
            enter(Phase.END_HOLD, cause, Math.min(recorder.levelA(), clock.endA()), true);
        } else {
            enter(Phase.DOWN_SLOPE, cause, recorder.levelA(), pulses());
        }
    }

    void resume() {
        if (clock.isJump(Honour.UP_SLOPE, ScoreKey.UP_SLOPE)) {
            weld(Timeline.Cause.TOUCH, true);
        } else {
            enter(Phase.UP_SLOPE, Timeline.Cause.TOUCH, recorder.levelA(), false);
        }
    }

    private void postFlow(Timeline.Cause cause) {
        if (logic.gasByHand() && !valveOpen) {
            enter(Phase.IDLE, cause, 0, false);
        } else {
            enter(Phase.POST_FLOW, cause, 0, false);
        }
    }

    private void enter(Phase to, Timeline.Cause cause, double currentA, boolean jumps) {
        recorder.enter(phase, to, cause, currentA, jumps);
        phase = to;
        tapping = false;
        enteredS = now();
        enteredA = currentA;
        if (to == Phase.ARC_OUT) {
            record(now(), currentA, currentA);
        }
    }

    private double footA(double timeS) {
        return clock.footA(foot.at(timeS));
    }

    void advance(double to) {
        if (phase == Phase.WELD && logic.input() == Input.FOOT) {
            // Below a place the arc stays at its least: the stretch has a kink where the foot passes it.
            stretch(foot.passesS(clock.leastA() / clock.ceilingA(), now(), to));
        }
        stretch(to);
    }

    private void stretch(double to) {
        if (to > now()) {
            record(to, recorder.levelA(), levelAt(to));
        }
    }

    private double levelAt(double timeS) {
        return switch (phase) {
            case WELD -> logic.input() == Input.FOOT ? footA(timeS) : clock.mainA();
            case UP_SLOPE -> along(timeS, clock.mainA());
            case DOWN_SLOPE -> along(timeS, Math.min(enteredA, clock.endA()));
            default -> recorder.levelA();
        };
    }

    private double along(double timeS, double targetA) {
        double length = phaseS();
        double share = length > 0 ? Math.min(1, (timeS - enteredS) / length) : 1;
        return enteredA + (targetA - enteredA) * share;
    }

    private boolean pulses() {
        return phase == Phase.WELD && logic.honours(Honour.PULSE) && values.of(ScoreKey.PULSE_RATE) > 0;
    }

    private Optional<Segment.Beat> beat() {
        Pulse pulse = values.pulse();
        return pulses() ? Optional.of(new Segment.Beat(pulse, beatOriginS, values.leastA())) : Optional.empty();
    }

    private void record(double to, double fromA, double toA) {
        boolean gas = logic.gasByHand() ? valveOpen : phase.machineGas();
        recorder.add(phase, to, fromA, toA, beat(), gas, held, foot.at(now()), foot.at(to));
    }
}
