package vastarc.core.reference;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import vastarc.core.tables.Table;

/** Words of the trade. Source: table {@code glossary.csv}. */
public final class Glossary {

    /**
     * A word.
     *
     * @param term    the one used here
     * @param meaning in a sentence
     * @param aliases what else it is called
     * @param note    a warning where words collide; may be empty
     */
    public record GlossaryEntry(String term, String meaning, List<String> aliases, String note) {}

    private static final List<GlossaryEntry> ENTRIES =
            Table.read("glossary.csv", Set.of("term", "meaning", "aliases")).stream()
                    .map(row -> new GlossaryEntry(
                            row.text("term"),
                            row.text("meaning"),
                            Arrays.stream(row.text("aliases").split(";"))
                                    .map(String::strip)
                                    .toList(),
                            row.optional("note")))
                    .toList();

    private Glossary() {}

    /** Every word, in the order of the table. */
    public static List<GlossaryEntry> entries() {
        return ENTRIES;
    }
}
