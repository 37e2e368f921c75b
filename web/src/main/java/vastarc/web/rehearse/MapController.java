package vastarc.web.rehearse;

import java.util.Arrays;
import java.util.List;
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
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.MapRequest;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.record.diagnosis.RunsOnMap;
import vastarc.web.drawing.MapDrawing;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Preferences;
import vastarc.web.rehearse.MapPage.PlaceLine;
import vastarc.web.rehearse.RehearseForm.MapSetting;
import vastarc.web.service.JobMachines;
import vastarc.web.service.JobPlanner;
import vastarc.web.service.MachineRuns;
import vastarc.web.service.OwnValueSaver;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;

/** The map of a job: where its weld works, and where this shop has been. */
@Controller
class MapController {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final JobMachines machines;
    private final MachineRuns shop;
    private final OwnValueSaver saver;

    MapController(JobStore jobs, JobPlanner planner, JobMachines machines, MachineRuns shop, OwnValueSaver saver) {
        this.jobs = jobs;
        this.planner = planner;
        this.machines = machines;
        this.shop = shop;
        this.saver = saver;
    }

    @GetMapping("/jobs/{id}/map")
    String page(
            @PathVariable UUID id,
            @RequestParam(name = "y", defaultValue = "TRAVEL") MapAxis axis,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        UnitSystem units = preferences.units();
        Outcome<SetupSheet> sheet = planner.plan(job).sheet();
        MapAxis shown = axis == MapAxis.CURRENT ? MapAxis.TRAVEL : axis;
        Outcome<WeldMap> map = sheet.then(planned -> MapPlanner.of(
                planned,
                new MapRequest(shown, MapRequest.USUAL, MapRequest.USUAL, Optional.empty(), Optional.empty())));
        model.addAttribute("id", id);
        model.addAttribute("name", job.name());
        model.addAttribute("version", job.version());
        model.addAttribute(
                "axes",
                choices(shown, sheet.value().filter(SetupSheet::isPulsed).isPresent()));
        model.addAttribute(
                "refusals",
                map.problems().stream().map(problem -> problem.message(units)).toList());
        map.value().ifPresent(made -> show(job, sheet.value().orElseThrow(), made, sent, units, model));
        return "rehearse/map";
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    private void show(Job job, SetupSheet sheet, WeldMap map, Map<String, String> sent, UnitSystem units, Model model) {
        Optional<String> machine = machines.of(
                        job.content(), planner.plan(job).score().value())
                .chosen()
                .map(Machine::name);
        Optional<RunsOnMap> runs = machine.map(name -> shop.on(name, sheet, map));
        model.addAttribute("drawing", MapDrawing.of(map, runs, sheet, units));
        model.addAttribute("page", MapPage.of(sheet, map, MapSetting.of(sent), units));
        model.addAttribute(
                "known",
                machine.map(name -> MapPage.known(name, sheet, map, runs.orElseThrow(), units))
                        .orElse(List.of()));
    }

    /** What a point comes to, while it is dragged. */
    @GetMapping("/jobs/{id}/map/point")
    @ResponseBody
    PlaceLine point(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        MapSetting point = MapSetting.of(sent).orElseThrow(() -> new NotFound("setting"));
        return planner.plan(job(id))
                .sheet()
                .value()
                .map(sheet -> PlaceLine.of(sheet, point, preferences.units()))
                .orElseThrow(() -> new NotFound("setting"));
    }

    private static List<Choice> choices(MapAxis shown, boolean pulsed) {
        return Arrays.stream(MapAxis.values())
                .filter(axis -> axis != MapAxis.CURRENT && (pulsed || !axis.isOfPulse()))
                .map(axis -> Choice.labelled(
                        axis.name(),
                        Phrasebook.say(Phrase.of("map.axis." + axis.name()), UnitSystem.METRIC),
                        axis == shown))
                .toList();
    }

    /** Current and travel of a point become the welder's own; on an older version of the job nothing is done, and that is said. */
    @PostMapping("/jobs/{id}/map/take")
    String take(@PathVariable UUID id, @RequestParam Map<String, String> sent, RedirectAttributes after) {
        MapSetting point = MapSetting.of(sent).orElseThrow(() -> new NotFound("setting"));
        boolean stale = jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        job -> saver.own(
                                saver.paced(job.content(), point.travel()),
                                CycleKey.WORKING_CURRENT,
                                Math.rint(point.currentA())))
                .orElseThrow(() -> new NotFound("job"))
                .stale();
        after.addFlashAttribute(stale ? "stale" : "taken", true);
        return "redirect:/jobs/" + id + "/map";
    }
}
