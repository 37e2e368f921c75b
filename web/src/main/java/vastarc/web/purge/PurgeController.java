package vastarc.web.purge;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
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
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.physics.purge.LeakFit.OxygenReading;
import vastarc.core.physics.purge.OxygenMeter;
import vastarc.core.physics.purge.OxygenMeter.MeterFault;
import vastarc.core.physics.purge.PurgePart;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.physics.purge.PurgePlan.GasPort;
import vastarc.web.error.NotFound;
import vastarc.web.format.CsvText;
import vastarc.web.layout.JobPage;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.Preferences;
import vastarc.web.purge.PurgeMeter.RefusedReadings;
import vastarc.web.purge.PurgePage.PurgeSource;
import vastarc.web.request.MeterText;
import vastarc.web.request.PurgeReader;
import vastarc.web.service.JobPapers;
import vastarc.web.service.JobPlanner;
import vastarc.web.service.OxygenLog;
import vastarc.web.service.PaperChoices;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.HistoryResult;
import vastarc.web.store.job.JobStore.SaveResult;
import vastarc.web.store.job.PurgeText;
import vastarc.web.store.run.MeterKeys;

/** Shows a job's purge, keeps what is typed of it, and counts the wait. */
@Controller
class PurgeController implements JobPage {

    private static final int SIMULATED_FILLINGS = 12;
    private static final int SIMULATED_READINGS = 90;

    private final JobStore jobs;
    private final JobPlanner planner;
    private final MeterKeys keys;
    private final PurgeMeters meters;
    private final JobPapers papers;
    private final Clock clock;

    PurgeController(
            JobStore jobs, JobPlanner planner, MeterKeys keys, PurgeMeters meters, JobPapers papers, Clock clock) {
        this.jobs = jobs;
        this.planner = planner;
        this.keys = keys;
        this.meters = meters;
        this.papers = papers;
        this.clock = clock;
    }

