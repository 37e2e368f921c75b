package vastarc.web.rehearse;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
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
import vastarc.core.finding.Problem;
import vastarc.core.notation.NumberReader;
import vastarc.core.plan.Engine;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.rehearsal.Finder;
import vastarc.core.rehearsal.Quality;
import vastarc.core.rehearsal.Setup;
import vastarc.core.rehearsal.Verdict;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.web.format.RehearsalCsv;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.rehearsal.KeptRehearsal;
import vastarc.web.kept.rehearsal.RehearsalRecord;
import vastarc.web.kept.rehearsal.RehearsalStore;
import vastarc.web.request.JobPlanner;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;
import vastarc.web.work.RehearsalRoom;
import vastarc.web.work.WorkRoom;

/** Shows a job's weld on simulated metal, keeps what was rehearsed, looks for settings. */
@Controller
class RehearseController {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final RehearsalRoom room;
    private final WorkRoom works;
    private final RehearsalStore kept;
    private final SettingTaker taker;

    RehearseController(
            JobStore jobs,
            JobPlanner planner,
            RehearsalRoom room,
            WorkRoom works,
            RehearsalStore kept,
            SettingTaker taker) {
        this.jobs = jobs;
        this.planner = planner;
        this.room = room;
        this.works = works;
        this.kept = kept;
        this.taker = taker;
    }

    /** What was begun, or why not. */
    record Begun(List<String> ids, List<String> problems) {}

    @GetMapping("/jobs/{id}/rehearse")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(job(id), false, preferences, model);
        return "rehearse/page";
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    private void show(Job job, boolean stale, Preferences preferences, Model model) {
        Outcome<Sheet> sheet = planner.plan(job).sheet();
        model.addAttribute(
                "page",
                RehearsePage.of(
                        job,
                        jobs.history(job),
                        sheet.value(),
                        sheet.problems(),
                        kept.of(job.id()),
                        stale,
                        preferences.units()));
    }

    /** Begins one rehearsal, or two where something is changed beside it. */
    @PostMapping("/jobs/{id}/rehearse/run")
    @ResponseBody
    ResponseEntity<Begun> run(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        RehearseForm form = RehearseForm.of(sent);
        Outcome<Setup> setup = setup(id, form);
        if (setup.value().isEmpty()) {
            return refused(setup.problems(), preferences.units());
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
                ? ResponseEntity.ok(new Begun(ids, List.of()))
                : refused(problems, preferences.units());
    }

    private Outcome<Setup> setup(UUID id, RehearseForm form) {
        return form.problems().isEmpty()
                ? planner.plan(job(id)).ask().map(form::setup)
                : Outcome.failed(form.problems());
    }

    private static ResponseEntity<Begun> refused(List<Problem> problems, UnitSystem units) {
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                .body(new Begun(
                        List.of(),
                        problems.stream()
                                .map(problem -> problem.message(units))
                                .distinct()
                                .toList()));
    }

    /** What is new of a film. */
    @GetMapping("/jobs/{id}/rehearse/film/{work}")
    @ResponseBody
    FilmText film(@PathVariable UUID id, @PathVariable UUID work, @RequestParam(defaultValue = "0") String from) {
        RehearsalRoom.Show show = room.find(work).orElseThrow(() -> new NotFound("rehearsal"));
        WorkRoom.Shown shown = works.look(work).orElseThrow(() -> new NotFound("rehearsal"));
        return FilmText.of(show, shown, (int) NumberReader.read(from).orElse(0));
    }

    /** Keeps what is over with the job, and tells what came of it. */
    @PostMapping("/jobs/{id}/rehearse/keep")
    String keep(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        RehearseForm form = RehearseForm.of(sent);
        List<RehearsalRoom.Show> shows = Stream.of("one", "other")
                .flatMap(name -> uuid(sent.get(name)).stream())
                .flatMap(work -> room.find(work).stream())
                .filter(show -> show.work().result().isPresent())
                .toList();
        if (shows.isEmpty()) {
            throw new NotFound("rehearsal");
        }
        for (int i = shows.size() - 1; i >= 0; i--) {
            Phrase changed = i == 0 ? Phrase.of("rehearsal.as.sheet") : changed(form);
            kept.keep(shows.get(i).id(), job.id(), record(shows.get(i), changed));
        }
        show(job, false, preferences, model);
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
                Verdict.of(show.ask(), show.work().result().orElseThrow()));
    }

    /** One kept rehearsal, or two beside each other. */
    @GetMapping("/jobs/{id}/rehearse/kept")
    String compare(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        List<RehearsalRecord> records = Stream.of("one", "other")
                .flatMap(name -> uuid(sent.get(name)).stream())
                .flatMap(one -> kept.find(job.id(), one).stream())
                .flatMap(one -> one.record().value().stream())
                .toList();
        if (records.isEmpty()) {
            throw new NotFound("rehearsal");
        }
        UnitSystem units = preferences.units();
        show(job, false, preferences, model);
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
        Job job = job(id);
        uuid(sent.get("one")).ifPresent(one -> kept.forget(job.id(), one));
        show(job, false, preferences, model);
        return "rehearse/workspace :: kept";
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

    /** Begins to look for a setting; quick cells, as many weldings are wanted. */
    @PostMapping("/jobs/{id}/rehearse/find")
    @ResponseBody
    ResponseEntity<Begun> find(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        RehearseForm form = RehearseForm.of(sent);
        Finder.Knob knob = RehearseForm.chosen(Finder.Knob.class, sent.get("knob"), Finder.Knob.CURRENT);
        Finder.Goal goal = RehearseForm.chosen(Finder.Goal.class, sent.get("goal"), Finder.Goal.BACK_BEAD);
        double target = NumberReader.read(sent.get("targetMm")).orElse(-1);
        Outcome<Begun> begun = setup(id, form)
                .then(setup -> setup.cut(Quality.LIVE).ask().map(ask -> setup.cut(Quality.LIVE)))
                .then(setup -> goal == Finder.Goal.BACK_BEAD
                                && Finder.TARGET.check(target).isPresent()
                        ? Outcome.failed(Finder.TARGET.check(target).get())
                        : room.look(setup, knob, goal, goal == Finder.Goal.BACK_BEAD ? target : 0))
                .map(work -> new Begun(List.of(work.id().toString()), List.of()));
        return begun.value().map(ResponseEntity::ok).orElseGet(() -> refused(begun.problems(), preferences.units()));
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
        return travelled(
                jobs.edit(id, JobStore.seen(sent.get("version")), job -> taker.taken(job.content(), knob, value)),
                preferences,
                model);
    }

    @PostMapping("/jobs/{id}/rehearse/undo")
    String undo(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return travelled(jobs.undo(id, JobStore.seen(sent.get("version"))), preferences, model);
    }

    @PostMapping("/jobs/{id}/rehearse/redo")
    String redo(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return travelled(jobs.redo(id, JobStore.seen(sent.get("version"))), preferences, model);
    }

    private String travelled(Optional<JobStore.Travelled> travelled, Preferences preferences, Model model) {
        JobStore.Travelled there = travelled.orElseThrow(() -> new NotFound("job"));
        show(there.job(), there.stale(), preferences, model);
        return "rehearse/workspace :: workspace";
    }

    private static Optional<UUID> uuid(@Nullable String text) {
        try {
            return Optional.ofNullable(text).filter(told -> !told.isBlank()).map(UUID::fromString);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
