package vastarc.web.service;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import vastarc.core.training.TrainingShop;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.core.training.TrainingShop.TrainingMachine;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.MachineStore;

/**
 * The shop as its drill sees it: its machines, and its newest jobs that have a weld cycle. A question names its machine and
 * its job, so of several with one name only the first is asked about.
 */
@Component
public class TrainingShops {

    private static final int MOST = 20;

    private final JobStore jobs;
    private final MachineStore machines;
    private final JobPlanner planner;

    TrainingShops(JobStore jobs, MachineStore machines, JobPlanner planner) {
        this.jobs = jobs;
        this.machines = machines;
        this.planner = planner;
    }

    /** {@return the shop for the trainer} */
    public TrainingShop shop() {
        List<TrainingMachine> fronts = machines.machines().stream()
                .limit(MOST)
                .map(machine -> new TrainingMachine(machine.name(), machine.profile()))
                .filter(firstOfName(TrainingMachine::name))
                .toList();
        List<TrainingJob> scores = jobs.newest(MOST).stream()
                .flatMap(job ->
                        planner.plan(job).score().value().stream().map(cycle -> new TrainingJob(job.name(), cycle)))
                .filter(firstOfName(TrainingJob::name))
                .toList();
        return new TrainingShop(fronts, scores);
    }

    private static <T> Predicate<T> firstOfName(Function<T, String> name) {
        Set<String> seen = new HashSet<>();
        return t -> seen.add(name.apply(t));
    }
}
