package vastarc.core.domain.consumable;

import java.util.List;
import java.util.Set;
import vastarc.core.base.tables.Table;

/** Filler wire diameters made and the usual choice by thickness. Source: table {@code wires.csv}. */
public record FillerRod(double diameterMm, double fromMm, double toMm, double titaniumToMm) {

    /** A wire thicker than this many sheet thicknesses chills the pool too much (judgement). */
    public static final double MAX_OF_THICKNESS = 1.25;

    private static final List<FillerRod> SIZES =
            Table.read("wires.csv", Set.of("diameter_mm", "from_mm", "to_mm", "ti_to_mm")).stream()
                    .map(row -> new FillerRod(
                            row.number("diameter_mm"),
                            row.number("from_mm"),
                            row.number("to_mm"),
                            row.number("ti_to_mm")))
                    .toList();

    /** {@return every diameter made, thinnest first} */
    public static List<FillerRod> sizes() {
        return SIZES;
    }

    /**
     * {@return the usual diameter for the thinner member; on titanium no thicker than the wall}
     *
     * @param thicknessMm thickness, mm
     * @param titanium whether the metal is titanium
     */
    public static FillerRod usualFor(double thicknessMm, boolean titanium) {
        return SIZES.stream()
                .filter(wire -> thicknessMm <= (titanium ? wire.titaniumToMm() : wire.toMm()))
                .findFirst()
                .orElse(SIZES.get(SIZES.size() - 1));
    }

    /**
     * {@return the usual diameter for a fillet: at a thickness between two, the thicker}
     *
     * @param thicknessMm thickness, mm
     * @param titanium whether the metal is titanium
     */
    public static FillerRod usualForFillet(double thicknessMm, boolean titanium) {
        return SIZES.stream()
                .filter(wire -> thicknessMm < (titanium ? wire.titaniumToMm() : wire.toMm()))
                .findFirst()
                .orElse(SIZES.get(SIZES.size() - 1));
    }

    /**
     * {@return the thickest wire thinner than the sheet; the thinnest made where there is none}
     *
     * @param thicknessMm thickness, mm
     */
    public static FillerRod thinnerThan(double thicknessMm) {
        return SIZES.stream()
                .filter(wire -> wire.diameterMm() < thicknessMm)
                .reduce((thinner, thicker) -> thicker)
                .orElse(SIZES.get(0));
    }

    /**
     * {@return the thinnest wire thicker than the sheet; the thickest made where there is none}
     *
     * @param thicknessMm thickness, mm
     */
    public static FillerRod thickerThan(double thicknessMm) {
        return SIZES.stream()
                .filter(wire -> wire.diameterMm() > thicknessMm)
                .findFirst()
                .orElse(SIZES.get(SIZES.size() - 1));
    }

    /** {@return section, mm²} */
    public double sectionMm2() {
        return Math.PI / 4 * diameterMm * diameterMm;
    }

    /**
     * {@return whether the rod is too thick for a plate of {@code thicknessMm}, mm}
     *
     * @param thicknessMm thickness, mm
     */
    public boolean isTooThickFor(double thicknessMm) {
        return diameterMm > MAX_OF_THICKNESS * thicknessMm + 1e-9;
    }
}
