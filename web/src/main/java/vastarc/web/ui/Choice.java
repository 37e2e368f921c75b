package vastarc.web.ui;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.PassPlan;
import vastarc.core.sheet.Sheet;
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

    /** The passes of a sheet by number; empty where one pass does. */
    public static List<Choice> passes(Sheet sheet) {
        List<PassPlan.Pass> passes = sheet.passes().map(PassPlan::passes).orElse(List.of());
        return IntStream.rangeClosed(1, passes.size())
                .mapToObj(number -> new Choice(
                        String.valueOf(number),
                        number + " " + said("pass." + passes.get(number - 1).kind()),
                        number == sheet.pass()))
                .toList();
    }

    private static String said(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
