package vastarc.core.advice.cycle;

import java.util.Optional;
import vastarc.core.advice.cycle.CurrentSegment.PulseOverlay;
import vastarc.core.advice.cycle.CycleTimeline.ChangeOrigin;
import vastarc.core.advice.cycle.TriggerMode.ArcEnding;
import vastarc.core.advice.cycle.TriggerMode.SupportedSetting;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;
import vastarc.core.physics.heat.Pulse;

/** Where the arc is in its life, and what brings it on: the machine's own clock, or what the welder asks for. */
final class ArcPhases {

    private static final double INSTANT = 1e-9;

    private final TriggerMode logic;
    private final CycleValues values;
    private final PedalPath foot;
    private final PhaseTimer clock;
    private final ArcRecorder recorder = new ArcRecorder();

    private Phase phase = Phase.IDLE;
    private double enteredS;
    private double enteredA;
    private boolean held;
    private boolean valveOpen;
    private boolean tapping;
    private double tappedS;
    private double beatOriginS;

    ArcPhases(TriggerMode mode, CycleValues values, PedalPath foot) {
        this.logic = mode;
        this.values = values;
        this.foot = foot;
        this.clock = new PhaseTimer(mode, values);
    }

    Phase phase() {
        return phase;
    }

    boolean isHeld() {
        return held;
    }

    /** What has been so far; a machine at rest is closed with a moment of rest. */
    CycleTimeline timeline() {
        if (phase == Phase.IDLE) {
            record(now(), 0, 0);
        }
        return recorder.timeline(logic);
    }

    /** When the phase ends by the machine's own clock, s. */
    double timeoutS() {
        double own = Math.max(now(), enteredS + phaseS());
        return tapping ? Math.min(own, tappedS + ArcStateMachine.TAP_S) : own;
    }

    private double phaseS() {
        return clock.phaseS(phase, enteredA, held);
    }

    double now() {
        return recorder.now();
    }

    /** The machine's own clock brings the next phase. */
    void expire() {
        if (tapping && now() >= tappedS + ArcStateMachine.TAP_S - INSTANT) {
            tapping = false;
            down(ChangeOrigin.TOUCH);
            return;
        }
        switch (phase) {
            case PRE_FLOW -> strike(ChangeOrigin.TIME);
            case STRIKE -> struck();
            case START_HOLD -> up(ChangeOrigin.TIME);
            case UP_SLOPE -> weld(ChangeOrigin.TIME, clock.isJump(SupportedSetting.UP_SLOPE, CycleKey.UP_SLOPE));
            case WELD -> enter(Phase.ARC_OUT, ChangeOrigin.TIME, 0, true);
            case DOWN_SLOPE -> endOfSlope();
            case END_HOLD -> enter(Phase.ARC_OUT, ChangeOrigin.TIME, 0, true);
            case ARC_OUT -> afterArc();
            case POST_FLOW -> enter(Phase.IDLE, ChangeOrigin.TIME, 0, false);
            default -> throw new IllegalStateException("no end of its own to " + phase);
        }
    }

    private void struck() {
        if (logic.startHold()) {
            enter(Phase.START_HOLD, ChangeOrigin.TIME, recorder.levelA(), false);
        } else {
            up(ChangeOrigin.TIME);
        }
    }

    private void endOfSlope() {
        if (logic.endHold()) {
            enter(Phase.END_HOLD, ChangeOrigin.TIME, recorder.levelA(), false);
        } else {
            enter(Phase.ARC_OUT, ChangeOrigin.TIME, 0, true);
        }
    }

    private void afterArc() {
        if (logic.timed() == ArcEnding.STITCH && held) {
            strike(ChangeOrigin.TIME);
        } else {
            postFlow(ChangeOrigin.TIME);
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
            enter(Phase.PRE_FLOW, ChangeOrigin.TOUCH, 0, false);
        } else if (!open && (phase == Phase.PRE_FLOW || phase == Phase.POST_FLOW)) {
            enter(Phase.IDLE, ChangeOrigin.TOUCH, 0, false);
        }
    }

