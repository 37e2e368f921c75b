package vastarc.web.sheet;

import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Map;
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
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.record.procedure.ProcedureSheetWriter;
import vastarc.web.error.NotFound;
import vastarc.web.format.ProcedureSheetJson;
import vastarc.web.layout.Preferences;
import vastarc.web.paper.PaperPress;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A job's sheet as a preliminary procedure: to look at, and as PDF, DOCX and JSON. */
@Controller
class ProcedureSheetController {

    private static final String NAME = "procedure-sheet";

    private final JobStore jobs;
    private final JobPlanner planner;
    private final PaperPress press;
    private final ProcedureDocx docx;
    private final Clock clock;

    ProcedureSheetController(JobStore jobs, JobPlanner planner, PaperPress press, ProcedureDocx docx, Clock clock) {
        this.jobs = jobs;
        this.planner = planner;
        this.press = press;
        this.docx = docx;
        this.clock = clock;
    }

    @GetMapping("/jobs/{id}/procedure")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        Job job = job(id);
        if (planner.plan(job).sheet().value().isEmpty()) {
            // The sheet says why there is none, and what would work.
            return "redirect:/jobs/" + id + "/sheet";
        }
        model.addAttribute("page", view(job, preferences));
        model.addAttribute("paper", true);
        return "sheet/procedure-page";
    }

    @GetMapping("/jobs/{id}/procedure.pdf")
    ResponseEntity<byte[]> pdf(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences) {
        ProcedureSheetPage page = view(job(id), preferences);
        String title = "Preliminary procedure " + page.job();
        return PaperPress.answer(title, press.card("sheet/procedure", title, PaperPress.Size.A4, Map.of("page", page)));
    }

    @GetMapping(path = "/jobs/{id}/procedure.docx", produces = ProcedureDocx.TYPE)
    ResponseEntity<byte[]> docx(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences) {
        return file(NAME + ".docx", docx.of(view(job(id), preferences)));
    }

    @GetMapping(path = "/jobs/{id}/procedure.json", produces = MediaType.APPLICATION_JSON_VALUE)
    ResponseEntity<String> json(@PathVariable UUID id) {
        Job job = job(id);
        return file(
                NAME + ".json",
                ProcedureSheetJson.of(ProcedureSheetWriter.of(sheet(job)), job.name(), today())
                        .toString());
    }

    private static <T> ResponseEntity<T> file(String name, T body) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .body(body);
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    private SetupSheet sheet(Job job) {
        return planner.plan(job).sheet().value().orElseThrow(() -> new NotFound("sheet"));
    }

    private ProcedureSheetPage view(Job job, Preferences preferences) {
        return ProcedureSheetPage.of(sheet(job), job, today(), preferences.units());
    }

    private String today() {
        return LocalDate.ofInstant(clock.instant(), ZoneOffset.UTC).toString();
    }
}
