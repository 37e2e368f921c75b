package vastarc.web.rehearse;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.simulation.SimulationSetup;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Preferences;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.HistoryResult;
import vastarc.web.store.simulation.SimulationStore;

/** What the doors of the Rehearse place share: the job, what is shown of it, and how a refusal is given. */
@Component
class RehearsePages {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final SimulationStore simulations;

    RehearsePages(JobStore jobs, JobPlanner planner, SimulationStore kept) {
        this.jobs = jobs;
        this.planner = planner;
        this.simulations = kept;
    }

    /** What was begun, or why not. */
    record StartedWork(List<String> ids, List<String> problems) {}

    Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    void show(Job job, boolean stale, Preferences preferences, Model model) {
        model.addAttribute(
                "page",
                RehearsePage.of(
                        job,
                        jobs.history(job),
                        planner.plan(job),
                        simulations.of(job.id()),
                        stale,
                        preferences.units()));
    }

    ShopDefaults shopDefaults() {
        return planner.shopDefaults();
    }

    /** The job's weld, set up as entered. */
    Outcome<SimulationSetup> setup(UUID id, RehearseForm form) {
        return form.problems().isEmpty()
                ? planner.plan(job(id)).ask().map(form::setup)
                : Outcome.failed(form.problems());
    }

    static ResponseEntity<StartedWork> refused(List<Problem> problems, UnitSystem units) {
        return ResponseEntity.ok(new StartedWork(
                List.of(),
                problems.stream()
                        .map(problem -> problem.message(units))
                        .distinct()
                        .toList()));
    }

    /** What a change of the job, or a step through its history, came to. */
    String travelled(Optional<HistoryResult> travelled, Preferences preferences, Model model) {
        HistoryResult there = travelled.orElseThrow(() -> new NotFound("job"));
        show(there.job(), there.stale(), preferences, model);
        return "rehearse/workspace :: workspace";
    }
}
