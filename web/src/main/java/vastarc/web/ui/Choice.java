package vastarc.web.ui;

import java.util.Arrays;
import java.util.List;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;

/** One option of a choice, finished for display. */
public record Choice(String value, String label, boolean selected) {

    /** Every value of an enumeration, spoken by {@code <words>.<name>}. */
    public static List<Choice> of(Enum<?>[] values, String words, String selected) {
        return Arrays.stream(values)
                .map(value -> new Choice(
                        value.name(),
                        said(words + "." + value.name()),
                        value.name().equals(selected)))
                .toList();
    }

    private static String said(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
