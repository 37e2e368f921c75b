package vastarc.core.score;

import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vastarc.core.finding.Problem;
import vastarc.core.quantity.Quantity;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.table.Complete;
import vastarc.core.wording.Phrase;

/**
 * The whole weld in time: who touches what when, what the machine makes of it, what it adds up to. The pool, and what depends on it, is
 * followed when first asked for.
 */
public final class Score {

    /** An end that leaves more than this share of the pool standing makes a crater. Judgement. */
    static final double CRATER_SHARE = 0.55;

    private static final Set<ScoreKey> ENDS = EnumSet.of(ScoreKey.DOWN_SLOPE, ScoreKey.END_CURRENT, ScoreKey.FOOT_OUT);

    private final Played played;
    private final Map<ScoreKey, Handle> handles;
    private @Nullable PoolTrack pool;
    private @Nullable List<Phrase> notes;

    /**
     * A score as planned, before anything is said of it.
     *
     * @param sheet     the setup sheet it is played from, own values included
     * @param logic     how the machine answers
     * @param handles   every figure, by key, not yet warned of
     * @param values    the figures played
     * @param touches   the planned touches
     * @param timeline  what comes of them
     * @param integrals what it adds up to
     * @param rhythm    travel and wire
     * @param problems  figures that were typed and cannot stand; the last good ones are played
     */
    record Played(
            Sheet sheet,
            ControlLogic logic,
            Map<ScoreKey, Handle> handles,
            ScoreValues values,
            List<Touch> touches,
            Timeline timeline,
            Integrals integrals,
            Rhythm rhythm,
            List<Problem> problems) {}

    /**
     * What the hands do.
     *
     * @param travelMmPerS torch travel
     * @param dabsPerS     dabs of wire a second; 0 where wire is laid in or not used
     * @param wire         with wire
     * @param onPulse      dabs fall on the pulses
     */
    public record Rhythm(double travelMmPerS, double dabsPerS, boolean wire, boolean onPulse) {}

    /** When the foot has brought the current up to its working place, and when it has taken it away again, s. */
    public record FootTimes(double inS, double outS) {}

    Score(Played played) {
        this.played = played;
        Map<ScoreKey, Handle> warned = new EnumMap<>(ScoreKey.class);
        ScoreWarnings warnings = new ScoreWarnings(this);
        played.handles().forEach((key, handle) -> warned.put(key, handle.warned(warnings.of(handle))));
        this.handles = Collections.unmodifiableMap(warned);
    }

    public Sheet sheet() {
        return played.sheet();
    }

    public ControlLogic logic() {
        return played.logic();
    }

    /** Every figure, by key. */
    public Map<ScoreKey, Handle> handles() {
        return handles;
    }

    public Handle handle(ScoreKey key) {
        return Complete.get(handles, key);
    }

    /** The figure without what is said of it. */
    Handle bare(ScoreKey key) {
        return Complete.get(played.handles(), key);
    }

    public ScoreValues values() {
        return played.values();
    }

    public List<Touch> touches() {
        return played.touches();
    }

    public Timeline timeline() {
        return played.timeline();
    }

    public Integrals integrals() {
        return played.integrals();
    }

    public Rhythm rhythm() {
        return played.rhythm();
    }

    /** Figures that were typed and cannot stand. */
    public List<Problem> problems() {
        return played.problems();
    }

    /** How the pool grows and freezes. */
    public synchronized PoolTrack pool() {
        PoolTrack track = pool;
        if (track == null) {
            track = PoolTrack.of(timeline(), sheet().heat());
            pool = track;
        }
        return track;
    }

    /** What to know of this weld as a whole. */
    public synchronized List<Phrase> notes() {
        List<Phrase> said = notes;
        if (said == null) {
            said = crater().map(List::of).orElse(List.of());
            notes = said;
        }
        return said;
    }

    /** A crater that no figure outside its window has already told of. */
    private Optional<Phrase> crater() {
        boolean told = ENDS.stream().anyMatch(key -> handle(key).warning().isPresent());
        if (logic().isTack() || told) {
            return Optional.empty();
        }
        double atOut = pool().widthAt(timeline().arcOutS());
        double planned = sheet().setting(SettingKey.POOL_WIDTH).engineValue();
        return atOut <= CRATER_SHARE * planned
                ? Optional.empty()
                : Optional.of(
                        Phrase.of("score.note.crater", Quantity.millimetres(atOut), Quantity.millimetres(planned)));
    }

    /** When a foot has done its part; empty where no foot does it. */
    public Optional<FootTimes> foot() {
        return TouchPlan.footTimes(logic(), values());
    }
}
