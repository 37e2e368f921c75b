package vastarc.core.advice.sheet;

import vastarc.core.advice.parameters.TintForecast;
import vastarc.core.base.text.Phrase;
import vastarc.core.domain.consumable.Tint;
import vastarc.core.domain.joint.Joint;

/** The colours of a {@link TintForecast} in words. */
public final class TintWords {

    private TintWords() {}

    /**
     * {@return the colour of the face without a trailing shield; of a metal that is not judged by it, that}
     *
     * @param forecast the colours
     */
    public static Phrase front(TintForecast forecast) {
        return forecast.front().map(TintWords::colour).orElseGet(TintWords::notJudged);
    }

    /**
     * {@return the colour of the back as it is welded; of a metal that is not judged by it, that}
     *
     * @param forecast the colours
     * @param joint    the joint
     * @param purged   whether gas is behind it
     */
    public static Phrase back(TintForecast forecast, Joint joint, boolean purged) {
        if (!joint.hasOpenBack()) {
            return Phrase.of("tint.hidden");
        }
        return purged && forecast.back().isPresent() ? Phrase.of("tint.purged") : backInAir(forecast, joint);
    }

    /** The colour of a back in air. */
    static Phrase backInAir(TintForecast forecast, Joint joint) {
        if (forecast.isSpoilt() && forecast.back().isPresent()) {
            return Phrase.of(joint.isTitanium() ? "tint.oxidised" : "tint.sugar");
        }
        return forecast.back().map(TintWords::colour).orElseGet(TintWords::notJudged);
    }

    private static Phrase colour(Tint tint) {
        return Phrase.of("plain", tint.colour());
    }

    private static Phrase notJudged() {
        return Phrase.of("tint.notJudged");
    }
}
