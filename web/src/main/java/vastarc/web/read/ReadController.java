package vastarc.web.read;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.finding.Outcome;
import vastarc.core.reading.Cause;
import vastarc.core.reading.Reader;
import vastarc.core.reading.ReadingAsk;
import vastarc.core.reading.Remedy;
import vastarc.core.reading.Sign;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.reading.Marks;
import vastarc.web.kept.reading.ReadingStore;
import vastarc.web.request.JobMachines;
import vastarc.web.request.JobPlan;
import vastarc.web.request.JobPlanner;
import vastarc.web.request.OwnTaker;
import vastarc.web.request.ShopLearning;
import vastarc.web.ui.JobPlace;
import vastarc.web.ui.JobStep;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;

/** Reads a job's bead: keeps what is seen and told, puts a change on the sheet, and counts what became of it. */
@Controller
class ReadController implements JobPlace {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final ReadingStore readings;
    private final LastRun last;
    private final OwnTaker taker;
    private final JobMachines machines;
    private final ShopLearning learning;
    private final LookedAt looked;

    ReadController(
            JobStore jobs,
            JobPlanner planner,
            ReadingStore readings,
            LastRun last,
            OwnTaker taker,
            JobMachines machines,
            ShopLearning learning,
            LookedAt looked) {
        this.jobs = jobs;
        this.planner = planner;
        this.readings = readings;
        this.last = last;
        this.taker = taker;
        this.machines = machines;
        this.learning = learning;
        this.looked = looked;
    }

    /** Whether a figure can be put on the sheet as the hand's own. */
    static boolean isSettable(SettingKey key) {
        return key == SettingKey.TRAVEL_SPEED || ScoreKey.named(key.apiName()).isPresent();
    }

    @GetMapping("/jobs/{id}/read")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(job(id), preferences, model);
        return "read/page";
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    private void show(Job job, Preferences preferences, Model model) {
        JobPlan plan = planner.plan(job);
        Outcome<Sheet> sheet = plan.sheet();
        model.addAttribute(
                "learned",
                machines.of(job.content(), plan.score().value())
                        .chosen()
                        .flatMap(machine ->
                                sheet.value().map(made -> learning.of(machine.name(), made, preferences.units())))
                        .orElseGet(ShopLearning.Learned::nothing));
        model.addAttribute(
                "page",
                ReadPage.of(
                        new ReadPage.Source(
                                job,
                                jobs.history(job),
                                sheet.problems(),
                                sheet.value(),
                                readings.of(job.id()),
                                last.of(job.id()),
                                readings.learned(),
                                sheet.value()
                                        .map(made -> looked.of(job, plan.score().value(), made))
                                        .orElse(Map.of()),
                                readings.lean(readings.of(job.id()).seen())),
                        preferences.units()));
    }

    private String changed(UUID id, UnaryOperator<Marks> edit, Preferences preferences, Model model) {
        Job job = job(id);
        readings.change(id, edit);
        show(job, preferences, model);
        return "read/workspace :: workspace";
    }

    /** A tap on a sign goes round: seen, plainly not there, not looked at. An answer says which. */
    @PostMapping("/jobs/{id}/read/sign")
    String sign(
            @PathVariable UUID id,
            @RequestParam String sign,
            @RequestParam(defaultValue = "") String there,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return changed(
                id,
                marks -> Sign.named(sign).isEmpty()
                        ? marks
                        : there.isEmpty() ? marks.turned(sign) : marks.marked(sign, there.equals("yes")),
                preferences,
                model);
    }

    /** An answer to a question; an empty one takes it back. */
    @PostMapping("/jobs/{id}/read/told")
    String told(
            @PathVariable UUID id,
            @RequestParam String question,
            @RequestParam(defaultValue = "") String answer,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        List<String> known = ReadingAsk.QUESTIONS.getOrDefault(question, List.of());
        return changed(
                id,
                marks -> answer.isEmpty() || known.contains(answer) ? marks.telling(question, answer) : marks,
                preferences,
                model);
    }

    /** A cause was checked and is not it. */
    @PostMapping("/jobs/{id}/read/not")
    String not(
            @PathVariable UUID id,
            @RequestParam String cause,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return changed(id, marks -> Cause.named(cause).isPresent() ? marks.without(cause) : marks, preferences, model);
    }

    /** Everything is looked at anew. */
    @PostMapping("/jobs/{id}/read/again")
    String again(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        return changed(id, marks -> Marks.none(), preferences, model);
    }

    /** The change for a cause is tried: a figure goes onto the sheet, where it has one that can be set. */
    @PostMapping("/jobs/{id}/read/try")
    String tried(
            @PathVariable UUID id,
            @RequestParam String cause,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        Optional<Remedy.Move> move = planner.plan(job).sheet().value().flatMap(sheet -> move(job, sheet, cause));
        move.filter(one -> isSettable(one.key()))
                .ifPresent(one -> jobs.edit(
                        id,
                        OptionalLong.empty(),
                        kept -> taker.taken(kept.content(), one.key(), one.to()).orElse(kept.content())));
        return changed(id, marks -> Cause.named(cause).isPresent() ? marks.trying(cause) : marks, preferences, model);
    }

    private Optional<Remedy.Move> move(Job job, Sheet sheet, String cause) {
        Marks marks = readings.of(job.id());
        Map<SettingKey, Double> set = last.of(job.id()).map(LastRun.Found::set).orElse(Map.of());
        ReadingAsk ask = new ReadingAsk(
                sheet,
                set,
                marks.seen(),
                marks.notSeen(),
                marks.told(),
                marks.ruledOut(),
                looked.of(job, planner.plan(job).score().value(), sheet),
                readings.lean(marks.seen()));
        return Reader.read(ask).causes().stream()
                .filter(weighed -> weighed.cause().id().equals(cause))
                .findFirst()
                .flatMap(weighed -> weighed.remedy().move());
    }

    /** After the next run: better ends the reading, the same or worse takes the cause out. */
    @PostMapping("/jobs/{id}/read/outcome")
    String outcome(
            @PathVariable UUID id,
            @RequestParam String result,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Optional<ReadingStore.Result> came = ReadingStore.Result.named(result);
        return changed(
                id,
                marks -> {
                    if (marks.trying().isEmpty() || came.isEmpty()) {
                        return marks;
                    }
                    readings.tried(id, marks.trying(), came.get(), marks);
                    return came.get() == ReadingStore.Result.BETTER ? Marks.none() : marks.without(marks.trying());
                },
                preferences,
                model);
    }

    /** What trying has taught is forgotten, in the whole shop. */
    @PostMapping("/jobs/{id}/read/forget")
    String forget(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        readings.reset();
        return changed(id, marks -> marks, preferences, model);
    }

    @Override
    public JobStep step() {
        return JobStep.READ;
    }

    @Override
    public String laid(JobStore.Travelled there, Map<String, String> sent, Preferences preferences, Model model) {
        show(there.job(), preferences, model);
        return "read/workspace :: workspace";
    }
}
