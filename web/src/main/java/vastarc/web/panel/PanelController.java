package vastarc.web.panel;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.validation.Outcome;
import vastarc.core.equipment.LeakCheck;
import vastarc.core.equipment.MachineProfile;
import vastarc.web.error.NotFound;
import vastarc.web.layout.Choice;
import vastarc.web.layout.Ids;
import vastarc.web.layout.JobPage;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.Preferences;
import vastarc.web.panel.PanelPage.PanelSource;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.HistoryResult;
import vastarc.web.store.job.JobStore.SaveResult;
import vastarc.web.store.machine.JobPanel;
import vastarc.web.store.machine.MachineStore;

/** Shows a job on the shop's own machine, and stores its current settings and what has been checked. */
@Controller
class PanelController implements JobPage {

    private static final String MACHINE = "machine";
    private static final String TORCH = "torch";
    private static final int MOST_ANSWERS = 60;

    private final JobStore jobs;
    private final MachineStore machines;
    private final PanelPlanner planner;

    PanelController(JobStore jobs, MachineStore machines, PanelPlanner planner) {
        this.jobs = jobs;
        this.machines = machines;
        this.planner = planner;
    }

    private Job job(UUID id) {
        return jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
    }

    @GetMapping("/jobs/{id}/panel")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(job(id), planner.start(job(id)), Map.of(), preferences, model);
        return "panel/page";
    }

    private String workspace(Job job, JobOnPanel on, Preferences preferences, Model model) {
        show(job, on, Map.of(), preferences, model);
        return "panel/workspace :: workspace";
    }

    private void show(Job job, JobOnPanel on, Map<String, String> sent, Preferences preferences, Model model) {
        Map<String, String> refused = on.machine()
                .map(own -> CurrentSettingReader.refused(own.profile(), sent))
                .orElse(Map.of());
        PanelSource source =
                new PanelSource(job, on, jobs.history(job), planner.slots(on), machines.torches(), refused);
        model.addAttribute("page", PanelPage.of(source, preferences.units()));
        model.addAttribute(
                "passes",
                on.score()
                        .value()
                        .map(cycle -> Choice.passes(cycle.sheet(), job.content().isTack()))
                        .orElse(List.of()));
    }

    /** Stores the machine and torch chosen, and how the controls stand. */
    @PostMapping("/jobs/{id}/panel")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            HttpServletResponse response,
            Model model) {
        Optional<UUID> before = job(id).content().machine();
        SaveResult saved = jobs.save(
                        id,
                        JobStore.version(sent.get("version")),
                        stored -> stored.with(chosen(stored.content(), sent)))
                .orElseThrow(() -> new NotFound("job"));
        JobOnPanel on = planner.start(saved.job());
        if (before.equals(saved.job().content().machine()) && on.machine().isPresent()) {
            MachineProfile profile = on.machine().get().profile();
            on = on.withSettings(stand(
                    saved.job(), on, panel -> panel.stand(CurrentSettingReader.merged(profile, panel.stands(), sent))));
        }
        response.setHeader("X-Job", saved.job().id().toString());
        show(saved.job(), on, sent, preferences, model);
        return "panel/workspace :: workspace";
    }

    private static JobContent chosen(JobContent content, Map<String, String> sent) {
        return content.on(Ids.read(sent.get(MACHINE)), Ids.read(sent.get(TORCH)))
                .onPass(sent.get("pass"));
    }

    private interface CurrentSettings {
        void change(JobPanel panel);
    }

    private JobPanel stand(Job job, JobOnPanel on, CurrentSettings change) {
        return machines.panel(job.id(), on.machine().orElseThrow().id(), change::change);
    }

    /** One change is done, or all: the controls stand as drawn. */
    @PostMapping("/jobs/{id}/panel/done")
    String done(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String element,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        JobOnPanel on = planner.start(job);
        if (on.plan().isPresent()) {
            Map<String, Double> wanted = SlotSheets.figures(on.plan().get());
            JobPanel kept = stand(job, on, panel -> {
                Map<String, Double> settings = new TreeMap<>(panel.stands());
                wanted.forEach((control, place) -> {
                    if (element.isEmpty() || element.equals(control)) {
                        settings.put(control, place);
                    }
                });
                panel.stand(settings);
            });
            on = on.withSettings(kept);
        }
        return workspace(job, on, preferences, model);
    }

    @PostMapping("/jobs/{id}/panel/check")
    String answer(
            @PathVariable UUID id,
            @RequestParam String item,
            @RequestParam String answer,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        JobOnPanel on = planner.start(job);
        if (on.machine().isPresent() && item.length() <= 40 && answer.length() <= 40) {
            on = on.withSettings(stand(job, on, panel -> {
                if (panel.answers().size() < MOST_ANSWERS) {
                    panel.answer(item, answer);
                }
            }));
        }
        return workspace(job, on, preferences, model);
    }

    @PostMapping("/jobs/{id}/panel/check/again")
    String checkAgain(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        Job job = job(id);
        JobOnPanel on = planner.start(job);
        if (on.machine().isPresent()) {
            on = on.withSettings(stand(job, on, JobPanel::startAgain));
        }
        return workspace(job, on, preferences, model);
    }

    /** The leak behind a fall of pressure, in words. */
    @GetMapping("/jobs/{id}/panel/leak")
    ResponseEntity<String> leak(
            @RequestParam(defaultValue = "") String volume,
            @RequestParam(defaultValue = "") String drop,
            @RequestParam(defaultValue = "") String seconds,
            @ModelAttribute("preferences") Preferences preferences) {
        Outcome<LeakCheck> check = LeakCheck.of(number(volume, "L"), number(drop, "bar"), number(seconds, "s"));
        String text = check.value()
                .map(found -> LeakMessages.of(found, preferences.units()))
                .orElseGet(() -> String.join(
                        " ",
                        check.problems().stream()
                                .map(problem -> LeakMessages.NAMES.get(problem.field()) + ": "
                                        + problem.message(preferences.units()))
                                .toList()));
        return ResponseEntity.status(check.value().isPresent() ? 200 : 400)
                .contentType(MediaType.TEXT_PLAIN)
                .body(text);
    }

    private static double number(String text, String unit) {
        return NumberReader.read(text, unit).orElse(Double.NaN);
    }

    @PostMapping("/jobs/{id}/panel/slot")
    String store(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "0") String slot,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = job(id);
        JobOnPanel on = planner.start(job);
        planner.store(job, on, (int) NumberReader.read(slot).orElse(0));
        return workspace(job, on, preferences, model);
    }

    @Override
    public JobTab step() {
        return JobTab.PANEL;
    }

    @Override
    public String showAfterHistoryStep(
            HistoryResult there, Map<String, String> sent, Preferences preferences, Model model) {
        model.addAttribute("stale", there.stale());
        return workspace(there.job(), planner.start(there.job()), preferences, model);
    }
}
