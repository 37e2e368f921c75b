package vastarc.core.advice.parameters;

import java.util.LinkedHashMap;
import java.util.Map;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.TorchClass;
import vastarc.core.domain.joint.Access;
import vastarc.core.domain.joint.FinishRequirement;

/**
 * What the torch is built up from, but for its tungsten.
 *
 * @param cup             the cup, with its lens
 * @param cupNumber       its number, sixteenths of an inch
 * @param cupRule         what the cup is chosen by
 * @param coveredMm       width that the cup has to cover, mm
 * @param lensMethod      by which method a gas lens is fitted
 * @param stickOutMm      tungsten beyond the cup, mm
 * @param isInCorner      whether the tungsten has to reach into a corner or a tight place
 * @param flowLPerMin     torch gas, L/min
 * @param reynolds        Reynolds number at the cup's exit
 * @param turbulentLPerMin flow at which the gas begins to stir, L/min
 * @param torch           the lightest class of torch that does
 * @param rmsA            effective current of the hottest pass, which heats it, A
 */
public record TorchSetup(
        Cup cup,
        Range cupNumber,
        CupRule cupRule,
        double coveredMm,
        Method lensMethod,
        Range stickOutMm,
        boolean isInCorner,
        MethodFigure flowLPerMin,
        double reynolds,
        double turbulentLPerMin,
        TorchClass torch,
        double rmsA) {

    /** A welder welding seam after seam has the arc on this much of ten minutes, %. Source: [judgement]. */
    private static final double BENCH_DUTY_PERCENT = 40;

    private static final double LONGEST_STICK_OUT_MM = 12;
    private static final double TURBULENT_REYNOLDS = 2000;

    /** What a cup is chosen by. */
    public enum CupRule {
        /** It has to go into a tight place. */
        TIGHT,
        /** Titanium stays under gas for long. */
        TITANIUM,
        /** Stainless has to stay clean. */
        CLEAN,
        /** The arc is small. */
        MICRO,
        /** It covers the pool. */
        POOL
    }

    static TorchSetup of(SheetDecisions plan) {
        Cup cup = plan.cup();
        boolean corner = plan.joint().isCorner() || plan.practice().access() == Access.TIGHT;
        double rms = plan.hottestRmsA();
        return new TorchSetup(
                cup,
                number(cup),
                rule(plan),
                plan.heat().pool().coveredMm(plan.joint().isCorner()),
                plan.methods().of(ParameterTopic.LENS),
                stickOut(plan, corner),
                corner,
                flow(plan),
                cup.reynolds(plan.gasFlow().value()),
                cup.flowLPerMin(TURBULENT_REYNOLDS),
                TorchClass.forCurrent(rms, BENCH_DUTY_PERCENT),
                rms);
    }

    /**
     * Bore at least the pool's face width plus 6 mm, titanium 10 mm and number 12, tight places 4 mm; number 8 where stainless has to stay
     * clean. Source: [judgement].
     */
    private static Range number(Cup cup) {
        double next = Cup.atLeast(cup.boreMm() + 0.1, cup.number()).number();
        return Range.around(cup.number(), cup.number(), Math.max(next, cup.number() + 1));
    }

    private static CupRule rule(SheetDecisions plan) {
        if (plan.isTitanium()) {
            return CupRule.TITANIUM;
        }
        if (plan.practice().access() == Access.TIGHT) {
            return CupRule.TIGHT;
        }
        boolean clean = plan.joint().wantsPurge() && plan.practice().finish() != FinishRequirement.PLAIN;
        return clean ? CupRule.CLEAN : plan.isMicro() ? CupRule.MICRO : CupRule.POOL;
    }

    /**
     * 0.5 of the cup's bore, 0.6 with a lens; in a corner or tight place 0.65 and 0.9; at most 0.7, with a lens 1.0, and never over 12 mm. On
     * titanium 6 to 8 mm, in a corner up to 10. Rounded to half a millimetre. Source: [judgement].
     */
    private static Range stickOut(SheetDecisions plan, boolean corner) {
        Cup cup = plan.cup();
        double usual = cup.lens() ? corner ? 0.9 : 0.6 : corner ? 0.65 : 0.5;
        double bore = cup.boreMm();
        double longest = plan.isTitanium() ? corner ? 10 : 8 : LONGEST_STICK_OUT_MM;
        double shortest = plan.isTitanium() ? 6 : 0.3 * bore;
        double most = Math.max(shortest, Math.min(longest, (cup.lens() ? 1.0 : 0.7) * bore));
        double value = Math.max(shortest, Math.min(plan.isTitanium() ? longest - 1 : most, usual * bore));
        return Range.around(Math.round(2 * value) / 2.0, shortest, most);
    }

    /**
     * \( Q = Re\,\pi D\nu/4 \) at Re 1200 (1000–1400, with a lens to 1600), titanium 1100 (1000–1200), up to 10 A 800 (600–900) and in
     * proportion to 20 A; D bore, m, ν of argon, m²/s. Source: Reynolds number [textbook], bands [judgement].
     */
    private static MethodFigure flow(SheetDecisions plan) {
        Range flow = plan.gasFlow();
        Map<Method, Double> byMethod = new LinkedHashMap<>();
        byMethod.put(Method.GAS_GENEROUS, flow.high());
        byMethod.put(Method.GAS_JUST_ENOUGH, flow.low());
        return new MethodFigure(flow, plan.methods().of(ParameterTopic.GAS_FLOW), byMethod);
    }
}
