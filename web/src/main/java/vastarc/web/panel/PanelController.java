package vastarc.web.panel;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.finding.Outcome;
import vastarc.core.machine.LeakCheck;
import vastarc.core.machine.MachineChoice;
import vastarc.core.machine.PanelPlan;
import vastarc.core.score.Score;
import vastarc.web.job.Job;
import vastarc.web.job.JobStore;
import vastarc.web.machine.JobPanel;
import vastarc.web.machine.Machine;
import vastarc.web.machine.MachineStore;
import vastarc.web.machine.MemorySlot;
import vastarc.web.machine.Torch;
import vastarc.web.request.JobPlan;
import vastarc.web.request.TypedForm;
import vastarc.web.shop.ShopStore;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;

/** Shows a job on the shop's own machine, and keeps how it stands and what has been checked. */
@Controller
class PanelController {

    private final JobStore jobs;
    private final MachineStore machines;
    private final ShopStore ways;

    PanelController(JobStore jobs, MachineStore machines, ShopStore ways) {
        this.ways = ways;
        this.jobs = jobs;
        this.machines = machines;
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    @GetMapping("/jobs/{id}/panel")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(job(id), Map.of(), preferences, model);
        return "panel/page";
    }

    private String workspace(Job job, Preferences preferences, Model model) {
        return workspace(job, Map.of(), preferences, model);
    }

    /** After a change: what was sent and could not be read is shown as it was typed. */
    private String workspace(Job job, Map<String, String> sent, Preferences preferences, Model model) {
        show(job, sent, preferences, model);
        return "panel/workspace :: workspace";
    }

    private void show(Job job, Map<String, String> sent, Preferences preferences, Model model) {
        Optional<Score> score = JobPlan.score(job.form(), ways.ways()).value().map(JobPlan.Scored::score);
        List<Machine> shop = machines.machines();
        Optional<Machine> machine = score.flatMap(played -> machine(job, played, shop));
        Optional<Torch> torch = id(job.form().text(TypedForm.TORCH)).flatMap(machines::torch);
        Optional<JobPanel> stands = machine.map(own -> machines.panel(job.id(), own.id()));
        Optional<PanelPlan> plan =
                machine.flatMap(own -> score.map(played -> plan(played, own, torch, stands.orElseThrow())));
        List<MemorySlot> slots = machine.map(own -> machines.slots(own.id())).orElse(List.of());
        Map<String, String> names = slots.stream()
                .flatMap(slot -> jobs.find(slot.jobId()).stream())
                .collect(Collectors.toMap(found -> found.id().toString(), Job::name, (one, two) -> one));
        PanelPage.Source source = new PanelPage.Source(
                job,
                ways.ways(),
                jobs.history(job),
                shop,
                machines.torches(),
                machine,
                torch,
                plan,
                stands,
                slots,
                names,
                machine.map(own -> StandReader.refused(own.profile(), sent)).orElse(Map.of()));
        model.addAttribute("page", PanelPage.of(source, preferences.units()));
    }

    private PanelPlan plan(Score score, Machine machine, Optional<Torch> torch, JobPanel stands) {
        return PanelPlan.of(
                score, machine.profile(), torch.map(Torch::profile), machines.curves(machine.id()), stands.stands());
    }

    /** The machine chosen for the job, or the one of the shop that suits it best. */
    private static Optional<Machine> machine(Job job, Score score, List<Machine> shop) {
        Optional<UUID> chosen = id(job.form().text(TypedForm.MACHINE));
        Optional<Machine> own = shop.stream()
                .filter(machine -> chosen.filter(machine.id()::equals).isPresent())
                .findFirst();
        return own.or(() -> MachineChoice.ranked(
                        score, shop.stream().map(Machine::profile).toList())
                .stream()
                .findFirst()
                .map(choice -> shop.get(choice.index())));
    }

    private static Optional<UUID> id(Optional<String> text) {
        try {
            return text.map(UUID::fromString);
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }

    /** Keeps the machine and torch chosen, and how the controls stand. */
    @PostMapping("/jobs/{id}/panel")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            HttpServletResponse response,
            Model model) {
        Job before = job(id);
        JobStore.Saved saved = jobs.save(
                        id,
                        JobStore.version(sent.get("version")),
                        kept -> kept.with(kept.form().changedTo(sent, TypedForm.PANEL_FIELDS, preferences.units())))
                .orElseThrow(() -> new NotFound("job"));
        boolean sameMachine =
                before.form().text(TypedForm.MACHINE).equals(saved.job().form().text(TypedForm.MACHINE));
        if (sameMachine) {
            chosen(saved.job())
                    .ifPresent(machine -> machines.panel(
                            saved.job().id(),
                            machine.id(),
                            panel -> panel.stand(StandReader.read(machine.profile(), sent))));
        }
        response.setHeader("X-Job", saved.job().id().toString());
        return workspace(saved.job(), sent, preferences, model);
    }

