package vastarc.core.input;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.tables.Table;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.input.InputField.InputKind;

/**
 * What shops write in their lists: which field a heading names, and which choice a word means. Case, spaces and marks do not count. Source: table
 * {@code joint-words.csv}, the fields' own names, words and aliases.
 */
public final class InputAliases {

    private static final Map<String, InputField<?>> HEADINGS = headings();
    private static final Map<String, Map<String, String>> CHOICES = choices();

    private InputAliases() {}

    private static String bare(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }

    private static Map<String, InputField<?>> headings() {
        Map<String, InputField<?>> headings = new HashMap<>();
        WeldFields.ALL.forEach(field -> headings.put(bare(field.name()), field));
        headings.put(bare(WeldFields.THICKNESSES), WeldFields.BASE);
        for (InputField<?> field : WeldFields.ALL) {
            Stream.concat(Phrasebook.find(field.words()).stream(), field.aliases().stream())
                    .forEach(word -> headings.putIfAbsent(bare(word), field));
        }
        return OrderedCollections.map(headings);
    }

    private static Map<String, Map<String, String>> choices() {
        Map<String, Map<String, String>> choices = new HashMap<>();
        for (InputField<?> field : WeldFields.ALL) {
            Map<String, String> own = new HashMap<>();
            spoken(field).forEach((word, value) -> own.putIfAbsent(bare(word), value));
            choices.put(field.name(), own);
        }
        for (Table.Row row : Table.read("joint-words.csv", Set.of("field", "value", "words"))) {
            Map<String, String> own = choices.get(row.text("field"));
            if (own == null) {
                throw new IllegalStateException("joint-words.csv names a field that is none: " + row.text("field"));
            }
            Arrays.stream(row.text("words").split(";")).forEach(word -> own.putIfAbsent(bare(word), row.text("value")));
        }
        return OrderedCollections.map(choices);
    }

    private static <T> Map<String, String> spoken(InputField<T> field) {
        Map<String, String> words = new HashMap<>();
        for (T choice : field.choices()) {
            words.put(choice.toString(), choice.toString());
            Phrasebook.find(field.words(choice)).ifPresent(word -> words.putIfAbsent(word, choice.toString()));
        }
        if (field.kind() == InputKind.FLAG) {
            List.of("true", "false").forEach(value -> words.put(value, value));
        }
        return words;
    }

    /**
     * {@return the field a heading names; empty for none}
     *
     * @param heading the heading
     */
    public static Optional<InputField<?>> field(String heading) {
        return Optional.ofNullable(HEADINGS.get(bare(heading)));
    }

    /**
     * {@return the choice a word means in a field; empty where it is none, or the field is no choice}
     *
     * @param field the input
     * @param word the word
     */
    public static Optional<String> choice(InputField<?> field, String word) {
        return Optional.ofNullable(CHOICES.getOrDefault(field.name(), Map.of()).get(bare(word)));
    }
}
