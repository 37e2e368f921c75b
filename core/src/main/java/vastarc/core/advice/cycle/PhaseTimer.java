package vastarc.core.advice.cycle;

import vastarc.core.advice.cycle.TriggerMode.ArcEnding;
import vastarc.core.advice.cycle.TriggerMode.SupportedSetting;
import vastarc.core.advice.cycle.TriggerMode.TriggerInput;

/** The machine's own clock: how long a phase lasts by the panel's settings, and which currents it leads to. */
final class PhaseTimer {

    private static final double FOREVER = Double.POSITIVE_INFINITY;

    private final TriggerMode logic;
    private final CycleValues values;

    PhaseTimer(TriggerMode mode, CycleValues values) {
        this.logic = mode;
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
            case PRE_FLOW -> logic.gasByHand() ? FOREVER : ifSupported(SupportedSetting.PRE_FLOW, CycleKey.PRE_FLOW);
            case STRIKE -> ArcStateMachine.STRIKE_S;
            case START_HOLD, END_HOLD -> held ? FOREVER : 0;
            case UP_SLOPE -> rampS(CycleKey.UP_SLOPE, mainA() - startA(), mainA() - enteredA);
            case WELD -> logic.isTack() ? values.of(CycleKey.SPOT_TIME) : FOREVER;
            case DOWN_SLOPE -> rampS(CycleKey.DOWN_SLOPE, mainA() - endA(), enteredA - endA());
            case ARC_OUT -> logic.timed() == ArcEnding.STITCH && held ? values.of(CycleKey.SPOT_PAUSE) : 0;
            case POST_FLOW -> logic.gasByHand() ? FOREVER : ifSupported(SupportedSetting.POST_FLOW, CycleKey.POST_FLOW);
        };
    }

    private double ifSupported(SupportedSetting honour, CycleKey key) {
        return logic.honours(honour) ? values.of(key) : 0;
    }

    /** Time for what is left of a slope at its own rate. */
    private double rampS(CycleKey slope, double wholeA, double leftA) {
        return leftA <= 0 || wholeA <= 0 ? 0 : values.of(slope) * Math.min(1, leftA / wholeA);
    }

    /** The slope takes no time, or the logic passes it over. */
    boolean isJump(SupportedSetting honour, CycleKey slope) {
        return !logic.honours(honour) || values.of(slope) == 0;
    }

    double mainA() {
        return values.of(logic.isTack() ? CycleKey.SPOT_CURRENT : CycleKey.WORKING_CURRENT);
    }

    double startA() {
        return Math.min(mainA(), values.of(CycleKey.START_CURRENT));
    }

    double endA() {
        return Math.min(mainA(), values.of(CycleKey.END_CURRENT));
    }

    /** Current at which the arc is struck, A. */
    double strikeA() {
        if (logic.input() == TriggerInput.FOOT) {
            return values.leastA();
        }
        return logic.honours(SupportedSetting.START_CURRENT) ? startA() : mainA();
    }

    double leastA() {
        return values.leastA();
    }

    /** Current of a foot at a place, A. */
    double footA(double place) {
        return Math.max(values.leastA(), place * ceilingA());
    }

    double ceilingA() {
        return values.of(CycleKey.PEDAL_CEILING);
    }
}
