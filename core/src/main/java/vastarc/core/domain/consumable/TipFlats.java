package vastarc.core.domain.consumable;

import java.util.List;
import java.util.Set;
import vastarc.core.base.tables.Table;

/** Flats by current. Source: table {@code tip-flats.csv}. */
final class TipFlats {

    private static final List<Table.Row> ROWS =
            Table.read("tip-flats.csv", Set.of("current_a", "flat_mm", "low_mm", "high_mm"));

    private TipFlats() {}

    /** Lowest, usual and highest at a current, mm. */
    static double[] at(double currentA) {
        return new double[] {between(currentA, "low_mm"), between(currentA, "flat_mm"), between(currentA, "high_mm")};
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
