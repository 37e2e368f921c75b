package vastarc.web.rehearse;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.MapRequest;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.drawing.MapDrawing;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Preferences;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** The map of a job: where its weld works. */
@Controller
class MapController {

    private final JobStore jobs;
    private final JobPlanner planner;

    MapController(JobStore jobs, JobPlanner planner) {
        this.jobs = jobs;
        this.planner = planner;
    }

    /** A zone that is on the map, its criterion, and where its equation stands. */
    public record ZoneLine(WeldZone zone, String criterion, String equation) {}

    @GetMapping("/jobs/{id}/map")
    String page(
            @PathVariable UUID id,
            @RequestParam(name = "y", defaultValue = "TRAVEL") MapAxis axis,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
        UnitSystem units = preferences.units();
        Outcome<SetupSheet> sheet = planner.plan(job).sheet();
        MapAxis shown = axis == MapAxis.CURRENT ? MapAxis.TRAVEL : axis;
        Outcome<WeldMap> map = sheet.then(planned -> MapPlanner.of(
                planned,
                new MapRequest(shown, MapRequest.USUAL, MapRequest.USUAL, Optional.empty(), Optional.empty())));
        model.addAttribute("id", id);
        model.addAttribute("name", job.name());
        model.addAttribute(
                "axes",
                choices(shown, sheet.value().filter(SetupSheet::isPulsed).isPresent()));
        model.addAttribute(
                "refusals",
                map.problems().stream().map(problem -> problem.message(units)).toList());
        map.value().ifPresent(made -> {
            model.addAttribute("drawing", MapDrawing.of(made, units));
            model.addAttribute("tolerance", tolerance(made.tolerance(), units));
            model.addAttribute("lines", lines(made, units));
        });
        return "rehearse/map";
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

    private static String tolerance(SettingTolerance slips, UnitSystem units) {
        return Phrasebook.say(
                Phrase.of(
                        "map.tolerance",
                        Quantity.amperes(slips.currentDownA()),
                        Quantity.amperes(slips.currentUpA()),
                        travel(slips.travelDownPercent()),
                        travel(slips.travelUpPercent())),
                units);
    }

    private static Object travel(double percent) {
        Quantity shown = Quantity.percent(Math.round(percent));
        return percent < SettingTolerance.MOST_TRAVEL_PERCENT - 0.5 ? shown : Phrase.of("map.orMore", shown);
    }

    private static List<ZoneLine> lines(WeldMap map, UnitSystem units) {
        return Arrays.stream(WeldZone.values())
                .filter(zone -> map.zones().stream().anyMatch(row -> row.contains(zone)))
                .map(zone -> new ZoneLine(
                        zone, Phrasebook.say(Phrase.of(zone.words()), units), "map (" + zone.equation() + ")"))
                .toList();
    }
}
