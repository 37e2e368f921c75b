package vastarc.web.request;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import vastarc.core.finding.Outcome;
import vastarc.core.machine.DutyPoint;
import vastarc.core.route.RouteAsk;
import vastarc.core.route.Work;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.kept.run.RunBook;

/** Makes routes of jobs, on the machine and torch that were chosen for them. */
@Component
public class RoutePlans {

    private static final double ROOM_C = 20;

    private final JobPlanner planner;
    private final MachineStore machines;
    private final RunBook runs;

    RoutePlans(JobPlanner planner, MachineStore machines, RunBook runs) {
        this.planner = planner;
        this.machines = machines;
        this.runs = runs;
    }

    /** Machine and torch whose duty counts; empty where none was chosen. */
    public record On(Optional<String> machine, Optional<String> torch) {}

    public On on(JobContent content) {
        return new On(
                content.machine().flatMap(machines::machine).map(machine -> machine.name()),
                content.torch().flatMap(machines::torch).map(torch -> torch.name()));
    }

    /** A job's work as typed, in the order of the hand. */
    public Outcome<RouteAsk> ask(JobContent content, WorkText typed) {
        List<DutyPoint> machine = content.machine()
                .flatMap(machines::machine)
                .map(one -> one.profile().plate())
                .orElse(List.of());
        List<DutyPoint> torch = content.torch()
                .flatMap(machines::torch)
                .map(one -> one.profile().plate())
                .orElse(List.of());
        return planner.plan(content)
                .weld()
                .then(weld -> RouteAsk.of(weld, shared(typed.work()), machine, torch, ROOM_C)
                        .map(made -> made.ordered(typed.order())));
    }

    /** With the share of arc that the shop's own runs tell, where there are enough of them. */
    private Work shared(Work work) {
        OptionalDouble share = runs.arcShare();
        return share.isPresent() ? work.sharing(share.getAsDouble()) : work;
    }
}
