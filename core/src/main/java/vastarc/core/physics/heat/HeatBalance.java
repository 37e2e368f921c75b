package vastarc.core.physics.heat;

import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.MaterialProperties;

/**
 * The heat balance of one pass: what the plate takes, what the wire takes, the steady current that pays for both, and the pool.
 *
 * @param joint                the joint
 * @param practice             how it is welded
 * @param demand               what must melt
 * @param platePowerW          q_plate, W
 * @param wirePowerW           q_wire = A v ρ h, W
 * @param baseShare            share of the plate power that the base member takes, 0–1
 * @param pool                 the pool at this power
 * @param poolBehindMm         its length behind the arc, mm
 * @param backPeakC            highest temperature the back of the thinner member sees, °C
 * @param coolingPowerW        power that stays in the plates and has to leave them again: without what goes straight into a bar, W
 */
public record HeatBalance(
        Joint joint,
        WeldingConditions practice,
        FusionRequirement demand,
        double platePowerW,
        double wirePowerW,
        double baseShare,
        WeldPool pool,
        double poolBehindMm,
        double backPeakC,
        double coolingPowerW) {

    private static final double MOST_TRAIL_MM = 2000;

    /**
     * Solves the heat balance of the first pass of a joint with its usual fusion requirement.
     *
     * @param joint the joint
     * @param conditions the welding conditions
     * @return the heat balance
     */
    public static HeatBalance of(Joint joint, WeldingConditions conditions) {
        return of(joint, conditions, FusionRequirement.of(joint, conditions));
    }

    /**
     * Solves the heat balance of one pass: the current at which the arc pays for conduction into the members and for
     * melting the filler.
     *
     * @param joint the joint
     * @param conditions the welding conditions
     * @param requirement what has to be melted
     * @return the heat balance
     */
    public static HeatBalance of(Joint joint, WeldingConditions conditions, FusionRequirement requirement) {
        JointConduction heat = JointConduction.of(joint, conditions, requirement);
        double plate = heat.powerW(requirement.halfWidthMm(), requirement.depthMm());
        double front = heat.frontWidthMm(plate, 2 * requirement.halfWidthMm());
        double back = heat.backWidthMm(plate, 2 * requirement.halfWidthMm());
        double behind = heat.poolLengthMm(plate, front);
        double wire = wirePower(joint, requirement);
        double width = CornerModel.widthMm(joint, front, new ArcModel(requirement.arcMm()).currentA(plate + wire));
        double meanWidth = back > 0 ? (front + back) / 2 : front;
        WeldPool pool =
                new WeldPool(width, back, behind + meanWidth / 2, Math.min(joint.thinnerMm(), requirement.sinkMm()));
        return new HeatBalance(
                joint,
                conditions,
                requirement,
                plate,
                wire,
                heat.baseShare(requirement.halfWidthMm(), requirement.depthMm(), plate),
                pool,
                behind,
                heat.backPeakC(
                        plate, joint.thinnerMm(), joint.material().properties().meltC()),
                conditions.chill() == BackingBar.NONE
                        ? plate
                        : JointConduction.withoutBar(joint, conditions, requirement)
                                .powerW(requirement.halfWidthMm(), requirement.depthMm()));
    }

    /**
     * {@return whether the back of the thinner member stays solid}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static boolean leavesBackSolid(Joint joint, WeldingConditions conditions) {
        FusionRequirement requirement = FusionRequirement.of(joint, conditions);
        JointConduction heat = JointConduction.of(joint, conditions, requirement);
        return heat.powerW(requirement.halfWidthMm(), requirement.depthMm())
                < heat.powerW(JointConduction.LEAST_HALF_WIDTH_MM, joint.thinnerMm());
    }

    /**
     * {@return the steady current alone, A: for tables and comparisons that do not need the pool}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     */
    public static double currentA(Joint joint, WeldingConditions conditions) {
        return currentA(joint, conditions, FusionRequirement.of(joint, conditions));
    }

    /**
     * {@return the steady current for a demand, A}
     *
     * @param joint the joint
     * @param conditions the welding conditions
     * @param requirement what has to be melted
     */
    public static double currentA(Joint joint, WeldingConditions conditions, FusionRequirement requirement) {
        double plate = JointConduction.of(joint, conditions, requirement)
                .powerW(requirement.halfWidthMm(), requirement.depthMm());
        return new ArcModel(requirement.arcMm()).currentA(plate + wirePower(joint, requirement));
    }

    private static double wirePower(Joint joint, FusionRequirement requirement) {
        MaterialProperties metal = joint.material().properties();
        double volumeM3PerS = requirement.depositedAreaMm2() * requirement.speedMmPerS() * 1e-9;
        return volumeM3PerS * metal.densityKgPerM3() * metal.meltEnthalpyJPerKg();
    }

    /** {@return the arc model of the joint} */
    public ArcModel arc() {
        return new ArcModel(demand.arcMm());
    }

    /** {@return power the arc must put into plate and wire, W} */
    public double arcHeatW() {
        return platePowerW + wirePowerW;
    }

    /**
     * Steady current, A.
     *
     * @return the figure
     */
    public double currentA() {
        return arc().currentA(arcHeatW());
    }

    /** {@return the arc voltage at the solved current, V} */
    public double voltageV() {
        return arc().voltageV(currentA());
    }

    /** {@return V I / v, kJ/mm} */
    public double arcEnergyKjPerMm() {
        return energy().kjPerMm();
    }

    /** {@return heat input of EN 1011-1, 0.6 V I / v, kJ/mm} */
    public double heatInputKjPerMm() {
        return energy().heatInputKjPerMm();
    }

    private ArcEnergy energy() {
        return ArcEnergy.of(voltageV() * currentA(), demand.speedMmPerS());
    }

    /** {@return Σ n_i t_i / 2, mm} */
    public double effectiveThicknessMm() {
        double base = Math.min(joint.base().inMillimetres(), demand.sinkMm());
        double abutting = Math.min(joint.abutting().inMillimetres(), demand.sinkMm());
        return (joint.baseLegs() * base + abutting) / 2;
    }

    /** {@return the properties of the metal that decides} */
    public MaterialProperties metal() {
        return joint.material().properties();
    }

    /**
     * {@return cooling of the stop point after a down-slope, with the usual bead behind it}
     *
     * @param slopeS down-slope, s
     * @param faceLossWPerM2K heat loss of the faces, W/(m²·K)
     */
    public CoolingTime cooling(double slopeS, double faceLossWPerM2K) {
        return new CoolingTime(
                metal(),
                effectiveThicknessMm(),
                coolingPowerW,
                demand.speedMmPerS(),
                slopeS,
                CoolingTime.USUAL_BEAD_MM,
                faceShare() * faceLossWPerM2K + practice.chill().contactWPerM2K(),
                practice.metalC());
    }

    /**
     * {@return length behind the arc that must stay under gas until the seam has fallen to a temperature, mm}
     *
     * <p>\( L = v\tau \) with \( \Delta T\sqrt{\tau} = \frac{q/v}{t\sqrt{4\pi k\rho c}}\,e^{-h\tau/(\rho c t)} \),
     * the cooling properties, h of both faces under gas and of a bar. Source: line source on thin plate [textbook].
     *
     * @param temperatureC temperature, °C
     */
    public double trailLengthMm(double temperatureC) {
        double most = lineHeat() / (temperatureC - practice.metalC());
        if (most <= 0) {
            return MOST_TRAIL_MM;
        }
        double longest = most * most;
        double time = NumericSearch.root(
                tau -> temperatureC - trailingAfterC(tau), Math.min(1e-3, longest / 2), longest, 1e-4);
        return Math.min(MOST_TRAIL_MM, demand.speedMmPerS() * time);
    }

    /**
     * {@return temperature of the seam a distance behind the arc, °C; the inverse of {@link #trailLengthMm}}
     *
     * @param behindMm distance behind the arc, mm
     */
    public double trailingC(double behindMm) {
        return trailingAfterC(behindMm / demand.speedMmPerS());
    }

    private double trailingAfterC(double afterS) {
        return practice.metalC() + lineHeat() / Math.sqrt(afterS) * Math.exp(-faceLossPerS() * afterS);
    }

    /** h/(ρ c t) under gas, with a bar its contact besides, 1/s. */
    private double faceLossPerS() {
        double stored = metal().densityKgPerM3() * metal().coolingCapacityJPerKgK() * effectiveThicknessMm() * 1e-3;
        return (faceShare() * CoolingTime.UNDER_GAS + practice.chill().contactWPerM2K()) / stored;
    }

    /** Share of the members' faces that give heat to the gas: those of an edge joint lie on each other. */
    private double faceShare() {
        return joint.form() == JointForm.EDGE ? 0.5 : 1;
    }

    /** (q/v)/(t √(4π k ρ c)), K·√s. */
    private double lineHeat() {
        MaterialProperties metal = metal();
        double perMetre = coolingPowerW / (demand.speedMmPerS() * 1e-3);
        double spread = 4
                * Math.PI
                * metal.coolingConductivityWPerMK()
                * metal.densityKgPerM3()
                * metal.coolingCapacityJPerKgK();
        return trailShare() * perMetre / (effectiveThicknessMm() * 1e-3 * Math.sqrt(spread));
    }

    /** Share of the line's heat that a seam still has 15 to 45 s behind the arc, its hot metal radiating: by simulation [simulation]. */
    private double trailShare() {
        return switch (joint.material().family()) {
            case TITANIUM -> 0.92;
            case STAINLESS -> 0.72;
            default -> 1;
        };
    }

    /**
     * {@return rise ahead of the arc when a lap of a tube closes on its own heat, K}
     *
     * <p>\( \Delta T = \frac{q}{4\pi k t}\sqrt{a/(vD)} \), long tube assumed. Source: thermal image one circumference
     * ahead, half its integral [textbook]. Checked by: wrap.csv.
     *
     * @param tubeOdMm outside diameter of the tube, mm
     */
    public double wrapRiseK(double tubeOdMm) {
        double speed = demand.speedMmPerS() * 1e-3;
        double line = platePowerW / (4 * Math.PI * metal().conductivityWPerMK() * effectiveThicknessMm() * 1e-3);
        return line * Math.sqrt(metal().diffusivityM2PerS() / (speed * tubeOdMm * 1e-3));
    }
}
