package vastarc.core.record.assembly;

import java.util.List;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;

/** The state of a seam. */
public enum SeamState {
    /** It has a hold point that nobody has signed. */
    HELD,
    /** It is to be welded. */
    OPEN,
    /** It is welded, or repaired, and waits to be examined. */
    WELDED,
    /** Its last examination accepted it. */
    ACCEPTED,
    /** Its last examination rejected it: it is to be repaired. */
    REJECTED;

    /**
     * {@return the state of a seam after what happened to it}
     *
     * @param hold   whether it has a hold point
     * @param events in the order they happened; an examination of a seam that was not welded counts for nothing
     */
    public static SeamState of(boolean hold, List<SeamEvent> events) {
        SeamState state = hold ? HELD : OPEN;
        for (SeamEvent event : events) {
            state = state.after(event);
        }
        return state;
    }

    private SeamState after(SeamEvent event) {
        return switch (event.kind()) {
            case RELEASED -> this == HELD ? OPEN : this;
            case WELDED, REPAIRED -> WELDED;
            case EXAMINED -> isWelded() ? event.accepted() ? ACCEPTED : REJECTED : this;
        };
    }

    /** {@return whether it has been welded} */
    public boolean isWelded() {
        return this == WELDED || this == ACCEPTED || this == REJECTED;
    }

    /**
     * {@return what may be entered next, in the order it is usually done}
     *
     * <p>Welding past a hold point can be entered: it has happened then, and the log says that nobody had signed.
     */
    public List<SeamEventKind> next() {
        return switch (this) {
            case HELD -> List.of(SeamEventKind.RELEASED, SeamEventKind.WELDED);
            case OPEN -> List.of(SeamEventKind.WELDED);
            case WELDED, ACCEPTED -> List.of(SeamEventKind.EXAMINED, SeamEventKind.REPAIRED);
            case REJECTED -> List.of(SeamEventKind.REPAIRED, SeamEventKind.EXAMINED);
        };
    }
}
