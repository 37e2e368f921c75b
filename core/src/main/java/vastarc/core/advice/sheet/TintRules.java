package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;
import static vastarc.core.advice.sheet.Parameter.words;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import vastarc.core.advice.parameters.GasCover;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.Range;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.sheet.Parameter.ParameterBuilder;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.domain.consumable.Tint;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.material.Family;

/** Colours to be expected, and the gas that follows the arc where titanium would otherwise pass dark straw. */
final class TintRules {

    /** End of dark straw on titanium: what is accepted without question, °C. */
    private static final double DARK_STRAW_C = 520;

    private static final double COLD_TITANIUM_C = 425;
    /** Thick seams cool later than the line source says: by simulation up to a tenth. */
    private static final double MARGIN = 1.25;

    private static final double TRAIL_STEP_MM = 5;
    private static final double LEAST_TRAIL_MM = 25;
    private static final double LEAST_TRAIL_FLOW = 10;
    private static final double MOST_TRAIL_FLOW = 20;
    private static final double TRAIL_MM_PER_FLOW = 10;

    private TintRules() {}

    /** Expected colours; steel is not judged by its tint. */
    static List<Parameter> settings(SheetDecisions plan) {
        if (!plan.joint().wantsPurge()) {
            Phrase none = Phrase.of("tint.notJudged");
            return List.of(
                    words(ParameterKey.FRONT_TINT, none).idle().because("tint.steel"),
                    words(ParameterKey.BACK_TINT, none).idle().because("tint.steel"));
        }
        return List.of(front(plan), back(plan));
    }

    /**
     * Shield length, mm, until the seam has fallen to 425 °C, on stainless to what its finish lets, with a quarter more, in steps of 5; its flow, L/min, 10 to 20
     * by the length. Only where the colour would pass what is asked for under the cup alone. Source: line source [textbook], flow
     * [judgement].
     */
    static List<Parameter> trailing(SheetDecisions plan) {
        List<Parameter> trail = new ArrayList<>(2);
        if (needsTrail(plan)) {
            double coldC = plan.isTitanium()
                    ? COLD_TITANIUM_C
                    : GasCover.mostC(plan.joint(), plan.practice()).orElseThrow();
            double exact = MARGIN * plan.heat().trailLengthMm(coldC);
            double length = Math.max(LEAST_TRAIL_MM, TRAIL_STEP_MM * Math.ceil(exact / TRAIL_STEP_MM));
            double beyond = Math.max(0, exact - LEAST_TRAIL_MM) / TRAIL_MM_PER_FLOW;
            double flow = Math.min(MOST_TRAIL_FLOW, LEAST_TRAIL_FLOW + beyond);
            trail.add(figure(ParameterKey.TRAIL_LENGTH, Range.around(length, 0.8 * length, 1.5 * length))
                    .from("gasCover", Quantity.ruled(coverMm(plan)))
                    .from("leavesGasAt", Quantity.celsius(leavesGasC(plan)))
                    .because("trailLength", Quantity.celsius(coldC), Quantity.celsius(leavesGasC(plan))));
            trail.add(figure(ParameterKey.TRAIL_FLOW, Range.around(flow, LEAST_TRAIL_FLOW, MOST_TRAIL_FLOW))
                    .from("trailLength", Quantity.ruled(length))
                    .because("trailFlow"));
        }
        return trail;
    }

    /** The cup alone leaves the seam hotter than its finish lets it. */
    static boolean needsTrail(SheetDecisions plan) {
        OptionalDouble most = GasCover.mostC(plan.joint(), plan.practice());
        return most.isPresent() && leavesGasC(plan) > most.getAsDouble();
    }

    /** Behind the arc, mm. */
    static double coverMm(SheetDecisions plan) {
        return GasCover.mm(plan.cup(), plan.gasFlow().value());
    }

    private static double leavesGasC(SheetDecisions plan) {
        return GasCover.leavesC(plan.heat(), coverMm(plan));
    }

    private static Family family(Joint joint) {
        return joint.material().wantsPurge()
                ? joint.material().family()
                : joint.other().family();
    }

    /**
     * Colour in front: temperature of the seam where the gas leaves it, read against the colour table. Source: line source [textbook],
     * reach and bands [judgement].
     */
    private static Parameter front(SheetDecisions plan) {
        Quantity cover = Quantity.ruled(coverMm(plan));
        Quantity temperature = Quantity.celsius(leavesGasC(plan));
        Phrase bare = Phrase.of(
                "plain", Tint.of(family(plan.joint()), leavesGasC(plan)).colour());
        ParameterBuilder draft = words(ParameterKey.FRONT_TINT, needsTrail(plan) ? Phrase.of("tint.underTrail") : bare);
        draft.from("gasCover", cover).from("leavesGasAt", temperature);
        return needsTrail(plan)
                ? draft.because("frontTint.trail", bare, cover, temperature)
                : draft.because("frontTint", cover, temperature);
    }

    /** Behind, a purge decides; without one, whether the back melts, and else how hot it gets. */
    private static Parameter back(SheetDecisions plan) {
        if (!plan.joint().hasOpenBack()) {
            return words(ParameterKey.BACK_TINT, Phrase.of("tint.hidden"))
                    .idle()
                    .because("backTint.hidden");
        }
        Phrase bare = bareBack(plan);
        Phrase purged = Phrase.of("tint.purged");
        if (plan.practice().purged()) {
            return words(ParameterKey.BACK_TINT, purged).because("backTint.purged", bare);
        }
        String why = isSpoilt(plan) ? plan.isTitanium() ? "oxidised" : "sugar" : "scaled";
        return words(ParameterKey.BACK_TINT, bare)
                .from("backPeak", Quantity.celsius(plan.heat().backPeakC()))
                .because("backTint." + why, purged, Quantity.celsius(plan.heat().backPeakC()));
    }

    /** The back without a purge melts in air; on titanium it need only pass dark straw. */
    static boolean isSpoilt(SheetDecisions plan) {
        boolean melts = plan.heat().pool().backWidthMm() > 0;
        return melts || plan.isTitanium() && plan.heat().backPeakC() > DARK_STRAW_C;
    }

    private static Phrase bareBack(SheetDecisions plan) {
        if (isSpoilt(plan)) {
            return Phrase.of(plan.isTitanium() ? "tint.oxidised" : "tint.sugar");
        }
        double peak = Math.min(plan.heat().metal().meltC(), plan.heat().backPeakC());
        return Phrase.of("plain", Tint.of(family(plan.joint()), peak).colour());
    }
}
