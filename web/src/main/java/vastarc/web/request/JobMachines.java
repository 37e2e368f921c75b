package vastarc.web.request;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import vastarc.core.machine.MachineChoice;
import vastarc.core.score.Score;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.machine.Machine;
import vastarc.web.kept.machine.MachineStore;

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
     * @param ranking by how they suit; empty without a score
     * @param chosen  by the hand, or the one that suits best; empty without a score or machines
     */
    public record Found(List<Machine> shop, List<MachineChoice> ranking, Optional<Machine> chosen) {}

    public Found of(JobContent content, Optional<Score> score) {
        List<Machine> shop = machines.machines();
        List<MachineChoice> ranking = score.map(played -> MachineChoice.ranked(
                        played, shop.stream().map(Machine::profile).toList()))
                .orElse(List.of());
        Optional<Machine> told = shop.stream()
                .filter(machine ->
                        content.machine().filter(machine.id()::equals).isPresent())
                .findFirst();
        Optional<Machine> chosen = score.flatMap(played ->
                told.or(() -> ranking.stream().findFirst().map(best -> shop.get(best.index()))));
        return new Found(shop, ranking, chosen);
    }

    /** The machine a hand has chosen for a job; empty where none was. */
    public Optional<Machine> told(JobContent content) {
        return content.machine().flatMap(machines::machine);
    }
}
