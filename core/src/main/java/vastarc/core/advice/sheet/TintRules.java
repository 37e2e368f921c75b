package vastarc.core.advice.sheet;

import static vastarc.core.advice.sheet.Parameter.figure;
import static vastarc.core.advice.sheet.Parameter.words;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.SheetDecisions;
import vastarc.core.advice.parameters.TintForecast;
import vastarc.core.advice.parameters.WeldParameters;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;

/** Explains the {@link TintForecast}: colours to be expected, and the gas that follows the arc. */
final class TintRules {

    private TintRules() {}

    /** Expected colours; steel is not judged by its tint. */
    static List<Parameter> settings(WeldParameters weld) {
        TintForecast tint = weld.tint();
        if (tint.front().isEmpty() || tint.back().isEmpty()) {
            Phrase none = TintWords.front(tint);
            return List.of(
                    words(ParameterKey.FRONT_TINT, none).idle().because("tint.steel"),
                    words(ParameterKey.BACK_TINT, none).idle().because("tint.steel"));
        }
        return List.of(front(tint), back(weld.decisions(), tint));
    }

    static List<Parameter> trailing(WeldParameters weld) {
        List<Parameter> trail = new ArrayList<>(2);
        Quantity leaves = Quantity.celsius(weld.tint().leavesC());
        weld.tint().trail().ifPresent(shield -> {
            trail.add(figure(ParameterKey.TRAIL_LENGTH, shield.lengthMm())
                    .from("gasCover", Quantity.ruled(weld.tint().coverMm()))
                    .from("leavesGasAt", leaves)
                    .because("trailLength", Quantity.celsius(shield.coldC()), leaves));
            trail.add(figure(ParameterKey.TRAIL_FLOW, shield.flowLPerMin())
                    .from("trailLength", Quantity.ruled(shield.lengthMm().value()))
                    .because("trailFlow"));
        });
        return trail;
    }

    private static Parameter front(TintForecast forecast) {
        Quantity cover = Quantity.ruled(forecast.coverMm());
        Quantity temperature = Quantity.celsius(forecast.leavesC());
        Phrase bare = TintWords.front(forecast);
        boolean trails = forecast.trail().isPresent();
        Parameter.ParameterBuilder draft = words(ParameterKey.FRONT_TINT, trails ? Phrase.of("tint.underTrail") : bare)
                .from("gasCover", cover)
                .from("leavesGasAt", temperature);
        return trails
                ? draft.because("frontTint.trail", bare, cover, temperature)
                : draft.because("frontTint", cover, temperature);
    }

    /** Behind, a purge decides; without one, whether the back melts, and else how hot it gets. */
    private static Parameter back(SheetDecisions plan, TintForecast forecast) {
        Phrase shown = TintWords.back(forecast, plan.joint(), plan.practice().purged());
        if (!plan.joint().hasOpenBack()) {
            return words(ParameterKey.BACK_TINT, shown).idle().because("backTint.hidden");
        }
        if (plan.practice().purged()) {
            return words(ParameterKey.BACK_TINT, shown)
                    .because("backTint.purged", TintWords.backInAir(forecast, plan.joint()));
        }
        String why = forecast.isSpoilt() ? plan.isTitanium() ? "oxidised" : "sugar" : "scaled";
        Quantity peak = Quantity.celsius(forecast.backPeakC());
        return words(ParameterKey.BACK_TINT, shown)
                .from("backPeak", peak)
                .because("backTint." + why, Phrase.of("tint.purged"), peak);
    }
}
