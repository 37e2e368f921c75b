package vastarc.core.sheet;

import java.util.List;
import java.util.stream.Stream;
import vastarc.core.consumable.Wire;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Joint;

/**
 * What one wire diameter does to the arc, by both ways of counting.
 *
 * <p>Source: engine specification section 5 [derived]. The share is an upper bound: the hot deposit gives part of it back.
 *
 * @param school              whose choice this diameter is
 * @param diameterMm          of the wire, mm
 * @param sameDepositPercent  share of the arc it takes when the same metal is laid, %
 * @param sameFeedPercent     share when the hand keeps its rhythm and the same length of wire goes in, %
 * @param plateLeftW          power left to the plate when the hand keeps its rhythm at the sheet's current, W
 * @param currentToKeepA      current that keeps the pool when the hand keeps its rhythm, A
 * @param chillPerDabK        how far one dab of the same length cools the pool, K
 */
public record WireChoice(
        School school,
        double diameterMm,
        double sameDepositPercent,
        double sameFeedPercent,
        double plateLeftW,
        double currentToKeepA,
        double chillPerDabK) {

    /** Above this a cold lump sits in the corner while the arc lights the walls (judgement). */
    public static final double COLD_DAB_K = 150;

    /** Fastest that a hand feeds wire, mm/min (judgement). */
    public static final double FASTEST_MM_PER_MIN = 300;

    /** Rhythm of a steady hand, dabs a second. Judgement. */
    public static final double DABS_PER_S = 1.5;

    private static final double POOL_CAPACITY_J_PER_KG_K = 800;

    /** The three schools' diameters for this joint. */
    static List<WireChoice> compare(Plan plan) {
        return Stream.of(School.WIRE_THINNER, School.WIRE_BY_DEPOSIT, School.WIRE_THICKER)
                .map(school -> of(school, plan))
                .toList();
    }

    /** The wire of that diameter. */
    Wire wire() {
        return Wire.sizes().stream()
                .filter(size -> size.diameterMm() == diameterMm)
                .findFirst()
                .orElseThrow();
    }

    /** The diameter a school picks. */
    static Wire pick(School school, Plan plan) {
        double t = plan.joint().wireThicknessMm();
        return switch (school) {
            case WIRE_THINNER -> Wire.thinnerThan(t);
            case WIRE_THICKER -> Wire.thickerThan(t);
            default -> usual(plan.heat(), isThinTitanium(plan));
        };
    }

    /**
     * The usual diameter by thickness, on a fillet the thicker one of two; thicker where a hand could not feed it fast enough, as far as the
     * sheet bears it. Source: wires.csv; 300 mm/min [judgement].
     */
    static Wire usual(HeatSolution heat, boolean thinTitanium) {
        Joint joint = heat.joint();
        double t = joint.wireThicknessMm();
        Wire usual = joint.isCorner() ? Wire.usualForFillet(t, thinTitanium) : Wire.usualFor(t, thinTitanium);
        double laid = heat.demand().depositMm2() * heat.demand().speedMmPerS() * 60;
        return Wire.sizes().stream()
                .filter(size -> size.diameterMm() >= usual.diameterMm())
                .filter(size -> laid / size.sectionMm2() <= FASTEST_MM_PER_MIN
                        || Wire.thickerThan(size.diameterMm()).isTooThickFor(t))
                .findFirst()
                .orElse(Wire.sizes().get(Wire.sizes().size() - 1));
    }

    /** Titanium takes wire no thicker than the wall, unless the shop goes by the steel table. */
    static boolean isThinTitanium(Plan plan) {
        return plan.isTitanium() && plan.schools().of(Matter.TITANIUM_WIRE) == School.TITANIUM_WIRE_THIN;
    }

    static WireChoice of(School school, Plan plan) {
        HeatSolution heat = plan.heat();
        Wire wire = pick(school, plan);
        double ratio = wire.sectionMm2() / pick(School.WIRE_BY_DEPOSIT, plan).sectionMm2();
        double arcHeat = heat.arcHeatW();
        double fed = heat.wirePowerW() * ratio;
        return new WireChoice(
                school,
                wire.diameterMm(),
                100 * heat.wirePowerW() / arcHeat,
                100 * fed / arcHeat,
                arcHeat - fed,
                heat.arc().currentA(heat.platePowerW() + fed),
                chill(heat, ratio));
    }

    /** ΔT = V_dab h_melt/(V_pool c) with the same density in both, K. */
    private static double chill(HeatSolution heat, double ratio) {
        double dabMm3 = heat.demand().depositMm2() * heat.demand().speedMmPerS() / DABS_PER_S * ratio;
        return dabMm3 * heat.metal().meltEnthalpyJPerKg() / (heat.pool().volumeMm3() * POOL_CAPACITY_J_PER_KG_K);
    }
}