    @GetMapping("/jobs/{id}/purge")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(jobs.onBench(id).orElseThrow(() -> new NotFound("job")), false, Optional.empty(), preferences, model);
        return "purge/page";
    }

    private void show(
            Job job, boolean stale, Optional<RefusedReadings> readings, Preferences preferences, Model model) {
        Outcome<SetupSheet> sheet = planner.plan(job).sheet();
        model.addAttribute(
                "page",
                PurgePage.of(
                        new PurgeSource(
                                job,
                                sheet.problems(),
                                sheet.value(),
                                jobs.history(job),
                                clock.instant(),
                                stale,
                                readings,
                                keys.all().stream().map(MeterKeys.Meter::name).toList(),
                                PaperChoices.line(papers.oxygenMeters(job))),
                        preferences.units()));
    }

    /** Stores what is typed. What changes the purge itself takes the wait away; a reading, a tick or a note does not. */
    @PostMapping("/jobs/{id}/purge")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            HttpServletResponse response,
            Model model) {
        SaveResult saved = jobs.save(
                        id,
                        JobStore.version(sent.get("version")),
                        before -> before.with(changed(id, before.content(), sent, preferences.units())))
                .orElseThrow(() -> new NotFound("job"));
        response.setHeader("X-Job", saved.job().id().toString());
        show(saved.job(), false, Optional.empty(), preferences, model);
        return "purge/workspace :: workspace";
    }

    private JobContent changed(UUID id, JobContent before, Map<String, String> sent, UnitSystem units) {
        Map<String, String> answers = new LinkedHashMap<>(sent);
        answers.remove(PurgeText.STARTED);
        answers.remove(PurgeText.CONFIRMED);
        answers.remove(PurgeText.LISTEN);
        answers.putIfAbsent(PurgeText.FELT, "");
        dropUsual(before.purge(), answers, "purge.inlet", GasPort.LOW);
        dropUsual(before.purge(), answers, "purge.ventAt", GasPort.HIGH);
        PurgeText after = before.purge().changedTo(answers, units);
        boolean confirmed = !after.text(PurgeText.FELT).equals(before.purge().text(PurgeText.FELT))
                || !after.text(PurgeText.METER).equals(before.purge().text(PurgeText.METER));
        PurgeText dated = confirmed
                ? logged(id, after)
                        .with(PurgeText.CONFIRMED, Optional.of(clock.instant().toString()))
                : after;
        return before.with(isSameGas(before.purge(), dated) ? dated : dated.unwaited());
    }

    /** What a meter has read until somebody confirms the purge is kept without being asked for; what was kept by hand stays. */
    private PurgeText logged(UUID id, PurgeText purge) {
        return purge.readings().isEmpty() ? meters.logged(id, purge) : purge;
    }

    /** A list always sends what it shows: the usual end, not given before, is not given now. */
    private static void dropUsual(PurgeText before, Map<String, String> answers, String name, GasPort usual) {
        if (before.text(name).isEmpty() && usual.name().equals(answers.get(name))) {
            answers.remove(name);
        }
    }

    /** Whether two say the same of what is filled and how. */
    private static boolean isSameGas(PurgeText purgeText, PurgeText other) {
        return purgeText.unwaited().equals(other.unwaited());
    }

    /** Adds a part to the chain, takes one out, or moves one before its neighbour. */
    @PostMapping("/jobs/{id}/purge/part")
    String part(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return edited(id, sent, preferences, model, before -> {
            List<PurgePart> parts = new ArrayList<>(parts(before));
            PurgeParts.change(parts, sent);
            return parts.isEmpty() || parts.size() > PurgePlan.MOST_PARTS
                    ? before.purge()
                    : before.purge().withParts(PurgeParts.texts(parts)).unwaited();
        });
    }

    private List<PurgePart> parts(JobContent content) {
        return planner.plan(content)
                .sheet()
                .value()
                .map(sheet -> PurgeReader.read(content.purge(), sheet).parts())
                .orElse(List.of());
    }

    /** The argon is opened, or shut again. */
    @PostMapping("/jobs/{id}/purge/start")
    String start(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        boolean open = !"false".equals(sent.get("open"));
        return edited(id, sent, preferences, model, before -> {
            PurgeText fresh = before.purge().unwaited();
            return open
                    ? fresh.with(PurgeText.STARTED, Optional.of(clock.instant().toString()))
                            .with(PurgeText.LISTEN, before.purge().text(PurgeText.LISTEN))
                    : fresh;
        });
    }

    /** Readings of a meter, typed or pasted; an empty text forgets them. */
    @PostMapping("/jobs/{id}/purge/readings")
    String readings(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String readings,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Outcome<List<OxygenReading>> read = readings.isBlank() ? Outcome.of(List.of()) : MeterText.read(readings);
        if (read.value().isEmpty()) {
            Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
            String why = read.problems().get(0).message(preferences.units());
            show(job, false, Optional.of(new RefusedReadings(readings, why)), preferences, model);
            return "purge/workspace :: workspace";
        }
        return edited(
                id,
                sent,
                preferences,
                model,
                before -> before.purge()
                        .withReadings(PurgeMeters.written(read.value().get()), Optional.empty()));
    }

    /** A simulated meter reads along to twelve fillings, with a fault of its own. */
    @PostMapping("/jobs/{id}/purge/simulate")
    String simulate(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "NONE") String fault,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        MeterFault wrong = Arrays.stream(MeterFault.values())
                .filter(meterFault -> meterFault.name().equals(fault))
                .findFirst()
                .orElse(MeterFault.NONE);
        return edited(id, sent, preferences, model, before -> simulated(before, wrong));
    }

    private PurgeText simulated(JobContent before, MeterFault fault) {
        return planner.plan(before)
                .sheet()
                .value()
                .flatMap(sheet -> PurgeReader.read(before.purge(), sheet).plan())
                .map(plan -> before.purge()
                        .withReadings(PurgeMeters.written(readings(plan, fault)), Optional.of(fault.name())))
                .orElse(before.purge());
    }

    private List<OxygenReading> readings(PurgePlan plan, MeterFault fault) {
        OxygenMeter meter = new OxygenMeter(plan.purge(), fault, clock.millis());
        double step =
                SIMULATED_FILLINGS * 60 * plan.purge().volumeL() / plan.ask().flow() / SIMULATED_READINGS;
        return IntStream.rangeClosed(0, SIMULATED_READINGS)
                .mapToObj(i -> new OxygenReading(
                        Math.round(10 * i * Math.max(0.5, step)) / 10.0, meter.readPpm(i * Math.max(0.5, step))))
                .toList();
    }

    /** The purge as a record to keep: what was filled, how, what was read, when it was reached and who said so. */
    @GetMapping(path = "/jobs/{id}/purge.json", produces = MediaType.APPLICATION_JSON_VALUE)
    @ResponseBody
    Map<String, Object> record(@PathVariable UUID id) {
        Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
        return planner.plan(job)
                .sheet()
                .value()
                .map(sheet -> PurgeRecord.of(job, sheet, papers.oxygenMeters(job)))
                .orElseThrow(() -> new NotFound("purge"));
    }

    /** The oxygen that was read, with the clock of each reading and the meter it was read with. */
    @GetMapping("/jobs/{id}/purge.csv")
    ResponseEntity<String> csv(@PathVariable UUID id) {
        Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
        return CsvText.file(
                "oxygen.csv", OxygenLog.of(job.content().purge()).csv(PaperChoices.line(papers.oxygenMeters(job))));
    }

    /** Changes the purge of a job as it was seen, and shows it. */
    String edited(
            UUID id,
            Map<String, String> sent,
            Preferences preferences,
            Model model,
            Function<JobContent, PurgeText> change) {
        UnaryOperator<JobContent> edit = content -> content.with(change.apply(content));
        return travelled(
                jobs.edit(id, JobStore.seen(sent.get("version")), before -> edit.apply(before.content())),
                preferences,
                model);
    }

    @Override
    public JobTab step() {
        return JobTab.PURGE;
    }

    @Override
    public String showAfterHistoryStep(
            HistoryResult there, Map<String, String> sent, Preferences preferences, Model model) {
        show(there.job(), there.stale(), Optional.empty(), preferences, model);
        return "purge/workspace :: workspace";
    }
}
