package vastarc.web.rehearse;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.simulation.SettingSearch;
import vastarc.core.simulation.SettingSearch.SearchGoal;
import vastarc.core.simulation.SettingSearch.SearchQuery;
import vastarc.core.simulation.SettingSearch.SearchResult;
import vastarc.core.simulation.SettingSearch.SearchVariable;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Preferences;
import vastarc.web.rehearse.RehearsePages.StartedWork;
import vastarc.web.store.job.JobStore;
import vastarc.web.work.SimulationWork;

/** Looks for a setting by rehearsing, and puts it on the sheet. */
@Controller
class FindController {

    private final JobStore jobs;
    private final RehearsePages place;
    private final SimulationWork room;
    private final FoundValueSaver taker;

    FindController(JobStore jobs, RehearsePages place, SimulationWork room, FoundValueSaver taker) {
        this.jobs = jobs;
        this.place = place;
        this.room = room;
        this.taker = taker;
    }

    /** Begins to look for a setting; quick cells, as many weldings are wanted. */
    @PostMapping("/jobs/{id}/rehearse/find")
    @ResponseBody
    ResponseEntity<StartedWork> find(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        RehearseForm form = RehearseForm.of(sent, preferences.units());
        SearchVariable knob = RehearseForm.chosen(SearchVariable.class, sent.get("knob"), SearchVariable.CURRENT);
        SearchGoal goal = RehearseForm.chosen(SearchGoal.class, sent.get("goal"), SearchGoal.BACK_BEAD);
        List<Problem> problems = new ArrayList<>();
        double target = goal == SearchGoal.BACK_BEAD
                ? RehearseForm.length(wanted(sent), SettingSearch.TARGET, preferences.units(), problems)
                        .orElse(0.0)
                : 0;
        Outcome<StartedWork> begun = (problems.isEmpty()
                        ? place.setup(id, form)
                        : Outcome.<SimulationSetup>failed(problems))
                .then(setup -> setup.cut(MeshDetail.LIVE).ask().map(request -> setup.cut(MeshDetail.LIVE)))
                .then(setup -> room.look(setup, new SearchQuery(knob, other(sent, knob), goal, target)))
                .map(work -> new StartedWork(List.of(work.id().toString()), List.of()));
        return begun.value()
                .map(ResponseEntity::ok)
                .orElseGet(() -> RehearsePages.refused(begun.problems(), preferences.units()));
    }

    /** The second setting; none where it is not chosen, or the first once more. */
    private static Optional<SearchVariable> other(Map<String, String> sent, SearchVariable knob) {
        return Arrays.stream(SearchVariable.values())
                .filter(variable -> variable != knob && variable.name().equals(sent.get("other")))
                .findFirst();
    }

    /** A width that is not given is one that cannot be. */
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
        Outcome<SearchResult> found = room.found(work).orElseThrow(() -> new NotFound("rehearsal"));
        model.addAttribute(
                "found", found.value().map(searchResult -> RehearsePage.found(searchResult, preferences.units())));
        model.addAttribute(
                "problems",
                found.problems().stream()
                        .map(problem -> problem.message(preferences.units()))
                        .toList());
        return "rehearse/found :: found";
    }

    /** Puts what was found on the sheet, as own value; travel as the welder's own. */
    @PostMapping("/jobs/{id}/rehearse/take")
    String take(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        SearchVariable knob = RehearseForm.chosen(SearchVariable.class, sent.get("knob"), SearchVariable.CURRENT);
        double value = NumberReader.read(sent.get("value")).orElseThrow(() -> new NotFound("setting"));
        Optional<SearchVariable> other = other(sent, knob);
        double beside = NumberReader.read(sent.get("beside")).orElse(0);
        return place.travelled(
                jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        job -> taker.withValue(
                                other.map(second -> taker.withValue(job.content(), second, beside))
                                        .orElse(job.content()),
                                knob,
                                value)),
                preferences,
                model);
    }
}
