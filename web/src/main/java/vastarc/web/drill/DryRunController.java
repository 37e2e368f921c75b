package vastarc.web.drill;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.coach.Coach;
import vastarc.core.coach.CoachLevel;
import vastarc.core.coach.DryRun;
import vastarc.web.drawing.DabChart;
import vastarc.web.format.CoreJson;
import vastarc.web.format.CueJson;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Preferences;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.drill.DrillStore;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A job's weld practised with a cold torch and rod: the coach sounds, a key or the pedal is the trigger, taps are dabs. */
@Controller
class DryRunController {

    private static final int OFFERED = 24;

    private final JobStore jobs;
    private final JobPlanner planner;

    DryRunController(JobStore jobs, JobPlanner planner) {
        this.jobs = jobs;
        this.planner = planner;
    }

    @GetMapping("/drill/dry")
    String page(
            @RequestParam(defaultValue = "") String learner,
            @RequestParam(defaultValue = "") String job,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        show(learner, job, preferences, model);
        return "drill/dry";
    }

    private Optional<WeldCycle> show(String learner, String wanted, Preferences preferences, Model model) {
        List<Job> offered = jobs.newest(OFFERED).stream()
                .filter(job -> job.document().isReadable())
                .toList();
        Optional<Job> chosen = offered.stream()
                .filter(job -> job.id().toString().equals(wanted))
                .findFirst()
                .or(() -> offered.stream().filter(this::isDabbed).findFirst())
                .or(() -> offered.stream().findFirst());
        UUID id = chosen.map(Job::id).orElse(null);
        Optional<WeldCycle> cycle = chosen.flatMap(this::cycle);
        model.addAttribute("learner", DrillStore.name(learner));
        model.addAttribute(
                "jobs",
                offered.stream()
                        .map(job -> Choice.labelled(
                                job.id().toString(), job.name(), job.id().equals(id)))
                        .toList());
        model.addAttribute("chosen", chosen.map(job -> job.id().toString()).orElse(""));
        model.addAttribute("name", chosen.map(Job::name).orElse(""));
        model.addAttribute(
                "dabs", cycle.map(WeldCycle::dabTimes).orElse(List.of()).size());
        model.addAttribute(
                "cues", cycle.map(played -> cues(played, preferences.units())).orElse("[]"));
        return cycle;
    }

    private boolean isDabbed(Job job) {
        return cycle(job).filter(cycle -> !cycle.dabTimes().isEmpty()).isPresent();
    }

    private Optional<WeldCycle> cycle(Job job) {
        return planner.plan(job).score().value();
    }

    private static String cues(WeldCycle cycle, UnitSystem units) {
        List<CueJson> cues = Coach.planned(cycle, CoachLevel.BEGINNER, OptionalDouble.empty()).stream()
                .map(cue -> CueJson.of(cue, units))
                .toList();
        return CoreJson.answers().writeValueAsString(cues);
    }

    @PostMapping("/drill/dry")
    String evaluate(
            @RequestParam(defaultValue = "") String learner,
            @RequestParam(defaultValue = "") String job,
            @RequestParam(defaultValue = "") String end,
            @RequestParam(defaultValue = "") String taps,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        List<Double> dabs = dabs(taps);
        show(learner, job, preferences, model).ifPresent(cycle -> {
            double ended = NumberReader.read(end).orElse(0);
            Outcome<DryRun> run = DryRun.of(cycle, ended, dabs);
            run.problems().stream()
                    .findFirst()
                    .ifPresent(problem -> model.addAttribute("wrong", problem.message(preferences.units())));
            run.value().ifPresent(read -> {
                model.addAttribute("figures", figures(read));
                model.addAttribute("chart", DabChart.of(cycle.dabTimes(), dabs, DryRun.plannedEndS(cycle), ended));
                model.addAttribute("kept", kept(read));
            });
        });
        return "drill/dry";
    }

    /** Times in order; what is none, or goes back in time, is passed over. */
    private static List<Double> dabs(String text) {
        double[] last = {0};
        return Stream.of(text.split(",", DryRun.MOST + 1))
                .limit(DryRun.MOST)
                .map(NumberReader::read)
                .filter(OptionalDouble::isPresent)
                .map(OptionalDouble::getAsDouble)
                .filter(s -> s >= last[0] && s <= DryRun.LONGEST_S)
                .peek(s -> last[0] = s)
                .toList();
    }

    /** A figure of a try, and what the plan wants of it. */
    public record DryRunFigure(String name, String value, String wanted) {}

    private static List<DryRunFigure> figures(DryRun run) {
        return List.of(
                new DryRunFigure("Dabs", Integer.toString(run.dabs()), Integer.toString(run.plannedDabs())),
                new DryRunFigure("Evenness", percent(run.evennessPercent()), "100 %"),
                new DryRunFigure("Planned dabs met", percent(run.nearPercent()), "100 %"),
                new DryRunFigure(
                        "On average", run.lagS().isPresent() ? offset(run.lagS().getAsDouble()) : "–", "on the beat"),
                new DryRunFigure("Weld ended", offset(run.endOffS()), "at “ease off”"));
    }

    private static String percent(OptionalDouble value) {
        return value.isPresent() ? Math.round(value.getAsDouble()) + " %" : "–";
    }

    private static String offset(double s) {
        return String.format(Locale.ROOT, "%.2f s %s", Math.abs(s), s >= 0 ? "late" : "early");
    }

    /** As the page keeps it of a try: evenness and planned dabs met, %. */
    private static String kept(DryRun run) {
        return Math.round(run.evennessPercent().orElse(0)) + ","
                + Math.round(run.nearPercent().orElse(0));
    }
}