    void cancel() {
        enter(Phase.IDLE, ChangeOrigin.TOUCH, 0, false);
    }

    void begin() {
        if (logic.gasByHand()) {
            strike(ChangeOrigin.TOUCH);
        } else {
            enter(Phase.PRE_FLOW, ChangeOrigin.TOUCH, 0, false);
        }
    }

    void cut() {
        if (phase == Phase.ARC_OUT) {
            postFlow(ChangeOrigin.TOUCH);
        } else {
            enter(Phase.ARC_OUT, ChangeOrigin.TOUCH, 0, true);
        }
    }

    private void tapped() {
        if (phase == Phase.SECOND_CURRENT) {
            weld(ChangeOrigin.TOUCH, true);
        } else {
            enter(Phase.SECOND_CURRENT, ChangeOrigin.TOUCH, values.of(CycleKey.SECOND_CURRENT), true);
        }
    }

    void strike(ChangeOrigin cause) {
        enter(Phase.STRIKE, cause, clock.strikeA(), true);
    }

    void up(ChangeOrigin cause) {
        if (logic.input() == TriggerInput.FOOT) {
            weld(cause, true);
        } else if (clock.isJump(SupportedSetting.UP_SLOPE, CycleKey.UP_SLOPE)) {
            weld(cause, recorder.levelA() != clock.mainA());
        } else {
            enter(Phase.UP_SLOPE, cause, recorder.levelA(), false);
        }
    }

    private void weld(ChangeOrigin cause, boolean jumps) {
        enter(Phase.WELD, cause, logic.input() == TriggerInput.FOOT ? footA(now()) : clock.mainA(), jumps);
        beatOriginS = now();
    }

    void down(ChangeOrigin cause) {
        if (!logic.honours(SupportedSetting.DOWN_SLOPE)) {
            cut();
        } else if (values.of(CycleKey.DOWN_SLOPE) == 0 && logic.endHold()) {
            enter(Phase.END_HOLD, cause, Math.min(recorder.levelA(), clock.endA()), true);
        } else {
            enter(Phase.DOWN_SLOPE, cause, recorder.levelA(), pulses());
        }
    }

    void resume() {
        if (clock.isJump(SupportedSetting.UP_SLOPE, CycleKey.UP_SLOPE)) {
            weld(ChangeOrigin.TOUCH, true);
        } else {
            enter(Phase.UP_SLOPE, ChangeOrigin.TOUCH, recorder.levelA(), false);
        }
    }

    private void postFlow(ChangeOrigin cause) {
        if (logic.gasByHand() && !valveOpen) {
            enter(Phase.IDLE, cause, 0, false);
        } else {
            enter(Phase.POST_FLOW, cause, 0, false);
        }
    }

    private void enter(Phase to, ChangeOrigin cause, double currentA, boolean jumps) {
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
        if (phase == Phase.WELD && logic.input() == TriggerInput.FOOT) {
            // Below a place the arc stays at its least: the segment has a kink where the pedal passes it.
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
            case WELD -> logic.input() == TriggerInput.FOOT ? footA(timeS) : clock.mainA();
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
        return phase == Phase.WELD && logic.honours(SupportedSetting.PULSE) && values.of(CycleKey.PULSE_RATE) > 0;
    }

    private Optional<PulseOverlay> beat() {
        Pulse pulse = values.pulse();
        return pulses() ? Optional.of(new PulseOverlay(pulse, beatOriginS, values.leastA())) : Optional.empty();
    }

    private void record(double to, double fromA, double toA) {
        boolean gas = logic.gasByHand() ? valveOpen : phase.machineGas();
        recorder.add(phase, to, fromA, toA, beat(), gas, held, foot.at(now()), foot.at(to));
    }
}
