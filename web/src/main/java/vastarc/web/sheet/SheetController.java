package vastarc.web.sheet;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.sheet.SettingKey;
import vastarc.web.job.Job;
import vastarc.web.job.JobStore;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;
import vastarc.web.ui.ReasonView;

/** Shows a job's sheet, and keeps every change to it. */
@Controller
class SheetController {

    private final JobStore jobs;

    SheetController(JobStore jobs) {
        this.jobs = jobs;
    }

    @GetMapping("/jobs/{id}")
    String job(@PathVariable UUID id) {
        return "redirect:/jobs/" + id + "/sheet";
    }

    @GetMapping("/jobs/{id}/sheet")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        Job job = jobs.find(id).filter(found -> !found.isDeleted()).orElseThrow(() -> new NotFound("job"));
        model.addAttribute("page", SheetPage.of(job, Optional.empty(), preferences.units()));
        return "sheet/page";
    }

    /** The reasoning behind one setting, asked for when the hand opens it. */
    @GetMapping("/jobs/{id}/sheet/why/{setting}")
    String why(
            @PathVariable UUID id,
            @PathVariable String setting,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        ReasonView reason = jobs.find(id)
                .flatMap(job -> SheetPage.plan(job.form()).value())
                .flatMap(sheet -> SettingKey.named(setting).flatMap(sheet::find))
                .map(found -> ReasonView.of(found, preferences.units()))
                .orElseThrow(() -> new NotFound("setting"));
        model.addAttribute("reason", reason);
        return "ui/reason :: reason";
    }

    /** Keeps a change and answers with the workspace alone. The header {@code X-Job} names the job that now holds it. */
    @PostMapping("/jobs/{id}/sheet")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            HttpServletResponse response,
            Model model) {
        JobStore.Saved saved = jobs.save(
                        id,
                        version(sent.get("version")),
                        before -> new JobStore.Content(
                                sent.getOrDefault("name", before.name()),
                                sent.getOrDefault("notes", before.notes()),
                                before.form().changedTo(sent, preferences.units())))
                .orElseThrow(() -> new NotFound("job"));
        response.setHeader("X-Job", saved.job().id().toString());
        model.addAttribute("page", SheetPage.of(saved.job(), saved.collidedWith(), preferences.units()));
        return "sheet/workspace :: workspace";
    }

    /** An unreadable version is an old one: the edit then becomes a second job, never an overwrite. */
    private static long version(String text) {
        try {
            return text == null ? -1 : Long.parseLong(text);
        } catch (NumberFormatException e) {
            return -1;
        }
    }
}
