package vastarc.web.assembly;

import java.net.URI;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.util.UriComponentsBuilder;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.record.assembly.SeamEvent;
import vastarc.core.record.assembly.SeamState;
import vastarc.web.assembly.AssemblyPage.CountLine;
import vastarc.web.assembly.AssemblyViews.AssemblyRequest;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Ids;
import vastarc.web.store.assembly.Assembly;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.assembly.AssemblyStore.SeamChange;
import vastarc.web.store.assembly.AssemblyStore.StateCount;
import vastarc.web.store.assembly.Seam;
import vastarc.web.store.assembly.Seam.SeamText;
import vastarc.web.store.assembly.SeamEventRow.SeamEntry;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;

/** Assemblies: seams listed, marked on a drawing, welded, examined, repaired, released. */
@Controller
class AssemblyController {

    private static final String PAGE = "assembly/page";

    private final AssemblyStore assemblies;
    private final AssemblyViews views;
    private final WeldRunService runs;
    private final JobStore jobs;

    AssemblyController(AssemblyStore assemblies, AssemblyViews views, WeldRunService runs, JobStore jobs) {
        this.assemblies = assemblies;
        this.views = views;
        this.runs = runs;
        this.jobs = jobs;
    }

    /** An assembly of the list. */
    public record AssemblyLine(String id, String name, List<CountLine> counts) {}

    @GetMapping("/assemblies")
    String list(Model model) {
        show("", "", model);
        return "assembly/list";
    }

    private void show(String name, String wrong, Model model) {
        Map<UUID, List<StateCount>> counts =
                assemblies.counts().stream().collect(Collectors.groupingBy(StateCount::assembly));
        model.addAttribute(
                "assemblies",
                assemblies.all().stream()
                        .map(one -> new AssemblyLine(
                                one.id().toString(), one.name(), counted(counts.getOrDefault(one.id(), List.of()))))
                        .toList());
        model.addAttribute("name", name);
        model.addAttribute("wrong", wrong);
    }

    private static List<CountLine> counted(List<StateCount> counts) {
        return CountLine.of(counts.stream().collect(Collectors.toMap(StateCount::state, StateCount::count)), "")
                .stream()
                .sorted((one, other) -> SeamState.valueOf(one.state()).compareTo(SeamState.valueOf(other.state())))
                .toList();
    }

    @PostMapping("/assemblies")
    ModelAndView create(@RequestParam(defaultValue = "") String name, Model model) {
        String typed = name.strip();
        boolean fits = !typed.isEmpty() && typed.length() <= Assembly.MAX_NAME;
        Optional<Assembly> made = fits ? assemblies.create(typed) : Optional.empty();
        if (made.isPresent()) {
            return new ModelAndView("redirect:/assemblies/" + made.get().id());
        }
        Problem problem = fits
                ? Problem.badValue("name", "register.full", AssemblyStore.MOST)
                : Problem.badValue("name", "assembly.name", Assembly.MAX_NAME);
        show(name, problem.message(UnitSystem.METRIC), model);
        return new ModelAndView("assembly/list", model.asMap(), HttpStatus.BAD_REQUEST);
    }

    @PostMapping("/assemblies/{id}/delete")
    String delete(@PathVariable UUID id) {
        assemblies.delete(id);
        return "redirect:/assemblies";
    }

    @GetMapping("/assemblies/{id}")
    String page(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String state,
            @RequestParam(defaultValue = "1") String page,
            @RequestParam(defaultValue = "") String seam,
            Model model) {
        return show(id, AssemblyRequest.of(state, page, seam), "", model);
    }

    private String show(UUID id, AssemblyRequest asked, String list, Model model) {
        model.addAttribute("page", views.page(assembly(id), asked));
        model.addAttribute("list", list);
        model.addAttribute(
                "listWrong",
                asked.problems().stream()
                        .filter(problem -> problem.field().equals("list"))
                        .map(problem -> problem.message(UnitSystem.METRIC))
                        .toList());
        model.addAttribute("inOrder", true);
        return PAGE;
    }

    private Assembly assembly(UUID id) {
        return assemblies.find(id).orElseThrow(() -> new NotFound("assembly"));
    }

    private ModelAndView refused(UUID id, AssemblyRequest asked, String list, Model model) {
        show(id, asked, list, model);
        return new ModelAndView(PAGE, model.asMap(), HttpStatus.BAD_REQUEST);
    }

