package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;
import static vastarc.core.advice.sheet.Parameter.words;

import java.util.List;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.TipFlat;
import vastarc.core.domain.consumable.TorchClass;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.Access;
import vastarc.core.domain.joint.FinishRequirement;

/** What the torch is built up from: tungsten, tip, cup, flow, torch class. */
final class TorchRules {

    /** A welder welding seam after seam has the arc on this much of ten minutes (judgement). */
    private static final double BENCH_DUTY_PERCENT = 40;

    private static final double LONGEST_STICK_OUT_MM = 12;

    private TorchRules() {}

    static List<Parameter> settings(SheetDecisions plan) {
        return List.of(
                diameter(plan),
                type(plan),
                angle(plan),
                flat(plan),
                stickOut(plan),
                cup(plan),
                lens(plan),
                flow(plan),
                torch(plan));
    }

    /**
     * Tungsten diameter, mm, by the hottest pass and the chosen method: the usual one, the thinnest whose practical maximum is at least 1.1
     * of the peak, or one size. Range: from the thinnest that carries the peak to the thickest that still holds a fifth of it.
     * Source: tungstens.csv [standard, judgement].
     */
    private static Parameter diameter(SheetDecisions plan) {
        Tungsten tungsten = plan.tungsten();
        double peak = plan.hottestA();
        double low = Tungsten.sizes().stream()
                .filter(size -> size.practicalMaxA() >= peak)
                .findFirst()
                .orElse(tungsten)
                .diameterMm();
        double high = Tungsten.sizes().stream()
                .filter(size -> size.minStableA() <= 0.2 * peak)
                .reduce(tungsten, (thin, thick) -> thick)
                .diameterMm();
        return figure(ParameterKey.TUNGSTEN_DIAMETER, Range.around(tungsten.diameterMm(), low, high))
                .by(plan.methods().of(ParameterTopic.TUNGSTEN_SIZE))
                .gaveUp(StockReasons.tungsten(plan.tungstenChoice()))
                .other(Method.SMALLEST, plan.tungstenMm(Method.SMALLEST))
                .other(Method.USUAL, plan.tungstenMm(Method.USUAL))
                .other(Method.ONE_SIZE, plan.tungstenMm(Method.ONE_SIZE))
                .from("peakCurrent", Quantity.amperes(peak))
                .from("tungstenMinimum", Quantity.amperes(tungsten.minStableA()))
                .from("tungstenMaximum", Quantity.amperes(tungsten.practicalMaxA()))
                .because(
                        "tungstenDiameter",
                        Quantity.amperes(tungsten.minStableA()),
                        Quantity.amperes(tungsten.practicalMaxA()),
                        Quantity.amperes(peak));
    }

    /**
     * Tungsten type: lanthanated for all DC work, or as the shop likes it; never thoriated. Source: ISO 6848 classes [standard].
     */
    private static Parameter type(SheetDecisions plan) {
        Method method = plan.methods().of(ParameterTopic.TUNGSTEN_TYPE);
        return words(ParameterKey.TUNGSTEN_TYPE, Phrase.of("tungsten." + method.name()))
                .by(method)
                .because("tungstenType." + method.name());
    }

    /**
     * Included tip angle, degrees: \( 15 + 0.3\,I \) within 20 to 60, I the peak, A; needle of at most 20 below 15 A; range ±8. Source: [judgement].
     */
    private static Parameter angle(SheetDecisions plan) {
        double value =
                plan.isMicro() ? Math.min(20, Tungsten.tipAngleDeg(plan.peakA())) : Tungsten.tipAngleDeg(plan.peakA());
        return figure(ParameterKey.TIP_ANGLE, Range.around(value, Math.max(15, value - 8), Math.min(90, value + 8)))
                .from("peakCurrent", Quantity.amperes(plan.peakA()))
                .because(plan.isMicro() ? "tipAngle.needle" : "tipAngle.current", Quantity.amperes(plan.peakA()));
    }

    /**
     * Flat on the tip, mm: none to 20 A, 0.15 at 50, 0.35 at 100 to 150, 0.5 to 0.8 above 200, by the peak. Source: tip-flats.csv
     * [judgement].
     */
    private static Parameter flat(SheetDecisions plan) {
        TipFlat flat = Tungsten.tipFlat(plan.peakA());
        return figure(ParameterKey.TIP_FLAT, Range.around(flat.usualMm(), flat.lowMm(), flat.highMm()))
                .from("peakCurrent", Quantity.amperes(plan.peakA()))
                .because(flat.usualMm() > 0 ? "tipFlat" : "tipFlat.needle", Quantity.amperes(plan.peakA()));
    }

