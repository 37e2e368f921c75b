package vastarc.core.consumable;

import java.util.List;
import java.util.Set;
import vastarc.core.material.Family;
import vastarc.core.table.Table;

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
     * How much of the reciprocal absolute temperature a seam's seconds take off the minutes that the colours of stainless are tabled for, 1/K:
     * \( 1/T' = 1/T + \frac{R}{Q}\ln\frac{t_0}{t} \), Q 250 kJ/mol, t_0 10 min, t 2 s [textbook form, judgement].
     */
    private static final double PASSING_PER_K = 1.9e-4;

    private static final double ZERO_C_IN_K = 273.15;

    /**
     * The colour of a seam that left the gas at a temperature and goes on cooling, °C. Titanium is judged as if it stayed there: on the safe
     * side.
     */
    public static Tint afterGas(Family family, double leavesC) {
        return of(family, tabledC(family, leavesC));
    }

    /** The temperature of the table that colours as much as a seam leaving the gas at one, °C. */
    static double tabledC(Family family, double leavesC) {
        return family == Family.TITANIUM ? leavesC : 1 / (1 / (leavesC + ZERO_C_IN_K) + PASSING_PER_K) - ZERO_C_IN_K;
    }

    /** The temperature at which a seam may leave the gas to be coloured no more than at one of the table, °C. */
    public static double leavesC(Family family, double tabledC) {
        return family == Family.TITANIUM ? tabledC : 1 / (1 / (tabledC + ZERO_C_IN_K) - PASSING_PER_K) - ZERO_C_IN_K;
    }

    /** The colour of a metal that stayed at a temperature in air for some minutes, °C. */
    public static Tint of(Family family, double temperatureC) {
        return BANDS.stream()
                .filter(band -> band.family() == family && temperatureC < band.toC())
                .findFirst()
                .orElseThrow(
                        () -> new IllegalArgumentException("no tint for " + family + " at " + temperatureC + " °C"));
    }
}
