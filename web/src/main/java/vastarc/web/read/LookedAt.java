package vastarc.web.read;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import vastarc.core.notation.NumberReader;
import vastarc.core.reading.Found;
import vastarc.core.score.Score;
import vastarc.core.sheet.Sheet;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.PurgeText;
import vastarc.web.kept.machine.MachineStore;
import vastarc.web.request.JobMachines;
import vastarc.web.request.PurgeReader;

/** What a job's check before the strike and its purge record say. */
@Component
class LookedAt {

    private final JobMachines choice;
    private final MachineStore machines;

    LookedAt(JobMachines choice, MachineStore machines) {
        this.choice = choice;
        this.machines = machines;
    }

    Map<String, Found> of(Job job, Optional<Score> score, Sheet sheet) {
        Map<String, Found> found = new HashMap<>();
        choice.of(job.content(), score)
                .chosen()
                .ifPresent(machine -> found.putAll(
                        Found.ofCheck(machines.panel(job.id(), machine.id()).answers())));
        found.putAll(purge(job.content().purge(), sheet));
        return found;
    }

    private static Map<String, Found> purge(PurgeText typed, Sheet sheet) {
        if (!sheet.practice().purged()) {
            return Map.of();
        }
        OptionalDouble meter = typed.text(PurgeText.METER)
                .map(text -> NumberReader.read(text, "ppm"))
                .orElse(OptionalDouble.empty());
        return PurgeReader.read(typed, sheet)
                .plan()
                .map(plan -> Found.ofPurge(new Found.PurgeRecord(
                        typed.text(PurgeText.FELT).isPresent(),
                        meter,
                        plan.ask().targetPpm(),
                        typed.text(PurgeText.OVERRULED).isPresent())))
                .orElse(Map.of());
    }
}
