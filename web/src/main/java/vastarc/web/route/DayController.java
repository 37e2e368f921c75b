package vastarc.web.route;

import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import vastarc.core.advice.sequence.DayMaterial;
import vastarc.core.advice.sequence.DayPlanner;
import vastarc.core.advice.sequence.DaySchedule;
import vastarc.core.advice.sequence.DaySchedule.ChangeoverTimes;
import vastarc.core.advice.sequence.SequencePlanner;
import vastarc.core.advice.sequence.SequenceRequest;
import vastarc.web.error.NotFound;
import vastarc.web.format.DayCalendar;
import vastarc.web.format.DayCsv;
import vastarc.web.layout.Preferences;
import vastarc.web.paper.PaperPress;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.route.DayPage.DayView;
import vastarc.web.route.DayProposal.DayCandidate;
import vastarc.web.service.SequencePlans;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.shop.ShopStore;

/** One welder over the jobs that are ticked: what is welded while another cools. */
@Controller
class DayController {

    private static final int OFFERED = 40;

    private final JobStore jobs;
    private final SequencePlans plans;
    private final DayProposal proposal;
    private final PaperPress press;
    private final ShopStore shop;
    private final Clock clock;

    DayController(
            JobStore jobs, SequencePlans plans, DayProposal proposal, PaperPress press, ShopStore shop, Clock clock) {
        this.jobs = jobs;
        this.plans = plans;
        this.proposal = proposal;
        this.press = press;
        this.shop = shop;
        this.clock = clock;
    }

    /**
     * A day of the jobs ticked.
     *
     * @param jobs that have a route, in the order of the bench
     * @param day  empty where none is ticked, or they are too many
     * @param own  the same in the welder's own order; empty where it has none, or it no longer fits
     * @param said why there is no day, or not in that order; empty where nothing is to be said
     * @param material what the jobs take; empty where there is no day
     */
    record PlannedDay(
            List<Job> jobs,
            Optional<DaySchedule> day,
            Optional<DaySchedule> own,
            String said,
            Optional<DayMaterial> material) {

        static PlannedDay none(List<Job> jobs, String text) {
            return new PlannedDay(jobs, Optional.empty(), Optional.empty(), text, Optional.empty());
        }

        /** The day as it is to be worked. */
        Optional<DaySchedule> worked() {
            return own.or(() -> day);
        }

        List<String> names() {
            return jobs.stream().map(Job::name).toList();
        }
    }

    /** The day of the jobs ticked; where nobody has ticked any yet, of those that are still to be welded. */
    @GetMapping("/day")
    String page(
            @RequestParam(name = "job", defaultValue = "") List<String> ticked,
            @RequestParam(defaultValue = "false") String chosen,
            @RequestParam(defaultValue = "") String turns,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        List<DayCandidate> candidates = proposal.candidates(jobs.newest(OFFERED));
        boolean proposed = ticked.isEmpty() && !chosen.equals("true");
        List<String> of = proposed ? DayProposal.proposed(candidates) : ticked;
        model.addAttribute("page", DayPage.of(candidates, planned(of, turns), of, preferences.units()));
        model.addAttribute("proposed", proposed && !of.isEmpty());
        return "route/day";
    }

    private PlannedDay planned(List<String> ticked, String turns) {
        List<Job> chosen = jobs.newest(OFFERED).stream()
                .filter(job -> ticked.contains(job.id().toString()))
                .toList();
        List<Job> planned = new ArrayList<>();
        List<SequenceRequest> asks = new ArrayList<>();
        List<String> without = new ArrayList<>();
        for (Job job : chosen) {
            WeldQuantityText typed = WeldQuantityText.of(job.content().joint());
            Optional<SequenceRequest> request = plans.ask(job.content(), typed)
                    .value()
                    .filter(sequenceRequest -> typed.problems().isEmpty());
            request.ifPresentOrElse(
                    sequenceRequest -> {
                        planned.add(job);
                        asks.add(sequenceRequest);
                    },
                    () -> without.add(job.name()));
        }
        int runs = asks.stream()
                .mapToInt(request -> SequencePlanner.plan(request).runs().size())
                .sum();
        if (!without.isEmpty()) {
            return PlannedDay.none(planned, "No route yet: " + String.join(", ", without) + ".");
        }
        if (asks.size() > DayPlanner.MOST_JOBS || runs > DayPlanner.MOST_RUNS) {
            return PlannedDay.none(
                    planned,
                    "Too much for one day's plan: up to " + DayPlanner.MOST_JOBS + " jobs and " + DayPlanner.MOST_RUNS
                            + " runs; these are " + asks.size() + " and " + runs + ".");
        }
        return asks.isEmpty() ? PlannedDay.none(planned, "") : ordered(planned, asks, turns);
    }

    private PlannedDay ordered(List<Job> jobs, List<SequenceRequest> asks, String turns) {
        DaySchedule schedule = DayPlanner.plan(asks, ChangeoverTimes.USUAL);
        Optional<DaySchedule> own =
                turns.isEmpty() ? Optional.empty() : DayPlanner.of(asks, ChangeoverTimes.USUAL, DayBlocks.read(turns));
        boolean unfit = !turns.isEmpty() && own.isEmpty();
        return new PlannedDay(
                jobs,
                Optional.of(schedule),
                own,
                unfit ? "Your order does not fit these jobs any more; here is the planned one." : "",
                Optional.of(DayMaterial.of(asks, shop.defaults().stock())));
    }

    @GetMapping(path = "/day.csv", produces = DayCsv.TYPE)
    @ResponseBody
    ResponseEntity<String> csv(
            @RequestParam(name = "job", defaultValue = "") List<String> ticked,
            @RequestParam(defaultValue = "") String turns) {
        PlannedDay planned = planned(ticked, turns);
        return file("day.csv")
                .body(DayCsv.of(
                        planned.names(),
                        planned.worked().map(DaySchedule::timeline).orElse(List.of())));
    }

    @GetMapping("/day.pdf")
    ResponseEntity<byte[]> paper(
            @RequestParam(name = "job", defaultValue = "") List<String> ticked,
            @RequestParam(defaultValue = "") String turns,
            @ModelAttribute("preferences") Preferences preferences) {
        DayView view = DayPage.of(List.of(), planned(ticked, turns), ticked, preferences.units())
                .view()
                .orElseThrow(() -> new NotFound("day"));
        return PaperPress.answer(
                "The day", press.press("route/day-paper", "The day", PaperPress.Size.A4, Map.of("view", view)));
    }

    /** The day as a calendar from now on: one entry for each stretch at one job. */
    @GetMapping(path = "/day.ics", produces = DayCalendar.TYPE)
    @ResponseBody
    ResponseEntity<String> calendar(
            @RequestParam(name = "job", defaultValue = "") List<String> ticked,
            @RequestParam(defaultValue = "") String turns) {
        PlannedDay planned = planned(ticked, turns);
        return file("day.ics")
                .body(DayCalendar.of(
                        planned.names(),
                        planned.worked().map(DaySchedule::timeline).orElse(List.of()),
                        clock.instant()));
    }

    private static ResponseEntity.BodyBuilder file(String name) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString());
    }
}
