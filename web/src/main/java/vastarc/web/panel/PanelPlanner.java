package vastarc.web.panel;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.core.finding.Outcome;
import vastarc.core.machine.DialCurve;
import vastarc.core.plan.SheetDocument;
import vastarc.core.score.Score;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.machine.Machine;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.kept.machine.MemorySlot;
import vastarc.web.request.JobMachines;
import vastarc.web.request.JobPlanner;

/** Puts jobs on the shop's machines: one plan, and one look at the shop's machines, for each request. */
@Component
class PanelPlanner {

    private final JobPlanner planner;
    private final MachineStore machines;
    private final JobMachines choice;
    private final JobStore jobs;

    PanelPlanner(JobPlanner planner, MachineStore machines, JobMachines choice, JobStore jobs) {
        this.planner = planner;
        this.machines = machines;
        this.choice = choice;
        this.jobs = jobs;
    }

    OnPanel start(Job job) {
        Outcome<Score> score = planner.plan(job).score();
        JobMachines.Found found = choice.of(job.content(), score.value());
        Optional<Machine> machine = found.chosen();
        Map<String, DialCurve> curves =
                machine.map(own -> machines.curves(own.id())).orElse(Map.of());
        return new OnPanel(
                        score,
                        found.shop(),
                        found.ranking(),
                        machine,
                        job.content().torch().flatMap(machines::torch),
                        curves,
                        machine.map(own -> machines.panel(job.id(), own.id())),
                        Optional.empty())
                .planned();
    }

    /** What stands in the machine's memory, with the names of the jobs. */
    List<Slots.Used> slots(OnPanel on) {
        return on.machine().map(machine -> machines.slots(machine.id())).orElse(List.of()).stream()
                .map(slot -> new Slots.Used(
                        slot, jobs.find(slot.jobId()).map(Job::name).orElse("a job off the bench")))
                .toList();
    }

    /** Puts the job's sheet into a slot of the machine; a number that is no slot is passed over. */
    void store(Job job, OnPanel on, int slot) {
        boolean there = on.machine()
                .filter(machine -> slot >= 1 && slot <= machine.profile().slots())
                .isPresent();
        if (there && on.plan().isPresent()) {
            machines.store(
                    on.machine().get().id(),
                    slot,
                    new MemorySlot.Stored(
                            job.id(),
                            Slots.figures(on.plan().get()),
                            SheetDocument.of(on.score().value().orElseThrow().sheet())));
        }
    }
}
