package vastarc.core.score;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import vastarc.core.heat.Pulse;
import vastarc.core.score.ControlLogic.Honour;
import vastarc.core.score.ControlLogic.Input;
import vastarc.core.score.ControlLogic.Timed;

/**
 * The arc's life as a state machine: phases, timed by the panel's settings, driven by touches.
 *
 * <p>Slopes keep their rate: a down-slope entered from halfway up takes half the time, and a resumed up-slope takes what is left. A slope
 * of no time, or one the logic passes over, is a jump. At equal times the machine's own clock goes first.
 */
public final class ArcCycle {

    /** From the spark to an arc that stands, s. Judgement. */
    public static final double STRIKE_S = 0.1;

    /** A press shorter than this is a tap, s. Judgement: panels use 0.3 to 0.5 s. */
    public static final double TAP_S = 0.4;

    private static final int MOST_STEPS = 20_000;
    private static final double INSTANT = 1e-9;

    private final ControlLogic logic;
    private final ScoreValues values;
    private final List<Touch> touches;
    private final List<Segment> segments = new ArrayList<>();
    private final List<Timeline.Change> changes = new ArrayList<>();

    private Phase phase = Phase.IDLE;
    private double now;
    private double enteredS;
    private double enteredA;
    private double level;
    private boolean jump;
    private boolean held;
    private boolean valveOpen;
    private boolean tapping;
    private double tappedS;
    private double footFromS;
    private double footFrom;
    private double footToS = Double.POSITIVE_INFINITY;
    private double footTo;
    private double beatOriginS;

    private ArcCycle(ControlLogic logic, ScoreValues values, List<Touch> touches) {
        this.logic = logic;
        this.values = values;
        this.touches =
                touches.stream().sorted(Comparator.comparingDouble(Touch::atS)).toList();
    }

    /**
     * Plays the touches until the machine is at rest again, or to a time if that comes first.
     *
     * @param mostS finite; an arc that still burns then is drawn up to it
     */
    public static Timeline play(ControlLogic logic, ScoreValues values, List<Touch> touches, double mostS) {
        return new ArcCycle(logic, values, touches).run(mostS);
    }

    private Timeline run(double mostS) {
        int next = 0;
        pointFoot(0);
        for (int step = 0; step < MOST_STEPS; step++) {
            double timeout = timeoutS();
            double touch = next < touches.size() ? touches.get(next).atS() : Double.POSITIVE_INFINITY;
            double until = Math.min(timeout, touch);
            if (until > mostS || Double.isInfinite(until)) {
                if (now < mostS && (Double.isFinite(until) || phase != Phase.IDLE)) {
                    advance(mostS);
                }
                break;
            }
            advance(until);
            if (timeout <= touch) {
                expire();
            } else {
                apply(touches.get(next));
                next++;
                pointFoot(next);
            }
        }
        if (phase == Phase.IDLE) {
            add(now, 0, 0);
        }
        return new Timeline(logic, segments, changes);
    }

    // --- time

    /** When the phase ends by the machine's own clock, s. */
    private double timeoutS() {
        double own = enteredS + phaseS();
        return tapping ? Math.min(own, tappedS + TAP_S) : own;
    }

    private double phaseS() {
        double forever = Double.POSITIVE_INFINITY;
        return switch (phase) {
            case IDLE -> forever;
            case PRE_FLOW -> logic.gasByHand() ? forever : honoured(Honour.PRE_FLOW, ScoreKey.PRE_FLOW);
            case STRIKE -> STRIKE_S;
            case START_HOLD -> held ? forever : now - enteredS;
            case UP_SLOPE -> rampS(ScoreKey.UP_SLOPE, mainA() - startA(), mainA() - enteredA);
            case WELD -> logic.isTack() ? values.of(ScoreKey.SPOT_TIME) : forever;
            case SECOND_CURRENT -> forever;
            case DOWN_SLOPE -> rampS(ScoreKey.DOWN_SLOPE, mainA() - endA(), enteredA - endA());
            case END_HOLD -> held ? forever : now - enteredS;
            case ARC_OUT -> logic.timed() == Timed.STITCH && held ? values.of(ScoreKey.SPOT_PAUSE) : 0;
            case POST_FLOW -> logic.gasByHand() ? forever : honoured(Honour.POST_FLOW, ScoreKey.POST_FLOW);
        };
    }

