package vastarc.core.domain.consumable;

import java.util.List;
import java.util.Set;
import vastarc.core.base.tables.Table;

/**
 * Flat on the tip at a current. Source: table {@code tip-flats.csv}.
 *
 * @param usualMm ground by most, mm
 * @param lowMm   least, mm
 * @param highMm  most, mm
 */
public record TipFlat(double usualMm, double lowMm, double highMm) {

    private static final List<Table.Row> ROWS =
            Table.read("tip-flats.csv", Set.of("current_a", "flat_mm", "low_mm", "high_mm"));

    /** At a peak current, A; between the lines of the table in proportion. */
    static TipFlat at(double currentA) {
        return new TipFlat(between(currentA, "flat_mm"), between(currentA, "low_mm"), between(currentA, "high_mm"));
    }

    private static double between(double currentA, String column) {
        Table.Row below = ROWS.get(0);
        if (currentA <= below.number("current_a")) {
            return below.number(column);
        }
        for (Table.Row above : ROWS) {
            if (currentA <= above.number("current_a")) {
                double span = above.number("current_a") - below.number("current_a");
                double share = span == 0 ? 0 : (currentA - below.number("current_a")) / span;
                return below.number(column) + share * (above.number(column) - below.number(column));
            }
            below = above;
        }
        return below.number(column);
    }
}
