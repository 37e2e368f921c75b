package vastarc.web.score;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import vastarc.core.finding.Problem;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.Handle;
import vastarc.core.score.Phase;
import vastarc.core.score.Score;
import vastarc.core.score.ScoreKey;
import vastarc.core.score.Timeline;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.kept.job.OwnFigures;

/** Where the handles of a score stand, and how far a figure moves when one is pulled. */
final class HandlePlaces {

    private static final double WORKING_AT = 0.3;
    private static final double BACKGROUND_AT = 0.6;
    private static final double BESIDE_PX = 26;

    private final Score score;
    private final List<Problem> problems;
    private final UnitSystem units;
    private final List<Place> places = new ArrayList<>();

    /**
     * A handle.
     *
     * @param field   the form's field
     * @param axis    TIME to be pulled along the time, CURRENT up and down
     * @param lane    where it stands: trigger, gas, current, pulse (shown where pulses are drawn) or travel
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
     * @param own     the hand's own
     * @param passed  which bracket it has passed: low, high or empty
     * @param warning what that does
     * @param refused why what was typed last cannot stand; the handle then stands at the last good figure
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

    private HandlePlaces(Score score, List<Problem> problems, UnitSystem units) {
        this.score = score;
        this.problems = problems;
        this.units = units;
    }

    static List<Place> of(Score score, List<Problem> problems, UnitSystem units) {
        HandlePlaces places = new HandlePlaces(score, problems, units);
        places.times();
        places.currents();
        places.pulse();
        places.foot();
        return places.places;
    }

    private Optional<Timeline.Span> first(Phase phase) {
        return score.timeline().spans().stream()
                .filter(span -> span.phase() == phase)
                .findFirst();
    }

    private Optional<Timeline.Span> last(Phase phase) {
        return score.timeline().spans().stream()
                .filter(span -> span.phase() == phase)
                .reduce((one, two) -> two);
    }

    /** Each stands at the end of its own phase. */
    private void times() {
        end(ScoreKey.PRE_FLOW, first(Phase.PRE_FLOW), "gas");
        end(ScoreKey.START_HOLD, first(Phase.START_HOLD), "trigger");
        end(ScoreKey.UP_SLOPE, first(Phase.UP_SLOPE), "current");
        end(ScoreKey.DOWN_SLOPE, last(Phase.DOWN_SLOPE), "current");
        end(ScoreKey.END_HOLD, last(Phase.END_HOLD), "trigger");
        end(ScoreKey.POST_FLOW, last(Phase.POST_FLOW), "gas");
        if (score.logic().isTack()) {
            end(ScoreKey.SPOT_TIME, first(Phase.WELD), "current");
            end(ScoreKey.SPOT_PAUSE, first(Phase.ARC_OUT).filter(span -> span.endS() > span.startS()), "current");
        } else {
            last(Phase.WELD)
                    .ifPresent(span -> add(
                            ScoreKey.SEAM_LENGTH,
                            "TIME",
                            "travel",
                            span.endS(),
                            0,
                            score.rhythm().travelMmPerS()));
        }
    }

    private void end(ScoreKey key, Optional<Timeline.Span> span, String lane) {
        span.ifPresent(there -> add(key, "TIME", lane, there.endS(), there.toA(), 1));
    }

    private void currents() {
        level(
                ScoreKey.START_CURRENT,
                first(Phase.START_HOLD).or(() -> first(Phase.STRIKE)),
                0.5,
                score.values().of(ScoreKey.START_CURRENT));
        ScoreKey main = score.logic().isTack() ? ScoreKey.SPOT_CURRENT : ScoreKey.WORKING_CURRENT;
        level(main, first(Phase.WELD), WORKING_AT, score.values().of(main));
        level(
                ScoreKey.SECOND_CURRENT,
                first(Phase.SECOND_CURRENT),
                0.5,
                score.values().of(ScoreKey.SECOND_CURRENT));
        Optional<Timeline.Span> end = last(Phase.END_HOLD).filter(span -> span.endS() > span.startS());
        double atEnd = score.values().of(ScoreKey.END_CURRENT);
        level(ScoreKey.END_CURRENT, end.or(() -> last(Phase.DOWN_SLOPE)), 1, atEnd);
    }

    private void level(ScoreKey key, Optional<Timeline.Span> span, double share, double amperes) {
        span.ifPresent(there ->
                add(key, "CURRENT", "current", there.startS() + share * (there.endS() - there.startS()), amperes, 1));
    }

    private void pulse() {
        if (score.handle(ScoreKey.PULSE_RATE).isIdle()) {
            return;
        }
        double peak = score.values().of(ScoreKey.WORKING_CURRENT);
        double rate = score.values().of(ScoreKey.PULSE_RATE);
        double on = score.values().of(ScoreKey.PULSE_ON_TIME) / 100;
        double background = score.values().of(ScoreKey.PULSE_BACKGROUND);
        first(Phase.WELD).ifPresent(weld -> {
            double length = weld.endS() - weld.startS();
            double cycle = Math.floor(BACKGROUND_AT * length * rate);
            double middleOfOff = weld.startS() + (cycle + (1 + on) / 2) / rate;
            add(
                    ScoreKey.PULSE_BACKGROUND,
                    "CURRENT",
                    "current",
                    Math.min(middleOfOff, weld.endS()),
                    background / 100 * peak,
                    100 / peak);
            add(ScoreKey.PULSE_ON_TIME, "TIME", "pulse", weld.startS() + on / rate, peak, 100 * rate);
        });
    }

    private void foot() {
        if (score.handle(ScoreKey.PEDAL_CEILING).isIdle()) {
            return;
        }
        double working = score.values().of(ScoreKey.WORKING_CURRENT);
        first(Phase.WELD).ifPresent(weld -> {
            Score.FootTimes foot = score.foot().orElseThrow();
            add(
                    ScoreKey.PEDAL_CEILING,
                    "CURRENT",
                    "current",
                    weld.endS(),
                    score.values().of(ScoreKey.PEDAL_CEILING),
                    1);
            add(ScoreKey.FOOT_IN, "TIME", "current", foot.inS(), working, 1);
            add(
                    ScoreKey.FOOT_OUT,
                    "TIME",
                    "current",
                    foot.outS(),
                    score.values().leastA(),
                    1);
        });
    }

    private void add(ScoreKey key, String axis, String lane, double t, double a, double scale) {
        Handle handle = score.handle(key);
        if (handle.isIdle()) {
            return;
        }
        places.add(new Place(
                OwnFigures.field(key),
                axis,
                lane,
                t,
                key == ScoreKey.END_CURRENT ? BESIDE_PX : 0,
                a,
                handle.value(),
                scale,
                handle.window().low(),
                handle.window().high(),
                key != ScoreKey.SEAM_LENGTH
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

    private @Nullable String refused(ScoreKey key) {
        return problems.stream()
                .filter(problem -> problem.field().equals(OwnFigures.field(key))
                        || problem.field().equals(key.apiName()))
                .findFirst()
                .map(problem -> problem.message(units))
                .orElse(null);
    }

    static String passed(Handle handle) {
        return switch (handle.standing()) {
            case BELOW -> "low";
            case ABOVE -> "high";
            case INSIDE -> "";
        };
    }
}
