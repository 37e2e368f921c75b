package vastarc.web.sheet;

import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;
import org.springframework.web.util.UriComponents;
import org.springframework.web.util.UriComponentsBuilder;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.equipment.PanelPlan;
import vastarc.web.drawing.StripDrawing;
import vastarc.web.error.NotFound;
import vastarc.web.format.SheetCsv;
import vastarc.web.layout.Preferences;
import vastarc.web.paper.PaperPress;
import vastarc.web.security.Lan;
import vastarc.web.service.JobMachines;
import vastarc.web.service.JobPlan;
import vastarc.web.service.JobPlanner;
import vastarc.web.sheet.CardPage.CardSource;
import vastarc.web.store.document.Document;
import vastarc.web.store.document.SheetDocuments;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobFile;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.Torch;

/** A job's setup card: to look at, and as a PDF. */
@Controller
class CardController {

    private static final String STRIP = "strip";

    private final JobStore jobs;
    private final JobPlanner planner;
    private final JobMachines choice;
    private final MachineStore machines;
    private final PaperPress press;
    private final Lan lan;

    CardController(
            JobStore jobs, JobPlanner planner, JobMachines choice, MachineStore machines, PaperPress press, Lan lan) {
        this.jobs = jobs;
        this.planner = planner;
        this.choice = choice;
        this.machines = machines;
        this.press = press;
        this.lan = lan;
    }

    @GetMapping("/jobs/{id}/card")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        model.addAttribute("card", card(id, preferences));
        model.addAttribute(STRIP, StripDrawing.path());
        model.addAttribute("paper", true);
        return "sheet/card-page";
    }

    @GetMapping("/jobs/{id}/card.pdf")
    ResponseEntity<byte[]> pdf(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "A4") String size,
            @ModelAttribute("preferences") Preferences preferences) {
        CardPage card = card(id, preferences);
        String title = "Setup card " + card.name();
        return PaperPress.answer(
                title,
                press.card(
                        "sheet/card",
                        title,
                        PaperPress.Size.named(size),
                        Map.of("card", card, STRIP, StripDrawing.path())));
    }

    /** The sheet's figures, a line each. */
    @GetMapping("/jobs/{id}/sheet.csv")
    ResponseEntity<String> csv(@PathVariable UUID id) {
        return file("sheet.csv", SheetCsv.TYPE, SheetCsv.of(sheet(id)));
    }

    /** The sheet as the document it is stored as when it is proven. */
    @GetMapping("/jobs/{id}/sheet.json")
    ResponseEntity<String> json(@PathVariable UUID id) {
        return file(
                "sheet.json",
                MediaType.APPLICATION_JSON,
                Document.of(SheetDocuments.FORMAT, SheetDocument.of(sheet(id))).text());
    }

    /** The job as one file that another shop can take in. */
    @GetMapping("/jobs/{id}/job.json")
    ResponseEntity<String> whole(@PathVariable UUID id) {
        Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
        return file(
                "job.json",
                MediaType.APPLICATION_JSON,
                JobFile.of(job, planner.plan(job).sheet().value().map(SheetDocument::of))
                        .toString());
    }

    private SetupSheet sheet(UUID id) {
        Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
        return planner.plan(job).sheet().value().orElseThrow(() -> new NotFound("sheet"));
    }

    private static ResponseEntity<String> file(String name, MediaType type, String text) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(text);
    }

    private CardPage card(UUID id, Preferences preferences) {
        Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
        JobPlan plan = planner.plan(job);
        Optional<WeldCycle> cycle = plan.score().value();
        Optional<Machine> machine = choice.of(job.content(), cycle).chosen();
        Optional<PanelPlan> panel = cycle.flatMap(played -> machine.map(own -> PanelPlan.of(
                played,
                own.profile(),
                job.content().torch().flatMap(machines::torch).map(Torch::profile),
                machines.curves(own.id()),
                Map.of())));
        Optional<String> booth = reachable().map(address -> address + "/jobs/" + id + "/run");
        return CardPage.of(new CardSource(job, plan, machine, panel, booth), preferences.units());
    }

    /** Where a tablet reaches the program: as the asker does, or by this machine's name where the asker sits at it; empty where only this machine may ask. */
    private Optional<String> reachable() {
        if (!lan.isOpen() && !lan.isProxied()) {
            return Optional.empty();
        }
        UriComponents asked =
                ServletUriComponentsBuilder.fromCurrentContextPath().build();
        return Lan.isLoop(asked.getHost() == null ? "" : asked.getHost())
                ? lan.reachable().stream()
                        .findFirst()
                        .map(name -> UriComponentsBuilder.newInstance()
                                .uriComponents(asked)
                                .host(name)
                                .toUriString())
                : Optional.of(asked.toUriString());
    }
}
