package vastarc.web.drill;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.simulation.source.TorchOperator;
import vastarc.core.training.SteadinessExercise;
import vastarc.core.training.SteadinessExercise.PointerSample;
import vastarc.web.layout.ParameterView.FigureLine;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.drill.DrillStore;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A shown travel to keep with the pointer, and how evenly it was kept. */
@Controller
class SteadinessController {

    private static final int OFFERED = 24;
    private static final double USUAL_MM_PER_MIN = 100;

    private final JobStore jobs;
    private final JobPlanner planner;

    SteadinessController(JobStore jobs, JobPlanner planner) {
        this.jobs = jobs;
        this.planner = planner;
    }

    /** A job and the travel of its sheet. */
    public record SteadinessJob(String id, String name, double travel, String shown, boolean chosen) {}

    @GetMapping("/drill/steady")
    String page(
            @RequestParam(defaultValue = "") String learner, @RequestParam(defaultValue = "") String job, Model model) {
        show(learner, job, model);
        return "drill/steady";
    }

    private SteadinessJob show(String learner, String job, Model model) {
        List<SteadinessJob> offered = new ArrayList<>();
        for (Job one : jobs.newest(OFFERED)) {
            if (one.document().isReadable()) {
                planner.plan(one)
                        .sheet()
                        .value()
                        .ifPresent(sheet -> offered.add(offered(
                                one, sheet.setting(ParameterKey.TRAVEL_SPEED).value(), job)));
            }
        }
        SteadinessJob chosen = offered.stream()
                .filter(SteadinessJob::chosen)
                .findFirst()
                .orElseGet(() -> offered.isEmpty()
                        ? new SteadinessJob("", "a plain bead", USUAL_MM_PER_MIN, shown(USUAL_MM_PER_MIN), true)
                        : offered.get(0));
        model.addAttribute("learner", DrillStore.name(learner));
        model.addAttribute("jobs", offered);
        model.addAttribute("chosen", chosen);
        model.addAttribute("seam", Math.round(chosen.travel() * SteadinessExercise.TRY_S / 60) + " mm");
        return chosen;
    }

    private static SteadinessJob offered(Job job, double travel, String chosen) {
        String id = job.id().toString();
        return new SteadinessJob(id, job.name(), travel, shown(travel), id.equals(chosen));
    }

    private static String shown(double travel) {
        return UnitSystem.METRIC.show(Quantity.of(travel, Unit.MM_PER_MIN)).line();
    }

    @PostMapping("/drill/steady")
    String evaluate(
            @RequestParam(defaultValue = "") String learner,
            @RequestParam(defaultValue = "") String job,
            @RequestParam(defaultValue = "") String samples,
            Model model) {
        SteadinessJob chosen = show(learner, job, model);
        Outcome<SteadinessExercise> exercise = SteadinessExercise.of(chosen.travel(), samples(samples));
        exercise.problems().stream()
                .findFirst()
                .ifPresent(problem -> model.addAttribute("wrong", problem.message(UnitSystem.METRIC)));
        exercise.value().ifPresent(read -> {
            model.addAttribute("figures", figures(read, chosen));
            model.addAttribute("said", result(read));
            model.addAttribute("scatter", Math.round(Math.min(TorchOperator.SCATTER.high(), read.scatterPercent())));
        });
        return "drill/steady";
    }

    /** {@code s,x,y;s,x,y;…}; what is no sample is passed over. */
    private static List<PointerSample> samples(String text) {
        List<PointerSample> samples = new ArrayList<>();
        double last = -1;
        for (String part : text.split(";", SteadinessExercise.MOST + 1)) {
            String[] numbers = part.split(",");
            Optional<PointerSample> sample = numbers.length == 3 ? sample(numbers) : Optional.empty();
            if (sample.isPresent() && sample.get().s() > last && samples.size() < SteadinessExercise.MOST) {
                last = sample.get().s();
                samples.add(sample.get());
            }
        }
        return samples;
    }

    private static Optional<PointerSample> sample(String[] numbers) {
        OptionalDouble s = NumberReader.read(numbers[0]);
        OptionalDouble x = NumberReader.read(numbers[1]);
        OptionalDouble y = NumberReader.read(numbers[2]);
        return s.isPresent() && x.isPresent() && y.isPresent()
                ? Optional.of(new PointerSample(s.getAsDouble(), x.getAsDouble(), y.getAsDouble()))
                : Optional.empty();
    }

    private static List<FigureLine> figures(SteadinessExercise exercise, SteadinessJob chosen) {
        double off = 100 * (exercise.travelMmPerMin() / chosen.travel() - 1);
        return List.of(
                new FigureLine("travel asked for", chosen.shown()),
                new FigureLine(
                        "travel kept",
                        shown(exercise.travelMmPerMin()) + String.format(Locale.ROOT, " (%+.0f %%)", off)),
                new FigureLine("strayed in travel by", Math.round(exercise.scatterPercent()) + " %"),
                new FigureLine(
                        "strayed across the seam by", String.format(Locale.ROOT, "%.1f mm", exercise.wanderMm())),
                new FigureLine(
                        exercise.lagMm() >= 0 ? "behind the mark by" : "ahead of the mark by",
                        String.format(Locale.ROOT, "%.1f mm", Math.abs(exercise.lagMm()))));
    }

    private static String result(SteadinessExercise exercise) {
        return exercise.scatterPercent() < TorchOperator.USUAL_SCATTER
                ? "Steadier than the simulation’s shaky welder, who varies by "
                        + Math.round(TorchOperator.USUAL_SCATTER) + " %."
                : "As shaky as the simulation’s shaky welder (" + Math.round(TorchOperator.USUAL_SCATTER)
                        + " %), or more: see what that does to the bead.";
    }
}