    /** Adds seams, one a line; as long as a line does not fit, none is added and all typed stays. */
    @PostMapping("/assemblies/{id}/seams")
    ModelAndView add(@PathVariable UUID id, @RequestParam(defaultValue = "") String list, Model model) {
        assembly(id);
        Outcome<List<SeamText>> read = SeamList.read(list);
        List<Problem> problems = read.value()
                .map(seams -> problems(assemblies.add(id, seams), "list"))
                .orElse(read.problems());
        return problems.isEmpty()
                ? new ModelAndView("redirect:/assemblies/" + id)
                : refused(id, new AssemblyRequest("", "1", "", Map.of(), problems), list, model);
    }

    private static List<Problem> problems(SeamChange change, String field) {
        return switch (change) {
            case KEPT, GONE -> List.of();
            case NUMBER_TAKEN -> List.of(Problem.badValue(field, "seam.taken"));
            case FULL -> List.of(Problem.badValue(field, "seam.full"));
            case STALE -> List.of(Problem.badValue(field, "changedMeanwhile"));
        };
    }

    private Seam seam(UUID assembly, String number) {
        return assemblies.seam(assembly, number).orElseThrow(() -> new NotFound("seam"));
    }

    /** Changes what is written of a seam. */
    @PostMapping("/assemblies/{id}/seam")
    ModelAndView write(
            @PathVariable UUID id, @RequestParam String seam, @RequestParam Map<String, String> sent, Model model) {
        Seam kept = seam(id, seam);
        long seen = JobStore.seen(sent.get("version")).orElse(kept.version());
        Outcome<SeamText> read = SeamForm.text(sent).map(this::withJobOfTheBench);
        List<Problem> problems = read.value()
                .map(text -> problems(assemblies.write(kept.id(), seen, text), "number"))
                .orElse(read.problems());
        return problems.isEmpty()
                ? to(id, read.value().orElseThrow().number())
                : refused(id, new AssemblyRequest("", "1", seam, sent, problems), "", model);
    }

    /** A job that was deleted meanwhile is none. */
    private SeamText withJobOfTheBench(SeamText text) {
        return new SeamText(
                text.number(),
                text.location(),
                text.job().filter(job -> jobs.onBench(job).isPresent()),
                text.procedure(),
                text.hold());
    }

    private static ModelAndView to(UUID assembly, String seam) {
        URI address = UriComponentsBuilder.fromPath("/assemblies/{id}")
                .queryParam("seam", "{seam}")
                .fragment("seam")
                .build(assembly, seam);
        return new ModelAndView("redirect:" + address);
    }

    /** Enters what happened to a seam. */
    @PostMapping("/assemblies/{id}/seam/enter")
    ModelAndView enter(
            @PathVariable UUID id, @RequestParam String seam, @RequestParam Map<String, String> sent, Model model) {
        Seam kept = seam(id, seam);
        Outcome<SeamEvent> read = SeamForm.event(sent);
        List<Problem> problems = read.value()
                .map(event -> problems(assemblies.enter(kept.id(), entry(kept, event, sent)), "kind"))
                .orElse(read.problems());
        return problems.isEmpty()
                ? to(id, seam)
                : refused(id, new AssemblyRequest("", "1", seam, sent, problems), "", model);
    }

    /** With the run it was welded in, where that is one of the seam's job. */
    private SeamEntry entry(Seam seam, SeamEvent event, Map<String, String> sent) {
        Optional<WeldRun> run = Ids.read(sent.getOrDefault("run", ""))
                .flatMap(runs::find)
                .filter(one -> one.head().job().equals(seam.text().job()))
                .filter(one -> event.kind() == SeamEvent.SeamEventKind.WELDED
                        || event.kind() == SeamEvent.SeamEventKind.REPAIRED);
        return new SeamEntry(
                event,
                run.map(WeldRun::id),
                run.map(one -> one.head().machineName()).orElse(""));
    }

    @PostMapping("/assemblies/{id}/seam/take-back")
    ModelAndView takeBack(@PathVariable UUID id, @RequestParam String seam) {
        assemblies.takeBack(seam(id, seam).id());
        return to(id, seam);
    }

    @PostMapping("/assemblies/{id}/seam/delete")
    String remove(@PathVariable UUID id, @RequestParam String seam) {
        assemblies.remove(seam(id, seam).id());
        return "redirect:/assemblies/" + id;
    }
}
