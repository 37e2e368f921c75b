package vastarc.core.advice.parameters;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.parameters.Stock.StockChoice;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.physics.heat.HeatBalance;

/**
 * The filler rod of a weld.
 *
 * @param rod          the rod, from stock
 * @param diameterMm   its diameter, mm
 * @param alloy        the row of alloys for this pair of metals and this service
 * @param depositMm2   section that a pass lays, mm²
 * @param feedMmPerMin rod fed, mm/min
 * @param sharePercent share of the arc that melts it, %
 * @param choice       what a rod of this method does to the arc
 */
public record FillerSettings(
        StockChoice<FillerRod> rod,
        MethodFigure diameterMm,
        FillerAlloy alloy,
        double depositMm2,
        Range feedMmPerMin,
        double sharePercent,
        FillerChoice choice) {

    /** Empty for a weld without filler. */
    static Optional<FillerSettings> of(SheetDecisions plan) {
        return plan.filler().map(rod -> of(plan, rod));
    }

    /**
     * Alloy by the pair of grades and the service. Source: wire-alloys.csv [handbook]. Feed {@link FillerChoice#feedMmPerMin}, range ±30 %
     * [judgement]. Share q_wire/(q_plate + q_wire), both W. Source: enthalpy of melting [textbook], upper bound.
     */
    private static FillerSettings of(SheetDecisions plan, StockChoice<FillerRod> rod) {
        HeatBalance heat = plan.heat();
        double perMin = FillerChoice.feedMmPerMin(heat.demand(), rod.item());
        return new FillerSettings(
                rod,
                diameter(plan, rod.item()),
                FillerAlloy.of(
                        plan.joint().material(),
                        plan.joint().other(),
                        plan.practice().service()),
                heat.demand().depositedAreaMm2(),
                new Range(perMin, 0.7 * perMin, 1.3 * perMin),
                100 * heat.wirePowerW() / heat.arcHeatW(),
                FillerChoice.of(plan.methods().of(ParameterTopic.WIRE_SIZE), plan));
    }

    private static MethodFigure diameter(SheetDecisions plan, FillerRod rod) {
        double t = plan.joint().wireThicknessMm();
        Method method = plan.methods().of(ParameterTopic.WIRE_SIZE);
        Map<Method, Double> byMethod = new LinkedHashMap<>();
        byMethod.put(Method.WIRE_BY_DEPOSIT, picked(Method.WIRE_BY_DEPOSIT, plan));
        byMethod.put(Method.WIRE_THINNER, picked(Method.WIRE_THINNER, plan));
        byMethod.put(Method.WIRE_THICKER, picked(Method.WIRE_THICKER, plan));
        if (plan.isTitanium()) {
            boolean thin = FillerChoice.isThinTitanium(plan);
            byMethod.put(
                    thin ? Method.TITANIUM_WIRE_AS_STEEL : Method.TITANIUM_WIRE_THIN,
                    FillerChoice.usual(plan.first(), !thin).diameterMm());
        }
        return new MethodFigure(
                Range.around(
                        rod.diameterMm(),
                        FillerRod.thinnerThan(t).diameterMm(),
                        Math.max(rod.diameterMm(), FillerRod.MAX_OF_THICKNESS * t)),
                plan.isTitanium() && method == Method.WIRE_BY_DEPOSIT
                        ? plan.methods().of(ParameterTopic.TITANIUM_WIRE)
                        : method,
                byMethod);
    }

    private static double picked(Method method, SheetDecisions plan) {
        return FillerChoice.pick(method, plan).diameterMm();
    }
}
