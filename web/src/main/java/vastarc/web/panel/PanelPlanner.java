package vastarc.web.panel;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.base.validation.Outcome;
import vastarc.core.equipment.DialCurve;
import vastarc.web.panel.SlotSheets.UsedSlot;
import vastarc.web.service.JobMachines;
import vastarc.web.service.JobMachines.MachinesForJob;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.MemorySlot.SlotContent;

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

    JobOnPanel start(Job job) {
        Outcome<WeldCycle> cycle = planner.plan(job).score();
        MachinesForJob found = choice.of(job.content(), cycle.value());
        Optional<Machine> machine = found.chosen();
        Map<String, DialCurve> curves =
                machine.map(own -> machines.curves(own.id())).orElse(Map.of());
        return new JobOnPanel(
                        cycle,
                        found.shop(),
                        found.ranking(),
                        machine,
                        job.content().torch().flatMap(machines::torch),
                        curves,
                        machine.map(own -> machines.panel(job.id(), own.id())),
                        Optional.empty())
                .planned();
    }

    /** What is in the machine's memory, with the names of the jobs. */
    List<UsedSlot> slots(JobOnPanel on) {
        return on.machine().map(machine -> machines.slots(machine.id())).orElse(List.of()).stream()
                .map(slot -> new UsedSlot(
                        slot, jobs.find(slot.jobId()).map(Job::name).orElse("a job off the bench")))
                .toList();
    }

    /** Puts the job's sheet into a slot of the machine; a number that is no slot is passed over. */
    void store(Job job, JobOnPanel on, int slot) {
        boolean there = on.machine()
                .filter(machine -> slot >= 1 && slot <= machine.profile().slots())
                .isPresent();
        if (there && on.plan().isPresent()) {
            machines.store(
                    on.machine().get().id(),
                    slot,
                    new SlotContent(
                            job.id(),
                            SlotSheets.figures(on.plan().get()),
                            SheetDocument.of(on.score().value().orElseThrow().sheet())));
        }
    }
}
