package vastarc.core.reference;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import vastarc.core.tables.Table;

/**
 * Something seen on a bead or heard at a machine. Source: table {@code symptoms.csv}.
 *
 * @param seen   what is seen
 * @param causes the most telling first
 */
public record SymptomEntry(String seen, List<String> causes) {

    private static final List<SymptomEntry> ALL = Table.read("symptoms.csv", Set.of("symptom", "causes")).stream()
            .map(row -> new SymptomEntry(
                    row.text("symptom"),
                    Arrays.stream(row.text("causes").split(";"))
                            .map(String::strip)
                            .toList()))
            .toList();

    /** Every symptom, in the order of the table. */
    public static List<SymptomEntry> all() {
        return ALL;
    }
}
