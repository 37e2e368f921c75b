package vastarc.web.rehearse;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
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
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.plan.EngineVersion;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.simulation.Exhibit;
import vastarc.core.simulation.SimulationVerdict;
import vastarc.web.error.NotFound;
import vastarc.web.format.SimulationCsv;
import vastarc.web.layout.Ids;
import vastarc.web.layout.Preferences;
import vastarc.web.rehearse.RehearsePages.StartedWork;
import vastarc.web.store.job.Job;
import vastarc.web.store.simulation.KeptSimulation;
import vastarc.web.store.simulation.SimulationRecord;
import vastarc.web.store.simulation.SimulationRecord.SimulationChoices;
import vastarc.web.store.simulation.SimulationStore;
import vastarc.web.work.SimulationWork;
import vastarc.web.work.SimulationWork.SimulationStatus;

/** Stores what was simulated with its job, shows it again, exports it. */
@Controller
class KeptSimulationController {

    private final RehearsePages place;
    private final SimulationWork room;
    private final SimulationStore simulations;

    KeptSimulationController(RehearsePages place, SimulationWork room, SimulationStore kept) {
        this.place = place;
        this.room = room;
        this.simulations = kept;
    }

    /** Stores what is over with the job, and tells its result. */
    @PostMapping("/jobs/{id}/rehearse/keep")
    String keep(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = place.job(id);
        RehearseForm form = RehearseForm.of(sent, preferences.units());
        List<SimulationStatus> shows = over(sent);
        for (int i = shows.size() - 1; i >= 0; i--) {
            Phrase changed = i == 0 ? Phrase.of("rehearsal.as.sheet") : form.changeWords();
            simulations.keep(
                    SimulationStore.idOf(shows.get(i).id(), job.id()), job.id(), record(shows.get(i), changed));
        }
        return told(job, form, shows, preferences, model);
    }

    /** Tells the result of what is over, and keeps nothing: of a weld that was begun unasked. */
    @GetMapping("/jobs/{id}/rehearse/told")
    String tell(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @RequestParam(required = false) @Nullable Exhibit exhibit,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        if (exhibit != null) {
            place.show(place.job(id), false, preferences, model);
            model.addAttribute("told", RehearsePage.exhibit(over(sent), exhibit, preferences.units()));
            return "rehearse/results :: results";
        }
        RehearseForm form = RehearseForm.of(sent, preferences.units());
        return told(place.job(id), form, over(sent), preferences, model);
    }

    private List<SimulationStatus> over(Map<String, String> sent) {
        List<SimulationStatus> shows = Stream.of("one", "other")
                .flatMap(name -> Ids.read(sent.get(name)).stream())
                .flatMap(work -> room.find(work).stream())
                .filter(show -> show.work().result().isPresent())
                .toList();
        if (shows.isEmpty()) {
            throw new NotFound("rehearsal");
        }
        return shows;
    }

    private String told(
            Job job, RehearseForm form, List<SimulationStatus> shows, Preferences preferences, Model model) {
        place.show(job, false, preferences, model);
        List<String> names = shows.size() == 1
                ? List.of("As on the sheet")
                : List.of(
                        "As on the sheet",
                        RehearsePage.texts(List.of(form.changeWords()), preferences.units())
                                .get(0));
        model.addAttribute("told", RehearsePage.view(shows, names, preferences.units()));
        return "rehearse/results :: results";
    }

    private static SimulationRecord record(SimulationStatus show, Phrase changed) {
        SetupSheet sheet = show.ask().score().sheet();
        return new SimulationRecord(
                EngineVersion.version(),
                show.setup().plan().weld(),
                sheet.setting(ParameterKey.WORKING_CURRENT).value(),
                show.ask().score().values().of(CycleKey.SEAM_LENGTH),
                changed,
                show.setup().operator(),
                show.setup().quality(),
                show.setup().legMm(),
                show.work().result().orElseThrow(),
                SimulationVerdict.of(show.ask(), show.work().result().orElseThrow()),
                SimulationChoices.of(show.setup()),
                List.of());
    }

    /** Does a kept simulation once more, so that it can be watched: its frames are not stored. */
    @PostMapping("/jobs/{id}/rehearse/again")
    @ResponseBody
    ResponseEntity<StartedWork> again(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        Job job = place.job(id);
        SimulationRecord record = Ids.read(sent.get("one"))
                .flatMap(uUID -> simulations.find(job.id(), uUID))
                .flatMap(stored -> stored.record().value())
                .orElseThrow(() -> new NotFound("rehearsal"));
        Outcome<SimulationStatus> show = room.start(record.setup(place.shopDefaults()));
        return show.value()
                .map(begun ->
                        ResponseEntity.ok(new StartedWork(List.of(begun.id().toString()), List.of())))
                .orElseGet(() -> RehearsePages.refused(show.problems(), preferences.units()));
    }

    /** One kept simulation, or two beside each other. */
    @GetMapping("/jobs/{id}/rehearse/kept")
    String compare(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = place.job(id);
        List<SimulationRecord> records = Stream.of("one", "other")
                .flatMap(name -> Ids.read(sent.get(name)).stream())
                .flatMap(uUID -> simulations.find(job.id(), uUID).stream())
                .flatMap(stored -> stored.record().value().stream())
                .toList();
        if (records.isEmpty()) {
            throw new NotFound("rehearsal");
        }
        UnitSystem units = preferences.units();
        place.show(job, false, preferences, model);
        model.addAttribute(
                "told",
                RehearsePage.view(
                        records.stream().map(SimulationRecord::outcome).toList(),
                        records.stream()
                                .map(stored -> RehearsePage.texts(List.of(stored.changed()), units)
                                        .get(0))
                                .toList(),
                        records.stream()
                                .map(stored -> RehearsePage.texts(stored.verdict(), units))
                                .toList(),
                        List.of(),
                        units));
        return "rehearse/results :: results";
    }

    @PostMapping("/jobs/{id}/rehearse/forget")
    String forget(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = place.job(id);
        Ids.read(sent.get("one")).ifPresent(uUID -> simulations.forget(job.id(), uUID));
        place.show(job, false, preferences, model);
        return "rehearse/workspace :: rehearsed";
    }

    @GetMapping(path = "/jobs/{id}/rehearse/{one}.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    ResponseEntity<String> json(@PathVariable UUID id, @PathVariable UUID one) {
        return file(one, "json").body(find(id, one).record().text());
    }

    @GetMapping(path = "/jobs/{id}/rehearse/{one}.csv", produces = SimulationCsv.TYPE)
    @ResponseBody
    ResponseEntity<String> csv(@PathVariable UUID id, @PathVariable UUID one) {
        return file(one, "csv")
                .body(SimulationCsv.of(find(id, one)
                        .record()
                        .value()
                        .orElseThrow(() -> new NotFound("rehearsal"))
                        .outcome()));
    }

    private KeptSimulation find(UUID job, UUID uUID) {
        return simulations.find(job, uUID).orElseThrow(() -> new NotFound("rehearsal"));
    }

    private static ResponseEntity.BodyBuilder file(UUID uUID, String ending) {
        String name = "rehearsal-" + uUID.toString().substring(0, 8) + "." + ending;
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString());
    }
}
