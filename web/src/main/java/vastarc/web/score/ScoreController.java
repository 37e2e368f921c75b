package vastarc.web.score;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.advice.cycle.CycleSamples;
import vastarc.core.advice.cycle.CycleTimeline;
import vastarc.core.advice.cycle.OperatorInput;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.input.WeldFields;
import vastarc.web.error.NotFound;
import vastarc.web.format.CycleCsv;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Ids;
import vastarc.web.layout.JobPage;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.Preferences;
import vastarc.web.request.OperatorInputReader;
import vastarc.web.request.OwnValueReader;
import vastarc.web.score.ScorePage.ComparedWith;
import vastarc.web.score.ScorePage.ScoreSource;
import vastarc.web.service.JobPlan;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.HistoryResult;
import vastarc.web.store.job.JobStore.SaveResult;
import vastarc.web.store.job.JointText;
import vastarc.web.store.job.OwnValuesText;

/** Shows a job's score, keeps what is pulled and typed on it, and plays what the welder tries. */
@Controller
class ScoreController implements JobPage {

    /** Jobs that a weld cycle can be compared with without being looked for. */
    private static final int OTHERS = 20;

    private static final String ENGINE = "engine";
    private static final String JOB = "job:";
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final JobStore jobs;
    private final JobPlanner planner;

    ScoreController(JobStore jobs, JobPlanner planner) {
        this.jobs = jobs;
        this.planner = planner;
    }

    @GetMapping("/jobs/{id}/score")
    String page(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String compare,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        show(job(id), Optional.empty(), compare, preferences, model);
        return "score/page";
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    private void show(Job job, Optional<Job> collidedWith, String compare, Preferences preferences, Model model) {
        JobPlan plan = planner.plan(job);
        ScorePage page = ScorePage.of(
                new ScoreSource(job, plan, jobs.history(job), collidedWith, other(plan, compare)), preferences.units());
        model.addAttribute("page", page);
        model.addAttribute("otherJobs", others(job));
        model.addAttribute(
                "passes",
                plan.score()
                        .value()
                        .map(cycle -> Choice.passes(cycle.sheet(), job.content().isTack()))
                        .orElse(List.of()));
        model.addAttribute(
                "data",
                page.score().map(view -> JSON.writeValueAsString(view.data())).orElse(""));
    }

    private List<Job> others(Job job) {
        return jobs.newest(OTHERS + 1).stream()
                .filter(other -> !other.id().equals(job.id()))
                .limit(OTHERS)
                .toList();
    }

    /** What a weld cycle is to be compared with: the engine's own, another control logic, another job. */
    private Optional<ComparedWith> other(JobPlan plan, String compare) {
        if (compare.equals(ENGINE)) {
            return Optional.of(new ComparedWith(ENGINE, "the calculated values", plan.score(PlanRequest::withoutOwn)));
        }
        if (compare.startsWith(JOB)) {
            return Ids.read(compare.substring(JOB.length()))
                    .flatMap(jobs::onBench)
                    .filter(found -> found.document().isReadable())
                    .map(found -> new ComparedWith(
                            compare, found.name(), planner.plan(found).score()));
        }
        return logic(compare)
                .map(name -> new ComparedWith(
                        compare,
                        Phrasebook.say(Phrase.of(name.words()), UnitSystem.METRIC),
                        plan.score(request -> request.with(TriggerMode.of(name)))));
    }

    private static Optional<TriggerModeName> logic(String text) {
        return Arrays.stream(TriggerModeName.values())
                .filter(name -> name.name().equals(text))
                .findFirst();
    }

    /** Pulse, logic and own values are the weld cycle's to change, those of the first pass alone. */
    private static JobContent changed(JobContent before, Map<String, String> sent, UnitSystem units) {
        JointText joint = before.joint().changedTo(sent, Set.of(WeldFields.PULSE.name()), units);
        Optional<TriggerModeName> chosen = logic(sent.getOrDefault(OwnValueReader.LOGIC, ""));
        OwnValuesText own = before.pass() == 1 ? before.own().changedTo(sent, units) : before.own();
        JobContent after = before.with(joint).with(own);
        return before.opened(chosen.equals(before.logic()) ? after.onPass(sent.get("pass")) : after.with(chosen));
    }

    /** Stores a change and answers with the workspace alone. */
    @PostMapping("/jobs/{id}/score")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            HttpServletResponse response,
            Model model) {
        SaveResult saved = jobs.save(
                        id,
                        JobStore.version(sent.get("version")),
                        before -> before.with(changed(before.content(), sent, preferences.units())))
                .orElseThrow(() -> new NotFound("job"));
        response.setHeader("X-Job", saved.job().id().toString());
        show(saved.job(), saved.collidedWith(), sent.getOrDefault("compare", ""), preferences, model);
        return "score/workspace :: workspace";
    }

