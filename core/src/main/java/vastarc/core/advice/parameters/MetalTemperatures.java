package vastarc.core.advice.parameters;

/**
 * Metal before the arc and between passes.
 *
 * @param need       what the metal needs
 * @param beforeC    before the arc, °C
 * @param interpassC most before the next pass, °C
 */
public record MetalTemperatures(Preheat need, Range beforeC, Range interpassC) {

    /** As entered, else what the metal needs. Source: preheat.csv [judgement]. */
    static MetalTemperatures of(SheetDecisions plan) {
        Preheat need = Preheat.of(plan.joint());
        double before = plan.practice().preheatC().orElse(need.lowC());
        double most = Math.max(need.interpassC(), plan.practice().metalC());
        return new MetalTemperatures(
                need,
                Range.around(before, need.lowC(), need.highC()),
                new Range(most, Math.min(most, need.lowC()), most));
    }
}
