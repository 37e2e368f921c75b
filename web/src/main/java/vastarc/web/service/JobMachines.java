package vastarc.web.service;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.equipment.MachineChoice;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;

/** Which machine of the shop a job is welded with. */
@Component
public class JobMachines {

    private final MachineStore machines;

    JobMachines(MachineStore machines) {
        this.machines = machines;
    }

    /**
     * The shop's machines for a job.
     *
     * @param shop    all there are
     * @param ranking by how they suit; empty without a weld cycle
     * @param chosen  by the welder, or the one that suits best; empty without a weld cycle or machines
     */
    public record MachinesForJob(List<Machine> shop, List<MachineChoice> ranking, Optional<Machine> chosen) {}

    /**
     * {@return the shop's machines for a job}
     *
     * @param content the content of the job
     * @param cycle the weld cycle; empty if the joint has none
     */
    public MachinesForJob of(JobContent content, Optional<WeldCycle> cycle) {
        List<Machine> shop = machines.machines();
        List<MachineChoice> ranking = cycle.map(played -> MachineChoice.ranked(
                        played, shop.stream().map(Machine::profile).toList()))
                .orElse(List.of());
        Optional<Machine> told = shop.stream()
                .filter(machine ->
                        content.machine().filter(machine.id()::equals).isPresent())
                .findFirst();
        Optional<Machine> chosen = cycle.flatMap(played ->
                told.or(() -> ranking.stream().findFirst().map(best -> shop.get(best.index()))));
        return new MachinesForJob(shop, ranking, chosen);
    }

    /**
     * {@return the machine a welder has chosen for a job; empty where none was}
     *
     * @param content the content of the job
     */
    public Optional<Machine> chosen(JobContent content) {
        return content.machine().flatMap(machines::machine);
    }

    /** {@return whether the shop has a machine, so that a job without a chosen one is set on the one that suits best} */
    public boolean isThereAny() {
        return !machines.machines().isEmpty();
    }
}
