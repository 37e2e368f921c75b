package vastarc.core.consumable;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.joint.Service;
import vastarc.core.material.Material;
import vastarc.core.table.Table;

/**
 * Filler alloy for a pair of base metals. Source: table {@code wire-alloys.csv}.
 *
 * @param one   a grade
 * @param two   the other grade, or the same
 * @param service what the weld has to bear
 * @param alloy AWS class; empty where the pair cannot be welded
 * @param note  alternatives
 */
public record WireAlloy(Material one, Material two, Service service, Optional<String> alloy, String note) {

    private static final List<WireAlloy> PAIRS =
            Table.read("wire-alloys.csv", Set.of("base", "other", "service", "possible", "alloy")).stream()
                    .map(WireAlloy::from)
                    .toList();

    private static WireAlloy from(Table.Row row) {
        Optional<String> alloy = row.text("possible").equals("YES") ? Optional.of(row.text("alloy")) : Optional.empty();
        return new WireAlloy(
                row.named("base", Material.class),
                row.named("other", Material.class),
                row.named("service", Service.class),
                alloy,
                row.optional("note"));
    }

    /** Every class of wire that some pair is filled with, in order. */
    public static List<String> classes() {
        return PAIRS.stream()
                .flatMap(pair -> pair.alloy.stream())
                .distinct()
                .sorted()
                .toList();
    }

    /** The row for a pair in general service, whichever way round it is given. */
    public static WireAlloy of(Material one, Material two) {
        return find(one, two, Service.GENERAL)
                .orElseThrow(() -> new IllegalStateException("table wire-alloys.csv lacks " + one + " with " + two));
    }

    /** The row for a pair in a service; the general one where the service has none of its own. */
    public static WireAlloy of(Material one, Material two, Service service) {
        return find(one, two, service).orElseGet(() -> of(one, two));
    }

    private static Optional<WireAlloy> find(Material one, Material two, Service service) {
        return PAIRS.stream()
                .filter(pair -> pair.service == service && (pair.joins(one, two) || pair.joins(two, one)))
                .findFirst();
    }

    private boolean joins(Material first, Material second) {
        return one == first && two == second;
    }
}
