package vastarc.web.rehearse;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.notation.NumberReader;
import vastarc.core.rehearsal.Finder;
import vastarc.core.rehearsal.Quality;
import vastarc.core.rehearsal.Setup;
import vastarc.web.kept.job.JobStore;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;
import vastarc.web.work.RehearsalRoom;

/** Looks for a setting by rehearsing, and puts it on the sheet. */
@Controller
class FindController {

    private final JobStore jobs;
    private final RehearsePlace place;
    private final RehearsalRoom room;
    private final SettingTaker taker;

    FindController(JobStore jobs, RehearsePlace place, RehearsalRoom room, SettingTaker taker) {
        this.jobs = jobs;
        this.place = place;
        this.room = room;
        this.taker = taker;
    }

    /** Begins to look for a setting; quick cells, as many weldings are wanted. */
    @PostMapping("/jobs/{id}/rehearse/find")
    @ResponseBody
    ResponseEntity<RehearsePlace.Begun> find(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        RehearseForm form = RehearseForm.of(sent, preferences.units());
        Finder.Knob knob = RehearseForm.chosen(Finder.Knob.class, sent.get("knob"), Finder.Knob.CURRENT);
        Finder.Goal goal = RehearseForm.chosen(Finder.Goal.class, sent.get("goal"), Finder.Goal.BACK_BEAD);
        List<Problem> problems = new ArrayList<>();
        double target = goal == Finder.Goal.EVEN_WIDTH
                ? 0
                : RehearseForm.length(wanted(sent), Finder.TARGET, preferences.units(), problems)
                        .orElse(0.0);
        Outcome<RehearsePlace.Begun> begun = (problems.isEmpty()
                        ? place.setup(id, form)
                        : Outcome.<Setup>failed(problems))
                .then(setup -> setup.cut(Quality.LIVE).ask().map(ask -> setup.cut(Quality.LIVE)))
                .then(setup -> room.look(setup, knob, goal, target))
                .map(work -> new RehearsePlace.Begun(List.of(work.id().toString()), List.of()));
        return begun.value()
                .map(ResponseEntity::ok)
                .orElseGet(() -> RehearsePlace.refused(begun.problems(), preferences.units()));
    }

    /** A width that is not told is one that cannot be. */
    private static String wanted(Map<String, String> sent) {
        String text = sent.getOrDefault("targetMm", "");
        return text.isBlank() ? "0" : text;
    }

    @GetMapping("/jobs/{id}/rehearse/found/{work}")
    String found(
            @PathVariable UUID id,
            @PathVariable UUID work,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Outcome<Finder.Found> found = room.found(work).orElseThrow(() -> new NotFound("rehearsal"));
        model.addAttribute("found", found.value().map(one -> RehearsePage.found(one, preferences.units())));
        model.addAttribute(
                "problems",
                found.problems().stream()
                        .map(problem -> problem.message(preferences.units()))
                        .toList());
        return "rehearse/found :: found";
    }

    /** Puts what was found on the sheet, as own value; travel as the hand's own. */
    @PostMapping("/jobs/{id}/rehearse/take")
    String take(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Finder.Knob knob = RehearseForm.chosen(Finder.Knob.class, sent.get("knob"), Finder.Knob.CURRENT);
        double value = NumberReader.read(sent.get("value")).orElseThrow(() -> new NotFound("setting"));
        return place.travelled(
                jobs.edit(id, JobStore.seen(sent.get("version")), job -> taker.taken(job.content(), knob, value)),
                preferences,
                model);
    }
}
