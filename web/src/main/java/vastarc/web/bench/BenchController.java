package vastarc.web.bench;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.CookieValue;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Pages;
import vastarc.web.layout.Preferences;
import vastarc.web.service.JobPapers;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.DemoLoad;
import vastarc.web.store.ListPage;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.store.shop.ShopStore;

/** Shows the bench; makes, copies, takes off and puts back jobs. */
@Controller
class BenchController {

    private static final int MOST_TYPED = 120;

    /** A job with a run that was begun and not closed. */
    public record OpenRunLine(String id, String name) {}

    private final JobStore jobs;
    private final ShopStore shop;
    private final JobPlanner planner;
    private final WeldRunService runs;
    private final DemoLoad demo;
    private final HotAssemblies cooling;
    private final ShopGuide guide;
    private final JobPapers papers;

    BenchController(
            JobStore jobs,
            ShopStore shop,
            JobPlanner planner,
            WeldRunService runs,
            DemoLoad demo,
            HotAssemblies cooling,
            ShopGuide guide,
            JobPapers papers) {
        this.jobs = jobs;
        this.shop = shop;
        this.planner = planner;
        this.runs = runs;
        this.demo = demo;
        this.cooling = cooling;
        this.guide = guide;
        this.papers = papers;
    }

    @GetMapping("/")
    String bench(
            @RequestParam("deleted") Optional<UUID> deleted,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "1") String page,
            @CookieValue(name = ShopGuide.COOKIE, defaultValue = "") String left,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        String words = find.length() > MOST_TYPED ? find.substring(0, MOST_TYPED) : find;
        model.addAttribute(
                "page",
                BenchPage.of(
                        jobs.bench(words, Pages.number(page)),
                        words,
                        jobs.countRemoved(),
                        deleted.flatMap(jobs::find),
                        planner,
                        preferences.units()));
        model.addAttribute(
                "under",
                runs.openRun().stream()
                        .flatMap(run -> run.head().job().flatMap(jobs::onBench).stream())
                        .map(job -> new OpenRunLine(job.id().toString(), job.name()))
                        .toList());
        model.addAttribute("cooling", cooling.pieces());
        model.addAttribute("papers", papers.endings());
        model.addAttribute("guide", guide.steps(left));
        return "bench/page";
    }

    /** Leaves the guide, in this browser. */
    @PostMapping("/guide")
    String leaveTheGuide(HttpServletResponse response) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(ShopGuide.COOKIE, ShopGuide.LEFT)
                        .path("/")
                        .sameSite("Lax")
                        .httpOnly(true)
                        .maxAge(Duration.ofDays(365))
                        .build()
                        .toString());
        return "redirect:/";
    }

    /** The jobs taken off the bench: they can be put back, until they go for good. */
    @GetMapping("/away")
    String removed(@RequestParam(defaultValue = "1") String page, Model model) {
        ListPage<Job> away = jobs.removed(Pages.number(page));
        model.addAttribute(
                "jobs", away.map(job -> RemovedJob.of(job, shop.habits().putAwayDays())));
        model.addAttribute("pages", Pages.of(away, "/away", ""));
        model.addAttribute("days", shop.habits().putAwayDays());
        return "bench/away";
    }

    /** On a bench where nothing ever lay, the demo shop can be laid out to try things with. */
    @PostMapping("/demo")
    String tryTheDemo() throws IOException {
        if (jobs.isEmpty()) {
            demo.lay();
        }
        return "redirect:/";
    }

    @PostMapping("/jobs")
    String create() {
        return sheetOf(jobs.create(Job.UNTITLED, "", shop.freshJob()));
    }

    @PostMapping("/jobs/{id}/duplicate")
    String duplicate(@PathVariable UUID id) {
        return sheetOf(jobs.duplicate(id).orElseThrow(() -> new NotFound("job")));
    }

    @PostMapping("/jobs/{id}/delete")
    String delete(@PathVariable UUID id) {
        Job job = jobs.delete(id).orElseThrow(() -> new NotFound("job"));
        return "redirect:/?deleted=" + job.id();
    }

    @PostMapping("/jobs/{id}/restore")
    String restore(@PathVariable UUID id) {
        jobs.restore(id).orElseThrow(() -> new NotFound("job"));
        return "redirect:/";
    }

    private static String sheetOf(Job job) {
        return "redirect:/jobs/" + job.id() + "/sheet";
    }
}
