package vastarc.web.score;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.CycleTimeline.TimelineSpan;
import vastarc.core.advice.cycle.Phase;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.cycle.WeldCycle.PedalTimes;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Problem;
import vastarc.web.store.job.OwnValuesText;

/** Where the handles of a weld cycle stand, and how far a figure moves when one is pulled. */
final class HandlePlaces {

    private static final double WORKING_AT = 0.3;
    private static final double BACKGROUND_AT = 0.6;
    private static final double BESIDE_PX = 26;

    private final WeldCycle score;
    private final List<Problem> problems;
    private final UnitSystem units;
    private final List<Place> places = new ArrayList<>();

    /**
     * A handle.
     *
     * @param field   the form's field
     * @param axis    TIME to be pulled along the time, CURRENT up and down
     * @param lane    where it is: trigger, gas, current, pulse (shown where pulses are drawn) or travel
     * @param t       time, s
     * @param dx      pixels beside it, where handles would lie on each other
     * @param a       current, A
     * @param value   its figure, in the fixed unit
     * @param scale   by how much the figure moves for a second, or an ampere
     * @param low     low end of the window
     * @param high    high end of the window
     * @param bracket there is a window to draw
     * @param min     least that can be asked
     * @param max     most that can be asked
     * @param step    one step of a panel
     * @param symbol  the fixed unit
     * @param label   its name
     * @param text    its figure, finished
     * @param own     the welder's own
     * @param passed  which bracket it has passed: low, high or empty
     * @param warning what that does
     * @param refused why what was typed last cannot stand; the handle then is at the last good figure
     */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record Place(
            String field,
            String axis,
            String lane,
            double t,
            double dx,
            double a,
            double value,
            double scale,
            double low,
            double high,
            boolean bracket,
            double min,
            double max,
            double step,
            String symbol,
            String label,
            String text,
            boolean own,
            String passed,
            @Nullable String warning,
            @Nullable String refused) {}

    private HandlePlaces(WeldCycle cycle, List<Problem> problems, UnitSystem units) {
        this.score = cycle;
        this.problems = problems;
        this.units = units;
    }

    static List<Place> of(WeldCycle cycle, List<Problem> problems, UnitSystem units) {
        HandlePlaces places = new HandlePlaces(cycle, problems, units);
        places.times();
        places.currents();
        places.pulse();
        places.foot();
        return places.places;
    }

    private Optional<TimelineSpan> first(Phase phase) {
        return score.timeline().spans().stream()
                .filter(span -> span.phase() == phase)
                .findFirst();
    }

    private Optional<TimelineSpan> last(Phase phase) {
        return score.timeline().spans().stream()
                .filter(span -> span.phase() == phase)
                .reduce((timelineSpan, two) -> two);
    }

    /** Each is at the end of its own phase. */
    private void times() {
        end(CycleKey.PRE_FLOW, first(Phase.PRE_FLOW), "gas");
        end(CycleKey.START_HOLD, first(Phase.START_HOLD), "trigger");
        end(CycleKey.UP_SLOPE, first(Phase.UP_SLOPE), "current");
        end(CycleKey.DOWN_SLOPE, last(Phase.DOWN_SLOPE), "current");
        end(CycleKey.END_HOLD, last(Phase.END_HOLD), "trigger");
        end(CycleKey.POST_FLOW, last(Phase.POST_FLOW), "gas");
        if (score.logic().isTack()) {
            end(CycleKey.SPOT_TIME, first(Phase.WELD), "current");
            end(CycleKey.SPOT_PAUSE, first(Phase.ARC_OUT).filter(span -> span.endS() > span.startS()), "current");
        } else {
            last(Phase.WELD)
                    .ifPresent(span -> add(
                            CycleKey.SEAM_LENGTH,
                            "TIME",
                            "travel",
                            span.endS(),
                            0,
                            score.rhythm().travelMmPerS()));
        }
    }

    private void end(CycleKey key, Optional<TimelineSpan> span, String lane) {
        span.ifPresent(there -> add(key, "TIME", lane, there.endS(), there.toA(), 1));
    }

