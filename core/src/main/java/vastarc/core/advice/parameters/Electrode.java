package vastarc.core.advice.parameters;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import vastarc.core.domain.consumable.TipFlat;
import vastarc.core.domain.consumable.Tungsten;

/**
 * The tungsten of a weld and how it is ground.
 *
 * @param tungsten   the one that is fitted
 * @param diameterMm its diameter, mm
 * @param type       its kind, by the shop's method
 * @param tipDeg     included angle of the tip, degrees
 * @param flatMm     flat left at the tip, mm
 * @param hottestA   peak of the hottest pass, which it has to carry, A
 */
public record Electrode(
        Tungsten tungsten, MethodFigure diameterMm, Method type, Range tipDeg, Range flatMm, double hottestA) {

    private static final double HELD_SHARE = 0.2;
    private static final double NEEDLE_DEG = 20;

    static Electrode of(SheetDecisions plan) {
        TipFlat flat = Tungsten.tipFlat(plan.peakA());
        return new Electrode(
                plan.tungsten(),
                diameter(plan),
                plan.methods().of(ParameterTopic.TUNGSTEN_TYPE),
                angle(plan),
                Range.around(flat.usualMm(), flat.lowMm(), flat.highMm()),
                plan.hottestA());
    }

    /**
     * By the hottest pass and the chosen method: the usual one, the thinnest whose practical maximum is at least 1.1 of the peak, or one
     * size. Range: from the thinnest that carries the peak to the thickest that still holds a fifth of it. Source: tungstens.csv [standard,
     * judgement].
     */
    private static MethodFigure diameter(SheetDecisions plan) {
        Tungsten tungsten = plan.tungsten();
        double peak = plan.hottestA();
        List<Tungsten> sizes = Tungsten.sizes();
        double low = sizes.stream()
                .filter(size -> size.practicalMaxA() >= peak)
                .findFirst()
                .orElse(tungsten)
                .diameterMm();
        double high = sizes.stream()
                .filter(size -> size.minStableA() <= HELD_SHARE * peak)
                .reduce(tungsten, (thin, thick) -> thick)
                .diameterMm();
        Map<Method, Double> byMethod = new LinkedHashMap<>();
        byMethod.put(Method.SMALLEST, plan.tungstenMm(Method.SMALLEST));
        byMethod.put(Method.USUAL, plan.tungstenMm(Method.USUAL));
        byMethod.put(Method.ONE_SIZE, plan.tungstenMm(Method.ONE_SIZE));
        return new MethodFigure(
                Range.around(tungsten.diameterMm(), low, high),
                plan.methods().of(ParameterTopic.TUNGSTEN_SIZE),
                byMethod);
    }

    /**
     * \( 15 + 0.3\,I \) within 20 to 60, I the peak, A; needle of at most 20 below 15 A; range ±8. Source: [judgement].
     */
    private static Range angle(SheetDecisions plan) {
        double usual = Tungsten.tipAngleDeg(plan.peakA());
        double value = plan.isMicro() ? Math.min(NEEDLE_DEG, usual) : usual;
        return Range.around(value, Math.max(15, value - 8), Math.min(90, value + 8));
    }
}
