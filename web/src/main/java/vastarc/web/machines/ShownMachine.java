package vastarc.web.machines;

import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.ui.Model;
import vastarc.core.quantity.UnitSystem;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.machine.Machine;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.kept.machine.MemorySlot;
import vastarc.web.ui.NotFound;

/** Puts a machine of the shop on its page. */
@Component
class ShownMachine {

    private final MachineStore store;
    private final JobStore jobs;

    ShownMachine(MachineStore store, JobStore jobs) {
        this.store = store;
        this.jobs = jobs;
    }

    Machine machine(UUID id) {
        return store.machine(id).orElseThrow(() -> new NotFound("machine"));
    }

    void show(Machine machine, UnitSystem units, Model model) {
        Map<Integer, String> slots = store.slots(machine.id()).stream()
                .collect(Collectors.toMap(
                        MemorySlot::slot,
                        slot -> jobs.find(slot.jobId()).map(Job::name).orElse("a job off the bench"),
                        (one, two) -> one,
                        TreeMap::new));
        model.addAttribute("page", MachinePage.of(machine, store.readings(machine.id()), slots, units));
    }
}
