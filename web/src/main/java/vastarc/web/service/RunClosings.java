package vastarc.web.service;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import vastarc.core.record.weldlog.Deviation;
import vastarc.core.record.weldlog.DeviationRules;
import vastarc.core.record.weldlog.HeatInput;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunAnalysis;
import vastarc.core.record.weldlog.RunAnalysis.MarkedTimes;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunPlan;
import vastarc.core.record.weldlog.RunState;
import vastarc.core.record.weldlog.RunState.AfterArc;
import vastarc.web.request.ClosingForm;
import vastarc.web.store.run.RunFigures;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.store.run.WeldRunService.NoteResult;
import vastarc.web.store.run.WeldRunService.RunClosing;

/** Closes runs: what meters read, or where none did what the welder marked and read off a clamp meter, held against the plan. */
@Component
public class RunClosings {

    private final WeldRunService runs;

    RunClosings(WeldRunService runs) {
        this.runs = runs;
    }

    /**
     * Closes a run, or recalculates it, whatever was said of it before.
     *
     * @param id the id
     * @param form what the person filled in
     * @return the note result, or empty
     */
    public Optional<NoteResult> close(UUID id, ClosingForm form) {
        return close(id, run -> true, form);
    }

    /**
     * Closes a run, or recalculates it.
     *
     * @param id the id
     * @param asShown whether a run is still as it was shown to who says this; else what is said is added to its note
     * @param form what the person filled in
     * @return the note result, or empty
     */
    public Optional<NoteResult> close(UUID id, Predicate<WeldRun> asShown, ClosingForm form) {
        return runs.record(id)
                .flatMap(document -> document.value())
                .flatMap(record -> runs.close(id, asShown, closing(id, record.plan(), form)));
    }

    private RunClosing closing(UUID id, RunPlan plan, ClosingForm form) {
        Recording recording = runs.trace(id);
        return recording.current().isEmpty() ? byHand(runs.events(id), plan, form) : byMeter(recording, plan, form);
    }

    private static RunClosing byMeter(Recording recording, RunPlan plan, ClosingForm form) {
        RunAnalysis seen = RunAnalysis.of(recording, form.seamMm(), Optional.of(plan));
        List<Deviation> findings = DeviationRules.of(recording, seen, form.seamMm(), Optional.of(plan));
        boolean arc = !seen.arcs().isEmpty();
        return closing(
                form,
                new RunFigures(
                        seen.shape().stream()
                                .mapToDouble(shape -> shape.workingA())
                                .findFirst(),
                        seen.travel(),
                        seen.heat().stream().mapToDouble(HeatInput::momentary).findFirst(),
                        seen.gasL(),
                        seen.arcS(),
                        form.seamMm(),
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

    /** From the marks of the welder: arc time and travel, and heat where a current was read. */
    private static RunClosing byHand(List<RunEvent> events, RunPlan plan, ClosingForm form) {
        double last = events.isEmpty() ? 0 : events.get(events.size() - 1).atS();
        double arcS = RunState.at(events, new AfterArc(0, 0), last).arcS();
        MarkedTimes marked = RunAnalysis.marked(arcS, form.seamMm(), form.amps(), plan);
        List<Deviation> findings = new ArrayList<>(DeviationRules.ofMarks(marked, plan));
        return closing(
                form,
                new RunFigures(
                        form.amps(),
                        marked.travel(),
                        marked.heat().stream().mapToDouble(HeatInput::momentary).findFirst(),
                        arcS > 0
                                ? OptionalDouble.of(plan.flow().value() * (arcS + plan.postFlowS()) / 60)
                                : OptionalDouble.empty(),
                        arcS,
                        form.seamMm(),
                        findings.size()),
                new RunRecord.Outcome(form.amps(), form.amps(), form.amps(), marked.heat(), findings));
    }

    private static RunClosing closing(ClosingForm form, RunFigures figures, RunRecord.Outcome outcome) {
        return new RunClosing(form.welder(), form.verdict(), form.note(), figures, outcome, form.heard());
    }
}
