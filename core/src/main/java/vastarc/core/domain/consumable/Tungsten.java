package vastarc.core.domain.consumable;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import vastarc.core.base.tables.Table;

/**
 * A tungsten electrode by diameter, DC electrode negative. Source: table {@code tungstens.csv}.
 *
 * @param diameterMm    trade diameter, mm
 * @param usualLowA     customary range, A
 * @param usualHighA    customary range, A
 * @param minStableA    lowest current at which a sharpened tip holds a quiet arc, A
 * @param practicalMaxA highest current before the tip suffers, A
 * @param usualToA      peak up to which it is usually used, A; 0 where it seldom is
 */
public record Tungsten(
        double diameterMm,
        double usualLowA,
        double usualHighA,
        double minStableA,
        double practicalMaxA,
        double usualToA) {

    private static final double HEADROOM = 1.1;
    private static final List<Tungsten> SIZES = Table.read(
                    "tungstens.csv",
                    Set.of(
                            "diameter_mm",
                            "usual_low_a",
                            "usual_high_a",
                            "min_stable_a",
                            "practical_max_a",
                            "usual_to_a"))
            .stream()
            .map(Tungsten::from)
            .sorted(Comparator.comparingDouble(Tungsten::diameterMm))
            .toList();

    private static Tungsten from(Table.Row row) {
        return new Tungsten(
                row.number("diameter_mm"),
                row.number("usual_low_a"),
                row.number("usual_high_a"),
                row.number("min_stable_a"),
                row.number("practical_max_a"),
                row.number("usual_to_a"));
    }

    /** {@return every diameter, thinnest first} */
    public static List<Tungsten> sizes() {
        return SIZES;
    }

    /**
     * {@return the thinnest that carries the peak with a tenth in reserve; empty beyond the thickest}
     *
     * @param peakA peak current, A
     */
    public static Optional<Tungsten> forPeak(double peakA) {
        return SIZES.stream()
                .filter(size -> size.practicalMaxA() >= HEADROOM * peakA)
                .findFirst();
    }

    /**
     * {@return the one of a diameter, mm}
     *
     * @param diameterMm diameter, mm
     */
    public static Tungsten of(double diameterMm) {
        return SIZES.stream()
                .filter(size -> Math.abs(size.diameterMm - diameterMm) < 0.01)
                .findFirst()
                .orElseThrow();
    }

    /**
     * {@return the usual one: by the peak, thicker where the peak is more than it carries, thinner where the least
     * current it has to hold is less than it holds quietly; empty beyond the thickest} Source: trade practice
     * [judgement].
     *
     * @param peakA peak current, A
     * @param leastA lowest current it has to hold, A
     */
    public static Optional<Tungsten> usualFor(double peakA, double leastA) {
        Optional<Tungsten> usual = SIZES.stream()
                .filter(size -> size.usualToA > 0 && peakA <= size.usualToA && peakA <= size.practicalMaxA)
                .findFirst();
        return usual.map(size -> size.minStableA <= leastA ? size : thinner(size, peakA, leastA));
    }

    private static Tungsten thinner(Tungsten than, double peakA, double leastA) {
        return SIZES.stream()
                .filter(size -> size.diameterMm < than.diameterMm && size.practicalMaxA >= peakA)
                .filter(size -> size.minStableA <= leastA)
                .reduce((thin, thick) -> thick)
                .orElse(than);
    }

    /**
     * {@return flat on the tip by peak current} Source: table {@code tip-flats.csv} [judgement].
     *
     * @param peakA peak current, A
     */
    public static TipFlat tipFlat(double peakA) {
        return TipFlat.at(peakA);
    }

    /**
     * {@return included angle for a peak current, degrees: 15 + 0.3 I within 20–60 (judgement)}
     *
     * @param peakA peak current, A
     */
    public static double tipAngleDeg(double peakA) {
        return Math.min(60, Math.max(20, 15 + 0.3 * peakA));
    }

    /**
     * {@return time under gas until the tip is cold enough for air, s: max(3, 3.24 ln(7.9 I/I_max)) [textbook]}
     *
     * @param currentA current, A
     */
    public double coolingS(double currentA) {
        return Math.max(3, 3.24 * Math.log(7.9 * currentA / practicalMaxA));
    }
}