    private double honoured(Honour honour, ScoreKey key) {
        return logic.honours(honour) ? values.of(key) : 0;
    }

    /** Time for what is left of a slope at its own rate. */
    private double rampS(ScoreKey slope, double wholeA, double leftA) {
        return leftA <= 0 || wholeA <= 0 ? 0 : values.of(slope) * Math.min(1, leftA / wholeA);
    }

    private void expire() {
        if (tapping && now >= tappedS + TAP_S - INSTANT) {
            tapping = false;
            down(Timeline.Cause.TOUCH);
            return;
        }
        switch (phase) {
            case PRE_FLOW -> strike(Timeline.Cause.TIME);
            case STRIKE -> struck();
            case START_HOLD -> up(Timeline.Cause.TIME);
            case UP_SLOPE -> weld(Timeline.Cause.TIME, slopeless(Honour.UP_SLOPE, ScoreKey.UP_SLOPE));
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
            enter(Phase.START_HOLD, Timeline.Cause.TIME, level, false);
        } else {
            up(Timeline.Cause.TIME);
        }
    }

    private void endOfSlope() {
        if (logic.endHold()) {
            enter(Phase.END_HOLD, Timeline.Cause.TIME, level, false);
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

    // --- touches

    private void apply(Touch touch) {
        switch (touch.kind()) {
            case PRESS -> touched(true);
            case RELEASE -> touched(false);
            case VALVE_OPEN -> valve(true);
            case VALVE_CLOSE -> valve(false);
            case FOOT -> {
                // The foot presses as it leaves its rest: when the way on from here leads off it.
            }
        }
    }

    /** Aims the foot from where it is at the next place it is known to reach. */
    private void pointFoot(int from) {
        if (logic.input() != Input.FOOT) {
            return;
        }
        footFrom = footAt(now);
        footFromS = now;
        Optional<Touch> to = touches.stream()
                .skip(from)
                .filter(touch -> touch.kind() == Touch.Kind.FOOT)
                .findFirst();
        footToS = to.map(Touch::atS).orElse(Double.POSITIVE_INFINITY);
        footTo = to.map(Touch::foot).orElse(footFrom);
        boolean down = footFrom > INSTANT || footTo > INSTANT;
        if (down != held) {
            touched(down);
        }
    }

    private double footAt(double timeS) {
        if (Double.isInfinite(footToS) || footToS <= footFromS) {
            return timeS >= footToS ? footTo : footFrom;
        }
        double share = Math.min(1, (timeS - footFromS) / (footToS - footFromS));
        return footFrom + (footTo - footFrom) * share;
    }

    private void valve(boolean open) {
        valveOpen = open;
        if (open && phase == Phase.IDLE) {
            enter(Phase.PRE_FLOW, Timeline.Cause.TOUCH, 0, false);
        } else if (!open && (phase == Phase.PRE_FLOW || phase == Phase.POST_FLOW)) {
            enter(Phase.IDLE, Timeline.Cause.TOUCH, 0, false);
        }
    }

    private void touched(boolean press) {
        if (press == held) {
            return;
        }
        held = press;
        if (tapping && !press) {
            tapping = false;
            tapped();
            return;
        }
        react(logic.reaction(phase, press));
    }

    private void react(Reaction reaction) {
        Timeline.Cause touch = Timeline.Cause.TOUCH;
        switch (reaction) {
            case NONE -> {
                // passed over
            }
            case BEGIN -> begin();
            case CANCEL -> enter(Phase.IDLE, touch, 0, false);
            case UP -> up(touch);
            case DOWN -> down(touch);
            case RESUME -> resume();
            case CUT -> cut();
            case TAP -> {
                tapping = true;
                tappedS = now;
            }
            case RESTRIKE -> strike(touch);
        }
    }

    private void begin() {
        if (logic.gasByHand()) {
            strike(Timeline.Cause.TOUCH);
        } else {
            enter(Phase.PRE_FLOW, Timeline.Cause.TOUCH, 0, false);
        }
    }

    private void cut() {
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

    // --- phases

    private void strike(Timeline.Cause cause) {
        enter(Phase.STRIKE, cause, strikeA(), true);
    }

    private double strikeA() {
        if (logic.input() == Input.FOOT) {
            return values.leastA();
        }
        return logic.honours(Honour.START_CURRENT) ? startA() : mainA();
    }

    private void up(Timeline.Cause cause) {
        if (logic.input() == Input.FOOT) {
            weld(cause, true);
        } else if (slopeless(Honour.UP_SLOPE, ScoreKey.UP_SLOPE)) {
            weld(cause, level != mainA());
        } else {
            enter(Phase.UP_SLOPE, cause, level, false);
        }
    }

    private void weld(Timeline.Cause cause, boolean jumps) {
        enter(Phase.WELD, cause, logic.input() == Input.FOOT ? footCurrentA(now) : mainA(), jumps);
        beatOriginS = now;
    }

    private void down(Timeline.Cause cause) {
        if (!logic.honours(Honour.DOWN_SLOPE)) {
            cut();
        } else if (values.of(ScoreKey.DOWN_SLOPE) == 0 && logic.endHold()) {
            enter(Phase.END_HOLD, cause, Math.min(level, endA()), true);
        } else {
            enter(Phase.DOWN_SLOPE, cause, level, pulses());
        }
    }

    private void resume() {
        if (slopeless(Honour.UP_SLOPE, ScoreKey.UP_SLOPE)) {
            weld(Timeline.Cause.TOUCH, true);
        } else {
            enter(Phase.UP_SLOPE, Timeline.Cause.TOUCH, level, false);
        }
    }

    private void postFlow(Timeline.Cause cause) {
        if (logic.gasByHand() && !valveOpen) {
            enter(Phase.IDLE, cause, 0, false);
        } else {
            enter(Phase.POST_FLOW, cause, 0, false);
        }
    }

    private boolean slopeless(Honour honour, ScoreKey slope) {
        return !logic.honours(honour) || values.of(slope) == 0;
    }

    private void enter(Phase to, Timeline.Cause cause, double currentA, boolean jumps) {
        changes.add(new Timeline.Change(now, phase, to, cause, level, currentA));
        phase = to;
        tapping = false;
        enteredS = now;
        enteredA = currentA;
        level = currentA;
        jump = jumps;
        if (to == Phase.ARC_OUT) {
            add(now, currentA, currentA);
        }
    }

    private double mainA() {
        return values.of(logic.isTack() ? ScoreKey.SPOT_CURRENT : ScoreKey.WORKING_CURRENT);
    }

    private double startA() {
        return Math.min(mainA(), values.of(ScoreKey.START_CURRENT));
    }

    private double endA() {
        return Math.min(mainA(), values.of(ScoreKey.END_CURRENT));
    }

    private double footCurrentA(double timeS) {
        return Math.max(values.leastA(), footAt(timeS) * values.of(ScoreKey.PEDAL_CEILING));
    }

    // --- stretches

    private void advance(double to) {
        if (to <= now) {
            return;
        }
        if (phase == Phase.WELD && logic.input() == Input.FOOT) {
            double ceiling = values.of(ScoreKey.PEDAL_CEILING);
            double kink = kinkS(values.leastA() / ceiling, to);
            stretch(kink);
            stretch(to);
        } else {
            stretch(to);
        }
    }

    /** When the foot passes the place below which the arc stays at its least, s; {@code to} where it does not. */
    private double kinkS(double place, double to) {
        double from = footAt(now) - place;
        double end = footAt(to) - place;
        return from * end < 0 ? now + (to - now) * from / (from - end) : to;
    }

    private void stretch(double to) {
        if (to > now) {
            add(to, level, levelAt(to));
        }
    }

    private double levelAt(double timeS) {
        return switch (phase) {
            case WELD -> logic.input() == Input.FOOT ? footCurrentA(timeS) : mainA();
            case UP_SLOPE -> along(timeS, mainA());
            case DOWN_SLOPE -> along(timeS, Math.min(enteredA, endA()));
            default -> level;
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

    private void add(double to, double fromA, double toA) {
        boolean gas = logic.gasByHand() ? valveOpen : phase.machineGas();
        segments.add(
                new Segment(phase, now, to, fromA, toA, beat(), gas, held, footAt(now), footAt(to), jump || pulses()));
        jump = false;
        level = toA;
        now = to;
    }
}
