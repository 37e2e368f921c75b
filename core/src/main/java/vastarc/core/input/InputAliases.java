package vastarc.core.input;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.tables.Table;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.input.InputField.InputKind;

/**
 * What shops write in their lists: which field a heading names, and which choice a word means. Case, spaces and marks do not count. Source: table
 * {@code joint-words.csv}, the fields' own names, words and aliases.
 */
public final class InputAliases {

    /** Answers to a heading, which say nothing of a joint by themselves. */
    private static final Set<String> UNDER_A_HEADING = Set.of(
            "yes",
            "no",
            "none",
            "with",
            "without",
            "true",
            "false",
            "open",
            "accessible",
            "notaccessible",
            "normal",
            "general",
            "standard",
            "plain",
            "up",
            "down",
            "fixed",
            "argon",
            "wire",
            "filler",
            "square",
            "scratch",
            "carbon",
            "x");

    private static final Map<String, InputField<?>> HEADINGS = headings();
    private static final Map<String, Map<String, String>> CHOICES = choices();

    private static final Map<String, WordMeaning> MEANINGS = meanings();

    /** Words that mean something under a heading only. */
    private static final int SHORTEST_WORD = 2;

    /**
     * What a word means by itself.
     *
     * @param field the field it belongs to
     * @param value the choice it names
     */
    record WordMeaning(InputField<?> field, String value) {}

    private InputAliases() {}

    /** Of a word that belongs to several fields the first of them. Yes and no, and what says nothing alone, are left out. */
    private static Map<String, WordMeaning> meanings() {
        Map<String, WordMeaning> meanings = new HashMap<>();
        for (InputField<?> field : WeldFields.ALL) {
            Maps.get(CHOICES, field.name()).forEach((word, value) -> {
                if (field != WeldFields.OTHER_MATERIAL && !UNDER_A_HEADING.contains(word) && isWord(field, word)) {
                    meanings.putIfAbsent(word, new WordMeaning(field, value));
                }
            });
        }
        return OrderedCollections.map(meanings);
    }

    /** One letter alone names a joint (t, v), nothing else. */
    private static boolean isWord(InputField<?> field, String word) {
        return word.length() >= SHORTEST_WORD || field == WeldFields.JOINT;
    }

    /** What words mean by themselves; empty where they mean nothing. */
    static Optional<WordMeaning> meaning(String words) {
        return Optional.ofNullable(MEANINGS.get(bare(words)));
    }

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
