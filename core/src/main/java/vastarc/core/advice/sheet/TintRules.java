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
import vastarc.core.domain.consumable.Tint;

/** Explains the {@link TintForecast}: colours to be expected, and the gas that follows the arc. */
final class TintRules {

    private TintRules() {}

    /** Expected colours; steel is not judged by its tint. */
    static List<Parameter> settings(WeldParameters weld) {
        TintForecast tint = weld.tint();
        if (tint.front().isEmpty() || tint.back().isEmpty()) {
            Phrase none = Phrase.of("tint.notJudged");
            return List.of(
                    words(ParameterKey.FRONT_TINT, none).idle().because("tint.steel"),
                    words(ParameterKey.BACK_TINT, none).idle().because("tint.steel"));
        }
        return List.of(
                front(tint, tint.front().get()),
                back(weld.decisions(), tint, tint.back().get()));
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

    private static Parameter front(TintForecast forecast, Tint tint) {
        Quantity cover = Quantity.ruled(forecast.coverMm());
        Quantity temperature = Quantity.celsius(forecast.leavesC());
        Phrase bare = Phrase.of("plain", tint.colour());
        boolean trails = forecast.trail().isPresent();
        Parameter.ParameterBuilder draft = words(ParameterKey.FRONT_TINT, trails ? Phrase.of("tint.underTrail") : bare)
                .from("gasCover", cover)
                .from("leavesGasAt", temperature);
        return trails
                ? draft.because("frontTint.trail", bare, cover, temperature)
                : draft.because("frontTint", cover, temperature);
    }

    /** Behind, a purge decides; without one, whether the back melts, and else how hot it gets. */
    private static Parameter back(SheetDecisions plan, TintForecast forecast, Tint tint) {
        if (!plan.joint().hasOpenBack()) {
            return words(ParameterKey.BACK_TINT, Phrase.of("tint.hidden"))
                    .idle()
                    .because("backTint.hidden");
        }
        boolean titanium = plan.isTitanium();
        Phrase spoilt = Phrase.of(titanium ? "tint.oxidised" : "tint.sugar");
        Phrase bare = forecast.isSpoilt() ? spoilt : Phrase.of("plain", tint.colour());
        Phrase purged = Phrase.of("tint.purged");
        if (plan.practice().purged()) {
            return words(ParameterKey.BACK_TINT, purged).because("backTint.purged", bare);
        }
        String why = forecast.isSpoilt() ? titanium ? "oxidised" : "sugar" : "scaled";
        Quantity peak = Quantity.celsius(forecast.backPeakC());
        return words(ParameterKey.BACK_TINT, bare).from("backPeak", peak).because("backTint." + why, purged, peak);
    }
}
