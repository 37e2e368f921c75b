package vastarc.web.rehearse;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
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
import vastarc.core.finding.Outcome;
import vastarc.core.plan.Engine;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.rehearsal.Verdict;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.web.format.RehearsalCsv;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.rehearsal.KeptRehearsal;
import vastarc.web.kept.rehearsal.RehearsalRecord;
import vastarc.web.kept.rehearsal.RehearsalStore;
import vastarc.web.ui.Ids;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;
import vastarc.web.work.RehearsalRoom;

/** Keeps what was rehearsed with its job, shows it again, hands it out. */
@Controller
class KeptController {

    private final RehearsePlace place;
    private final RehearsalRoom room;
    private final RehearsalStore kept;

    KeptController(RehearsePlace place, RehearsalRoom room, RehearsalStore kept) {
        this.place = place;
        this.room = room;
        this.kept = kept;
    }

    /** Keeps what is over with the job, and tells what came of it. */
    @PostMapping("/jobs/{id}/rehearse/keep")
    String keep(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = place.job(id);
        RehearseForm form = RehearseForm.of(sent, preferences.units());
        List<RehearsalRoom.Show> shows = Stream.of("one", "other")
                .flatMap(name -> Ids.read(sent.get(name)).stream())
                .flatMap(work -> room.find(work).stream())
                .filter(show -> show.work().result().isPresent())
                .toList();
        if (shows.isEmpty()) {
            throw new NotFound("rehearsal");
        }
        for (int i = shows.size() - 1; i >= 0; i--) {
            Phrase changed = i == 0 ? Phrase.of("rehearsal.as.sheet") : changed(form);
            kept.keep(RehearsalStore.idOf(shows.get(i).id(), job.id()), job.id(), record(shows.get(i), changed));
        }
        place.show(job, false, preferences, model);
        List<String> names = shows.size() == 1
                ? List.of("as on the sheet")
                : List.of(
                        "as on the sheet",
                        RehearsePage.said(List.of(changed(form)), preferences.units())
                                .get(0));
        model.addAttribute("told", RehearsePage.told(shows, names, preferences.units()));
        return "rehearse/told :: told";
    }

    private static Phrase changed(RehearseForm form) {
        Phrase what = Phrase.of("rehearsal.change." + form.change());
        String amount = (form.amount() < 0 ? "−" : "+") + Math.round(Math.abs(form.amount()));
        return form.change().takesAmount() ? Phrase.of("rehearsal.changedBy", what, amount) : what;
    }

    private static RehearsalRecord record(RehearsalRoom.Show show, Phrase changed) {
        Sheet sheet = show.ask().score().sheet();
        return new RehearsalRecord(
                Engine.version(),
                show.setup().plan().weld(),
                sheet.setting(SettingKey.WORKING_CURRENT).value(),
                show.ask().score().values().of(ScoreKey.SEAM_LENGTH),
                changed,
                show.setup().hand(),
                show.setup().quality(),
                show.setup().legMm(),
                show.work().result().orElseThrow(),
                Verdict.of(show.ask(), show.work().result().orElseThrow()),
                RehearsalRecord.Asked.of(show.setup()),
                List.of());
    }

    /** Does a kept rehearsal once more, so that it can be watched: its film is not kept. */
    @PostMapping("/jobs/{id}/rehearse/again")
    @ResponseBody
    ResponseEntity<RehearsePlace.Begun> again(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        Job job = place.job(id);
        RehearsalRecord record = Ids.read(sent.get("one"))
                .flatMap(one -> kept.find(job.id(), one))
                .flatMap(one -> one.record().value())
                .orElseThrow(() -> new NotFound("rehearsal"));
        Outcome<RehearsalRoom.Show> show = room.start(record.setup(place.ways()));
        return show.value()
                .map(begun -> ResponseEntity.ok(
                        new RehearsePlace.Begun(List.of(begun.id().toString()), List.of())))
                .orElseGet(() -> RehearsePlace.refused(show.problems(), preferences.units()));
    }

    /** One kept rehearsal, or two beside each other. */
    @GetMapping("/jobs/{id}/rehearse/kept")
    String compare(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = place.job(id);
        List<RehearsalRecord> records = Stream.of("one", "other")
                .flatMap(name -> Ids.read(sent.get(name)).stream())
                .flatMap(one -> kept.find(job.id(), one).stream())
                .flatMap(one -> one.record().value().stream())
                .toList();
        if (records.isEmpty()) {
            throw new NotFound("rehearsal");
        }
        UnitSystem units = preferences.units();
        place.show(job, false, preferences, model);
        model.addAttribute(
                "told",
                RehearsePage.told(
                        records.stream().map(RehearsalRecord::outcome).toList(),
                        records.stream()
                                .map(one -> RehearsePage.said(List.of(one.changed()), units)
                                        .get(0))
                                .toList(),
                        records.stream()
                                .map(one -> RehearsePage.said(one.verdict(), units))
                                .toList(),
                        List.of(),
                        units));
        return "rehearse/told :: told";
    }

    @PostMapping("/jobs/{id}/rehearse/forget")
    String forget(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = place.job(id);
        Ids.read(sent.get("one")).ifPresent(one -> kept.forget(job.id(), one));
        place.show(job, false, preferences, model);
        return "rehearse/workspace :: rehearsed";
    }

    @GetMapping(path = "/jobs/{id}/rehearse/{one}.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    ResponseEntity<String> json(@PathVariable UUID id, @PathVariable UUID one) {
        return file(one, "json").body(found(id, one).record().text());
    }

    @GetMapping(path = "/jobs/{id}/rehearse/{one}.csv", produces = RehearsalCsv.TYPE)
    @ResponseBody
    ResponseEntity<String> csv(@PathVariable UUID id, @PathVariable UUID one) {
        return file(one, "csv")
                .body(RehearsalCsv.of(found(id, one)
                        .record()
                        .value()
                        .orElseThrow(() -> new NotFound("rehearsal"))
                        .outcome()));
    }

    private KeptRehearsal found(UUID job, UUID one) {
        return kept.find(job, one).orElseThrow(() -> new NotFound("rehearsal"));
    }

    private static ResponseEntity.BodyBuilder file(UUID one, String ending) {
        String name = "rehearsal-" + one.toString().substring(0, 8) + "." + ending;
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString());
    }
}
