package vastarc.core.base.notation;

import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import vastarc.core.base.tables.Table;
import vastarc.core.base.units.Length;

/** Gauges: the same number is another thickness in carbon steel sheet, in stainless sheet and in tube. Source: table {@code gauges.csv}. */
public enum GaugeScale {
    /** Gauge numbers of carbon-steel sheet. */
    SHEET_STEEL("sheet_steel_in"),
    /** Gauge numbers of stainless sheet. */
    STAINLESS_SHEET("stainless_sheet_in"),
    /** The Birmingham gauge. */
    TUBE("tube_in");

    private final TreeMap<Integer, Length> thicknesses = new TreeMap<>();

    GaugeScale(String column) {
        Table.read("gauges.csv", Set.of("gauge", "sheet_steel_in", "stainless_sheet_in", "tube_in"))
                .forEach(row -> thicknesses.put((int) row.number("gauge"), Length.ofInches(row.number(column))));
    }

    /**
     * {@return the thickness of a gauge number; empty where the scale has no such number}
     *
     * @param gauge gauge number
     */
    public Optional<Length> thickness(int gauge) {
        return Optional.ofNullable(thicknesses.get(gauge));
    }

    /** {@return the gauge number of the thickest sheet} */
    public int heaviest() {
        return thicknesses.firstKey();
    }

    /** {@return the gauge number of the thinnest sheet} */
    public int lightest() {
        return thicknesses.lastKey();
    }
}
