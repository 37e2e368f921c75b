package vastarc.web.store;

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
public record EntityDates(
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
    public static EntityDates read(JsonNode element) {
        JsonNode away = element.path(PUT_AWAY);
        return new EntityDates(
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
     * @throws IllegalArgumentException where it has some
     */
    public static void dateUnset(ObjectNode element, Instant now) {
        if (element.has(MADE) || element.has(UNDATED)) {
            throw new IllegalArgumentException("it holds days, which its version had not");
        }
        new EntityDates(now, now, null, false).write(element);
        element.put(UNDATED, true);
    }

    /**
     * {@return those of the thing it replaces, where its own are not given}
     *
     * @param kept the copies there are
     */
    public EntityDates inPlaceOf(EntityDates kept) {
        return dated ? this : new EntityDates(kept.made, kept.changed, putAway, true);
    }
}
