package vastarc.web.bench;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.springframework.stereotype.Component;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRunQueries;

/** The three steps from an empty shop to the first weld: a joint, a machine, a run. */
@Component
class ShopGuide {

    /** The cookie that says the guide was left, and its value. */
    static final String COOKIE = "guide";

    static final String LEFT = "left";

    private final JobStore jobs;
    private final MachineStore machines;
    private final WeldRunQueries runs;

    ShopGuide(JobStore jobs, MachineStore machines, WeldRunQueries runs) {
        this.jobs = jobs;
        this.machines = machines;
        this.runs = runs;
    }

    /**
     * A step of the guide.
     *
     * @param name what it is about: {@code joint}, {@code machine} or {@code run}
     * @param done it has been taken
     * @param next the first that has not been taken
     * @param address where it is taken; empty where that is this page, or another step comes first
     */
    public record GuideStep(String name, boolean done, boolean next, String address) {}

    /** {@return the steps; empty where all are taken, or the guide was left} */
    List<GuideStep> steps(String cookie) {
        if (cookie.equals(LEFT) || !runs.newest(RunFilter.all(), 1).isEmpty()) {
            return List.of();
        }
        Optional<Job> job =
                jobs.newest(1).stream().filter(Predicate.not(Job::isDeleted)).findFirst();
        boolean machine = !machines.machines().isEmpty();
        return List.of(
                new GuideStep("joint", job.isPresent(), job.isEmpty(), ""),
                new GuideStep("machine", machine, job.isPresent() && !machine, "/machines"),
                new GuideStep(
                        "run",
                        false,
                        job.isPresent() && machine,
                        job.map(found -> "/jobs/" + found.id() + "/panel").orElse("")));
    }
}
