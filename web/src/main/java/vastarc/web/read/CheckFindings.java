package vastarc.web.read;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.record.diagnosis.PreWeldFindings;
import vastarc.web.request.PurgeReader;
import vastarc.web.service.JobMachines;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.PurgeText;
import vastarc.web.store.machine.MachineStore;

/** What a job's check before the strike and its purge record say. */
@Component
class CheckFindings {

    private final JobMachines choice;
    private final MachineStore machines;

    CheckFindings(JobMachines choice, MachineStore machines) {
        this.choice = choice;
        this.machines = machines;
    }

    Map<String, PreWeldFindings> of(Job job, Optional<WeldCycle> cycle, SetupSheet sheet) {
        Map<String, PreWeldFindings> found = new HashMap<>();
        choice.of(job.content(), cycle)
                .chosen()
                .ifPresent(machine -> found.putAll(PreWeldFindings.ofCheck(
                        machines.panel(job.id(), machine.id()).answers())));
        found.putAll(purge(job.content().purge(), sheet));
        return found;
    }

    private static Map<String, PreWeldFindings> purge(PurgeText typed, SetupSheet sheet) {
        if (!sheet.practice().purged()) {
            return Map.of();
        }
        OptionalDouble meter = typed.text(PurgeText.METER)
                .map(text -> NumberReader.read(text, "ppm"))
                .orElse(OptionalDouble.empty());
        return PurgeReader.read(typed, sheet)
                .plan()
                .map(plan -> PreWeldFindings.ofPurge(new PreWeldFindings.PurgeRecord(
                        typed.text(PurgeText.FELT).isPresent(),
                        meter,
                        plan.ask().targetPpm(),
                        typed.text(PurgeText.OVERRULED).isPresent())))
                .orElse(Map.of());
    }
}
