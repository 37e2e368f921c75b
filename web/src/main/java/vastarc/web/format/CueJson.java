package vastarc.web.format;

import org.jspecify.annotations.Nullable;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.coach.Cue;
import vastarc.core.coach.CueKind;
import vastarc.core.coach.Urgency;

/**
 * A cue as pages and calls get it.
 *
 * @param s       in the time of the weld cycle or of the run, s
 * @param kind    what it says
 * @param urgency how soon something is to be done
 * @param words   the sentence
 * @param value   mm, seconds, dips, or what the meter read; null where it has none
 */
public record CueJson(
        double s,
        CueKind kind,
        Urgency urgency,
        String words,
        @Nullable Double value) {

    /**
     * {@return a cue said in a system of units}
     *
     * @param cue   the cue
     * @param units the reader's units
     */
    public static CueJson of(Cue cue, UnitSystem units) {
        return new CueJson(
                cue.s(),
                cue.kind(),
                cue.urgency(),
                Phrasebook.say(cue.words(), units),
                cue.value().isPresent() ? cue.value().getAsDouble() : null);
    }
}