    private Optional<Machine> chosen(Job job) {
        return JobPlan.score(job.form(), ways.ways())
                .value()
                .flatMap(scored -> machine(job, scored.score(), machines.machines()));
    }

    /** One change is done, or all: the controls stand as drawn. */
    @PostMapping("/jobs/{id}/panel/done")
    String done(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String element,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        Optional<Score> score = JobPlan.score(job.form(), ways.ways()).value().map(JobPlan.Scored::score);
        Optional<Machine> machine = chosen(job);
        if (machine.isPresent() && score.isPresent()) {
            machines.panel(job.id(), machine.get().id(), panel -> {
                Map<String, Double> wanted = Slots.figures(plan(score.get(), machine.get(), Optional.empty(), panel));
                Map<String, Double> stands = new TreeMap<>(panel.stands());
                wanted.forEach((control, place) -> {
                    if (element.isEmpty() || element.equals(control)) {
                        stands.put(control, place);
                    }
                });
                panel.stand(stands);
            });
        }
        return workspace(job, preferences, model);
    }

    @PostMapping("/jobs/{id}/panel/check")
    String answer(
            @PathVariable UUID id,
            @RequestParam String item,
            @RequestParam String answer,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        chosen(job)
                .filter(machine -> item.length() <= 40 && answer.length() <= 40)
                .ifPresent(machine -> machines.panel(job.id(), machine.id(), panel -> {
                    if (panel.answers().size() < 60) {
                        panel.answer(item, answer);
                    }
                }));
        return workspace(job, preferences, model);
    }

    @PostMapping("/jobs/{id}/panel/check/again")
    String checkAgain(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        Job job = job(id);
        chosen(job).ifPresent(machine -> machines.panel(job.id(), machine.id(), JobPanel::startAgain));
        return workspace(job, preferences, model);
    }

    /** The leak behind a fall of pressure, in words. */
    @GetMapping("/jobs/{id}/panel/leak")
    ResponseEntity<String> leak(
            @RequestParam(defaultValue = "") String volume,
            @RequestParam(defaultValue = "") String drop,
            @RequestParam(defaultValue = "") String seconds,
            @ModelAttribute("preferences") Preferences preferences) {
        Outcome<LeakCheck> check = LeakCheck.of(number(volume), number(drop), number(seconds));
        String text = check.value()
                .map(found -> LeakWords.of(found, preferences.units()))
                .orElseGet(() -> String.join(
                        " ",
                        check.problems().stream()
                                .map(problem -> LeakWords.NAMES.get(problem.field()) + ": "
                                        + problem.message(preferences.units()))
                                .toList()));
        return ResponseEntity.status(check.value().isPresent() ? 200 : 400)
                .contentType(MediaType.TEXT_PLAIN)
                .body(text);
    }

    private static double number(String text) {
        try {
            return Double.parseDouble(text.strip().replace(',', '.'));
        } catch (NumberFormatException e) {
            return Double.NaN;
        }
    }

    @PostMapping("/jobs/{id}/panel/slot")
    String store(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") String slot,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        int number = (int) number(slot);
        Optional<Score> score = JobPlan.score(job.form(), ways.ways()).value().map(JobPlan.Scored::score);
        chosen(job)
                .filter(machine -> number >= 1 && number <= machine.profile().slots())
                .ifPresent(machine -> score.ifPresent(played -> machines.store(
                        machine.id(),
                        number,
                        job.id(),
                        Slots.figures(
                                plan(played, machine, Optional.empty(), machines.panel(job.id(), machine.id()))))));
        return workspace(job, preferences, model);
    }

    @PostMapping("/jobs/{id}/panel/undo")
    String undo(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        return workspace(jobs.undo(id).orElseThrow(() -> new NotFound("job")), preferences, model);
    }

    @PostMapping("/jobs/{id}/panel/redo")
    String redo(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        return workspace(jobs.redo(id).orElseThrow(() -> new NotFound("job")), preferences, model);
    }
}
