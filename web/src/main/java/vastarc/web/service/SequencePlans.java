package vastarc.web.service;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import vastarc.core.advice.sequence.SequenceRequest;
import vastarc.core.advice.sequence.WeldQuantity;
import vastarc.core.base.units.PhysicalConstants;
import vastarc.core.base.validation.Outcome;
import vastarc.core.physics.duty.DutyPoint;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.run.WeldRunQueries;

/** Makes routes of jobs, on the machine and torch that were chosen for them. */
@Component
public class SequencePlans {

    private final JobPlanner planner;
    private final MachineStore machines;
    private final WeldRunQueries runs;

    SequencePlans(JobPlanner planner, MachineStore machines, WeldRunQueries runs) {
        this.planner = planner;
        this.machines = machines;
        this.runs = runs;
    }

    /** Machine and torch whose duty counts; empty where none was chosen. */
    public record SequenceEquipment(Optional<String> machine, Optional<String> torch) {}

    /**
     * {@return the machine and torch whose duty cycle counts for a job}
     *
     * @param content the content of the job
     */
    public SequenceEquipment on(JobContent content) {
        return new SequenceEquipment(
                content.machine().flatMap(machines::machine).map(machine -> machine.name()),
                content.torch().flatMap(machines::torch).map(torch -> torch.name()));
    }

    /**
     * {@return a job's work as typed, in the order of work}
     *
     * @param content the content of the job
     * @param typed the quantity as typed
     */
    public Outcome<SequenceRequest> ask(JobContent content, WeldQuantityText typed) {
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
                .then(weld -> SequenceRequest.of(weld, shared(typed.work()), machine, torch, PhysicalConstants.ROOM_C)
                        .map(made -> made.ordered(typed.order())));
    }

    /** With the share of arc that the shop's own runs tell, where there are enough of them. */
    private WeldQuantity shared(WeldQuantity work) {
        OptionalDouble share = runs.arcShare();
        return share.isPresent() ? work.sharing(share.getAsDouble()) : work;
    }
}
