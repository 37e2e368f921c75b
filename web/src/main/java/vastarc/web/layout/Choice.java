package vastarc.web.layout;

import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.PassSchedule;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;

/** One option of a choice, finished for display. */
public record Choice(String value, String label, boolean selected) {
    /**
     * {@return an option named by words of the program; names that people typed are left as they are}
     *
     * @param value the value
     * @param words what it is called
     * @param selected whether it is selected
     */
    public static Choice labelled(String value, String words, boolean selected) {
        return new Choice(value, Labels.of(words), selected);
    }

    /**
     * {@return every value of an enumeration, its words: {@code <words>.<name>}}
     *
     * @param values the values to choose from
     * @param words beginning of the keys of their words
     * @param selected the value that is selected
     */
    public static List<Choice> of(Enum<?>[] values, String words, String selected) {
        return Arrays.stream(values)
                .map(value -> Choice.labelled(
                        value.name(),
                        said(words + "." + value.name()),
                        value.name().equals(selected)))
                .toList();
    }

    /**
     * {@return the passes of a sheet by number, and its tack, which is number 0}
     *
     * @param sheet the sheet
     * @param tack whether it is a tack
     */
    public static List<Choice> passes(SetupSheet sheet, boolean tack) {
        List<ScheduledPass> passes = sheet.passes().map(PassSchedule::passes).orElse(List.of());
        Choice tacked = Choice.labelled("0", "tack: fusion spot", tack);
        Stream<Choice> runs = passes.isEmpty()
                ? Stream.of(Choice.labelled("1", "weld", !tack))
                : IntStream.rangeClosed(1, passes.size())
                        .mapToObj(number -> Choice.labelled(
                                String.valueOf(number),
                                number + " "
                                        + said("pass." + passes.get(number - 1).kind()),
                                !tack && number == sheet.pass()));
        return Stream.concat(Stream.of(tacked), runs).toList();
    }

    private static String said(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }
}
