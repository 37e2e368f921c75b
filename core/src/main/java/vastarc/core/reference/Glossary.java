package vastarc.core.reference;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import vastarc.core.table.Table;

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
    public record Entry(String term, String meaning, List<String> aliases, String note) {}

    private static final List<Entry> ENTRIES = Table.read("glossary.csv", Set.of("term", "meaning", "aliases")).stream()
            .map(row -> new Entry(
                    row.text("term"),
                    row.text("meaning"),
                    Arrays.stream(row.text("aliases").split(";"))
                            .map(String::strip)
                            .toList(),
                    row.optional("note")))
            .toList();

    private Glossary() {}

    /** Every word, in the order of the table. */
    public static List<Entry> entries() {
        return ENTRIES;
    }
}
