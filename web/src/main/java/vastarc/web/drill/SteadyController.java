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
import vastarc.core.drill.SteadyHand;
import vastarc.core.finding.Outcome;
import vastarc.core.notation.NumberReader;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.rehearsal.Hand;
import vastarc.core.sheet.SettingKey;
import vastarc.web.kept.drill.DrillStore;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobStore;
import vastarc.web.request.JobPlanner;
import vastarc.web.ui.FigureView;

/** A shown travel to keep with the pointer, and how evenly it was kept. */
@Controller
class SteadyController {

    private static final int OFFERED = 24;
    private static final double USUAL_MM_PER_MIN = 100;

    private final JobStore jobs;
    private final JobPlanner planner;

    SteadyController(JobStore jobs, JobPlanner planner) {
        this.jobs = jobs;
        this.planner = planner;
    }

    /** A job and the travel of its sheet. */
    public record Offered(String id, String name, double travel, String shown, boolean chosen) {}

    @GetMapping("/drill/steady")
    String page(
            @RequestParam(defaultValue = "") String learner, @RequestParam(defaultValue = "") String job, Model model) {
        show(learner, job, model);
        return "drill/steady";
    }

    private Offered show(String learner, String job, Model model) {
        List<Offered> offered = new ArrayList<>();
        for (Job one : jobs.newest(OFFERED)) {
            if (one.document().isReadable()) {
                planner.plan(one)
                        .sheet()
                        .value()
                        .ifPresent(sheet -> offered.add(offered(
                                one, sheet.setting(SettingKey.TRAVEL_SPEED).value(), job)));
            }
        }
        Offered chosen = offered.stream()
                .filter(Offered::chosen)
                .findFirst()
                .orElseGet(() -> offered.isEmpty()
                        ? new Offered("", "a plain bead", USUAL_MM_PER_MIN, shown(USUAL_MM_PER_MIN), true)
                        : offered.get(0));
        model.addAttribute("learner", DrillStore.name(learner));
        model.addAttribute("jobs", offered);
        model.addAttribute("chosen", chosen);
        model.addAttribute("seam", Math.round(chosen.travel() * SteadyHand.TRY_S / 60) + " mm");
        return chosen;
    }

    private static Offered offered(Job job, double travel, String chosen) {
        String id = job.id().toString();
        return new Offered(id, job.name(), travel, shown(travel), id.equals(chosen));
    }

    private static String shown(double travel) {
        return UnitSystem.METRIC.show(Quantity.of(travel, Unit.MM_PER_MIN)).line();
    }

    @PostMapping("/drill/steady")
    String told(
            @RequestParam(defaultValue = "") String learner,
            @RequestParam(defaultValue = "") String job,
            @RequestParam(defaultValue = "") String samples,
            Model model) {
        Offered chosen = show(learner, job, model);
        Outcome<SteadyHand> hand = SteadyHand.of(chosen.travel(), samples(samples));
        hand.problems().stream()
                .findFirst()
                .ifPresent(problem -> model.addAttribute("wrong", problem.message(UnitSystem.METRIC)));
        hand.value().ifPresent(read -> {
            model.addAttribute("figures", figures(read, chosen));
            model.addAttribute("said", said(read));
            model.addAttribute("scatter", Math.round(Math.min(Hand.SCATTER.high(), read.scatterPercent())));
        });
        return "drill/steady";
    }

    /** {@code s,x,y;s,x,y;…}; what is no sample is passed over. */
    private static List<SteadyHand.Sample> samples(String text) {
        List<SteadyHand.Sample> samples = new ArrayList<>();
        double last = -1;
        for (String part : text.split(";", SteadyHand.MOST + 1)) {
            String[] numbers = part.split(",");
            Optional<SteadyHand.Sample> sample = numbers.length == 3 ? sample(numbers) : Optional.empty();
            if (sample.isPresent() && sample.get().s() > last && samples.size() < SteadyHand.MOST) {
                last = sample.get().s();
                samples.add(sample.get());
            }
        }
        return samples;
    }

    private static Optional<SteadyHand.Sample> sample(String[] numbers) {
        OptionalDouble s = NumberReader.read(numbers[0]);
        OptionalDouble x = NumberReader.read(numbers[1]);
        OptionalDouble y = NumberReader.read(numbers[2]);
        return s.isPresent() && x.isPresent() && y.isPresent()
                ? Optional.of(new SteadyHand.Sample(s.getAsDouble(), x.getAsDouble(), y.getAsDouble()))
                : Optional.empty();
    }

    private static List<FigureView.Line> figures(SteadyHand hand, Offered chosen) {
        double off = 100 * (hand.travelMmPerMin() / chosen.travel() - 1);
        return List.of(
                new FigureView.Line("travel asked for", chosen.shown()),
                new FigureView.Line(
                        "travel kept", shown(hand.travelMmPerMin()) + String.format(Locale.ROOT, " (%+.0f %%)", off)),
                new FigureView.Line("strayed in travel by", Math.round(hand.scatterPercent()) + " %"),
                new FigureView.Line(
                        "strayed across the seam by", String.format(Locale.ROOT, "%.1f mm", hand.wanderMm())),
                new FigureView.Line(
                        hand.lagMm() >= 0 ? "behind the mark by" : "ahead of the mark by",
                        String.format(Locale.ROOT, "%.1f mm", Math.abs(hand.lagMm()))));
    }

    private static String said(SteadyHand hand) {
        return hand.scatterPercent() < Hand.USUAL_SCATTER
                ? "Steadier than the simulation’s shaky welder, who varies by " + Math.round(Hand.USUAL_SCATTER) + " %."
                : "As shaky as the simulation’s shaky welder (" + Math.round(Hand.USUAL_SCATTER)
                        + " %), or more: see what that does to the bead.";
    }
}
