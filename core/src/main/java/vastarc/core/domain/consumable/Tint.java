package vastarc.core.domain.consumable;

import java.util.List;
import java.util.Set;
import vastarc.core.base.tables.Table;
import vastarc.core.domain.material.Family;

/** Colour that hot metal takes in air. Source: table {@code tints.csv}. */
public record Tint(Family family, double fromC, double toC, String colour) {

    private static final List<Tint> BANDS =
            Table.read("tints.csv", Set.of("family", "from_c", "to_c", "colour")).stream()
                    .map(row -> new Tint(
                            row.named("family", Family.class),
                            row.number("from_c"),
                            row.number("to_c"),
                            row.text("colour")))
                    .toList();

    /**
     * {@return the colour of a metal that left the gas at a temperature, °C}
     *
     * @param family the family of the metal
     * @param temperatureC temperature, °C
     */
    public static Tint of(Family family, double temperatureC) {
        return BANDS.stream()
                .filter(band -> band.family() == family && temperatureC < band.toC())
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("no tint for " + family + " at " + temperatureC + " °C"));
    }
}
