package vastarc.web.rehearse;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.drawing.MapDrawing;
import vastarc.web.error.NotFound;
import vastarc.web.format.MapCsv;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Preferences;
import vastarc.web.paper.SvgFile;
import vastarc.web.rehearse.JobMaps.JobMap;
import vastarc.web.rehearse.MapPage.PlaceLine;
import vastarc.web.rehearse.RehearseForm.MapSetting;
import vastarc.web.service.OwnValueSaver;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** The map of a job: where its weld works, and where this shop has been. */
@Controller
class MapController {

    /** Width of a map on paper, mm. */
    private static final double PRINTED_MM = 180;

    private final JobStore jobs;
    private final JobMaps maps;
    private final OwnValueSaver saver;

    MapController(JobStore jobs, JobMaps maps, OwnValueSaver saver) {
        this.jobs = jobs;
        this.maps = maps;
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
        Outcome<JobMap> map = maps.of(job, axis);
        model.addAttribute("id", id);
        model.addAttribute("name", job.name());
        model.addAttribute("version", job.version());
        model.addAttribute("axis", JobMaps.shown(axis));
        model.addAttribute(
                "axes",
                choices(
                        JobMaps.shown(axis),
                        maps.sheet(job).value().filter(SetupSheet::isPulsed).isPresent()));
        model.addAttribute(
                "refusals",
                map.problems().stream().map(problem -> problem.message(units)).toList());
        map.value().ifPresent(made -> show(made, sent, units, model));
        return "rehearse/map";
    }

    /** The map over travel, to be opened beside the figures of the sheet. */
    @GetMapping("/jobs/{id}/map/beside")
    String beside(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        JobMap made = maps.of(job(id), MapAxis.TRAVEL).value().orElseThrow(() -> new NotFound("map"));
        model.addAttribute("id", id);
        show(made, Map.of(), preferences.units(), model);
        model.addAttribute("drawing", MapDrawing.small(made.map(), made.drawn(), made.sheet(), preferences.units()));
        return "rehearse/ground :: beside";
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    private static void show(JobMap made, Map<String, String> sent, UnitSystem units, Model model) {
        model.addAttribute("drawing", MapDrawing.of(made.map(), made.drawn(), made.sheet(), units));
        model.addAttribute("page", MapPage.of(made.sheet(), made.map(), MapSetting.of(sent), units));
        model.addAttribute("known", MapPage.known(made, units));
    }

    @GetMapping(path = "/jobs/{id}/map.csv", produces = MapCsv.TYPE)
    ResponseEntity<String> csv(@PathVariable UUID id, @RequestParam(name = "y", defaultValue = "TRAVEL") MapAxis axis) {
        return file(id, axis, "csv", made -> MapCsv.of(made.map()), MediaType.parseMediaType(MapCsv.TYPE));
    }

    @GetMapping("/jobs/{id}/map.svg")
    ResponseEntity<String> svg(
            @PathVariable UUID id,
            @RequestParam(name = "y", defaultValue = "TRAVEL") MapAxis axis,
            @ModelAttribute("preferences") Preferences preferences) {
        return file(
                id,
                axis,
                "svg",
                made -> SvgFile.wide(
                        MapDrawing.of(made.map(), made.drawn(), made.sheet(), preferences.units()), PRINTED_MM),
                new MediaType("image", "svg+xml", StandardCharsets.UTF_8));
    }

    private ResponseEntity<String> file(
            UUID id, MapAxis axis, String kind, Function<JobMap, String> text, MediaType type) {
        JobMap made = maps.of(job(id), axis).value().orElseThrow(() -> new NotFound("map"));
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("map." + kind)
                                .build()
                                .toString())
                .body(text.apply(made));
    }

    /** What a point comes to, while it is dragged. */
    @GetMapping("/jobs/{id}/map/point")
    @ResponseBody
    PlaceLine point(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        MapSetting point = MapSetting.of(sent).orElseThrow(() -> new NotFound("setting"));
        return maps.sheet(job(id))
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
                        job -> saver.at(job.content(), point.currentA(), point.travel()))
                .orElseThrow(() -> new NotFound("job"))
                .stale();
        after.addFlashAttribute(stale ? "stale" : "taken", true);
        return "redirect:/jobs/" + id + "/map";
    }
}
