package vastarc.web.rehearse;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
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
import vastarc.core.rehearsal.Setup;
import vastarc.web.kept.job.JobStore;
import vastarc.web.ui.JobPlace;
import vastarc.web.ui.JobStep;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;
import vastarc.web.work.RehearsalRoom;
import vastarc.web.work.WorkRoom;

/** Shows a job's weld on simulated metal. */
@Controller
class RehearseController implements JobPlace {

    private final RehearsePlace place;
    private final RehearsalRoom room;
    private final WorkRoom works;

    RehearseController(RehearsePlace place, RehearsalRoom room, WorkRoom works) {
        this.place = place;
        this.room = room;
        this.works = works;
    }

    @GetMapping("/jobs/{id}/rehearse")
    String page(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String scatter,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        model.addAttribute("scatter", NumberReader.read(scatter).isPresent() ? scatter.strip() : "");
        place.show(place.job(id), false, preferences, model);
        return "rehearse/page";
    }

    /** Begins one rehearsal, or two where something is changed beside it. */
    @PostMapping("/jobs/{id}/rehearse/run")
    @ResponseBody
    ResponseEntity<RehearsePlace.Begun> run(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        RehearseForm form = RehearseForm.of(sent, preferences.units());
        Outcome<Setup> setup = place.setup(id, form);
        if (setup.value().isEmpty()) {
            return RehearsePlace.refused(setup.problems(), preferences.units());
        }
        List<String> ids = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        Setup own = setup.value().get();
        Setup changed = form.change().on(own, form.amount());
        Stream.of(own, changed).distinct().forEach(one -> {
            Outcome<RehearsalRoom.Show> show = room.start(one);
            show.value().ifPresent(begun -> ids.add(begun.id().toString()));
            problems.addAll(show.problems());
        });
        return problems.isEmpty()
                ? ResponseEntity.ok(new RehearsePlace.Begun(ids, List.of()))
                : RehearsePlace.refused(problems, preferences.units());
    }

    /** What is new of a film. */
    @GetMapping("/jobs/{id}/rehearse/film/{work}")
    @ResponseBody
    FilmText film(
            @PathVariable UUID id,
            @PathVariable UUID work,
            @RequestParam(defaultValue = "0") String from,
            @ModelAttribute("preferences") Preferences preferences) {
        RehearsalRoom.Show show = room.find(work).orElseThrow(() -> new NotFound("rehearsal"));
        WorkRoom.Shown shown = works.look(work).orElseThrow(() -> new NotFound("rehearsal"));
        return FilmText.of(show, shown, (int) NumberReader.read(from).orElse(0), preferences.units());
    }

    @Override
    public JobStep step() {
        return JobStep.REHEARSE;
    }

    @Override
    public String laid(JobStore.Travelled there, Map<String, String> sent, Preferences preferences, Model model) {
        return place.travelled(Optional.of(there), preferences, model);
    }
}
