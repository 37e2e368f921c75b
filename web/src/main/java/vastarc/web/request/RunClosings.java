package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import vastarc.core.run.Booth;
import vastarc.core.run.Deviation;
import vastarc.core.run.DeviationRules;
import vastarc.core.run.HeatInput;
import vastarc.core.run.RunAnalysis;
import vastarc.core.run.RunEvent;
import vastarc.core.run.RunPlan;
import vastarc.core.run.Trace;
import vastarc.core.run.Verdict;
import vastarc.web.kept.run.Run;
import vastarc.web.kept.run.RunFigures;
import vastarc.web.kept.run.RunRecord;
import vastarc.web.kept.run.RunStore;

/** Closes runs: what meters read, or where none did what the hand marked and read off a clamp meter, held against the plan. */
@Component
public class RunClosings {

    private final RunStore runs;

    RunClosings(RunStore runs) {
        this.runs = runs;
    }

    /**
     * What a hand says when a run is over.
     *
     * @param hand   who welded
     * @param seamMm length measured; empty where nobody did
     * @param amps   read by hand; empty where nobody did, or a meter did
     */
    public record Said(String hand, OptionalDouble seamMm, OptionalDouble amps, Verdict verdict, String note) {}

    /** Closes a run, or recalculates it, whatever was said of it before. */
    public Optional<RunStore.Heard> close(UUID id, Said said) {
        return close(id, run -> true, said);
    }

    /**
     * Closes a run, or recalculates it.
     *
     * @param asShown whether a run is still as it was shown to who says this; else what is said is added to its note
     */
    public Optional<RunStore.Heard> close(UUID id, Predicate<Run> asShown, Said said) {
        return runs.record(id)
                .flatMap(document -> document.value())
                .flatMap(record -> runs.close(id, asShown, closing(id, record.plan(), said)));
    }

    private RunStore.Closing closing(UUID id, RunPlan plan, Said said) {
        Trace trace = runs.trace(id);
        return trace.current().isEmpty() ? byHand(runs.events(id), plan, said) : byMeter(trace, plan, said);
    }

    private static RunStore.Closing byMeter(Trace trace, RunPlan plan, Said said) {
        RunAnalysis seen = RunAnalysis.of(trace, said.seamMm(), Optional.of(plan));
        List<Deviation> findings = DeviationRules.of(trace, seen, said.seamMm(), Optional.of(plan));
        boolean arc = !seen.arcs().isEmpty();
        return closing(
                said,
                new RunFigures(
                        seen.shape().stream()
                                .mapToDouble(shape -> shape.workingA())
                                .findFirst(),
                        seen.travel(),
                        seen.heat().stream().mapToDouble(HeatInput::momentary).findFirst(),
                        seen.gasL(),
                        seen.arcS(),
                        said.seamMm(),
                        findings.size()),
                new RunRecord.Outcome(
                        some(arc, seen.meanA()),
                        some(arc, seen.peakA()),
                        some(arc, seen.rmsA()),
                        seen.heat(),
                        findings));
    }

    private static OptionalDouble some(boolean there, double figure) {
        return there ? OptionalDouble.of(figure) : OptionalDouble.empty();
    }

    /** From the marks of the hand: arc time and travel, and heat where a current was read. */
    private static RunStore.Closing byHand(List<RunEvent> events, RunPlan plan, Said said) {
        double last = events.isEmpty() ? 0 : events.get(events.size() - 1).atS();
        double arcS = Booth.at(events, new Booth.After(0, 0), last).arcS();
        RunAnalysis.Marked marked = RunAnalysis.marked(arcS, said.seamMm(), said.amps(), plan);
        List<Deviation> findings = new ArrayList<>(DeviationRules.ofMarks(marked, plan));
        return closing(
                said,
                new RunFigures(
                        said.amps(),
                        marked.travel(),
                        marked.heat().stream().mapToDouble(HeatInput::momentary).findFirst(),
                        arcS > 0
                                ? OptionalDouble.of(plan.flow().value() * (arcS + plan.postFlowS()) / 60)
                                : OptionalDouble.empty(),
                        arcS,
                        said.seamMm(),
                        findings.size()),
                new RunRecord.Outcome(said.amps(), said.amps(), said.amps(), marked.heat(), findings));
    }

    private static RunStore.Closing closing(Said said, RunFigures figures, RunRecord.Outcome outcome) {
        return new RunStore.Closing(said.hand(), said.verdict(), said.note(), figures, outcome);
    }
}
