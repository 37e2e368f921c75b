package vastarc.web.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.advice.cycle.CyclePlanner;
import vastarc.core.advice.cycle.CycleTimeline;
import vastarc.core.advice.cycle.CycleTimeline.MachineState;
import vastarc.core.advice.cycle.CycleTimeline.PhaseChange;
import vastarc.core.advice.cycle.CycleTimeline.TimelineSpan;
import vastarc.core.advice.cycle.CycleTotals;
import vastarc.core.advice.cycle.OperatorInput;
import vastarc.core.advice.cycle.OperatorInput.InputAction;
import vastarc.core.advice.cycle.PracticeReview;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.web.format.CoreJson;

/**
 * The answer to a weld cycle request.
 *
 * @param logic       the control logic
 * @param phases      in order, with the current at both ends (the peak where it is pulsed)
 * @param breakpoints changes of phase and what brought them
 * @param touches     what was played: the plan's own touches, or those that were sent
 * @param integrals   what it adds up to
 * @param figures     every figure of the weld cycle by name
 * @param review      what the touches that were sent did against the plan; left out where none were sent
 * @param notes       what to know of the weld as a whole
 */
@JsonInclude(JsonInclude.Include.NON_NULL)
record CycleAnswer(
        String logic,
        List<PhaseFigure> phases,
        List<Breakpoint> breakpoints,
        List<TouchFigure> touches,
        IntegralFigures integrals,
        Map<String, HandleFigure> figures,
        @Nullable List<ReviewFinding> review,
        List<String> notes) {

    /** A phase; {@code nextTouch} is what a touch in its middle would do. */
    record PhaseFigure(
            String phase, double fromS, double toS, double fromA, double toA, boolean gas, String nextTouch) {}

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

    /** A figure of the weld cycle. */
    @JsonInclude(JsonInclude.Include.NON_NULL)
    record HandleFigure(
            double value,
            String unit,
            double low,
            double high,
            boolean own,
            @Nullable String idle,
            @Nullable String warning) {}

    /** What a welder's timing did. */
    record ReviewFinding(String code, double atS, String text) {}

    static CycleAnswer of(WeldCycle cycle, Optional<List<OperatorInput>> inputs, double untilS, OptionalDouble awayS) {
        CycleTimeline timeline =
                inputs.map(played -> CyclePlanner.played(cycle, played, untilS)).orElse(cycle.timeline());
        return new CycleAnswer(
                cycle.logic().name().name(),
                timeline.spans().stream().map(span -> span(timeline, span)).toList(),
                timeline.changes().stream().map(CycleAnswer::breakpoint).toList(),
                inputs.orElse(cycle.touches()).stream().map(CycleAnswer::touch).toList(),
                integrals(inputs.isEmpty() ? cycle.integrals() : CyclePlanner.integrals(cycle, timeline)),
                figures(cycle),
                inputs.map(played -> review(cycle, timeline, awayS)).orElse(null),
                cycle.notes().stream().map(SheetAnswer::say).toList());
    }

    private static PhaseFigure span(CycleTimeline timeline, TimelineSpan span) {
        MachineState middle = timeline.at((span.startS() + span.endS()) / 2);
        return new PhaseFigure(
                span.phase().name(),
                exact(span.startS()),
                exact(span.endS()),
                exact(span.fromA()),
                exact(span.toA()),
                middle.gas(),
                middle.next().name());
    }

    private static Breakpoint breakpoint(PhaseChange change) {
        return new Breakpoint(
                exact(change.atS()),
                change.from().name(),
                change.to().name(),
                change.cause().name(),
                exact(change.beforeA()),
                exact(change.afterA()));
    }

    private static TouchFigure touch(OperatorInput input) {
        boolean foot = input.kind() == InputAction.FOOT;
        return new TouchFigure(exact(input.atS()), input.kind().name(), foot ? (Double) exact(input.foot()) : null);
    }

    private static IntegralFigures integrals(CycleTotals sums) {
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

    private static Map<String, HandleFigure> figures(WeldCycle cycle) {
        Map<String, HandleFigure> figures = new LinkedHashMap<>();
        cycle.handles().values().forEach(handle -> figures.put(handle.key().apiName(), figure(handle)));
        return figures;
    }

    private static HandleFigure figure(CycleHandle handle) {
        return new HandleFigure(
                exact(handle.value()),
                handle.key().unit().symbol(),
                exact(handle.window().low()),
                exact(handle.window().high()),
                handle.own().isPresent(),
                handle.idle().map(SheetAnswer::say).orElse(null),
                handle.warning().map(SheetAnswer::say).orElse(null));
    }

    private static List<ReviewFinding> review(WeldCycle cycle, CycleTimeline timeline, OptionalDouble awayS) {
        return PracticeReview.of(cycle, timeline, awayS).findings().stream()
                .map(finding ->
                        new ReviewFinding(finding.code(), exact(finding.atS()), SheetAnswer.say(finding.text())))
                .toList();
    }

    private static double exact(double value) {
        return CoreJson.rounded(value);
    }
}
