package vastarc.web.drill;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.training.PracticalTest;
import vastarc.core.training.PracticalTest.BeadMeasure;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Ids;
import vastarc.web.paper.PaperPress;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.drill.DrillStore;
import vastarc.web.store.drill.PracticalStore;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** The practical test: a task from the shop's jobs, levels that whoever teaches has set, the bead measured against them. */
@Controller
class PracticalController {

    private static final int MOST_JOBS = 60;
    private static final String PAGE = "drill/practical";

    private final JobStore jobs;
    private final JobPlanner planner;
    private final PracticalStore results;
    private final PaperPress press;

    PracticalController(JobStore jobs, JobPlanner planner, PracticalStore results, PaperPress press) {
        this.jobs = jobs;
        this.planner = planner;
        this.results = results;
        this.press = press;
    }

    @GetMapping("/drill/practical")
    String page(@RequestParam Map<String, String> sent, Model model) {
        model.addAttribute("page", page(sent, List.of()));
        return PAGE;
    }

    /** The page with another job or learner; what is typed stays. */
    @PostMapping("/drill/practical/job")
    String take(@RequestParam Map<String, String> sent, Model model) {
        return page(sent, model);
    }

    /** The task on paper: what is to be welded, the levels, room for what is measured. */
    @PostMapping("/drill/practical.pdf")
    ResponseEntity<byte[]> pdf(@RequestParam Map<String, String> sent) {
        String title = "Practical test";
        return PaperPress.answer(
                title,
                press.press(
                        "drill/practical-paper",
                        title,
                        PaperPress.Size.A4,
                        Map.of("page", page(sent, PracticalForm.read(sent).problems()))));
    }

    /** Keeps what was measured; as long as something does not fit, nothing is kept, and all typed stays. */
    @PostMapping("/drill/practical")
    ModelAndView keep(@RequestParam Map<String, String> sent, Model model) {
        Outcome<PracticalTest> read = PracticalForm.read(sent);
        List<Problem> problems = new ArrayList<>(read.problems());
        String learner = learner(sent);
        Optional<Job> job = job(sent);
        if (learner.isEmpty()) {
            problems.add(Problem.badValue("learner", "practical.learner"));
        }
        if (job.isEmpty()) {
            problems.add(Problem.badValue("job", "practical.job"));
        }
        if (!problems.isEmpty()) {
            model.addAttribute("page", page(sent, problems));
            return new ModelAndView(PAGE, model.asMap(), HttpStatus.BAD_REQUEST);
        }
        results.keep(learner, job.orElseThrow().name(), read.value().orElseThrow());
        return new ModelAndView("redirect:"
                + UriComponentsBuilder.fromPath("/drill/practical")
                        .queryParam("learner", "{learner}")
                        .queryParam("job", "{job}")
                        .fragment("results")
                        .build(learner, job.get().id()));
    }

    private static String learner(Map<String, String> sent) {
        return DrillStore.name(sent.getOrDefault("learner", ""));
    }

    private Optional<Job> job(Map<String, String> sent) {
        return Ids.read(sent.getOrDefault("job", "")).flatMap(jobs::onBench);
    }

    private PracticalPage page(Map<String, String> sent, List<Problem> problems) {
        Optional<Job> job = job(sent);
        Optional<SetupSheet> sheet =
                job.flatMap(one -> planner.plan(one).sheet().value());
        String chosen = job.map(one -> one.id().toString()).orElse("");
        return new PracticalPage(
                learner(sent),
                jobs.newest(MOST_JOBS).stream()
                        .map(one -> new Choice(
                                one.id().toString(),
                                one.name(),
                                one.id().toString().equals(chosen)))
                        .toList(),
                chosen,
                job.map(Job::name).orElse(""),
                sheet.map(PracticalController::weld).orElse(""),
                PracticalForm.typed(sent, planned(sheet), problems),
                problems.stream()
                        .filter(problem -> List.of("learner", "job", "levels").contains(problem.field()))
                        .map(problem -> problem.message(UnitSystem.METRIC))
                        .findFirst()
                        .orElse(""),
                results.of(learner(sent)).stream()
                        .map(PracticalPage.PracticalLine::of)
                        .toList());
    }

    private static String weld(SetupSheet sheet) {
        return String.join(
                ", ",
                PracticalPage.say("material." + sheet.joint().material().name()),
                PracticalPage.say("joint." + sheet.joint().form().name()),
                shown(sheet.joint().thinnerMm()),
                PracticalPage.say("position." + sheet.practice().position().name()));
    }

    private static String shown(double mm) {
        return UnitSystem.METRIC.show(Quantity.millimetres(mm)).line();
    }

    /** What the sheet says of a bead, to set levels about. */
    private static Map<BeadMeasure, String> planned(Optional<SetupSheet> sheet) {
        Map<BeadMeasure, String> planned = new EnumMap<>(BeadMeasure.class);
        sheet.flatMap(made -> made.find(ParameterKey.POOL_WIDTH))
                .filter(parameter -> !parameter.idle() && parameter.window().isPresent())
                .map(Parameter::quantity)
                .ifPresent(width -> planned.put(
                        BeadMeasure.WIDTH, UnitSystem.METRIC.show(width).line()));
        sheet.flatMap(made -> made.joint().leg())
                .map(Length::inMillimetres)
                .ifPresent(leg -> planned.put(BeadMeasure.LEG, shown(leg)));
        return planned;
    }
}