    @Override
    public JobTab step() {
        return JobTab.SCORE;
    }

    @Override
    public String showAfterHistoryStep(
            HistoryResult there, Map<String, String> sent, Preferences preferences, Model model) {
        model.addAttribute("stale", there.stale());
        show(there.job(), Optional.empty(), sent.getOrDefault("compare", ""), preferences, model);
        return "score/workspace :: workspace";
    }

    /** Plays a welder's own touches so far; reviews them when the practice is over. */
    @PostMapping("/jobs/{id}/score/try")
    ResponseEntity<Object> practise(
            @PathVariable UUID id, @RequestBody String body, @ModelAttribute("preferences") Preferences preferences) {
        Outcome<JsonNode> read = node(body);
        Outcome<Optional<List<OperatorInput>>> inputs = read.then(OperatorInputReader::read);
        Outcome<WeldCycle> scored = planner.plan(job(id)).score();
        if (inputs.value().isEmpty() || scored.value().isEmpty()) {
            List<Problem> problems = inputs.value().isEmpty() ? inputs.problems() : scored.problems();
            return ResponseEntity.badRequest().body(Map.of("problem", messages(problems, preferences.units())));
        }
        WeldCycle cycle = scored.value().get();
        boolean over =
                read.value().map(node -> node.path("over").asBoolean(false)).orElse(false);
        OptionalDouble away = read.value()
                .flatMap(node -> OperatorInputReader.torchAway(node).value())
                .orElse(OptionalDouble.empty());
        return ResponseEntity.ok(
                PracticeAnswer.of(cycle, inputs.value().get().orElse(List.of()), over, away, preferences.units()));
    }

    private static Outcome<JsonNode> node(String body) {
        try {
            return Outcome.of(JSON.readTree(body));
        } catch (JacksonException e) {
            return Outcome.failed(Problem.badValue("body", "json", "it is broken", "{\"touches\": []}"));
        }
    }

    private static String messages(List<Problem> problems, UnitSystem units) {
        return String.join(
                " ", problems.stream().map(problem -> problem.message(units)).toList());
    }

    /** The weld cycle as a table. */
    @GetMapping("/jobs/{id}/score.csv")
    ResponseEntity<String> table(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0.1") String step,
            @ModelAttribute("preferences") Preferences preferences) {
        Job job = job(id);
        Outcome<CycleTimeline> timeline = planner.plan(job).score().map(WeldCycle::timeline);
        Outcome<String> csv = timeline.then(played -> {
            double stepS = NumberReader.read(step, "s").orElse(Double.NaN);
            return CycleSamples.problem(played, stepS)
                    .<Outcome<String>>map(Outcome::failed)
                    .orElseGet(() -> Outcome.of(CycleCsv.of(played, stepS)));
        });
        return csv.value()
                .map(text -> ResponseEntity.ok()
                        .contentType(CycleCsv.TYPE)
                        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"score.csv\"")
                        .body(text))
                .orElseGet(() -> ResponseEntity.badRequest()
                        .contentType(MediaType.TEXT_PLAIN)
                        .body(messages(csv.problems(), preferences.units())));
    }
}
