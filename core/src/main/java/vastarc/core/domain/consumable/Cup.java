package vastarc.core.domain.consumable;

import java.util.List;
import java.util.Set;
import vastarc.core.base.tables.Table;

/**
 * A gas cup. Source: table {@code cups.csv}; bore n/16 in.
 *
 * @param number cup number
 * @param lens   worked with a gas lens
 */
public record Cup(int number, boolean lens) {

    private static final double MM_PER_NUMBER = 25.4 / 16;
    private static final double ARGON_VISCOSITY_M2_PER_S = 1.34e-5;
    private static final List<Cup> SIZES = Table.read("cups.csv", Set.of("number")).stream()
            .map(row -> new Cup((int) row.number("number"), false))
            .toList();

    /** {@return every cup, smallest first} */
    public static List<Cup> sizes() {
        return SIZES;
    }

    /**
     * {@return the smallest cup of at least this bore and number; the largest where none is big enough}
     *
     * @param boreMm inside diameter, mm
     * @param number least number of the cup
     */
    public static Cup atLeast(double boreMm, int number) {
        return SIZES.stream()
                .filter(cup -> cup.boreMm() >= boreMm && cup.number() >= number)
                .findFirst()
                .orElse(SIZES.get(SIZES.size() - 1));
    }

    /**
     * {@return the same cup with or without a lens}
     *
     * @param fitted whether a gas lens is fitted
     */
    public Cup lens(boolean fitted) {
        return new Cup(number, fitted);
    }

    /** {@return inner diameter at the exit, mm} */
    public double boreMm() {
        return number * MM_PER_NUMBER;
    }

    /**
     * {@return flow at an exit Reynolds number: Q = Re π D ν / 4, L/min [textbook]} Checked by: cup-flow.csv.
     *
     * @param reynolds exit Reynolds number
     */
    public double flowLPerMin(double reynolds) {
        return reynolds * Math.PI * boreMm() * 1e-3 * ARGON_VISCOSITY_M2_PER_S / 4 * 6e4;
    }

    /**
     * {@return exit Reynolds number at a flow}
     *
     * @param flowLPerMin flow, L/min
     */
    public double reynolds(double flowLPerMin) {
        return flowLPerMin / flowLPerMin(1);
    }

    /**
     * {@return mean exit speed, m/s}
     *
     * @param flowLPerMin flow, L/min
     */
    public double exitSpeedMPerS(double flowLPerMin) {
        double boreM = boreMm() * 1e-3;
        return 4 * flowLPerMin / 6e4 / (Math.PI * boreM * boreM);
    }
}
