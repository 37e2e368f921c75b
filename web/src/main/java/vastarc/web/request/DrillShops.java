package vastarc.web.request;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import vastarc.core.drill.DrillShop;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.machine.MachineStore;

/**
 * The shop as its drill sees it: its machines, and its newest jobs that have a score. A question names its machine and
 * its job, so of several with one name only the first is asked about.
 */
@Component
public class DrillShops {

    private static final int MOST = 20;

    private final JobStore jobs;
    private final MachineStore machines;
    private final JobPlanner planner;

    DrillShops(JobStore jobs, MachineStore machines, JobPlanner planner) {
        this.jobs = jobs;
        this.machines = machines;
        this.planner = planner;
    }

    public DrillShop shop() {
        List<DrillShop.Machine> fronts = machines.machines().stream()
                .limit(MOST)
                .map(machine -> new DrillShop.Machine(machine.name(), machine.profile()))
                .filter(firstOfName(DrillShop.Machine::name))
                .toList();
        List<DrillShop.Job> scores = jobs.newest(MOST).stream()
                .flatMap(job ->
                        planner.plan(job).score().value().stream().map(score -> new DrillShop.Job(job.name(), score)))
                .filter(firstOfName(DrillShop.Job::name))
                .toList();
        return new DrillShop(fronts, scores);
    }

    private static <T> Predicate<T> firstOfName(Function<T, String> name) {
        Set<String> seen = new HashSet<>();
        return one -> seen.add(name.apply(one));
    }
}
