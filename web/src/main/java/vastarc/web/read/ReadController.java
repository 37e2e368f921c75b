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
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.validation.Outcome;
import vastarc.core.record.diagnosis.Cause;
import vastarc.core.record.diagnosis.Diagnoser;
import vastarc.core.record.diagnosis.DiagnosisRequest;
import vastarc.core.record.diagnosis.Remedy.FigureChange;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.web.error.NotFound;
import vastarc.web.layout.JobPage;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.Preferences;
import vastarc.web.read.LastRun.LastRunFigures;
import vastarc.web.read.ReadPage.ReadSource;
import vastarc.web.service.JobMachines;
import vastarc.web.service.JobPlan;
import vastarc.web.service.JobPlanner;
import vastarc.web.service.OwnValueSaver;
import vastarc.web.service.ShopLearning;
import vastarc.web.service.ShopLearning.JobLessons;
import vastarc.web.store.diagnosis.BeadObservations;
import vastarc.web.store.diagnosis.DiagnosisStore;
import vastarc.web.store.diagnosis.DiagnosisStore.TrialResult;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.HistoryResult;

/** Reads a job's bead: stores what is seen and answered, puts a change on the sheet, and counts the result of it. */
@Controller
class ReadController implements JobPage {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final DiagnosisStore readings;
    private final LastRun last;
    private final OwnValueSaver taker;
    private final JobMachines machines;
    private final ShopLearning learning;
    private final CheckFindings looked;

    ReadController(
            JobStore jobs,
            JobPlanner planner,
            DiagnosisStore readings,
            LastRun last,
            OwnValueSaver taker,
            JobMachines machines,
            ShopLearning learning,
            CheckFindings looked) {
        this.jobs = jobs;
        this.planner = planner;
        this.readings = readings;
        this.last = last;
        this.taker = taker;
        this.machines = machines;
        this.learning = learning;
        this.looked = looked;
    }

    /** Whether a figure can be put on the sheet as the welder's own. */
    static boolean isSettable(ParameterKey key) {
        return key == ParameterKey.TRAVEL_SPEED || CycleKey.named(key.apiName()).isPresent();
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
        Outcome<SetupSheet> sheet = plan.sheet();
        model.addAttribute(
                "learned",
                machines.of(job.content(), plan.score().value())
                        .chosen()
                        .flatMap(machine ->
                                sheet.value().map(made -> learning.of(machine.name(), made, preferences.units())))
                        .orElseGet(JobLessons::nothing));
        model.addAttribute(
                "page",
                ReadPage.of(
                        new ReadSource(
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

    private String changed(UUID id, UnaryOperator<BeadObservations> edit, Preferences preferences, Model model) {
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
                marks -> Symptom.named(sign).isEmpty()
                        ? marks
                        : there.isEmpty() ? marks.turned(sign) : marks.marked(sign, there.equals("yes")),
                preferences,
                model);
    }

    /** An answer to a question; an empty one takes it back. */
    @PostMapping("/jobs/{id}/read/told")
    String answer(
            @PathVariable UUID id,
            @RequestParam String question,
            @RequestParam(defaultValue = "") String answer,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        List<String> known = DiagnosisRequest.QUESTIONS.getOrDefault(question, List.of());
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
        return changed(id, marks -> BeadObservations.none(), preferences, model);
    }

    /** The change for a cause is tried: a figure goes onto the sheet, where it has one that can be set. */
    @PostMapping("/jobs/{id}/read/try")
    String recordTrial(
            @PathVariable UUID id,
            @RequestParam String cause,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        Optional<FigureChange> move = planner.plan(job).sheet().value().flatMap(sheet -> move(job, sheet, cause));
        move.filter(change -> isSettable(change.key()))
                .ifPresent(change -> jobs.edit(
                        id,
                        OptionalLong.empty(),
                        stored -> taker.withValue(stored.content(), change.key(), change.to())
                                .orElse(stored.content())));
        return changed(id, marks -> Cause.named(cause).isPresent() ? marks.trying(cause) : marks, preferences, model);
    }

    private Optional<FigureChange> move(Job job, SetupSheet sheet, String cause) {
        BeadObservations marks = readings.of(job.id());
        Map<ParameterKey, Double> set =
                last.of(job.id()).map(LastRunFigures::set).orElse(Map.of());
        DiagnosisRequest request = new DiagnosisRequest(
                sheet,
                set,
                marks.seen(),
                marks.notSeen(),
                marks.told(),
                marks.ruledOut(),
                looked.of(job, planner.plan(job).score().value(), sheet),
                readings.lean(marks.seen()));
        return Diagnoser.read(request).causes().stream()
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
        Optional<TrialResult> came = TrialResult.named(result);
        return changed(
                id,
                marks -> {
                    if (marks.trying().isEmpty() || came.isEmpty()) {
                        return marks;
                    }
                    readings.recordTrial(id, marks.trying(), came.get(), marks);
                    return came.get() == TrialResult.BETTER ? BeadObservations.none() : marks.without(marks.trying());
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
    public JobTab step() {
        return JobTab.READ;
    }

    @Override
    public String showAfterHistoryStep(
            HistoryResult there, Map<String, String> sent, Preferences preferences, Model model) {
        show(there.job(), preferences, model);
        return "read/workspace :: workspace";
    }
}
