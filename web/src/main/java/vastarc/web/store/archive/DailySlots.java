package vastarc.web.store.archive;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The days of something that is stored.
 *
 * @param putAway when it was archived; null where it is in use
 * @param dated   whether the archive has them; archives before version 3 do not, and a new thing gets those of today
 */
public record DailySlots(
        Instant made, Instant changed, @Nullable Instant putAway, boolean dated) {

    private static final String MADE = "made";
    private static final String CHANGED = "changed";
    private static final String PUT_AWAY = "putAway";
    private static final String UNDATED = "undated";

    /**
     * Writes these times into an element.
     *
     * @param element the element to write to
     */
    public void write(ObjectNode element) {
        element.put(MADE, made.toString());
        element.put(CHANGED, changed.toString());
        element.put(PUT_AWAY, putAway == null ? null : putAway.toString());
    }

    /**
     * {@return the days an element has, or those that {@link #dateUnset} has put in}
     *
     * @param element the element as read
     */
    public static DailySlots read(JsonNode element) {
        JsonNode away = element.path(PUT_AWAY);
        return new DailySlots(
                Instant.parse(element.path(MADE).asString()),
                Instant.parse(element.path(CHANGED).asString()),
                away.isString() ? Instant.parse(away.asString()) : null,
                !element.has(UNDATED));
    }

    /**
     * Puts days into an element that has none.
     *
     * @param element the element to write to
     * @param now the time
     */
    public static void dateUnset(ObjectNode element, Instant now) {
        new DailySlots(now, now, null, false).write(element);
        element.put(UNDATED, true);
    }

    /**
     * {@return those of the thing it replaces, where its own are not given}
     *
     * @param kept the copies there are
     */
    public DailySlots inPlaceOf(DailySlots kept) {
        return dated ? this : new DailySlots(kept.made, kept.changed, putAway, true);
    }
}
