package vastarc.web.store.archive;

import java.time.Instant;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * The days of something that is kept.
 *
 * @param putAway when it was put away; null where it is in use
 * @param told    whether an archive tells them; where it does not, as those before version 3, they are those of a thing that is new
 */
public record DailySlots(
        Instant made, Instant changed, @Nullable Instant putAway, boolean told) {

    private static final String MADE = "made";
    private static final String CHANGED = "changed";
    private static final String PUT_AWAY = "putAway";
    private static final String UNDATED = "untold";

    public void write(ObjectNode element) {
        element.put(MADE, made.toString());
        element.put(CHANGED, changed.toString());
        element.put(PUT_AWAY, putAway == null ? null : putAway.toString());
    }

    /** The days an element tells, or those that {@link #untold} has put in. */
    public static DailySlots read(JsonNode element) {
        JsonNode away = element.path(PUT_AWAY);
        return new DailySlots(
                Instant.parse(element.path(MADE).asString()),
                Instant.parse(element.path(CHANGED).asString()),
                away.isString() ? Instant.parse(away.asString()) : null,
                !element.has(UNDATED));
    }

    /** Puts days into an element that tells none. */
    public static void dateUnset(ObjectNode element, Instant now) {
        new DailySlots(now, now, null, false).write(element);
        element.put(UNDATED, true);
    }

    /** Those of the thing it replaces, where its own are not told. */
    public DailySlots inPlaceOf(DailySlots kept) {
        return told ? this : new DailySlots(kept.made, kept.changed, putAway, true);
    }
}
