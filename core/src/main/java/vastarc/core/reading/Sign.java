package vastarc.core.reading;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import vastarc.core.material.Material;
import vastarc.core.table.InOrder;
import vastarc.core.table.Table;

/**
 * Something seen on a weld or heard at a machine. Spoken by the words {@code sign.<id>}. Source: table {@code reading-symptoms.csv}.
 *
 * @param id     stable name
 * @param place  where it is looked for
 * @param metal  it can be seen on
 * @param grades causes it speaks for, or against
 */
public record Sign(String id, Place place, Metal metal, Map<String, Grade> grades) {

    /** Where it is looked for. */
    public enum Place {
        TUNGSTEN,
        ARC,
        BEAD,
        END,
        TINT,
        ROOT,
        SHAPE;

        /** The words it is spoken by. */
        public String words() {
            return "sign.place." + name();
        }
    }

    /** On which metal it can be. */
    public enum Metal {
        ALL,
        TITANIUM,
        NOT_TITANIUM
    }

    private static final Map<String, Sign> ALL = read();

    private static Map<String, Sign> read() {
        Map<String, Sign> all = new LinkedHashMap<>();
        Set<String> columns = Set.of("id", "place", "metal", "typical", "often", "sometimes", "rarely", "never");
        for (Table.Row row : Table.read("reading-symptoms.csv", columns)) {
            Map<String, Grade> grades = new LinkedHashMap<>();
            for (Grade grade : List.of(Grade.TYPICAL, Grade.OFTEN, Grade.SOMETIMES, Grade.RARELY, Grade.NEVER)) {
                Arrays.stream(row.optional(grade.name().toLowerCase(Locale.ROOT))
                                .split(" "))
                        .filter(cause -> !cause.isEmpty())
                        .forEach(cause -> grades.put(known(cause), grade));
            }
            Sign sign = new Sign(
                    row.text("id"),
                    Place.valueOf(row.text("place")),
                    Metal.valueOf(row.text("metal")),
                    InOrder.map(grades));
            all.put(sign.id(), sign);
        }
        return all;
    }

    private static String known(String cause) {
        if (Cause.named(cause).isEmpty()) {
            throw new IllegalStateException("reading-symptoms.csv names a cause that is none: " + cause);
        }
        return cause;
    }

    /** Every sign, in the order of the table. */
    public static List<Sign> all() {
        return List.copyOf(ALL.values());
    }

    public static Optional<Sign> named(String id) {
        return Optional.ofNullable(ALL.get(id));
    }

    public Grade of(Cause cause) {
        return grades.getOrDefault(cause.id(), Grade.UNNAMED);
    }

    /** Whether it can be seen on a metal. */
    public boolean fits(Material material) {
        boolean titanium = material.name().startsWith("TITANIUM");
        return metal == Metal.ALL || titanium == (metal == Metal.TITANIUM);
    }

    /** The words it is spoken by. */
    public String words() {
        return "sign." + id;
    }
}
