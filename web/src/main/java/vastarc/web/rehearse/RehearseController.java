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
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.simulation.Exhibit;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.WeldScene;
import vastarc.core.simulation.observe.SeenPlace;
import vastarc.web.error.NotFound;
import vastarc.web.layout.JobPage;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.Preferences;
import vastarc.web.rehearse.RehearseForm.MapSetting;
import vastarc.web.rehearse.RehearsePages.StartedWork;
import vastarc.web.store.job.JobStore.HistoryResult;
import vastarc.web.work.SimulationWork;
import vastarc.web.work.SimulationWork.SimulationStatus;
import vastarc.web.work.WorkRoom;
import vastarc.web.work.WorkRoom.WorkStatus;

/** Shows a job's weld on simulated metal. */
@Controller
class RehearseController implements JobPage {

    private final RehearsePages place;
    private final SimulationWork room;
    private final WorkRoom works;

    RehearseController(RehearsePages place, SimulationWork room, WorkRoom works) {
        this.place = place;
        this.room = room;
        this.works = works;
    }

    @GetMapping("/jobs/{id}/rehearse")
    String page(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String scatter,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        MapSetting.of(sent).ifPresent(point -> {
            model.addAttribute("point", point);
            model.addAttribute("pointWords", Phrasebook.say(point.words(), preferences.units()));
        });
        model.addAttribute("scatter", NumberReader.read(scatter).isPresent() ? scatter.strip() : "");
        place.show(place.job(id), false, preferences, model);
        return "rehearse/page";
    }

    /** Begins one simulation, or two where something is changed beside it. */
    @PostMapping("/jobs/{id}/rehearse/run")
    @ResponseBody
    ResponseEntity<StartedWork> run(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        RehearseForm form = RehearseForm.of(sent, preferences.units());
        Outcome<SimulationSetup> setup = place.setup(id, form);
        if (setup.value().isEmpty()) {
            return RehearsePages.refused(setup.problems(), preferences.units());
        }
        SimulationSetup own = setup.value().get();
        SimulationSetup changed = form.changed(own);
        return started(Stream.of(own, changed).distinct().toList(), preferences);
    }

    /** Begins a weld as it should be and the same with a fault, to learn what it looks like. */
    @PostMapping("/jobs/{id}/rehearse/exhibit")
    @ResponseBody
    ResponseEntity<StartedWork> exhibit(
            @PathVariable UUID id,
            @RequestParam Exhibit exhibit,
            @ModelAttribute("preferences") Preferences preferences) {
        return started(List.of(exhibit.right(), exhibit.wrong()), preferences);
    }

    private ResponseEntity<StartedWork> started(List<SimulationSetup> setups, Preferences preferences) {
        List<String> ids = new ArrayList<>();
        List<Problem> problems = new ArrayList<>();
        setups.forEach(setup -> {
            Outcome<SimulationStatus> show = room.start(setup);
            show.value().ifPresent(begun -> ids.add(begun.id().toString()));
            problems.addAll(show.problems());
        });
        return problems.isEmpty()
                ? ResponseEntity.ok(new StartedWork(ids, List.of()))
                : RehearsePages.refused(problems, preferences.units());
    }

    /** The joint as it stands before the arc is struck; its problems where it cannot be simulated. */
    @GetMapping("/jobs/{id}/rehearse/scene")
    @ResponseBody
    SceneJson scene(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        RehearseForm form = RehearseForm.of(sent, preferences.units());
        Outcome<WeldScene> scene =
                place.setup(id, form).then(setup -> setup.ask().map(WeldScene::of));
        return SceneJson.of(scene, preferences.units());
    }

    /** The frames recorded since the last look. */
    @GetMapping("/jobs/{id}/rehearse/film/{work}")
    @ResponseBody
    FramesJson film(
            @PathVariable UUID id,
            @PathVariable UUID work,
            @RequestParam(defaultValue = "0") String from,
            @RequestParam(defaultValue = "0") String drawn,
            @ModelAttribute("preferences") Preferences preferences) {
        SimulationStatus show = room.find(work).orElseThrow(() -> new NotFound("rehearsal"));
        WorkStatus shown = works.look(work).orElseThrow(() -> new NotFound("rehearsal"));
        return FramesJson.of(
                show,
                shown,
                (int) NumberReader.read(from).orElse(0),
                (int) NumberReader.read(drawn).orElse(0),
                preferences.units());
    }

    /** What is known of one place of a weld that is looked at. */
    @GetMapping("/jobs/{id}/rehearse/film/{work}/place")
    @ResponseBody
    PlaceJson place(
            @PathVariable UUID id,
            @PathVariable UUID work,
            @RequestParam(defaultValue = "front") String face,
            @RequestParam(defaultValue = "0") String xMm,
            @RequestParam(defaultValue = "0") String placeMm,
            @ModelAttribute("preferences") Preferences preferences) {
        SimulationStatus show = room.find(work).orElseThrow(() -> new NotFound("rehearsal"));
        return SeenPlace.of(
                        show.film(),
                        !"back".equals(face),
                        NumberReader.read(xMm).orElse(0),
                        NumberReader.read(placeMm).orElse(0))
                .map(seen -> PlaceJson.of(seen, show.ask().joint(), preferences.units()))
                .orElse(new PlaceJson(""));
    }

    @Override
    public JobTab step() {
        return JobTab.REHEARSE;
    }

    @Override
    public String showAfterHistoryStep(
            HistoryResult there, Map<String, String> sent, Preferences preferences, Model model) {
        return place.travelled(Optional.of(there), preferences, model);
    }
}
