package vastarc.web.logbook;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.error.NotFound;
import vastarc.web.layout.LateNoteMessages;
import vastarc.web.layout.Pages;
import vastarc.web.layout.Preferences;
import vastarc.web.logbook.Logbook.OpenedRun;
import vastarc.web.logbook.RunView.RunJob;
import vastarc.web.request.ClosingForm;
import vastarc.web.request.RunText;
import vastarc.web.service.JobPlanner;
import vastarc.web.service.RunClosings;
import vastarc.web.store.ListPage;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.ProvenSheet;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.store.run.WeldRunService.NoteResult;

/** Shows the logbook and its runs, and keeps what is said of them afterwards. */
@Controller
class LogbookController {

    private final WeldRunService runs;
    private final WeldRunQueries book;
    private final Logbook logbook;
    private final PhotoStore photos;
    private final RunClosings closings;
    private final JobStore jobs;
    private final JobPlanner planner;

    LogbookController(
            WeldRunService runs,
            WeldRunQueries book,
            Logbook logbook,
            PhotoStore photos,
            RunClosings closings,
            JobStore jobs,
            JobPlanner planner) {
        this.runs = runs;
        this.book = book;
        this.logbook = logbook;
        this.photos = photos;
        this.closings = closings;
        this.jobs = jobs;
        this.planner = planner;
    }

    @GetMapping("/logbook")
    String page(
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Filters filters = Filters.of(sent, preferences.units());
        ListPage<WeldRun> page =
                book.page(filters.filter(), filters.order(), Pages.number(sent.getOrDefault("page", "1")));
        model.addAttribute("filters", filters.sent());
        model.addAttribute("wrong", filters.wrong());
        model.addAttribute("materials", filters.materials());
        model.addAttribute("joints", filters.joints());
        model.addAttribute("verdicts", filters.verdicts());
        model.addAttribute("orders", filters.orders());
        model.addAttribute("machines", filters.names("any machine", "machine", book.names("machine")));
        model.addAttribute("hands", filters.names("any welder", "hand", book.names("hand")));
        model.addAttribute("runs", page.map(run -> RunLine.of(run, preferences.units())));
        model.addAttribute("pages", Pages.of(page, filters.isEmpty() ? "/logbook" : "/logbook?" + filters.query(), ""));
        model.addAttribute("query", filters.query());
        model.addAttribute("empty", filters.isEmpty() && page.total() == 0);
        return "logbook/page";
    }

    @GetMapping("/logbook/trends")
    String trends(
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Filters filters = Filters.of(sent, preferences.units());
        List<WeldRun> newest = book.newest(filters.filter(), Trends.MOST);
        model.addAttribute(
                "trends",
                Trends.of(
                        newest, photos.measures(newest.stream().map(WeldRun::id).toList())));
        model.addAttribute("query", filters.query());
        model.addAttribute("filtered", !filters.isEmpty());
        return "logbook/trends";
    }

    @GetMapping("/logbook/{id}")
    String run(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        OpenedRun opened = opened(id);
        return shown(opened, typed(opened.run(), preferences.units()), Map.of(), preferences, model);
    }

    private OpenedRun opened(UUID id) {
        return logbook.open(id).orElseThrow(() -> new NotFound("run"));
    }

    private static Map<String, String> typed(WeldRun run, UnitSystem units) {
        Map<String, String> typed = new TreeMap<>();
        typed.put("hand", run.head().hand());
        typed.put("note", run.note());
        typed.put("verdict", run.verdict().name());
        run.figures()
                .seamMm()
                .ifPresent(mm ->
                        typed.put("seam", units.show(Quantity.millimetres(mm)).line()));
        return typed;
    }

    private String shown(
            OpenedRun opened,
            Map<String, String> form,
            Map<String, String> wrong,
            Preferences preferences,
            Model model) {
        model.addAttribute("run", RunView.of(opened, form, wrong, behind(opened), preferences.units()));
        model.addAttribute(
                "others",
                book.alike(opened.run()).stream()
                        .map(run -> RunLine.of(run, preferences.units()))
                        .toList());
        return "logbook/run";
    }

    private RunJob behind(OpenedRun opened) {
        Optional<Job> job = opened.run()
                .head()
                .job()
                .flatMap(jobs::onBench)
                .filter(one -> one.document().isReadable());
        boolean proven = job.flatMap(one -> one.content().proof())
                .flatMap(ProvenSheet::sheet)
                .filter(sheet -> opened.sheet().filter(sheet::equals).isPresent())
                .isPresent();
        return new RunJob(job.map(one -> one.id().toString()).orElse(""), proven);
    }

    /** What the welder says of a run afterwards: another length moves travel and heat with it. */
    @PostMapping("/logbook/{id}")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model,
            HttpServletResponse answer) {
        OpenedRun opened = opened(id);
        RunText form = RunText.read(sent, preferences.units());
        if (!form.problems().isEmpty()) {
            return shown(opened, sent, form.messages(preferences.units()), preferences, model);
        }
        ClosingForm kept = form.said();
        OptionalDouble version = NumberReader.read(sent.getOrDefault("version", ""));
        Predicate<WeldRun> shown = run -> version.isEmpty() || run.version() == (long) version.getAsDouble();
        ClosingForm whole = new ClosingForm(
                kept.welder(), kept.seamMm(), opened.run().figures().currentA(), kept.verdict(), kept.note());
        Optional<NoteResult> heard = closings.close(id, shown, whole)
                .or(() -> runs.judge(id, shown, kept.verdict(), kept.welder(), kept.note()));
        Optional<String> late = heard.flatMap(LateNoteMessages::say);
        if (late.isPresent()) {
            boolean lost = heard.get().came() == NoteResult.Came.NO_ROOM;
            model.addAttribute("late", late.get());
            answer.setStatus(HttpServletResponse.SC_CONFLICT);
            OpenedRun now = opened(id);
            return shown(now, lost ? sent : typed(now.run(), preferences.units()), Map.of(), preferences, model);
        }
        return "redirect:/logbook/" + id;
    }

    /** The run was good, and so the job is proven with the sheet it was welded by. */
    @PostMapping("/logbook/{id}/proven")
    String proven(@PathVariable UUID id) {
        OpenedRun opened = opened(id);
        Optional<UUID> job = opened.run().head().job();
        Optional<SheetDocument> sheet = opened.sheet();
        if (job.isPresent() && sheet.isPresent()) {
            LocalDate day = LocalDate.ofInstant(opened.run().startedAt(), ZoneId.systemDefault());
            jobs.edit(job.get(), OptionalLong.empty(), one -> one.content().proven(day, planner.shopDefaults(), sheet));
            runs.judge(id, RunVerdict.GOOD);
        }
        return "redirect:/logbook/" + id;
    }

    @PostMapping("/logbook/{id}/delete")
    String delete(@PathVariable UUID id) {
        runs.forget(id);
        return "redirect:/logbook";
    }

    @GetMapping("/logbook/compare")
    String compare(
            @RequestParam(name = "run", defaultValue = "") List<UUID> ids,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        if (ids.size() != 2) {
            return "redirect:/logbook";
        }
        OpenedRun openedRun = opened(ids.get(0));
        OpenedRun other = opened(ids.get(1));
        model.addAttribute("compared", RunComparison.of(openedRun, other, preferences.units()));
        return "logbook/compare";
    }
}
