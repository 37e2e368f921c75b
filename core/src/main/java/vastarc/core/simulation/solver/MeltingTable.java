package vastarc.core.simulation.solver;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.tables.Table;
import vastarc.core.domain.material.Material;

/**
 * How each grade takes up heat and melts. Source: table {@code melting.csv}.
 *
 * @param melt      its curves
 * @param solidusC  the last of the solid, °C
 * @param liquidusC the first of the liquid, °C
 */
public record MeltingTable(EnthalpyCurves melt, double solidusC, double liquidusC) {

    /** Flow in the pool carries heat beside conduction: factor on the liquid at rest (judgement). */
    private static final double STIRRED = 2.5;

    private static final double COLDEST_C = -273;
    private static final double PER_CUBIC_MM = 1e-6;
    private static final Map<Material, MeltingTable> TABLE = read();

    /**
     * {@return the curves of a grade}
     *
     * @param material the material
     */
    public static MeltingTable of(Material material) {
        return Maps.get(TABLE, material);
    }

    private static Map<Material, MeltingTable> read() {
        Map<Material, MeltingTable> table = new EnumMap<>(Material.class);
        Table.read("melting.csv", Set.of("id", "celsius", "k", "h", "solid")).stream()
                .collect(Collectors.groupingBy(row -> row.named("id", Material.class)))
                .forEach((material, rows) -> table.put(material, of(material, rows)));
        return table;
    }

    private static MeltingTable of(Material material, List<Table.Row> rows) {
        double density = material.properties().densityKgPerM3() * PER_CUBIC_MM;
        int count = rows.size() + 1;
        double[] celsius = new double[count];
        double[] enthalpy = new double[count];
        double[] potential = new double[count];
        int solid = 0;
        double slope = rows.get(1).number("h")
                / (rows.get(1).number("celsius") - rows.get(0).number("celsius"));
        celsius[0] = COLDEST_C;
        double cold = density * slope * (rows.get(0).number("celsius") - COLDEST_C);
        for (int i = 1; i < count; i++) {
            Table.Row row = rows.get(i - 1);
            celsius[i] = row.number("celsius");
            enthalpy[i] = cold + density * row.number("h");
            double before = rows.get(Math.max(0, i - 2)).number("k");
            boolean liquid = solid > 0 && i > solid + 1;
            double mean = (before + row.number("k")) / 2 * (liquid ? STIRRED : 1) / 1000;
            potential[i] = potential[i - 1] + mean * (celsius[i] - celsius[i - 1]);
            solid = "true".equals(row.optional("solid")) ? i : solid;
        }
        return new MeltingTable(
                EnthalpyCurves.through(celsius, enthalpy, potential), celsius[solid], celsius[solid + 1]);
    }
}