    private void currents() {
        level(
                CycleKey.START_CURRENT,
                first(Phase.START_HOLD).or(() -> first(Phase.STRIKE)),
                0.5,
                score.values().of(CycleKey.START_CURRENT));
        CycleKey main = score.logic().isTack() ? CycleKey.SPOT_CURRENT : CycleKey.WORKING_CURRENT;
        level(main, first(Phase.WELD), WORKING_AT, score.values().of(main));
        level(
                CycleKey.SECOND_CURRENT,
                first(Phase.SECOND_CURRENT),
                0.5,
                score.values().of(CycleKey.SECOND_CURRENT));
        Optional<TimelineSpan> end = last(Phase.END_HOLD).filter(span -> span.endS() > span.startS());
        double atEnd = score.values().of(CycleKey.END_CURRENT);
        level(CycleKey.END_CURRENT, end.or(() -> last(Phase.DOWN_SLOPE)), 1, atEnd);
    }

    private void level(CycleKey key, Optional<TimelineSpan> span, double share, double amperes) {
        span.ifPresent(there ->
                add(key, "CURRENT", "current", there.startS() + share * (there.endS() - there.startS()), amperes, 1));
    }

    private void pulse() {
        if (score.handle(CycleKey.PULSE_RATE).isIdle()) {
            return;
        }
        double peak = score.values().of(CycleKey.WORKING_CURRENT);
        double rate = score.values().of(CycleKey.PULSE_RATE);
        double on = score.values().of(CycleKey.PULSE_ON_TIME) / 100;
        double background = score.values().of(CycleKey.PULSE_BACKGROUND);
        first(Phase.WELD).ifPresent(weld -> {
            double length = weld.endS() - weld.startS();
            double cycle = Math.floor(BACKGROUND_AT * length * rate);
            double middleOfOff = weld.startS() + (cycle + (1 + on) / 2) / rate;
            add(
                    CycleKey.PULSE_BACKGROUND,
                    "CURRENT",
                    "current",
                    Math.min(middleOfOff, weld.endS()),
                    background / 100 * peak,
                    100 / peak);
            add(CycleKey.PULSE_ON_TIME, "TIME", "pulse", weld.startS() + on / rate, peak, 100 * rate);
        });
    }

    private void foot() {
        if (score.handle(CycleKey.PEDAL_CEILING).isIdle()) {
            return;
        }
        double working = score.values().of(CycleKey.WORKING_CURRENT);
        first(Phase.WELD).ifPresent(weld -> {
            PedalTimes foot = score.foot().orElseThrow();
            add(
                    CycleKey.PEDAL_CEILING,
                    "CURRENT",
                    "current",
                    weld.endS(),
                    score.values().of(CycleKey.PEDAL_CEILING),
                    1);
            add(CycleKey.FOOT_IN, "TIME", "current", foot.inS(), working, 1);
            add(
                    CycleKey.FOOT_OUT,
                    "TIME",
                    "current",
                    foot.outS(),
                    score.values().leastA(),
                    1);
        });
    }

    private void add(CycleKey key, String axis, String lane, double t, double a, double scale) {
        CycleHandle handle = score.handle(key);
        if (handle.isIdle()) {
            return;
        }
        places.add(new Place(
                OwnValuesText.field(key),
                axis,
                lane,
                t,
                key == CycleKey.END_CURRENT ? BESIDE_PX : 0,
                a,
                handle.value(),
                scale,
                handle.window().low(),
                handle.window().high(),
                key != CycleKey.SEAM_LENGTH
                        && handle.window().low() < handle.window().high(),
                key.range().low(),
                key.range().high(),
                key.step(handle.value()),
                key.unit().symbol(),
                Phrasebook.say(Phrase.of(key.words()), units),
                units.show(handle.quantity()).line(),
                handle.own().isPresent(),
                passed(handle),
                handle.warning().map(text -> Phrasebook.say(text, units)).orElse(null),
                refused(key)));
    }

    private @Nullable String refused(CycleKey key) {
        return problems.stream()
                .filter(problem -> problem.field().equals(OwnValuesText.field(key))
                        || problem.field().equals(key.apiName()))
                .findFirst()
                .map(problem -> problem.message(units))
                .orElse(null);
    }

    static String passed(CycleHandle handle) {
        return switch (handle.position()) {
            case BELOW -> "low";
            case ABOVE -> "high";
            case INSIDE -> "";
        };
    }
}
