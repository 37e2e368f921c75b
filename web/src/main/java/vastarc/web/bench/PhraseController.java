package vastarc.web.bench;

import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.input.JointPhrase;
import vastarc.core.input.JointReading;
import vastarc.web.layout.Preferences;
import vastarc.web.request.PhraseJob;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.shop.ShopStore;

/** A joint said in one line: looked at without a job, or made one. */
@Controller
class PhraseController {

    private final JobStore jobs;
    private final ShopStore shop;
    private final JobPlanner planner;

    PhraseController(JobStore jobs, ShopStore shop, JobPlanner planner) {
        this.jobs = jobs;
        this.shop = shop;
        this.planner = planner;
    }

    /** What the line means and the figures it comes to; nothing is stored. */
    @GetMapping("/look")
    String look(
            @RequestParam(defaultValue = "") String text,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        model.addAttribute("phrase", view(PhraseJob.line(text), preferences));
        return "bench/phrase :: reading";
    }

    /** A line that was typed elsewhere, on a page of its own. */
    @GetMapping("/line")
    String line(
            @RequestParam(defaultValue = "") String text,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        model.addAttribute("phrase", view(PhraseJob.line(text), preferences));
        return "bench/line";
    }

    /** The job of the line, with what was doubtful in its notes; where something is missing, the line comes back with what would complete it. */
    @PostMapping("/jobs/text")
    String make(
            @RequestParam(defaultValue = "") String text,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        String line = PhraseJob.line(text);
        JointReading reading = JointPhrase.read(line, preferences.units());
        if (!reading.missing().isEmpty()) {
            model.addAttribute("phrase", view(line, preferences));
            return "bench/line";
        }
        Job job = jobs.create(reading.name(), PhraseJob.notes(reading), content(reading));
        return "redirect:/jobs/" + job.id() + "/sheet";
    }

    private JobContent content(JointReading reading) {
        return PhraseJob.of(reading, shop.freshJob());
    }

    private PhraseView view(String line, Preferences preferences) {
        JointReading reading = JointPhrase.read(line, preferences.units());
        return PhraseView.of(line, reading, planner.plan(content(reading)).sheet(), preferences.units());
    }
}