    /**
     * Stick-out, mm: 0.5 of the cup's bore, 0.6 with a lens; in a corner or tight place 0.65 and 0.9; at most 0.7, with a lens 1.0, and never
     * over 12 mm. On titanium 6 to 8 mm, in a corner up to 10. Rounded to half a millimetre. Source: [judgement].
     */
    private static Parameter stickOut(SheetDecisions plan) {
        Cup cup = plan.cup();
        boolean corner = plan.joint().isCorner() || plan.practice().access() == Access.TIGHT;
        double usual = cup.lens() ? corner ? 0.9 : 0.6 : corner ? 0.65 : 0.5;
        double bore = cup.boreMm();
        double longest = plan.isTitanium() ? corner ? 10 : 8 : LONGEST_STICK_OUT_MM;
        double shortest = plan.isTitanium() ? 6 : 0.3 * bore;
        double most = Math.max(shortest, Math.min(longest, (cup.lens() ? 1.0 : 0.7) * bore));
        double value = Math.max(shortest, Math.min(plan.isTitanium() ? longest - 1 : most, usual * bore));
        String how = plan.isTitanium() ? "stickOut.titanium" : cup.lens() ? "stickOut.lens" : "stickOut.plain";
        return figure(ParameterKey.STICK_OUT, Range.around(Math.round(2 * value) / 2.0, shortest, most))
                .from("cupBore", Quantity.ruled(bore))
                .because(how + (corner ? ".corner" : ""), Quantity.ruled(most));
    }

    /**
     * Cup number, sixteenths of an inch: bore at least the pool's face width plus 6 mm, titanium 10 mm and number 12, tight places 4 mm; number 8 where
     * stainless has to stay clean.
     * Source: [judgement].
     */
    private static Parameter cup(SheetDecisions plan) {
        Cup cup = plan.cup();
        double pool = plan.heat().pool().coveredMm(plan.joint().isCorner());
        String why = plan.practice().access() == Access.TIGHT && !plan.isTitanium()
                ? "cupSize.tight"
                : plan.isTitanium()
                        ? "cupSize.titanium"
                        : isClean(plan) ? "cupSize.clean" : plan.isMicro() ? "cupSize.micro" : "cupSize.pool";
        double next = Cup.atLeast(cup.boreMm() + 0.1, cup.number()).number();
        return figure(ParameterKey.CUP_SIZE, Range.around(cup.number(), cup.number(), Math.max(next, cup.number() + 1)))
                .gaveUp(StockReasons.cup(plan.cupChoice()))
                .from("poolWidth", Quantity.ruled(pool))
                .from("cupBore", Quantity.ruled(cup.boreMm()))
                .because(
                        why,
                        Quantity.ruled(pool),
                        Quantity.ruled(cup.boreMm()),
                        Phrase.of(cup.lens() ? "cup.lens" : "cup.noLens"));
    }

    /** Gas lens: on stainless and titanium, where the finish is more than plain and in tight places; or by the shop's own method. [judgement] */
    private static Parameter lens(SheetDecisions plan) {
        String lens = plan.cup().lens() ? "fitted" : "none";
        Method method = plan.methods().of(ParameterTopic.LENS);
        String why = method == Method.LENS_BY_METAL ? lens : "school";
        return words(ParameterKey.GAS_LENS, Phrase.of("gasLens." + lens))
                .by(method)
                .because("gasLens." + why);
    }

    private static boolean isClean(SheetDecisions plan) {
        return plan.joint().wantsPurge() && plan.practice().finish() != FinishRequirement.PLAIN;
    }

    /**
     * Torch flow, L/min: \( Q = Re\,\pi D\nu/4 \) at Re 1200 (1000–1400, with a lens to 1600), titanium 1100 (1000–1200), up to 10 A 800 (600–900) and in proportion to 20 A;
     * D bore, m, ν of argon, m²/s. Source: Reynolds number [textbook], bands [judgement].
     */
    private static Parameter flow(SheetDecisions plan) {
        Range flow = plan.gasFlow();
        double reynolds = plan.cup().reynolds(flow.value());
        return figure(ParameterKey.GAS_FLOW, flow)
                .by(plan.methods().of(ParameterTopic.GAS_FLOW))
                .other(Method.GAS_GENEROUS, flow.high())
                .other(Method.GAS_JUST_ENOUGH, flow.low())
                .from("cupBore", Quantity.ruled(plan.cup().boreMm()))
                .from("reynolds", Quantity.number(reynolds))
                .from("turbulentFlow", Quantity.litresPerMin(plan.cup().flowLPerMin(2000)))
                .because(
                        plan.isMicro() && !plan.isTitanium() ? "gasFlow.micro" : "gasFlow.cup",
                        Quantity.number(plan.cup().number()),
                        Quantity.litresPerMin(plan.cup().flowLPerMin(2000)));
    }

    /**
     * Lightest torch class whose duty \( D_1 (I_1/I)^2 \) at the RMS current I, A, is at least 40 %. Source: torches.csv [handbook].
     */
    private static Parameter torch(SheetDecisions plan) {
        double rms = plan.hottestRmsA();
        TorchClass torch = TorchClass.forCurrent(rms, BENCH_DUTY_PERCENT);
        return words(ParameterKey.TORCH_CLASS, Phrase.of("torch." + torch.id()))
                .from("rmsCurrent", Quantity.amperes(rms))
                .from("torchRating", Quantity.amperes(torch.currentA()))
                .from("torchDuty", Quantity.percent(torch.dutyPercent()))
                .because("torchClass", Quantity.amperes(rms), Quantity.percent(torch.dutyAt(rms)));
    }
}
