package vastarc.core.record.diagnosis;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.base.tables.Table;
import vastarc.core.domain.material.Material;

/**
 * Something seen on a weld or heard at a machine. Its words: {@code sign.<id>}. Source: table {@code reading-symptoms.csv}.
 *
 * @param id     stable name
 * @param place  where it is looked for
 * @param metal  it can be seen on
 * @param grades causes it speaks for, or against
 */
public record Symptom(String id, SymptomPlace place, SymptomMetal metal, Map<String, Likelihood> grades) {

    /** Where it is looked for. */
    public enum SymptomPlace {
        /** On the tungsten. */
        TUNGSTEN,
        /** In the arc. */
        ARC,
        /** On the bead. */
        BEAD,
        /** At the end of the bead. */
        END,
        /** In the temper colour. */
        TINT,
        /** On the root side. */
        ROOT,
        /** In the shape of the piece. */
        SHAPE;

        /** {@return the key of its name in {@code words.properties}} */
        public String words() {
            return "sign.place." + name();
        }
    }

    /** On which metal it can be. */
    public enum SymptomMetal {
        /** Any metal. */
        ALL,
        /** Titanium only. */
        TITANIUM,
        /** Any metal but titanium. */
        NOT_TITANIUM
    }

    private static final Map<String, Symptom> ALL = read();

    private static Map<String, Symptom> read() {
        Map<String, Symptom> all = new LinkedHashMap<>();
        Set<String> columns = Set.of("id", "place", "metal", "typical", "often", "sometimes", "rarely", "never");
        for (Table.Row row : Table.read("reading-symptoms.csv", columns)) {
            Map<String, Likelihood> grades = new LinkedHashMap<>();
            for (Likelihood likelihood : List.of(
                    Likelihood.TYPICAL, Likelihood.OFTEN, Likelihood.SOMETIMES, Likelihood.RARELY, Likelihood.NEVER)) {
                Arrays.stream(row.optional(likelihood.name().toLowerCase(Locale.ROOT))
                                .split(" "))
                        .filter(cause -> !cause.isEmpty())
                        .forEach(cause -> grades.put(known(cause), likelihood));
            }
            Symptom symptom = new Symptom(
                    row.text("id"),
                    SymptomPlace.valueOf(row.text("place")),
                    SymptomMetal.valueOf(row.text("metal")),
                    OrderedCollections.map(grades));
            all.put(symptom.id(), symptom);
        }
        return all;
    }

    private static String known(String cause) {
        if (Cause.named(cause).isEmpty()) {
            throw new IllegalStateException("reading-symptoms.csv names a cause that is none: " + cause);
        }
        return cause;
    }

    /** {@return every sign, in the order of the table} */
    public static List<Symptom> all() {
        return List.copyOf(ALL.values());
    }

    /**
     * {@return the symptom with an id; empty if there is none}
     *
     * @param id the id
     */
    public static Optional<Symptom> named(String id) {
        return Optional.ofNullable(ALL.get(id));
    }

    /**
     * {@return how likely the symptom is where a cause is at work}
     *
     * @param cause the cause
     */
    public Likelihood of(Cause cause) {
        return grades.getOrDefault(cause.id(), Likelihood.UNNAMED);
    }

    /** {@return the causes that leave it, typical ones first, then those that often do} */
    public List<Cause> likelyCauses() {
        return Stream.of(Likelihood.TYPICAL, Likelihood.OFTEN)
                .flatMap(likelihood -> grades.entrySet().stream()
                        .filter(grade -> grade.getValue() == likelihood)
                        .map(grade -> Cause.named(grade.getKey()).orElseThrow()))
                .toList();
    }

    /**
     * {@return whether it can be seen on a metal}
     *
     * @param material the material
     */
    public boolean fits(Material material) {
        return metal == SymptomMetal.ALL || material.isTitanium() == (metal == SymptomMetal.TITANIUM);
    }

    /** {@return the key of its name in {@code words.properties}} */
    public String words() {
        return "sign." + id;
    }
}
