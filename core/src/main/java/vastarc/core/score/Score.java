package vastarc.core.score;

import java.util.List;
import java.util.Map;
import vastarc.core.finding.Problem;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;

/**
 * The whole weld in time: who touches what when, what the machine makes of it, what it adds up to.
 *
 * @param sheet     the setup sheet it is played from, own values included
 * @param logic     how the machine answers
 * @param handles   every figure, by key
 * @param values    the figures played
 * @param touches   the planned touches
 * @param timeline  what comes of them
 * @param integrals what it adds up to
 * @param pool      how the pool grows and freezes
 * @param rhythm    travel and wire
 * @param notes     what to know of this weld as a whole
 * @param problems  figures that were typed and cannot stand; the last good ones are played
 */
public record Score(
        Sheet sheet,
        ControlLogic logic,
        Map<ScoreKey, Handle> handles,
        ScoreValues values,
        List<Touch> touches,
        Timeline timeline,
        Integrals integrals,
        PoolTrack pool,
        Rhythm rhythm,
        List<Phrase> notes,
        List<Problem> problems) {

    /**
     * What the hands do.
     *
     * @param travelMmPerS torch travel
     * @param dabsPerS     dabs of wire a second; 0 where wire is laid in or not used
     * @param wire         with wire
     * @param onPulse      dabs fall on the pulses
     */
    public record Rhythm(double travelMmPerS, double dabsPerS, boolean wire, boolean onPulse) {}

    public Handle handle(ScoreKey key) {
        return handles.get(key);
    }
}
