package vastarc.web.request;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;

/**
 * What a page showed when a welder changed it, sent beside the change as {@code was.<name>}. Only what the welder changed is taken; the rest
 * stays as another window may have left it. A form that does not say what it showed means everything it sends.
 */
public final class ShownValues {

    private static final String WAS = "was.";

    private ShownValues() {}

    /**
     * {@return whether the welder changed a field}
     *
     * @param sent the fields as sent, by name
     * @param name the name
     */
    public static boolean isChanged(Map<String, String> sent, String name) {
        @Nullable String was = sent.get(WAS + name);
        return was == null || !was.equals(sent.getOrDefault(name, ""));
    }

    /**
     * {@return ticks of a row after a welder's changes}
     *
     * @param kept as they are stored by now
     * @param was as the page showed them; null where it does not say
     * @param ticked as the welder left them
     */
    public static Set<String> merged(List<String> kept, @Nullable List<String> was, List<String> ticked) {
        Set<String> merged = new TreeSet<>(was == null ? ticked : kept);
        if (was != null) {
            ticked.stream().filter(text -> !was.contains(text)).forEach(merged::add);
            was.stream().filter(text -> !ticked.contains(text)).forEach(merged::remove);
        }
        return merged;
    }
}
