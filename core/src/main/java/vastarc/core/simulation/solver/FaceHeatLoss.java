package vastarc.core.simulation.solver;

import java.util.List;
import java.util.Set;
import java.util.function.ToDoubleFunction;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.simulation.mesh.SectionMesh.BoundaryFace;

/**
 * Heat that leaves a face.
 *
 * @param ambientC   of the air and of what lies against the faces, °C
 * @param contact    W/(mm²·K) of a facet, by convection and by what lies against it
 * @param emissivity for radiation, 0 where it is left out
 */
public record FaceHeatLoss(double ambientC, ToDoubleFunction<BoundaryFace> contact, double emissivity) {

    private static final double STEFAN_BOLTZMANN = 5.67e-14;

    /** Still air on a face, W/(mm²·K). Source: simulation. */
    static final double STILL_PER_MM2K = 15e-6;

    /** What a face radiates near room temperature at this emissivity, W/(mm²·K): 4 ε σ T³ [textbook], rounded up. */
    public static final double RADIATED_COLD_PER_MM2K = 6e-6;

    /** What gas sweeping a face takes more, W/(mm²·K): 100 of both faces under gas. Source: judgement. */
    static final double SWEPT_PER_MM2K = 70e-6;

    private static final double EMISSIVITY = 0.5;
    private static final double BAR_HALF_MM = 25;
    private static final double KELVIN = 273.15;
    private static final ToDoubleFunction<BoundaryFace> NOTHING = facet -> 0;

    /**
     * {@return one figure for all faces, W/(m²·K), nothing radiated}
     *
     * @param ambientC temperature of the shop, °C
     * @param wattPerM2K heat loss, W/(m²·K)
     */
    public static FaceHeatLoss linear(double ambientC, double wattPerM2K) {
        return new FaceHeatLoss(ambientC, wattPerM2K > 0 ? facet -> wattPerM2K * 1e-6 : NOTHING, 0);
    }

    /**
     * {@return a joint in still air, with a bar behind the seam}
     *
     * @param back the faces on the back
     * @param chill the backing bar
     */
    public static FaceHeatLoss ofJoint(List<BoundaryFace> back, BackingBar chill) {
        Set<BoundaryFace> behind = Set.copyOf(back);
        double bar = chill.contactWPerM2K() * 1e-6;
        return new FaceHeatLoss(
                PhysicalConstants.ROOM_C,
                facet ->
                        STILL_PER_MM2K + (behind.contains(facet) && Math.abs(facet.placeMm()) <= BAR_HALF_MM ? bar : 0),
                EMISSIVITY);
    }

    boolean isNone() {
        return emissivity == 0 && contact == NOTHING;
    }

    /**
     * {@return conductance of a face to what lies against it, W/(mm²·K), radiation left out}
     *
     * @param facet the face of a cell
     */
    public double perMm2K(BoundaryFace facet) {
        return contact.applyAsDouble(facet);
    }

    /** W/mm² at a temperature. */
    double perMm2(double celsius, double perMm2K) {
        double convected = perMm2K * (celsius - ambientC);
        if (emissivity == 0) {
            return convected;
        }
        double hot = celsius + KELVIN;
        double cold = ambientC + KELVIN;
        return convected + emissivity * STEFAN_BOLTZMANN * (hot * hot * hot * hot - cold * cold * cold * cold);
    }
}
