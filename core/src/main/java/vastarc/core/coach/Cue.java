package vastarc.core.coach;

import java.util.OptionalDouble;
import vastarc.core.base.text.Phrase;

/**
 * Something to be heard at a moment.
 *
 * @param s     when, in the time of the weld cycle or of the run, s
 * @param kind  what it says
 * @param words the sentence
 * @param value its figure: mm travelled or welded, seconds left, dips, or what the meter reads in its own unit; empty where it has none
 */
public record Cue(double s, CueKind kind, Phrase words, OptionalDouble value) {

    /**
     * {@return the same, so much later}
     *
     * @param laterS how much, s; negative for earlier
     */
    public Cue later(double laterS) {
        return new Cue(s + laterS, kind, words, value);
    }

    static Cue of(double s, CueKind kind) {
        return new Cue(s, kind, Phrase.of(kind.words()), OptionalDouble.empty());
    }

    static Cue of(double s, CueKind kind, double value, Object... shown) {
        return new Cue(s, kind, Phrase.of(kind.words(), shown), OptionalDouble.of(value));
    }

    /** {@return how urgent it is} */
    public Urgency urgency() {
        return kind.urgency();
    }
}
