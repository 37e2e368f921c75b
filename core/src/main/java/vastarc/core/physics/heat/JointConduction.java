package vastarc.core.physics.heat;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.MaterialProperties;

/**
 * A joint as a bundle of half plates that share one arc.
 *
 * <p>\( q = \sum_i (T_m - T_p)\, n_i\, \tfrac12 / G_{max,i}(y, \min(z, t_i)) \)
 * <ul>
 *   <li>n_i half plates of thickness t_i <li>Tm fusion isotherm of that member, °C <li>Tp temperature of the metal before the arc, °C
 * </ul>
 * In the limit of thin sheet it equals one plate of thickness Σ n_i t_i / 2. {@code docs/model/conduction.md (2)}. Source: [derived
 * from textbook]. Checked by: worked-examples.csv.
 */
public final class JointConduction {

    /** Least half width of what is called molten, mm. */
    public static final double LEAST_HALF_WIDTH_MM = 0.05;

    private static final double FACE_LOSS_W_PER_M2K = 50;
    private static final double SMALL_TAB_FACTOR = 0.5;
    private static final double MM = 1e-3;
    private static final double WIDTH_TOLERANCE_M = 1e-6;
    private static final double MIN_HALF_WIDTH_M = LEAST_HALF_WIDTH_MM * MM;
    private static final double MAX_HALF_WIDTH_M = 20 * MM;
    private static final double POOL_LINE_M = 0.3 * MM;
    private static final double MAX_POOL_LENGTH_M = 200 * MM;

    private final List<HeatPath> legs;
    private final double preheatC;

    /** Half plates of one member, already weighted with n_i/2. */
    private record HeatPath(double weight, MaterialProperties metal, MovingSourcePlate plate) {

        private double power(double yM, double zM, double preheatC) {
            return weight * (metal.meltC() - preheatC) / plate.peakRisePerWatt(yM, Math.min(zM, plate.thicknessM()));
        }
    }

    private JointConduction(List<HeatPath> legs, double preheatC) {
        this.legs = legs;
        this.preheatC = preheatC;
    }

    /**
     * {@return the joint under an arc that meets the demand} Members of equal thickness and metal are merged.
     *
     * @param joint the joint
     * @param conditions the welding conditions
     * @param requirement what has to be melted
     */
    public static JointConduction of(Joint joint, WeldingConditions conditions, FusionRequirement requirement) {
        return of(joint, conditions, requirement, conditions.chill().contactWPerM2K());
    }

    /** The same without its bar. */
    static JointConduction withoutBar(Joint joint, WeldingConditions conditions, FusionRequirement requirement) {
        return of(joint, conditions, requirement, 0);
    }

    private static JointConduction of(
            Joint joint, WeldingConditions conditions, FusionRequirement requirement, double contact) {
        double loss = 2 * FACE_LOSS_W_PER_M2K + contact;
        double speed = requirement.speedMmPerS() * MM;
        double base = Math.min(joint.base().inMillimetres(), requirement.sinkMm());
        double abutting = Math.min(joint.abutting().inMillimetres(), requirement.sinkMm());
        double share = CornerModel.pathShare(joint);
        double baseWeight = share * joint.baseLegs() / 2.0;
        double abuttingWeight = share * (joint.smallTab() ? SMALL_TAB_FACTOR / 2 : 0.5);
        List<HeatPath> legs = new ArrayList<>(3);
        if (base == abutting && !joint.isDissimilar()) {
            legs.add(leg(baseWeight + abuttingWeight, joint.material().properties(), base, speed, loss));
        } else {
            legs.add(leg(baseWeight, joint.material().properties(), base, speed, loss));
            legs.add(leg(abuttingWeight, joint.other().properties(), abutting, speed, loss));
        }
        if (joint.preparation() == EdgePreparation.BACKING_STRIP) {
            legs.add(leg(1, joint.material().properties(), EdgePreparation.STRIP_MM, speed, loss));
        }
        double wall = Math.min(joint.base().inMillimetres(), joint.abutting().inMillimetres());
        return new JointConduction(legs, conditions.metalC() + CornerModel.warmthK(joint, wall));
    }

    private static HeatPath leg(
            double weight, MaterialProperties metal, double thicknessMm, double speedMPerS, double loss) {
        return new HeatPath(weight, metal, new MovingSourcePlate(metal, thicknessMm * MM, speedMPerS, loss));
    }

    /**
     * {@return power into the plates that melts them to half width y and depth z, W}
     *
     * @param halfWidthMm half the width, mm
     * @param depthMm depth, mm
     */
    public double powerW(double halfWidthMm, double depthMm) {
        return power(halfWidthMm * MM, depthMm * MM);
    }

    private double power(double yM, double zM) {
        double sum = 0;
        for (HeatPath leg : legs) {
            sum += leg.power(yM, zM, preheatC);
        }
        return sum;
    }

    /**
     * {@return share of a power that the base member takes, 0–1}
     *
     * @param halfWidthMm half the width, mm
     * @param depthMm depth, mm
     * @param powerW power, W
     */
    public double baseShare(double halfWidthMm, double depthMm, double powerW) {
        return legs.size() == 1 || powerW <= 0
                ? 1
                : legs.get(0).power(halfWidthMm * MM, depthMm * MM, preheatC) / powerW;
    }

    /**
     * {@return width of the pool on the face, mm; 0 if nothing melts} The search starts from a guess.
     *
     * @param powerW power, W
     * @param guessMm where the search starts, mm
     */
    public double frontWidthMm(double powerW, double guessMm) {
        return widthMm(powerW, 0, guessMm);
    }

    /**
     * {@return width of the pool on the back, mm; 0 if the back does not melt} The search starts from a guess.
     *
     * @param powerW power, W
     * @param guessMm where the search starts, mm
     */
    public double backWidthMm(double powerW, double guessMm) {
        return widthMm(powerW, MAX_HALF_WIDTH_M, guessMm);
    }

    /** z beyond a plate's thickness means its back face. */
    private double widthMm(double powerW, double zM, double guessMm) {
        double half = NumericSearch.rootNear(
                y -> power(y, zM) - powerW, guessMm * MM / 2, MIN_HALF_WIDTH_M, MAX_HALF_WIDTH_M, WIDTH_TOLERANCE_M);
        return half <= MIN_HALF_WIDTH_M ? 0 : 2 * half / MM;
    }

    /**
     * {@return highest temperature the back of the thinner member sees, °C; above melting where the back melts}
     *
     * @param powerW power, W
     * @param thinnerMm thickness of the thinner member, mm
     * @param meltC melting point, °C
     */
    public double backPeakC(double powerW, double thinnerMm, double meltC) {
        double melts = power(MIN_HALF_WIDTH_M, thinnerMm * MM);
        return preheatC + (meltC - preheatC) * powerW / melts;
    }

    /**
     * {@return length of the pool behind the arc, mm} The search starts from a guess.
     *
     * @param powerW power, W
     * @param guessMm where the search starts, mm
     */
    public double poolLengthMm(double powerW, double guessMm) {
        double length = NumericSearch.rootNear(
                behind -> wakePower(behind) - powerW, guessMm * MM, POOL_LINE_M, MAX_POOL_LENGTH_M, WIDTH_TOLERANCE_M);
        return length / MM;
    }

    /** The power at which the pool ends this far behind the arc, W. */
    private double wakePower(double behindM) {
        double sum = 0;
        for (HeatPath leg : legs) {
            sum += leg.weight() * (leg.metal().meltC() - preheatC) / leg.plate().risePerWatt(-behindM, POOL_LINE_M, 0);
        }
        return sum;
    }
}
