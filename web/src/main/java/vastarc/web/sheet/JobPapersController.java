package vastarc.web.sheet;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Stream;
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
import vastarc.core.record.instrument.MeasuringInstrument;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Choice;
import vastarc.web.service.PaperChoices;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.assembly.Seam;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.BatchReader;
import vastarc.web.store.register.InstrumentReader;
import vastarc.web.store.register.PaperUses;
import vastarc.web.store.register.PaperUses.ChosenPaper;
import vastarc.web.store.register.ProcedureReader;
import vastarc.web.store.register.Register;
import vastarc.web.store.register.RegisterKind;

/** The papers of a job: its procedure, the batches that go into it, the meters it is measured with, and the seams of assemblies that it is for. */
@Controller
class JobPapersController {

    private final JobStore jobs;
    private final Register<WeldProcedure> procedures;
    private final Register<MaterialBatch> batches;
    private final Register<MeasuringInstrument> instruments;
    private final PaperUses uses;
    private final AssemblyStore assemblies;
    private final Clock clock;

    JobPapersController(
            JobStore jobs,
            Register<WeldProcedure> procedures,
            Register<MaterialBatch> batches,
            Register<MeasuringInstrument> instruments,
            PaperUses uses,
            AssemblyStore assemblies,
            Clock clock) {
        this.jobs = jobs;
        this.procedures = procedures;
        this.batches = batches;
        this.instruments = instruments;
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
        model.addAttribute("procedures", choices(id, ProcedureReader.KIND, procedures, PaperChoices::of));
        model.addAttribute("kinds", kinds(id));
        model.addAttribute("meters", choices(id, InstrumentReader.KIND, instruments, PaperChoices::of));
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

    /** What may be chosen of a register: its papers, and those that are chosen already and have left it since. */
    private <T> List<ChosenPaper> offered(
            UUID job, RegisterKind<T> kind, Register<T> register, Function<T, ChosenPaper> paper) {
        List<ChosenPaper> kept = register.readable().stream().map(paper).toList();
        Stream<ChosenPaper> gone = uses.ofJob(job).stream()
                .filter(chosen -> chosen.isOf(kind) && kept.stream().noneMatch(chosen::isSame));
        return Stream.concat(kept.stream(), gone).toList();
    }

    private <T> List<Choice> choices(
            UUID job, RegisterKind<T> kind, Register<T> register, Function<T, ChosenPaper> paper) {
        List<String> chosen = uses.ofJob(job, kind);
        return offered(job, kind, register, paper).stream()
                .map(one -> new Choice(
                        one.number(),
                        one.what().isEmpty() ? one.number() : one.number() + " · " + one.what(),
                        chosen.contains(one.number())))
                .toList();
    }

    /** Those that may still be used, and those that are chosen already, whatever became of them. */
    private List<KindOfBatch> kinds(UUID job) {
        List<String> chosen = uses.ofJob(job, BatchReader.KIND);
        List<MaterialBatch> kept = batches.readable();
        String today =
                LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault()).toString();
        List<KindOfBatch> kinds = new ArrayList<>();
        for (BatchKind kind : BatchKind.values()) {
            List<Choice> some = kept.stream()
                    .filter(batch -> batch.kind() == kind)
                    .filter(batch -> batch.isUsable(today) || chosen.contains(batch.number()))
                    .map(batch -> new Choice(batch.number(), label(batch), chosen.contains(batch.number())))
                    .toList();
            if (!some.isEmpty()) {
                kinds.add(new KindOfBatch(Phrasebook.say(Phrase.of("batch.kind." + kind), UnitSystem.METRIC), some));
            }
        }
        List<Choice> gone = choices(job, BatchReader.KIND, batches, PaperChoices::of).stream()
                .filter(choice ->
                        kept.stream().noneMatch(batch -> batch.number().equals(choice.value())))
                .toList();
        if (!gone.isEmpty()) {
            kinds.add(new KindOfBatch(Phrasebook.say(Phrase.of("papers.gone"), UnitSystem.METRIC), gone));
        }
        return kinds;
    }

    private static String label(MaterialBatch batch) {
        return batch.what().isEmpty() ? batch.number() : batch.number() + " · " + batch.what();
    }

    /** Chooses the papers of the job; what was chosen before and has left its register since may stay. */
    @PostMapping("/jobs/{id}/papers")
    String choose(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String procedure,
            @RequestParam(name = "batch", defaultValue = "") List<String> chosen,
            @RequestParam(name = "meter", defaultValue = "") List<String> meters) {
        job(id);
        uses.choose(
                id,
                Stream.of(
                                offered(id, ProcedureReader.KIND, procedures, PaperChoices::of).stream()
                                        .filter(paper -> paper.number().equals(procedure)),
                                offered(id, BatchReader.KIND, batches, PaperChoices::of).stream()
                                        .filter(paper -> chosen.contains(paper.number())),
                                offered(id, InstrumentReader.KIND, instruments, PaperChoices::of).stream()
                                        .filter(paper -> meters.contains(paper.number())))
                        .flatMap(papers -> papers)
                        .toList());
        return "redirect:/jobs/" + id + "/papers";
    }
}
