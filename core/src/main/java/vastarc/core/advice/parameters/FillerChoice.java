package vastarc.core.advice.parameters;

import java.util.List;
import java.util.stream.Stream;
import vastarc.core.advice.parameters.Stock.StockChoice;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.joint.Joint;
import vastarc.core.physics.heat.FusionRequirement;
import vastarc.core.physics.heat.HeatBalance;

/**
 * What one wire diameter does to the arc, by both ways of calculating it.
 *
 * <p>Source: {@code docs/model/fusion.md (8)} [derived]. The share is an upper bound: the hot deposit gives part of it back.
 *
 * @param school              whose choice this diameter is
 * @param diameterMm          of the wire, mm
 * @param sameDepositPercent  share of the arc it takes when the same metal is added, %
 * @param sameFeedPercent     share when the welder keeps its rhythm and the same length of wire goes in, %
 * @param plateLeftW          power left to the plate when the welder keeps its rhythm at the sheet's current, W
 * @param currentToKeepA      current that keeps the pool when the welder keeps its rhythm, A
 * @param chillPerDabK        how far one dab of the same length cools the pool, K
 */
public record FillerChoice(
        Method school,
        double diameterMm,
        double sameDepositPercent,
        double sameFeedPercent,
        double plateLeftW,
        double currentToKeepA,
        double chillPerDabK) {

    /** Above this a cold lump sits in the corner while the arc lights the walls (judgement). */
    public static final double COLD_DAB_K = 150;

    /** Fastest that a welder feeds wire, mm/min (judgement). */
    public static final double FASTEST_MM_PER_MIN = 300;

    /** Rhythm of a steady welder, dabs a second. Judgement. */
    public static final double DABS_PER_S = 1.5;

    private static final double POOL_CAPACITY_J_PER_KG_K = 800;

    /**
     * {@return the three methods' diameters for this joint}
     *
     * @param plan the decisions of the sheet
     */
    public static List<FillerChoice> compare(SheetDecisions plan) {
        return Stream.of(Method.WIRE_THINNER, Method.WIRE_BY_DEPOSIT, Method.WIRE_THICKER)
                .map(method -> of(method, plan))
                .toList();
    }

    /** The wire of that diameter. */
    FillerRod wire() {
        return FillerRod.sizes().stream()
                .filter(size -> size.diameterMm() == diameterMm)
                .findFirst()
                .orElseThrow();
    }

    /**
     * {@return the diameter a method picks}
     *
     * @param method the method
     * @param plan the decisions of the sheet
     */
    public static FillerRod pick(Method method, SheetDecisions plan) {
        return pick(method, plan.first(), plan.methods());
    }

    private static FillerRod pick(Method method, HeatBalance first, ChosenMethods methods) {
        double t = first.joint().wireThicknessMm();
        return switch (method) {
            case WIRE_THINNER -> FillerRod.thinnerThan(t);
            case WIRE_THICKER -> FillerRod.thickerThan(t);
            default -> usual(first, isThinTitanium(first, methods));
        };
    }

    /**
     * {@return the usual diameter by thickness, on a fillet the thicker one of two; thicker where a welder could not
     * feed it fast enough, as far as the sheet bears it} Source: wires.csv; 300 mm/min [judgement].
     *
     * @param heat the heat balance
     * @param thinTitanium whether rods thicker than the wall are left out, as on titanium
     */
    public static FillerRod usual(HeatBalance heat, boolean thinTitanium) {
        Joint joint = heat.joint();
        double t = joint.wireThicknessMm();
        FillerRod usual =
                joint.isCorner() ? FillerRod.usualForFillet(t, thinTitanium) : FillerRod.usualFor(t, thinTitanium);
        return FillerRod.sizes().stream()
                .filter(size -> size.diameterMm() >= usual.diameterMm())
                .filter(size -> feedMmPerMin(heat.demand(), size) <= FASTEST_MM_PER_MIN
                        || FillerRod.thickerThan(size.diameterMm()).isTooThickFor(t))
                .findFirst()
                .orElse(FillerRod.sizes().get(FillerRod.sizes().size() - 1));
    }

    /** The rod of a weld, from stock, by the shop's method. */
    static StockChoice<FillerRod> rod(HeatBalance first, ShopDefaults shop) {
        ChosenMethods methods = shop.methods();
        FillerRod right = pick(methods.of(ParameterTopic.WIRE_SIZE), first, methods);
        return shop.stock().wire(right, first.joint().wireThicknessMm());
    }

    /**
     * {@return feed of a rod, mm/min: \( 60 A v/A_w \); A section laid, mm², v travel, mm/s, A_w section of the rod,
     * mm²} Source: arithmetic.
     *
     * @param requirement what has to be melted
     * @param rod the filler rod
     */
    public static double feedMmPerMin(FusionRequirement requirement, FillerRod rod) {
        return requirement.depositedAreaMm2() * requirement.speedMmPerS() / rod.sectionMm2() * 60;
    }

    /**
     * {@return whether the rod may be no thicker than the wall: on titanium, unless the shop goes by the steel table}
     *
     * @param plan the decisions of the sheet
     */
    public static boolean isThinTitanium(SheetDecisions plan) {
        return isThinTitanium(plan.first(), plan.methods());
    }

    private static boolean isThinTitanium(HeatBalance first, ChosenMethods methods) {
        return first.joint().isTitanium() && methods.of(ParameterTopic.TITANIUM_WIRE) == Method.TITANIUM_WIRE_THIN;
    }

    /**
     * {@return the filler alloy of a joint}
     *
     * @param method the method
     * @param plan the decisions of the sheet
     */
    public static FillerChoice of(Method method, SheetDecisions plan) {
        HeatBalance heat = plan.heat();
        FillerRod wire = pick(method, plan);
        double ratio = wire.sectionMm2() / pick(Method.WIRE_BY_DEPOSIT, plan).sectionMm2();
        double arcHeat = heat.arcHeatW();
        double fed = heat.wirePowerW() * ratio;
        return new FillerChoice(
                method,
                wire.diameterMm(),
                100 * heat.wirePowerW() / arcHeat,
                100 * fed / arcHeat,
                arcHeat - fed,
                heat.arc().currentA(heat.platePowerW() + fed),
                poolCoolingK(heat, ratio));
    }

    /** ΔT = V_dab h_melt/(V_pool c) with the same density in both, K. */
    private static double poolCoolingK(HeatBalance heat, double ratio) {
        double dabMm3 = heat.demand().depositedAreaMm2() * heat.demand().speedMmPerS() / DABS_PER_S * ratio;
        return dabMm3 * heat.metal().meltEnthalpyJPerKg() / (heat.pool().volumeMm3() * POOL_CAPACITY_J_PER_KG_K);
    }
}
