package vastarc.web.run;

import jakarta.servlet.http.HttpServletRequest;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
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
import org.springframework.web.util.UriComponentsBuilder;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.record.procedure.PaperNote;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.core.record.weldlog.SyntheticRecording;
import vastarc.core.record.weldlog.SyntheticRecording.OperatorFault;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Ids;
import vastarc.web.layout.JobPage;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.LateNoteMessages;
import vastarc.web.layout.Preferences;
import vastarc.web.request.RunText;
import vastarc.web.run.BoothState.NextInputs;
import vastarc.web.run.RunPage.RunSource;
import vastarc.web.service.JobPapers;
import vastarc.web.service.RunClosings;
import vastarc.web.service.RunSetups;
import vastarc.web.store.document.Document;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.HistoryResult;
import vastarc.web.store.run.MeterKeys;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.store.run.WeldRunService.BoothEvent;
import vastarc.web.store.run.WeldRunService.NoteResult;
import vastarc.web.store.run.WeldRunService.OpenRun;
import vastarc.web.stream.RunFeed;
import vastarc.web.stream.SimulatedMeters;

/** The booth of a job: the run is begun by its first arc, kept at every event, and closed with what the welder says of it. */
@Controller
class RunController implements JobPage {

    /** What happened longer ago is taken to have happened so long ago: a working day, s. */
    private static final double LONGEST_AGO_S = 86_400;

    private final JobStore jobs;
    private final WeldRunService runs;
    private final WeldRunQueries book;
    private final RunSetups setups;
    private final RunClosings closings;
    private final JobPapers papers;
    private final RunFeed feed;
    private final SimulatedMeters standIns;
    private final MeterKeys meters;
    private final Clock clock;

    /** Stands for whichever request is being answered. */
    private final HttpServletRequest request;

    RunController(
            JobStore jobs,
            WeldRunService runs,
            WeldRunQueries book,
            RunSetups setups,
            RunClosings closings,
            JobPapers papers,
            RunFeed feed,
            SimulatedMeters standIns,
            MeterKeys meters,
            Clock clock,
            HttpServletRequest request) {
        this.jobs = jobs;
        this.runs = runs;
        this.book = book;
        this.setups = setups;
        this.closings = closings;
        this.papers = papers;
        this.feed = feed;
        this.standIns = standIns;
        this.meters = meters;
        this.clock = clock;
        this.request = request;
    }

    /** The booth from anywhere: of the run that is under way, else of the newest job. */
    @GetMapping("/booth")
    String booth() {
        return runs.openRun().stream()
                .flatMap(run -> run.head().job().stream())
                .filter(job -> jobs.onBench(job).isPresent())
                .findFirst()
                .or(() -> jobs.newest(1).stream().findFirst().map(Job::id))
                .map(id -> "redirect:/jobs/" + id + "/run")
                .orElse("redirect:/");
    }

