package vastarc.core.advice.cycle;

import java.util.Comparator;
import java.util.List;
import vastarc.core.advice.cycle.CycleTimeline.ChangeOrigin;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;

/**
 * The arc's life as a state machine: phases, timed by the panel's settings, driven by touches.
 *
 * <p>Slopes keep their rate: a down-slope entered from halfway up takes half the time, and a resumed up-slope takes what is left. A slope
 * of no time, or one the logic passes over, is a jump. At equal times the machine's own clock goes first.
 *
 * <p>This class is what the welder does; {@link ArcPhases} is what the machine makes of it, {@link PhaseTimer} its times and currents,
 * {@link ArcRecorder} what is left behind.
 */
public final class ArcStateMachine {

    /** From the spark to a steady arc, s. Judgement. */
    public static final double STRIKE_S = 0.1;

    /** A press shorter than this is a tap, s. Judgement: panels use 0.3 to 0.5 s. */
    public static final double TAP_S = 0.4;

    private static final int MOST_STEPS = 20_000;

    private final TriggerMode logic;
    private final List<OperatorInput> touches;
    private final PedalPath foot;
    private final ArcPhases arc;

    private ArcStateMachine(TriggerMode mode, CycleValues values, List<OperatorInput> inputs) {
        this.logic = mode;
        this.touches = inputs.stream()
                .sorted(Comparator.comparingDouble(OperatorInput::atS))
                .toList();
        this.foot = new PedalPath(this.touches);
        this.arc = new ArcPhases(mode, values, foot);
    }

    /**
     * Plays the touches until the machine is at rest again, or to a time if that comes first.
     *
     * @param mode the trigger mode
     * @param values the values
     * @param inputs what the welder does at the trigger, in order of time
     * @param mostS finite; an arc that still burns then is drawn up to it
     * @return the cycle timeline
     */
    public static CycleTimeline play(TriggerMode mode, CycleValues values, List<OperatorInput> inputs, double mostS) {
        return new ArcStateMachine(mode, values, inputs).run(mostS);
    }

    private CycleTimeline run(double mostS) {
        int next = 0;
        pointFoot(0);
        for (int step = 0; step < MOST_STEPS; step++) {
            double timeout = arc.timeoutS();
            double touch = next < touches.size() ? touches.get(next).atS() : Double.POSITIVE_INFINITY;
            double until = Math.min(timeout, touch);
            if (until > mostS || Double.isInfinite(until)) {
                if (arc.now() < mostS && (Double.isFinite(until) || arc.phase() != Phase.IDLE)) {
                    arc.advance(mostS);
                }
                break;
            }
            arc.advance(until);
            if (timeout <= touch) {
                arc.expire();
            } else {
                apply(touches.get(next));
                next++;
                pointFoot(next);
            }
        }
        return arc.timeline();
    }

    private void apply(OperatorInput input) {
        switch (input.kind()) {
            case PRESS -> touched(true);
            case RELEASE -> touched(false);
            case VALVE_OPEN -> arc.valve(true);
            case VALVE_CLOSE -> arc.valve(false);
            case FOOT -> {
                // The foot presses as it leaves its rest: when the way on from here leads off it.
            }
        }
    }

    /** Aims the foot at the next place it is known to reach. */
    private void pointFoot(int next) {
        if (logic.input() != TriggerInput.FOOT) {
            return;
        }
        boolean down = foot.aim(arc.now(), next);
        if (down != arc.isHeld()) {
            touched(down);
        }
    }

    private void touched(boolean press) {
        if (press == arc.isHeld()) {
            return;
        }
        boolean tapped = arc.hold(press);
        if (!tapped) {
            react(logic.reaction(arc.phase(), press));
        }
    }

    private void react(TriggerAction reaction) {
        ChangeOrigin touch = ChangeOrigin.TOUCH;
        switch (reaction) {
            case NONE -> {
                // passed over
            }
            case BEGIN -> arc.begin();
            case CANCEL -> arc.cancel();
            case UP -> arc.up(touch);
            case DOWN -> arc.down(touch);
            case RESUME -> arc.resume();
            case CUT -> arc.cut();
            case TAP -> arc.tap();
            case RESTRIKE -> arc.strike(touch);
        }
    }
}
