package vastarc.web.rehearse;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.rehearsal.Setup;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.ShopWays;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.rehearsal.RehearsalStore;
import vastarc.web.request.JobPlanner;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;

/** What the doors of the Rehearse place share: the job, what is shown of it, and how a refusal is told. */
@Component
class RehearsePlace {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final RehearsalStore kept;

    RehearsePlace(JobStore jobs, JobPlanner planner, RehearsalStore kept) {
        this.jobs = jobs;
        this.planner = planner;
        this.kept = kept;
    }

    /** What was begun, or why not. */
    record Begun(List<String> ids, List<String> problems) {}

    Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    void show(Job job, boolean stale, Preferences preferences, Model model) {
        Outcome<Sheet> sheet = planner.plan(job).sheet();
        model.addAttribute(
                "page",
                RehearsePage.of(
                        job,
                        jobs.history(job),
                        sheet.value(),
                        sheet.problems(),
                        kept.of(job.id()),
                        stale,
                        preferences.units()));
    }

    ShopWays ways() {
        return planner.ways();
    }

    /** The job's weld set up as told. */
    Outcome<Setup> setup(UUID id, RehearseForm form) {
        return form.problems().isEmpty()
                ? planner.plan(job(id)).ask().map(form::setup)
                : Outcome.failed(form.problems());
    }

    static ResponseEntity<Begun> refused(List<Problem> problems, UnitSystem units) {
        return ResponseEntity.ok(new Begun(
                List.of(),
                problems.stream()
                        .map(problem -> problem.message(units))
                        .distinct()
                        .toList()));
    }

    /** What a change of the job, or a step through its history, came to. */
    String travelled(Optional<JobStore.Travelled> travelled, Preferences preferences, Model model) {
        JobStore.Travelled there = travelled.orElseThrow(() -> new NotFound("job"));
        show(there.job(), there.stale(), preferences, model);
        return "rehearse/workspace :: workspace";
    }
}
