package vastarc.core.vision;

import boofcv.alg.color.ColorLab;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import vastarc.core.base.tables.Table;
import vastarc.core.domain.material.Family;

/**
 * A band of heat tint and how it looks. Source: table {@code tint-colours.csv}; {@code docs/model/vision.md (8)}.
 *
 * @param family of the metal
 * @param name   of the band
 * @param heat   0 for bare metal, more for hotter
 * @param colour as it looks
 */
record TintBand(Family family, TintName name, int heat, LabColour colour) {

    /**
     * A colour as the eye tells it apart: CIELAB, white D65.
     *
     * @param l lightness, 0 to 100
     * @param a green to red
     * @param b blue to yellow
     */
    record LabColour(double l, double a, double b) {

        /** Of light, 0 to 1 in red, green and blue. */
        static LabColour of(double red, double green, double blue) {
            double[] lab = new double[3];
            ColorLab.linearRgbToLab(red, green, blue, lab);
            return new LabColour(lab[0], lab[1], lab[2]);
        }

        /** How different another is, lightness counted by a share. */
        double difference(LabColour other, double lightness) {
            return Math.sqrt(lightness * lightness * (l - other.l) * (l - other.l)
                    + (a - other.a) * (a - other.a)
                    + (b - other.b) * (b - other.b));
        }
    }

    private static final double LIGHTNESS = 0.45;

    private static final List<TintBand> ALL =
            Table.read("tint-colours.csv", Set.of("family", "band", "heat", "l", "a", "b")).stream()
                    .map(row -> new TintBand(
                            row.named("family", Family.class),
                            row.named("band", TintName.class),
                            (int) row.number("heat"),
                            new LabColour(row.number("l"), row.number("a"), row.number("b"))))
                    .toList();

    /** Bands of a metal, from bare to the hottest; none for steel, which is not judged by its tint. */
    static List<TintBand> of(Family family) {
        return ALL.stream()
                .filter(band -> band.family() == family)
                .sorted(Comparator.comparingInt(TintBand::heat))
                .toList();
    }

    static TintBand nearest(List<TintBand> bands, LabColour seen) {
        return bands.stream()
                .min(Comparator.comparingDouble(band -> band.colour().difference(seen, LIGHTNESS)))
                .orElseThrow();
    }
}
