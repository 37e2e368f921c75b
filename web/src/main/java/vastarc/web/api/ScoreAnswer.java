package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import vastarc.core.score.Handle;
import vastarc.core.score.Integrals;
import vastarc.core.score.Score;
import vastarc.core.score.ScorePlanner;
import vastarc.core.score.Timeline;
import vastarc.core.score.Touch;
import vastarc.core.score.TryReview;
import vastarc.web.format.CoreJson;

/**
 * The answer to a score request.
 *
 * @param logic       the control logic
 * @param phases      in order, with the current at both ends (the peak where it is pulsed)
 * @param breakpoints changes of phase and what brought them
 * @param touches     what was played: the plan's own touches, or those that were sent
 * @param integrals   what it adds up to
 * @param figures     every figure of the score by name
 * @param review      what the touches that were sent did against the plan; left out where none were sent
 * @param notes       what to know of the weld as a whole
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record ScoreAnswer(
        String logic,
        List<PhaseSpan> phases,
        List<Breakpoint> breakpoints,
        List<TouchFigure> touches,
        IntegralFigures integrals,
        Map<String, HandleFigure> figures,
        @Nullable List<ReviewFinding> review,
        List<String> notes) {

    /** A phase; {@code nextTouch} is what a touch in its middle would do. */
    record PhaseSpan(String phase, double fromS, double toS, double fromA, double toA, boolean gas, String nextTouch) {}

    /** A change of phase. */
    record Breakpoint(double atS, String from, String to, String cause, double beforeA, double afterA) {}

    /** A touch. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record TouchFigure(double atS, String kind, @Nullable Double foot) {}

    /** What a weld adds up to. */
    record IntegralFigures(
            double lengthS,
            double arcS,
            double averageA,
            double rmsA,
            double energyKj,
            double gasL,
            double peakPercent,
            double dutyPercent,
            double repeatedPercent) {}

    /** A figure of the score. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record HandleFigure(
            double value,
            String unit,
            double low,
            double high,
            boolean own,
            @Nullable String idle,
            @Nullable String warning) {}

    /** What a hand's timing did. */
    record ReviewFinding(String code, double atS, String text) {}

    static ScoreAnswer of(Score score, Optional<List<Touch>> touches, double untilS, OptionalDouble awayS) {
        Timeline timeline = touches.map(played -> ScorePlanner.played(score, played, untilS))
                .orElse(score.timeline());
        return new ScoreAnswer(
                score.logic().name().name(),
                timeline.spans().stream().map(span -> span(timeline, span)).toList(),
                timeline.changes().stream().map(ScoreAnswer::breakpoint).toList(),
                touches.orElse(score.touches()).stream().map(ScoreAnswer::touch).toList(),
                integrals(touches.isEmpty() ? score.integrals() : ScorePlanner.integrals(score, timeline)),
                figures(score),
                touches.map(played -> review(score, timeline, awayS)).orElse(null),
                score.notes().stream().map(SheetAnswer::say).toList());
    }

    private static PhaseSpan span(Timeline timeline, Timeline.Span span) {
        Timeline.Moment middle = timeline.at((span.startS() + span.endS()) / 2);
        return new PhaseSpan(
                span.phase().name(),
                exact(span.startS()),
                exact(span.endS()),
                exact(span.fromA()),
                exact(span.toA()),
                middle.gas(),
                middle.next().name());
    }

    private static Breakpoint breakpoint(Timeline.Change change) {
        return new Breakpoint(
                exact(change.atS()),
                change.from().name(),
                change.to().name(),
                change.cause().name(),
                exact(change.beforeA()),
                exact(change.afterA()));
    }

    private static TouchFigure touch(Touch touch) {
        boolean foot = touch.kind() == Touch.Kind.FOOT;
        return new TouchFigure(exact(touch.atS()), touch.kind().name(), foot ? (Double) exact(touch.foot()) : null);
    }

    private static IntegralFigures integrals(Integrals sums) {
        return new IntegralFigures(
                exact(sums.lengthS()),
                exact(sums.arcS()),
                exact(sums.averageA()),
                exact(sums.rmsA()),
                exact(sums.energyKj()),
                exact(sums.gasL()),
                exact(sums.peakPercent()),
                exact(sums.dutyPercent()),
                exact(sums.repeatedPercent()));
    }

    private static Map<String, HandleFigure> figures(Score score) {
        Map<String, HandleFigure> figures = new LinkedHashMap<>();
        score.handles().values().forEach(handle -> figures.put(handle.key().apiName(), figure(handle)));
        return figures;
    }

    private static HandleFigure figure(Handle handle) {
        return new HandleFigure(
                exact(handle.value()),
                handle.key().unit().symbol(),
                exact(handle.window().low()),
                exact(handle.window().high()),
                handle.own().isPresent(),
                handle.idle().map(SheetAnswer::say).orElse(null),
                handle.warning().map(SheetAnswer::say).orElse(null));
    }

    private static List<ReviewFinding> review(Score score, Timeline timeline, OptionalDouble awayS) {
        return TryReview.of(score, timeline, awayS).findings().stream()
                .map(finding ->
                        new ReviewFinding(finding.code(), exact(finding.atS()), SheetAnswer.say(finding.text())))
                .toList();
    }

    private static double exact(double value) {
        return CoreJson.rounded(value);
    }
}
