package vastarc.web.score;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.cycle.CurrentSegment;
import vastarc.core.advice.cycle.CycleComparison;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.CycleTimeline;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.advice.cycle.OperatorInput;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.coach.Coach;
import vastarc.core.coach.CoachLevel;
import vastarc.web.format.CueJson;

/**
 * What the browser needs to draw a weld cycle: numbers in s and A, words finished. The browser places, it calculates nothing.
 *
 * @param lengthS  from the first touch to rest, s
 * @param topA     highest current to be shown, A
 * @param input    what is touched: SWITCH, FOOT or TOUCH
 * @param segments stretches of time
 * @param spans    phases with their words
 * @param touches  what the welder does
 * @param handles  what can be pulled
 * @param pool     pairs of time and pool width
 * @param poolMm   width of the pool at working current, mm
 * @param seam     length of the run, finished
 * @param dabsPerS dabs of wire a second, 0 where wire is laid in
 * @param dabs     when it is dabbed, s
 * @param cues     what is heard of it while it plays
 * @param wire     with wire
 * @param tack     spots rather than a weld
 * @param other    a second score compared with
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record ScoreDrawing(
        double lengthS,
        double topA,
        String input,
        List<CurveSegment> segments,
        List<PhaseSpan> spans,
        List<InputMark> touches,
        List<HandlePlaces.Place> handles,
        List<double[]> pool,
        double poolMm,
        String seam,
        double dabsPerS,
        List<Double> dabs,
        List<CueJson> cues,
        boolean wire,
        boolean tack,
        @Nullable List<CurveSegment> other) {

    /** A stretch of time; {@code beat} is rate, on-fraction, background share, origin and least current of its pulse. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record CurveSegment(
            String phase,
            double t0,
            double t1,
            double a0,
            double a1,
            double @Nullable [] beat,
            boolean gas,
            boolean held,
            double f0,
            double f1) {}

    /** A phase; {@code next} says what the next touch would do. */
    record PhaseSpan(String phase, String words, double t0, double t1, String next, boolean travels) {}

    /** A touch. */
    record InputMark(double t, String kind, double foot, String words) {}

    static ScoreDrawing of(
            WeldCycle cycle, List<HandlePlaces.Place> handles, @Nullable WeldCycle other, UnitSystem units) {
        CycleTimeline timeline = cycle.timeline();
        return new ScoreDrawing(
                timeline.lengthS(),
                Math.max(topA(timeline), other == null ? 0 : topA(other.timeline())),
                cycle.logic().input().name(),
                stretches(timeline),
                spans(timeline),
                cycle.touches().stream().map(input -> mark(cycle, input)).toList(),
                handles,
                cycle.pool().points().stream()
                        .map(point -> new double[] {short3(point.atS()), short3(point.widthMm())})
                        .toList(),
                cycle.sheet().setting(ParameterKey.POOL_WIDTH).engineValue(),
                units.show(cycle.handle(CycleKey.SEAM_LENGTH).quantity()).line(),
                cycle.rhythm().dabsPerS(),
                cycle.dabTimes(),
                Coach.planned(cycle, CoachLevel.BEGINNER, OptionalDouble.empty()).stream()
                        .map(cue -> CueJson.of(cue, units))
                        .toList(),
                cycle.rhythm().wire(),
                cycle.logic().isTack(),
                other == null ? null : stretches(other.timeline()));
    }

    private static double topA(CycleTimeline timeline) {
        return timeline.segments().stream()
                .mapToDouble(segment -> Math.max(segment.fromA(), segment.toA()))
                .max()
                .orElse(1);
    }

    static List<CurveSegment> stretches(CycleTimeline timeline) {
        return timeline.segments().stream().map(ScoreDrawing::stretch).toList();
    }

    private static CurveSegment stretch(CurrentSegment segment) {
        double[] beat = segment.beat()
                .map(over -> new double[] {
                    over.rateHz(), over.onFraction(), over.backgroundRatio(), over.originS(), over.leastA()
                })
                .orElse(null);
        return new CurveSegment(
                segment.phase().name(),
                segment.startS(),
                segment.endS(),
                short3(segment.fromA()),
                short3(segment.toA()),
                beat,
                segment.gas(),
                segment.held(),
                short3(segment.footFrom()),
                short3(segment.footTo()));
    }

    static List<PhaseSpan> spans(CycleTimeline timeline) {
        return timeline.spans().stream()
                .map(span -> new PhaseSpan(
                        span.phase().name(),
                        say(Phrase.of(span.phase().words())),
                        span.startS(),
                        span.endS(),
                        next(timeline, (span.startS() + span.endS()) / 2),
                        span.phase().travels()))
                .toList();
    }

    /** What the next touch does at a time, in words. */
    static String next(CycleTimeline timeline, double timeS) {
        MachineState moment = timeline.at(timeS);
        String act = moment.held() ? "touch.release." : "touch.press.";
        return say(Phrase.of(act + timeline.logic().input().name())) + ": "
                + say(Phrase.of(moment.next().words()));
    }

    private static InputMark mark(WeldCycle cycle, OperatorInput input) {
        String words = switch (input.kind()) {
            case PRESS -> say(Phrase.of("touch.press." + cycle.logic().input().name()));
            case RELEASE ->
                say(Phrase.of("touch.release." + cycle.logic().input().name()));
            case VALVE_OPEN -> say(Phrase.of("touch.valve.open"));
            case VALVE_CLOSE -> say(Phrase.of("touch.valve.close"));
            case FOOT -> "";
        };
        return new InputMark(input.atS(), input.kind().name(), input.foot(), words);
    }

    private static double short3(double value) {
        return Math.round(value * 1000) / 1000.0;
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }

    /** A difference finished for display. */
    record DifferenceLine(String name, String one, String other) {

        static DifferenceLine of(CycleComparison.Difference difference, UnitSystem units) {
            return new DifferenceLine(
                    Phrasebook.say(Phrase.of(difference.words()), units),
                    difference.oneIdle() ? "idle" : units.show(difference.one()).line(),
                    difference.otherIdle()
                            ? "idle"
                            : units.show(difference.other()).line());
        }
    }
}
