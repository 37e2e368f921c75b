package vastarc.core.reference;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import vastarc.core.table.Table;

/**
 * Something seen on a bead or heard at a machine. Source: table {@code symptoms.csv}.
 *
 * @param seen   what is seen
 * @param causes the most telling first
 */
public record Symptom(String seen, List<String> causes) {

    private static final List<Symptom> ALL = Table.read("symptoms.csv", Set.of("symptom", "causes")).stream()
            .map(row -> new Symptom(
                    row.text("symptom"),
                    Arrays.stream(row.text("causes").split(";"))
                            .map(String::strip)
                            .toList()))
            .toList();

    /** Every symptom, in the order of the table. */
    public static List<Symptom> all() {
        return ALL;
    }
}
