package vastarc.core.advice.cycle;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.cycle.CycleTimeline.TimelineSpan;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.tables.Maps;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.validation.Problem;

/**
 * The whole weld in time: who touches what when, what the machine makes of it, what it adds up to. The pool, and what depends on it, is
 * followed when first asked for.
 */
public final class WeldCycle {

    /** An end that leaves more than this share of the pool liquid makes a crater. Judgement. */
    static final double CRATER_SHARE = 0.55;

    private static final Set<CycleKey> ENDS = EnumSet.of(CycleKey.DOWN_SLOPE, CycleKey.END_CURRENT, CycleKey.FOOT_OUT);

    private final PlayedCycle played;
    private final Map<CycleKey, CycleHandle> handles;
    private @Nullable PoolTrack pool;
    private @Nullable List<Phrase> notes;

    /**
     * A weld cycle as planned, before anything is said of it.
     *
     * @param sheet     the setup sheet it is played from, own values included
     * @param logic     how the machine answers
     * @param handles   every figure, by key, not yet warned of
     * @param values    the figures played
     * @param touches   the planned touches
     * @param timeline  phases and currents that follow
     * @param integrals what it adds up to
     * @param rhythm    travel and wire
     * @param problems  typed values that cannot be used; the last good ones are played
     */
    record PlayedCycle(
            SetupSheet sheet,
            TriggerMode logic,
            Map<CycleKey, CycleHandle> handles,
            CycleValues values,
            List<OperatorInput> touches,
            CycleTimeline timeline,
            CycleTotals integrals,
            DabRhythm rhythm,
            List<Problem> problems) {}

    /**
     * What the welder does.
     *
     * @param travelMmPerS torch travel
     * @param dabsPerS     dabs of wire a second; 0 where the rod is laid in or not used
     * @param wire         with wire
     * @param onPulse      dabs fall on the pulses
     */
    public record DabRhythm(double travelMmPerS, double dabsPerS, boolean wire, boolean onPulse) {}

    /** When the foot has brought the current up to its working place, and when it has taken it away again, s. */
    public record PedalTimes(double inS, double outS) {}

    WeldCycle(PlayedCycle played) {
        this.played = played;
        Map<CycleKey, CycleHandle> warned = new EnumMap<>(CycleKey.class);
        CycleWarnings warnings = new CycleWarnings(this);
        played.handles().forEach((key, handle) -> warned.put(key, handle.warned(warnings.of(handle))));
        this.handles = Collections.unmodifiableMap(warned);
    }

    /** {@return the sheet the cycle is made from} */
    public SetupSheet sheet() {
        return played.sheet();
    }

    /** {@return the trigger mode} */
    public TriggerMode logic() {
        return played.logic();
    }

    /** {@return every figure, by key} */
    public Map<CycleKey, CycleHandle> handles() {
        return handles;
    }

    /**
     * {@return the handle of a key}
     *
     * @param key the key
     */
    public CycleHandle handle(CycleKey key) {
        return Maps.get(handles, key);
    }

    /** The figure without what is said of it. */
    CycleHandle bare(CycleKey key) {
        return Maps.get(played.handles(), key);
    }

    /** {@return the values the cycle is played with} */
    public CycleValues values() {
        return played.values();
    }

    /** {@return what the welder presses and releases, in order of time} */
    public List<OperatorInput> touches() {
        return played.touches();
    }

    /** {@return the phases and currents over time} */
    public CycleTimeline timeline() {
        return played.timeline();
    }

    /** {@return the totals of the cycle: charge, energy, gas} */
    public CycleTotals integrals() {
        return played.integrals();
    }

    /** {@return the dab rhythm} */
    public DabRhythm rhythm() {
        return played.rhythm();
    }

    /**
     * {@return when the rod is dabbed, s: at an even rhythm wherever the torch travels, half a beat after it sets out; none where the rod is laid
     * or not used}
     */
    public List<Double> dabTimes() {
        double rate = rhythm().dabsPerS();
        if (rate <= 0) {
            return List.of();
        }
        List<Double> times = new ArrayList<>();
        for (TravelStretch stretch : travelStretches()) {
            long count = (long) Math.floor((stretch.endS() - stretch.startS()) * rate);
            for (long i = 0; i < count; i++) {
                times.add(stretch.startS() + (i + 0.5) / rate);
            }
        }
        return List.copyOf(times);
    }

    /** A time in which the torch moves on without a stop, s. */
    private record TravelStretch(double startS, double endS) {}

    private List<TravelStretch> travelStretches() {
        List<TravelStretch> stretches = new ArrayList<>();
        for (TimelineSpan span : timeline().spans()) {
            int last = stretches.size() - 1;
            if (!span.phase().travels()) {
                continue;
            }
            if (last >= 0 && Math.abs(stretches.get(last).endS() - span.startS()) < 1e-9) {
                stretches.set(last, new TravelStretch(stretches.get(last).startS(), span.endS()));
            } else {
                stretches.add(new TravelStretch(span.startS(), span.endS()));
            }
        }
        return stretches;
    }

    /** {@return figures that were typed and cannot stand} */
    public List<Problem> problems() {
        return played.problems();
    }

    /** {@return how the pool grows and freezes} */
    public synchronized PoolTrack pool() {
        PoolTrack track = pool;
        if (track == null) {
            track = PoolTrack.of(timeline(), sheet().heat());
            pool = track;
        }
        return track;
    }

    /** {@return what to know of this weld as a whole} */
    public synchronized List<Phrase> notes() {
        List<Phrase> phrases = notes;
        if (phrases == null) {
            phrases = crater().map(List::of).orElse(List.of());
            notes = phrases;
        }
        return phrases;
    }

    /** A crater that no value outside its range has already explained. */
    private Optional<Phrase> crater() {
        boolean isSet = ENDS.stream().anyMatch(key -> handle(key).warning().isPresent());
        if (logic().isTack() || isSet) {
            return Optional.empty();
        }
        double atOut = pool().widthAt(timeline().arcOutS());
        double planned = sheet().setting(ParameterKey.POOL_WIDTH).engineValue();
        return atOut <= CRATER_SHARE * planned
                ? Optional.empty()
                : Optional.of(
                        Phrase.of("score.note.crater", Quantity.millimetres(atOut), Quantity.millimetres(planned)));
    }

    /** {@return when a foot has done its part; empty where no foot does it} */
    public Optional<PedalTimes> foot() {
        return OperatorSequence.footTimes(logic(), values());
    }
}
