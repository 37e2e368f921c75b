package vastarc.web.sheet;

import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import vastarc.core.input.JointPhrase;
import vastarc.core.input.JointReading;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Preferences;
import vastarc.web.request.PhraseJob;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.JobEdit;
import vastarc.web.store.job.JobStore.SaveResult;

/** Sets the joint of a job by one line. */
@Controller
class LineController {

    private final JobStore jobs;

    LineController(JobStore jobs) {
        this.jobs = jobs;
    }

    /** A new job's joint said in one line; where something is missing, the line comes back and says what would complete it. */
    @PostMapping("/jobs/{id}/sheet/line")
    String line(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(defaultValue = "") String version,
            @ModelAttribute("preferences") Preferences preferences,
            RedirectAttributes back) {
        String line = PhraseJob.line(text);
        JointReading reading = JointPhrase.read(line, preferences.units());
        if (!reading.missing().isEmpty()) {
            back.addAttribute("line", line);
            return "redirect:/jobs/" + id + "/sheet";
        }
        SaveResult saved = jobs.save(
                        id,
                        JobStore.version(version),
                        before -> new JobEdit(
                                before.name(),
                                before.notes().isEmpty() ? PhraseJob.notes(reading) : before.notes(),
                                PhraseJob.of(reading, before.content())))
                .orElseThrow(() -> new NotFound("job"));
        return "redirect:/jobs/" + saved.job().id() + "/sheet";
    }
}
