package vastarc.web.sheet;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
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
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.SettingKey;
import vastarc.web.job.Job;
import vastarc.web.job.JobStore;
import vastarc.web.request.HabitReader;
import vastarc.web.request.JobPlan;
import vastarc.web.request.JobReader;
import vastarc.web.request.OwnReader;
import vastarc.web.request.TypedForm;
import vastarc.web.shop.ShopStore;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;
import vastarc.web.ui.ReasonView;

/** Shows a job's sheet, and keeps every change to it. */
@Controller
class SheetController {

    private final JobStore jobs;
    private final ShopStore shop;
    private final Clock clock;

    SheetController(JobStore jobs, ShopStore shop, Clock clock) {
        this.jobs = jobs;
        this.shop = shop;
        this.clock = clock;
    }

    @GetMapping("/jobs/{id}")
    String job(@PathVariable UUID id) {
        return "redirect:/jobs/" + id + "/sheet";
    }

    @GetMapping("/jobs/{id}/sheet")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
        model.addAttribute(
                "page", SheetPage.of(job, jobs.history(job), Optional.empty(), shop.ways(), preferences.units()));
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
                .flatMap(job -> JobPlan.sheet(job.form(), shop.ways()).value())
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
                        JobStore.version(sent.get("version")),
                        before -> new JobStore.Content(
                                sent.getOrDefault("name", before.name()),
                                sent.getOrDefault("notes", before.notes()),
                                jointChanged(before.form(), sent, preferences.units())))
                .orElseThrow(() -> new NotFound("job"));
        response.setHeader("X-Job", saved.job().id().toString());
        return workspace(saved.job(), saved.collidedWith(), preferences, model);
    }

    private String workspace(Job job, Optional<Job> collidedWith, Preferences preferences, Model model) {
        model.addAttribute(
                "page", SheetPage.of(job, jobs.history(job), collidedWith, shop.ways(), preferences.units()));
        return "sheet/workspace :: workspace";
    }

    /** Another arc control than the chosen logic belongs to lets the logic go. */
    private static TypedForm jointChanged(TypedForm before, Map<String, String> sent, UnitSystem units) {
        TypedForm after = before.changedTo(sent, TypedForm.JOINT_FIELDS, units);
        boolean sameControl = after.text(JobReader.CONTROL).equals(before.text(JobReader.CONTROL));
        return sameControl ? after : after.with(OwnReader.LOGIC, Optional.empty());
    }

    /** Gives one of the hand's own values back to the engine. */
    @PostMapping("/jobs/{id}/sheet/engine/{setting}")
    String engine(
            @PathVariable UUID id,
            @PathVariable String setting,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = jobs.find(id).orElseThrow(() -> new NotFound("job"));
        Job saved = jobs.save(
                        id,
                        job.version(),
                        before -> before.with(before.form().with(OwnReader.OWN + setting, Optional.empty())))
                .orElseThrow(() -> new NotFound("job"))
                .job();
        return workspace(saved, Optional.empty(), preferences, model);
    }

    /** Marks a job as proven with the figures it has, or opens it again. */
    @PostMapping("/jobs/{id}/sheet/proven")
    String proven(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "true") boolean proven,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = jobs.find(id).orElseThrow(() -> new NotFound("job"));
        String day = LocalDate.now(clock).toString();
        Job saved = jobs.save(
                        id,
                        job.version(),
                        before -> before.with(
                                proven
                                        ? HabitReader.proven(before.form(), shop.ways(), day)
                                        : HabitReader.unproven(before.form())))
                .orElseThrow(() -> new NotFound("job"))
                .job();
        return workspace(saved, Optional.empty(), preferences, model);
    }

    @PostMapping("/jobs/{id}/sheet/undo")
    String undo(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        return workspace(jobs.undo(id).orElseThrow(() -> new NotFound("job")), Optional.empty(), preferences, model);
    }

    @PostMapping("/jobs/{id}/sheet/redo")
    String redo(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        return workspace(jobs.redo(id).orElseThrow(() -> new NotFound("job")), Optional.empty(), preferences, model);
    }
}
