package vastarc.web.route;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import vastarc.core.advice.sequence.SequencePlanner;
import vastarc.core.advice.sequence.SequenceRequest;
import vastarc.core.advice.sequence.WeldSequence;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.error.NotFound;
import vastarc.web.format.SequenceCsv;
import vastarc.web.layout.JobPage;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.Preferences;
import vastarc.web.paper.PaperPress;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.route.RoutePage.AssemblyJob;
import vastarc.web.route.RoutePage.RouteSource;
import vastarc.web.route.RoutePage.RouteView;
import vastarc.web.service.SequencePlans;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.HistoryResult;
import vastarc.web.store.job.JointText;
import vastarc.web.store.shop.ShopStore;

/** Shows the way through a job, and keeps how much there is of it and in which order a welder wants it. */
@Controller
class RouteController implements JobPage {

    private static final int LOOKED_THROUGH = 40;
    private static final String PIECE = "work.piece";

    private final JobStore jobs;
    private final SequencePlans plans;
    private final PaperPress press;
    private final ShopStore shop;

    RouteController(JobStore jobs, SequencePlans plans, PaperPress press, ShopStore shop) {
        this.jobs = jobs;
        this.plans = plans;
        this.press = press;
        this.shop = shop;
    }

    @GetMapping("/jobs/{id}/route")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(job(id), false, preferences, model);
        return "route/page";
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    private void show(Job job, boolean stale, Preferences preferences, Model model) {
        model.addAttribute("page", shown(job, stale, preferences));
    }

    private RoutePage shown(Job job, boolean stale, Preferences preferences) {
        WeldQuantityText typed = WeldQuantityText.of(job.content().joint());
        Outcome<SequenceRequest> ask = plans.ask(job.content(), typed);
        return RoutePage.of(
                new RouteSource(
                        job,
                        jobs.history(job),
                        typed,
                        ask,
                        plans.on(job.content()),
                        stale,
                        shop.habits(),
                        piece(job, typed.work().piece())),
                preferences.units());
    }

    /** The other jobs of a piece that have a route, of the newest on the bench. */
    private List<AssemblyJob> piece(Job job, String piece) {
        if (piece.isBlank()) {
            return List.of();
        }
        return jobs.newest(LOOKED_THROUGH).stream()
                .filter(other -> !other.id().equals(job.id()))
                .filter(other -> other.content()
                        .joint()
                        .work(PIECE)
                        .filter(name -> name.strip().equals(piece.strip()))
                        .isPresent())
                .flatMap(other ->
                        plans
                                .ask(
                                        other.content(),
                                        WeldQuantityText.of(other.content().joint()))
                                .value()
                                .stream())
                .map(request -> new AssemblyJob(request, SequencePlanner.plan(request)))
                .toList();
    }

    @GetMapping("/jobs/{id}/route.pdf")
    ResponseEntity<byte[]> paper(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences) {
        Job job = job(id);
        RouteView view = shown(job, false, preferences).view().orElseThrow(() -> new NotFound("route"));
        String title = "Route " + job.name();
        Map<String, Object> model = Map.of("name", job.name(), "view", view);
        return PaperPress.answer(title, press.press("route/route-paper", title, PaperPress.Size.A4, model));
    }

    /** Stores how much there is to weld; another amount goes in the planned order again. */
    @PostMapping("/jobs/{id}/route")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return travelled(
                jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        job -> changed(job.content(), sent, preferences.units())),
                preferences,
                model);
    }

    private static JobContent changed(JobContent before, Map<String, String> sent, UnitSystem units) {
        Set<String> fields = JointText.WORK.stream()
                .filter(name -> !name.equals(WeldQuantityText.ORDER))
                .collect(Collectors.toSet());
        return before.with(WeldQuantityText.changed(before.joint(), sent, fields, units));
    }

    /** Takes a run to another place of the order; to its own place, the planned order is used again. */
    @PostMapping("/jobs/{id}/route/move")
    String move(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        int from = (int) NumberReader.read(sent.get("from")).orElse(0);
        int to = (int) NumberReader.read(sent.get("to")).orElse(0);
        return travelled(
                jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        job -> moved(job.content(), from, to, preferences.units())),
                preferences,
                model);
    }

    private JobContent moved(JobContent before, int from, int to, UnitSystem units) {
        WeldQuantityText typed = WeldQuantityText.of(before.joint());
        Optional<WeldSequence> route = plans.ask(before, typed).value().map(SequencePlanner::plan);
        int count = route.map(planned -> planned.runs().size()).orElse(0);
        boolean fits = from >= 1 && from <= count && to >= 1 && to <= count;
        List<Integer> order = new ArrayList<>(
                typed.order().size() == count
                        ? typed.order()
                        : IntStream.rangeClosed(1, count).boxed().toList());
        if (fits && from != to) {
            order.add(to - 1, order.remove(from - 1));
        } else if (fits) {
            Collections.sort(order);
        }
        String text = order.stream().map(String::valueOf).collect(Collectors.joining(","));
        boolean planned = order.equals(order.stream().sorted().toList());
        return text.length() > JointText.MAX_CHARACTERS
                ? before
                : before.with(before.joint()
                        .changedTo(
                                planned ? Map.of() : Map.of(WeldQuantityText.ORDER, text),
                                Set.of(WeldQuantityText.ORDER),
                                units));
    }

    @GetMapping(path = "/jobs/{id}/route.csv", produces = SequenceCsv.TYPE)
    @ResponseBody
    ResponseEntity<String> csv(@PathVariable UUID id) {
        Job job = job(id);
        WeldQuantityText typed = WeldQuantityText.of(job.content().joint());
        WeldSequence sequence = plans.ask(job.content(), typed)
                .value()
                .map(SequencePlanner::plan)
                .orElseThrow(() -> new NotFound("route"));
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("route.csv")
                                .build()
                                .toString())
                .body(SequenceCsv.of(sequence));
    }

    @Override
    public JobTab step() {
        return JobTab.ROUTE;
    }

    @Override
    public String showAfterHistoryStep(
            HistoryResult there, Map<String, String> sent, Preferences preferences, Model model) {
        show(there.job(), there.stale(), preferences, model);
        return "route/workspace :: workspace";
    }
}
