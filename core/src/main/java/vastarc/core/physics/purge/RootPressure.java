package vastarc.core.physics.purge;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.material.Material;
import vastarc.core.domain.material.MaterialProperties;

/**
 * What the vent's pressure does to the molten root.
 *
 * <p>Pressure \( \Delta p = \tfrac12\rho\left(\frac{Q}{C_d A}\right)^2 \), ρ 1.66 kg/m³, C_d 0.62 [textbook]. The root holds
 * \( 2\gamma/w \) and weighs \( \rho g t\cos \): cos 1 with the weld on top, 0 at the side, −1 overhead; it bulges outward by
 * \( \delta = \frac{(\Delta p - \rho g t\cos) w^2}{8\gamma} \). {@code docs/model/purge.md (4)}. Checked by: root-pressure.csv.
 *
 * @param metal       of the root
 * @param thicknessMm of the molten root, mm: the wall; in a groove what the root pass melts
 * @param backWidthMm w, molten width behind, mm
 * @param position    of the weld
 */
public record RootPressure(Material metal, double thicknessMm, double backWidthMm, Position position) {

    private static final double DISCHARGE = 0.62;
    private static final double MOST_BULGE = 0.15;
    private static final double MOST_OF_LIMIT = 0.3;

    /** What happens to the root, seen from inside. Its words: {@code purge.verdict.<name>}. */
    public enum RootVerdict {
        /** Flush with the bore, or nearly. */
        SOUND,
        /** Hangs into the bore. */
        SAGS,
        /** Concave: pushed away from the bore. */
        HOLLOW,
        /** Blown out. */
        BLOWN
    }

    /**
     * Where the air leaves.
     *
     * @param diameterMm of one hole, mm
     * @param count      holes
     */
    public record Vent(double diameterMm, int count) {

        double areaM2() {
            return count * Math.PI / 4 * diameterMm * diameterMm * 1e-6;
        }
    }

    private MaterialProperties properties() {
        return metal.properties();
    }

    /**
     * {@return pressure inside over that outside, Pa}
     *
     * @param flowLPerMin flow, L/min
     * @param vent the vent
     */
    public static double ventPa(double flowLPerMin, Vent vent) {
        double speed = flowLPerMin / 6e4 / (DISCHARGE * vent.areaM2());
        return 0.5 * PhysicalConstants.ARGON_KG_PER_M3 * speed * speed;
    }

    /** {@return weight of the molten root as pressure, weld on top, Pa} */
    public double headPa() {
        return properties().liquidDensityKgPerM3() * PhysicalConstants.GRAVITY_M_PER_S2 * thicknessMm * 1e-3;
    }

    /** {@return most that its surface holds, Pa} */
    public double limitPa() {
        return 2 * properties().surfaceTensionNPerM() / (backWidthMm * 1e-3);
    }

    /** How the weld overrides the bore along the seam: every place it passes. */
    private List<Double> cosines() {
        double slope = Math.sqrt(0.5);
        return switch (position) {
            case PA, PB -> List.of(1.0);
            case PC, PF, PG -> List.of(0.0);
            case PD, PE -> List.of(-1.0);
            case PH, PJ -> List.of(1.0, 0.0, -1.0);
            case HL045, JL045 -> List.of(slope, -slope);
        };
    }

    /**
     * {@return how far the root is pushed outward at the place where it is pushed most either way, mm}
     *
     * @param pressurePa pressure inside over that outside, Pa
     */
    public double bulgeMm(double pressurePa) {
        return cosines().stream()
                .map(cosine -> bulgeMm(pressurePa, cosine))
                .reduce((value, other) -> Math.abs(value) >= Math.abs(other) ? value : other)
                .orElseThrow();
    }

    private double bulgeMm(double pressurePa, double cosine) {
        double width = backWidthMm * 1e-3;
        double net = pressurePa - headPa() * cosine;
        return net * width * width / (8 * properties().surfaceTensionNPerM()) * 1000;
    }

    /**
     * {@return the worst along the seam}
     *
     * @param pressurePa pressure inside over that outside, Pa
     */
    public RootVerdict verdict(double pressurePa) {
        return cosines().stream()
                .map(cosine -> verdict(pressurePa, cosine))
                .max(Enum::compareTo)
                .orElseThrow();
    }

    private RootVerdict verdict(double pressurePa, double cosine) {
        double bulge = bulgeMm(pressurePa, cosine);
        if (pressurePa - headPa() * cosine > limitPa()) {
            return RootVerdict.BLOWN;
        }
        if (bulge > MOST_BULGE * thicknessMm || pressurePa > MOST_OF_LIMIT * limitPa()) {
            return RootVerdict.HOLLOW;
        }
        return bulge < -MOST_BULGE * thicknessMm ? RootVerdict.SAGS : RootVerdict.SOUND;
    }

    /** {@return most pressure that leaves the root sound everywhere along the seam, Pa; 0 where none does} */
    public double mostPa() {
        double tension = 8 * properties().surfaceTensionNPerM();
        double width = backWidthMm * 1e-3;
        double least = cosines().stream().mapToDouble(Double::doubleValue).min().orElseThrow();
        double byBulge = MOST_BULGE * thicknessMm * 1e-3 * tension / (width * width) + headPa() * least;
        double byTension = Math.min(MOST_OF_LIMIT * limitPa(), limitPa() + headPa() * least);
        return Math.max(0, Math.min(byBulge, byTension));
    }

    /**
     * {@return flow that gives a pressure through a vent, L/min}
     *
     * @param pressurePa pressure inside over that outside, Pa
     * @param vent the vent
     */
    public static double flowLPerMin(double pressurePa, Vent vent) {
        return 6e4 * DISCHARGE * vent.areaM2() * Math.sqrt(2 * pressurePa / PhysicalConstants.ARGON_KG_PER_M3);
    }

    /**
     * {@return the hole, so many of them, whose pressure carries the root's weight, mm; empty where the weld is not
     * on top}
     *
     * @param flowLPerMin flow, L/min
     * @param count how many holes
     */
    public OptionalDouble balanceVentMm(double flowLPerMin, int count) {
        double weight = headPa() * cosines().get(0);
        if (weight <= 0) {
            return OptionalDouble.empty();
        }
        double area = flowLPerMin / 6e4 / (DISCHARGE * Math.sqrt(2 * weight / PhysicalConstants.ARGON_KG_PER_M3));
        return OptionalDouble.of(Math.sqrt(4 * area / count / Math.PI) * 1000);
    }
}