    @GetMapping("/jobs/{id}/run")
    String page(
            @PathVariable UUID id,
            @RequestParam(name = "n", defaultValue = "") String number,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        show(job(id), number, preferences, model);
        return "run/page";
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    /** {@return the number of a run of the route; empty where none is named} */
    static OptionalInt number(String text) {
        return NumberReader.read(text).stream().mapToInt(value -> (int) value).findFirst();
    }

    private void show(Job job, String number, Preferences preferences, Model model) {
        model.addAttribute("papers", papers(job, number, welder(), preferences.units()));
        Outcome<RunSetups.Setup> setup = setups.of(job, number(number));
        Optional<OpenRun> under = runs.openRun(job.id());
        model.addAttribute(
                "page",
                RunPage.of(
                        new RunSource(
                                job,
                                jobs.history(job),
                                setup.problems(),
                                setup.value(),
                                setup.value().map(found -> state(under, found)),
                                under.map(OpenRun::run),
                                meters.all().stream().map(MeterKeys.Meter::name).toList(),
                                book.names("hand"),
                                setup.value().flatMap(RunSetups.Setup::run).isPresent() ? number : ""),
                        preferences.units()));
    }

    /** Of a run under way what they said at its strike, with who signed; else what they say now. */
    private BoothPapers papers(Job job, String number, String welder, UnitSystem units) {
        Optional<SetupSheet> sheet = setups.of(job, number(number))
                .value()
                .map(setup -> setup.score().sheet());
        List<PaperNote> begun = runs.openRun(job.id())
                .flatMap(open -> runs.record(open.run().id()))
                .flatMap(Document::value)
                .map(RunRecord::papers)
                .orElseGet(() ->
                        sheet.map(made -> papers.against(job.id(), made, welder, units)).orElse(List.of()).stream()
                                .map(PaperNote::open)
                                .toList());
        return new BoothPapers(
                papers.welders(),
                welder,
                sheet.flatMap(made -> papers.covering(made, welder, units)).orElse(""),
                begun);
    }

    /** This device's booth is somebody's from now on. */
    @PostMapping("/jobs/{id}/run/welder")
    ResponseEntity<Void> choose(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String welder,
            @RequestParam(name = "n", defaultValue = "") String number) {
        return ResponseEntity.status(HttpStatus.SEE_OTHER)
                .header(HttpHeaders.SET_COOKIE, BoothWelder.chosen(welder).toString())
                .location(booth(id, number))
                .build();
    }

    /** Somebody answers by name for welding against what the papers say; the run begins with it, if it has not. */
    @PostMapping("/jobs/{id}/run/sign")
    ResponseEntity<Void> sign(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String by,
            @RequestParam(name = "n", defaultValue = "") String number) {
        String name = by.strip();
        if (!name.isEmpty()) {
            Job job = job(id);
            WeldRun run = begun(job, setup(job, number), welder()).run();
            runs.sign(run.id(), name.substring(0, Math.min(name.length(), PaperNote.MAX_NAME)));
        }
        return ResponseEntity.status(HttpStatus.SEE_OTHER)
                .location(booth(id, number))
                .build();
    }

    private static URI booth(UUID job, String number) {
        return UriComponentsBuilder.fromPath("/jobs/{id}/run")
                .queryParam("n", "{n}")
                .fragment("papers")
                .build(job, number);
    }

    private BoothState state(Optional<OpenRun> under, RunSetups.Setup setup) {
        NextInputs touches = RunPage.touches(setup.score());
        return under.map(openRun -> BoothState.of(
                        openRun,
                        setup,
                        touches,
                        clock.instant(),
                        standIns.welds(openRun.run().id())))
                .orElseGet(() -> BoothState.idle(setup, touches));
    }

    private RunSetups.Setup setup(Job job, String number) {
        return setups.of(job, number(number)).value().orElseThrow(() -> new NotFound("run"));
    }

    @GetMapping(path = "/jobs/{id}/run/state", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    BoothState state(@PathVariable UUID id, @RequestParam(name = "n", defaultValue = "") String number) {
        return state(runs.openRun(id), setup(job(id), number));
    }

    /** What the booth has to know of this run before the arc. */
    @GetMapping(path = "/jobs/{id}/run/plan", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    BoothPlan plan(
            @PathVariable UUID id,
            @RequestParam(name = "n", defaultValue = "") String number,
            @ModelAttribute("preferences") Preferences preferences) {
        return BoothPlan.of(setup(job(id), number), preferences.units());
    }

    /**
     * Something happened at the booth; answered when it is on the disk. The first arc begins the run. A booth that was not answered sends it
     * again, under the same name and with the time that has gone by since.
     */
    @PostMapping(path = "/jobs/{id}/run/event", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    BoothState happened(
            @PathVariable UUID id,
            @RequestParam String kind,
            @RequestParam(required = false) @Nullable UUID key,
            @RequestParam(name = "ago", defaultValue = "0") double agoS,
            @RequestParam(name = "n", defaultValue = "") String number) {
        EventKind happened = named(EventKind.values(), kind).orElseThrow(() -> new NotFound("event"));
        Job job = job(id);
        RunSetups.Setup setup = setup(job, number);
        if (key != null && runs.isKept(key)) {
            return state(runs.openRun(id), setup);
        }
        Instant at = clock.instant().minusMillis(Math.round(1000 * Math.min(LONGEST_AGO_S, Math.max(0, agoS))));
        OpenRun under = runs.openRun(job.id()).orElseGet(() -> setups.begin(job, setup, welder(), at));
        OpenRun after = runs.happened(under.run().id(), new BoothEvent(happened, at, Optional.ofNullable(key)))
                .orElse(under);
        feed.publish(after);
        return state(Optional.of(after), setup);
    }

    /** Who was chosen at this booth, else who welded last. */
    private String welder() {
        return BoothWelder.of(request)
                .orElseGet(() -> book.names("hand").stream().findFirst().orElse(""));
    }

    private static <E extends Enum<E>> Optional<E> named(E[] values, String name) {
        return Arrays.stream(values).filter(e -> e.name().equals(name)).findFirst();
    }

    private OpenRun begun(Job job, RunSetups.Setup setup, String welder) {
        return runs.openRun(job.id()).orElseGet(() -> setups.begin(job, setup, welder, ""));
    }

    /** The run listens to a meter of the shop, or to none. */
    @PostMapping(path = "/jobs/{id}/run/meter", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    BoothState listen(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String meter,
            @RequestParam(name = "n", defaultValue = "") String number) {
        Job job = job(id);
        RunSetups.Setup setup = setup(job, number);
        boolean known = meter.isEmpty()
                || meters.all().stream().anyMatch(one -> one.name().equals(meter));
        UUID run = begun(job, setup, welder()).run().id();
        standIns.stop(run);
        if (known) {
            runs.listen(run, meter);
            papers.listened(run, meter);
        }
        return state(runs.openRun(id), setup);
    }

    /** A stand-in welds the run, with a fault of its own; everything it reads is marked as simulated. */
    @PostMapping(path = "/jobs/{id}/run/stand-in", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    BoothState standIn(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "NONE") String fault,
            @RequestParam(name = "n", defaultValue = "") String number) {
        Job job = job(id);
        RunSetups.Setup setup = setup(job, number);
        OpenRun under = begun(job, setup, welder());
        OperatorFault wrong = named(OperatorFault.values(), fault).orElse(OperatorFault.NONE);
        Recording recording =
                SyntheticRecording.weld(setup.score(), wrong, under.run().id().getLeastSignificantBits());
        standIns.weld(under.run().id(), recording);
        return state(runs.openRun(id), setup);
    }

    /** Closes the run with what the welder says of it; what cannot be read is given, and nothing is lost. */
    @PostMapping(path = "/jobs/{id}/run/close", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    ResponseEntity<Object> close(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences) {
        WeldRun run = shownRun(id, sent.getOrDefault("run", ""));
        RunText form = RunText.read(sent, preferences.units());
        if (!form.problems().isEmpty()) {
            return ResponseEntity.ok(form.messages(preferences.units()));
        }
        standIns.stop(run.id());
        Optional<NoteResult> heard =
                closings.close(run.id(), now -> now.endedAt().isEmpty(), form.said());
        feed.closed(run.id());
        Optional<String> late = heard.flatMap(LateNoteMessages::say);
        return late.isPresent()
                ? ResponseEntity.status(HttpStatus.CONFLICT)
                        .contentType(new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8))
                        .body(late.get())
                : ResponseEntity.ok(Map.of("to", "/logbook/" + run.id()));
    }

    /** The run that a page shows, also where it was closed meanwhile; of a page that does not say, the one that is under way. */
    private WeldRun shownRun(UUID job, String shown) {
        Optional<WeldRun> named = Ids.read(shown)
                .flatMap(runs::find)
                .filter(run -> run.head().job().filter(job::equals).isPresent());
        return named.or(() -> runs.openRun(job).map(OpenRun::run)).orElseThrow(() -> new NotFound("run"));
    }

    /** Forgets the run that is under way: it was none. */
    @PostMapping("/jobs/{id}/run/drop")
    String drop(@PathVariable UUID id) {
        runs.openRun(id).map(OpenRun::run).ifPresent(run -> {
            standIns.stop(run.id());
            feed.closed(run.id());
            runs.forget(run.id());
        });
        return "redirect:/jobs/" + id + "/run";
    }

    @Override
    public JobTab step() {
        return JobTab.RUN;
    }

    @Override
    public String showAfterHistoryStep(
            HistoryResult there, Map<String, String> sent, Preferences preferences, Model model) {
        show(there.job(), sent.getOrDefault("n", ""), preferences, model);
        return "run/workspace :: workspace";
    }
}
