package vastarc.core.domain.consumable;

import java.util.List;
import java.util.Set;
import vastarc.core.base.tables.Table;

/** Hood shade by current. Source: table {@code helmet-shades.csv}. */
public record HelmetShade(double upToA, double low, double usual, double high) {

    private static final List<HelmetShade> SHADES =
            Table.read("helmet-shades.csv", Set.of("up_to_a", "shade_low", "shade", "shade_high")).stream()
                    .map(row -> new HelmetShade(
                            row.number("up_to_a"),
                            row.number("shade_low"),
                            row.number("shade"),
                            row.number("shade_high")))
                    .toList();

    /**
     * {@return the shade for a current, A}
     *
     * @param currentA current, A
     */
    public static HelmetShade forCurrent(double currentA) {
        return SHADES.stream()
                .filter(shade -> currentA <= shade.upToA())
                .findFirst()
                .orElse(SHADES.get(SHADES.size() - 1));
    }
}
