package vastarc.core.score;

import vastarc.core.score.ControlLogic.Honour;
import vastarc.core.score.ControlLogic.Timed;

/** The machine's own clock: how long a phase lasts by the panel's settings, and which currents it leads to. */
final class ArcClock {

    private static final double FOREVER = Double.POSITIVE_INFINITY;

    private final ControlLogic logic;
    private final ScoreValues values;

    ArcClock(ControlLogic logic, ScoreValues values) {
        this.logic = logic;
        this.values = values;
    }

    /**
     * How long a phase lasts, s; infinite where only a touch ends it, 0 where it is over at once.
     *
     * @param enteredA current at which it was entered, A
     * @param held     the trigger is held
     */
    double phaseS(Phase phase, double enteredA, boolean held) {
        return switch (phase) {
            case IDLE, SECOND_CURRENT -> FOREVER;
            case PRE_FLOW -> logic.gasByHand() ? FOREVER : honoured(Honour.PRE_FLOW, ScoreKey.PRE_FLOW);
            case STRIKE -> ArcCycle.STRIKE_S;
            case START_HOLD, END_HOLD -> held ? FOREVER : 0;
            case UP_SLOPE -> rampS(ScoreKey.UP_SLOPE, mainA() - startA(), mainA() - enteredA);
            case WELD -> logic.isTack() ? values.of(ScoreKey.SPOT_TIME) : FOREVER;
            case DOWN_SLOPE -> rampS(ScoreKey.DOWN_SLOPE, mainA() - endA(), enteredA - endA());
            case ARC_OUT -> logic.timed() == Timed.STITCH && held ? values.of(ScoreKey.SPOT_PAUSE) : 0;
            case POST_FLOW -> logic.gasByHand() ? FOREVER : honoured(Honour.POST_FLOW, ScoreKey.POST_FLOW);
        };
    }

    private double honoured(Honour honour, ScoreKey key) {
        return logic.honours(honour) ? values.of(key) : 0;
    }

    /** Time for what is left of a slope at its own rate. */
    private double rampS(ScoreKey slope, double wholeA, double leftA) {
        return leftA <= 0 || wholeA <= 0 ? 0 : values.of(slope) * Math.min(1, leftA / wholeA);
    }

    /** The slope takes no time, or the logic passes it over. */
    boolean isJump(Honour honour, ScoreKey slope) {
        return !logic.honours(honour) || values.of(slope) == 0;
    }

    double mainA() {
        return values.of(logic.isTack() ? ScoreKey.SPOT_CURRENT : ScoreKey.WORKING_CURRENT);
    }

    double startA() {
        return Math.min(mainA(), values.of(ScoreKey.START_CURRENT));
    }

    double endA() {
        return Math.min(mainA(), values.of(ScoreKey.END_CURRENT));
    }

    /** Current at which the arc is struck, A. */
    double strikeA() {
        if (logic.input() == ControlLogic.Input.FOOT) {
            return values.leastA();
        }
        return logic.honours(Honour.START_CURRENT) ? startA() : mainA();
    }

    double leastA() {
        return values.leastA();
    }

    /** Current of a foot at a place, A. */
    double footA(double place) {
        return Math.max(values.leastA(), place * ceilingA());
    }

    double ceilingA() {
        return values.of(ScoreKey.PEDAL_CEILING);
    }
}
