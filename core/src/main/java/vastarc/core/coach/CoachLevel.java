package vastarc.core.coach;

/** How much a welder wants to hear. */
public enum CoachLevel {
    /** Everything, from the gas before the arc to the wait after it. */
    BEGINNER,
    /** The pace of rod and torch, the end of the weld, and what cannot wait. */
    PACE,
    /** Only what meters show to be wrong, and the duty. */
    WARNINGS;

    /**
     * {@return whether a cue is heard at this level; what meters show to be wrong is heard at each}
     *
     * @param kind what the cue says
     */
    public boolean hears(CueKind kind) {
        return kind.isLive()
                || switch (this) {
                    case BEGINNER -> true;
                    case PACE ->
                        switch (kind) {
                            case DAB, TRAVEL, HALFWAY, EASE_OFF, BREAK_ARC, HOLD, LIFT, DIP -> true;
                            default -> false;
                        };
                    case WARNINGS -> kind == CueKind.DUTY;
                };
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "coach.level." + name();
    }
}
