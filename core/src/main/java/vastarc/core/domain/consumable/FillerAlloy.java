package vastarc.core.domain.consumable;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.tables.Table;
import vastarc.core.domain.joint.ServiceRequirement;
import vastarc.core.domain.material.Family;
import vastarc.core.domain.material.Material;

/**
 * Filler alloy for a pair of base metals. Source: table {@code wire-alloys.csv}.
 *
 * @param one   a grade
 * @param two   the other grade, or the same
 * @param service what the weld has to bear
 * @param alloy AWS class; empty where the pair cannot be welded
 * @param family of the filler's own metal; empty where the pair cannot be welded
 * @param note  alternatives
 */
public record FillerAlloy(
        Material one,
        Material two,
        ServiceRequirement service,
        Optional<String> alloy,
        Optional<Family> family,
        String note) {

    private static final List<FillerAlloy> PAIRS =
            Table.read("wire-alloys.csv", Set.of("base", "other", "service", "possible", "alloy", "family")).stream()
                    .map(FillerAlloy::from)
                    .toList();

    private static FillerAlloy from(Table.Row row) {
        Optional<String> alloy = row.text("possible").equals("YES") ? Optional.of(row.text("alloy")) : Optional.empty();
        return new FillerAlloy(
                row.named("base", Material.class),
                row.named("other", Material.class),
                row.named("service", ServiceRequirement.class),
                alloy,
                alloy.map(name -> row.named("family", Family.class)),
                row.optional("note"));
    }

    /** {@return every class of wire that some pair is filled with, in order} */
    public static List<String> classes() {
        return PAIRS.stream()
                .flatMap(pair -> pair.alloy.stream())
                .distinct()
                .sorted()
                .toList();
    }

    /**
     * {@return the row for a pair in general service, whichever way round it is given}
     *
     * @param material the material
     * @param two the other metal
     */
    public static FillerAlloy of(Material material, Material two) {
        return find(material, two, ServiceRequirement.GENERAL)
                .orElseThrow(
                        () -> new IllegalStateException("table wire-alloys.csv lacks " + material + " with " + two));
    }

    /**
     * {@return the row for a pair in a service; the general one where the service has none of its own}
     *
     * @param material the material
     * @param two the other metal
     * @param service the service requirement
     */
    public static FillerAlloy of(Material material, Material two, ServiceRequirement service) {
        return find(material, two, service).orElseGet(() -> of(material, two));
    }

    private static Optional<FillerAlloy> find(Material material, Material two, ServiceRequirement service) {
        return PAIRS.stream()
                .filter(pair -> pair.service == service && (pair.joins(material, two) || pair.joins(two, material)))
                .findFirst();
    }

    private boolean joins(Material first, Material second) {
        return one == first && two == second;
    }
}
