package vastarc.web.sheet;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.util.UriComponentsBuilder;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.core.record.batch.MaterialBatch.BatchKind;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Choice;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.assembly.Seam;
import vastarc.web.store.batch.BatchUse;
import vastarc.web.store.batch.BatchUses;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.Register;

/** The papers of a job: the batches that it is welded with, and the seams of assemblies that it is for. */
@Controller
class JobPapersController {

    private final JobStore jobs;
    private final Register<MaterialBatch> batches;
    private final BatchUses uses;
    private final AssemblyStore assemblies;
    private final Clock clock;

    JobPapersController(
            JobStore jobs, Register<MaterialBatch> batches, BatchUses uses, AssemblyStore assemblies, Clock clock) {
        this.jobs = jobs;
        this.batches = batches;
        this.uses = uses;
        this.assemblies = assemblies;
        this.clock = clock;
    }

    /** The batches of one kind. */
    public record KindOfBatch(String label, List<Choice> batches) {}

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    @GetMapping("/jobs/{id}/papers")
    String page(@PathVariable UUID id, Model model) {
        Job job = job(id);
        model.addAttribute("job", id.toString());
        model.addAttribute("name", job.name());
        model.addAttribute("kinds", kinds(uses.ofJob(id)));
        model.addAttribute(
                "seams",
                assemblies.ofJob(id).stream().map(JobPapersController::seam).toList());
        return "sheet/papers";
    }

    private static Choice seam(Seam seam) {
        String address = UriComponentsBuilder.fromPath("/assemblies/{id}")
                .queryParam("seam", "{seam}")
                .build(seam.assembly(), seam.number())
                .toString();
        return new Choice(address, seam.number() + " " + seam.text().location(), false);
    }

    /** Those that may still be used, and those that are chosen already, whatever became of them. */
    private List<KindOfBatch> kinds(List<BatchUse> chosen) {
        Set<String> numbers = chosen.stream().map(BatchUse::number).collect(Collectors.toSet());
        String today =
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()).toString();
        List<KindOfBatch> kinds = new ArrayList<>();
        for (BatchKind kind : BatchKind.values()) {
            List<Choice> some = batches.readable().stream()
                    .filter(batch -> batch.kind() == kind)
                    .filter(batch -> batch.isUsable(today) || numbers.contains(batch.number()))
                    .map(batch -> new Choice(batch.number(), label(batch), numbers.contains(batch.number())))
                    .toList();
            if (!some.isEmpty()) {
                kinds.add(new KindOfBatch(Phrasebook.say(Phrase.of("batch.kind." + kind), UnitSystem.METRIC), some));
            }
        }
        return kinds;
    }

    private static String label(MaterialBatch batch) {
        return batch.what().isEmpty() ? batch.number() : batch.number() + " · " + batch.what();
    }

    @PostMapping("/jobs/{id}/papers")
    String choose(@PathVariable UUID id, @RequestParam(name = "batch", defaultValue = "") List<String> chosen) {
        job(id);
        Map<String, String> kept = new LinkedHashMap<>();
        batches.readable().stream()
                .filter(batch -> chosen.contains(batch.number()))
                .forEach(batch -> kept.put(batch.number(), what(batch)));
        uses.choose(id, kept);
        return "redirect:/jobs/" + id + "/papers";
    }

    private static String what(MaterialBatch batch) {
        String kind = Phrasebook.say(Phrase.of("batch.kind." + batch.kind()), UnitSystem.METRIC);
        return batch.what().isEmpty() ? kind : kind + ", " + batch.what();
    }
}
