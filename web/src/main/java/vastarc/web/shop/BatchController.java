package vastarc.web.shop;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.web.store.batch.BatchUses;
import vastarc.web.store.batch.BatchUses.WhereUsed;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.Register;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;

/** Where a batch of material went: the jobs it is chosen for, the runs it is in. */
@Controller
class BatchController {

    private final Register<MaterialBatch> batches;
    private final BatchUses uses;
    private final JobStore jobs;
    private final WeldRunService runs;

    BatchController(Register<MaterialBatch> batches, BatchUses uses, JobStore jobs, WeldRunService runs) {
        this.batches = batches;
        this.uses = uses;
        this.jobs = jobs;
        this.runs = runs;
    }

    /** Something that a batch went into. */
    public record UseLine(String id, String label) {}

    @GetMapping("/shop/batches/where")
    String where(@RequestParam(defaultValue = "") String number, Model model) {
        WhereUsed where = uses.where(number);
        model.addAttribute("number", number);
        model.addAttribute(
                "what",
                batches.find(number)
                        .flatMap(paper -> paper.content().value())
                        .map(MaterialBatch::what)
                        .orElse(""));
        model.addAttribute(
                "runs",
                where.runs().stream()
                        .map(runs::find)
                        .flatMap(Optional::stream)
                        .sorted((one, other) -> other.startedAt().compareTo(one.startedAt()))
                        .map(BatchController::line)
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
