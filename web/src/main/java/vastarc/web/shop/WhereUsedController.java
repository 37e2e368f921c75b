package vastarc.web.shop;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.PaperUses;
import vastarc.web.store.register.PaperUses.WhereUsed;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;

/** Where a paper went: the jobs it is chosen for, the runs it is in. "Where did this heat go?", "what did this meter measure?" */
@Controller
class WhereUsedController {

    private final RegisterPages pages;
    private final PaperUses uses;
    private final JobStore jobs;
    private final WeldRunService runs;

    WhereUsedController(RegisterPages pages, PaperUses uses, JobStore jobs, WeldRunService runs) {
        this.pages = pages;
        this.uses = uses;
        this.jobs = jobs;
        this.runs = runs;
    }

    /** Something that a paper went into. */
    public record UseLine(String id, String label) {}

    @GetMapping("/shop/{register:procedures|batches|instruments}/where")
    String where(@PathVariable String register, @RequestParam(defaultValue = "") String number, Model model) {
        RegisterPage<?> page = pages.page(register);
        WhereUsed where = uses.where(page.register().kind(), number);
        model.addAttribute("register", register);
        model.addAttribute("number", number);
        model.addAttribute("what", page.said(number));
        model.addAttribute(
                "runs",
                where.runs().stream()
                        .map(runs::find)
                        .flatMap(Optional::stream)
                        .sorted((one, other) -> other.startedAt().compareTo(one.startedAt()))
                        .map(WhereUsedController::line)
                        .toList());
        List<UseLine> chosen = where.jobs().stream()
                .map(jobs::onBench)
                .flatMap(Optional::stream)
                .map(job -> new UseLine(job.id().toString(), job.name()))
                .toList();
        model.addAttribute("jobs", chosen);
        return "shop/where";
    }

    private static UseLine line(WeldRun run) {
        String when = run.startedAt().toString().substring(0, 16).replace('T', ' ');
        String by = run.head().hand().isEmpty() ? "" : ", " + run.head().hand();
        return new UseLine(run.id().toString(), when + ", " + run.head().jobName() + by);
    }
}
