package vastarc.core.advice.parameters;

import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.Stock.StockChoice;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.joint.Access;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.physics.heat.HeatBalance;

/** Chooses cup, lens and torch gas of a weld: one fits all its passes. */
final class CupChoice {

    /** Below this peak the arc is small: small cup, less gas, A. Source: [judgement]. */
    static final double MICRO_BELOW_A = 15;

    private static final double SMALL_ARC_A = 10;
    private static final double FULL_FLOW_A = 20;
    private static final int TITANIUM_CUP = 12;
    private static final int MICRO_CUP = 4;
    private static final int USUAL_CUP = 5;
    private static final int BRIGHT_CUP = 8;
    private static final int LARGEST_CUP = 14;
    private static final double SHIELD_MARGIN_MM = 6;
    private static final double TITANIUM_MARGIN_MM = 10;
    private static final double TIGHT_MARGIN_MM = 4;

    private CupChoice() {}

    /** The cup, from stock: wide enough for the widest pool of the weld. Source: margins [judgement]. */
    static StockChoice<Cup> cup(HeatBalance heat, List<WeldPass> runs, double peakA, ShopDefaults shop) {
        boolean titanium = heat.joint().isTitanium();
        boolean tight = heat.practice().access() == Access.TIGHT;
        boolean lens = lens(heat, shop.methods().of(ParameterTopic.LENS));
        double margin = titanium ? TITANIUM_MARGIN_MM : tight ? TIGHT_MARGIN_MM : SHIELD_MARGIN_MM;
        boolean clean = heat.joint().wantsPurge() && heat.practice().finish() != FinishRequirement.PLAIN;
        int smallest = titanium ? TITANIUM_CUP : clean ? BRIGHT_CUP : peakA < MICRO_BELOW_A ? MICRO_CUP : USUAL_CUP;
        double bore = widestMm(heat, runs) + margin;
        Cup least = Cup.atLeast(bore, tight && !titanium ? MICRO_CUP : smallest).lens(lens);
        Cup wanted = tight ? least : cleanestCup(heat, least, peakA, shop.methods());
        StockChoice<Cup> cup = shop.stock().cup(wanted, bore);
        return new StockChoice<>(cup.item().lens(lens), cup.missing().map(missing -> missing.lens(lens)));
    }

    /** The smallest cup whose gas alone leaves the seam as clean as its finish wants it; the least where none does. */
    private static Cup cleanestCup(HeatBalance heat, Cup least, double peakA, ChosenMethods methods) {
        OptionalDouble most = GasCover.mostC(heat.joint(), heat.practice());
        if (most.isEmpty()) {
            return least;
        }
        return Cup.sizes().stream()
                .map(size -> size.lens(least.lens()))
                .filter(cup -> cup.boreMm() >= least.boreMm() && cup.number() <= LARGEST_CUP)
                .filter(cup -> {
                    double cover =
                            GasCover.mm(cup, flow(heat, cup, peakA, methods).value());
                    return GasCover.leavesC(heat, cover) <= most.getAsDouble();
                })
                .findFirst()
                .orElse(least);
    }

    /** By metal, finish and room, or as the shop always does. Source: [judgement]. */
    private static boolean lens(HeatBalance heat, Method method) {
        return switch (method) {
            case LENS_ALWAYS -> true;
            case LENS_NEVER -> false;
            default ->
                heat.joint().wantsPurge()
                        || heat.practice().finish() != FinishRequirement.PLAIN
                        || heat.practice().access() == Access.TIGHT;
        };
    }

    /** Torch flow, L/min, in the calm band of a cup. Source: Reynolds number [textbook], bands [judgement]. */
    static Range flow(HeatBalance heat, Cup cup, double peakA, ChosenMethods methods) {
        return chosen(gasFlow(heat, cup, peakA), methods.of(ParameterTopic.GAS_FLOW));
    }

    /** Titanium calmer; small arcs from 600 to 900, up to 1000 to 1400 (1600 with a lens) for all others, in proportion to the current between. */
    private static Range gasFlow(HeatBalance heat, Cup cup, double peakA) {
        if (heat.joint().isTitanium()) {
            return flow(cup, 1100, 1000, 1200);
        }
        double share = Math.max(0, Math.min(1, (peakA - SMALL_ARC_A) / (FULL_FLOW_A - SMALL_ARC_A)));
        return flow(
                cup,
                between(800, 1200, share),
                between(600, 1000, share),
                between(900, cup.lens() ? 1600 : 1400, share));
    }

    private static double between(double small, double full, double share) {
        return small + (full - small) * share;
    }

    private static Range flow(Cup cup, double reynolds, double low, double high) {
        return new Range(cup.flowLPerMin(reynolds), cup.flowLPerMin(low), cup.flowLPerMin(high));
    }

    /** Widest pool of all passes that the gas has to cover, mm; one that melts a face is as wide as what it melts. */
    private static double widestMm(HeatBalance first, List<WeldPass> runs) {
        return runs.stream()
                .skip(1)
                .mapToDouble(run -> 2 * run.demand().halfWidthMm())
                .reduce(first.pool().coveredMm(first.joint().isCorner()), Math::max);
    }

    /** Where in its calm band the shop likes its flow. */
    private static Range chosen(Range band, Method method) {
        return switch (method) {
            case GAS_GENEROUS -> new Range(band.high(), band.low(), band.high());
            case GAS_JUST_ENOUGH -> new Range(band.low(), band.low(), band.high());
            default -> band;
        };
    }
}
