package vastarc.web.sheet;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.joint.WeldFields;
import vastarc.core.notation.NumberReader;
import vastarc.core.plan.SheetDocument;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.Matter;
import vastarc.core.sheet.School;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Way;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.job.JointText;
import vastarc.web.request.JobMachines;
import vastarc.web.request.JobPlan;
import vastarc.web.request.JobPlanner;
import vastarc.web.request.OwnTaker;
import vastarc.web.request.ShopLearning;
import vastarc.web.request.WorkText;
import vastarc.web.ui.JobPlace;
import vastarc.web.ui.JobStep;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;
import vastarc.web.ui.ReasonView;

/** Shows a job's sheet, and keeps every change to it. */
@Controller
class SheetController implements JobPlace {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final JobMachines machines;
    private final ShopLearning learning;
    private final OwnTaker taker;
    private final Clock clock;

    SheetController(
            JobStore jobs,
            JobPlanner planner,
            JobMachines machines,
            ShopLearning learning,
            OwnTaker taker,
            Clock clock) {
        this.jobs = jobs;
        this.planner = planner;
        this.machines = machines;
        this.learning = learning;
        this.taker = taker;
        this.clock = clock;
    }

    @GetMapping("/jobs/{id}")
    String job(@PathVariable UUID id) {
        return "redirect:/jobs/" + id + "/sheet";
    }

    @GetMapping("/jobs/{id}/sheet")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
        show(job, Optional.empty(), false, preferences, model);
        return "sheet/page";
    }

    private void show(Job job, Optional<Job> collidedWith, boolean stale, Preferences preferences, Model model) {
        JobPlan plan = planner.plan(job);
        model.addAttribute(
                "page",
                SheetPage.of(
                        new SheetPage.Source(job, plan, planner.ways(), jobs.history(job), collidedWith, stale),
                        preferences.units()));
        model.addAttribute(
                "learned",
                machines.told(job.content())
                        .flatMap(machine -> plan.sheet()
                                .value()
                                .map(sheet -> learning.of(machine.name(), sheet, preferences.units())))
                        .orElseGet(ShopLearning.Learned::nothing));
    }

    /** Takes a figure that the shop's own runs have taught onto the sheet. */
    @PostMapping("/jobs/{id}/sheet/learned")
    String learned(
            @PathVariable UUID id,
            @RequestParam String setting,
            @RequestParam String value,
            @RequestParam(defaultValue = "") String version,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        OptionalDouble figure = NumberReader.read(value);
        Optional<SettingKey> key = SettingKey.named(setting);
        JobStore.Travelled there = jobs.edit(
                        id,
                        version.isEmpty() ? OptionalLong.empty() : JobStore.seen(version),
                        job -> key.filter(one -> figure.isPresent())
                                .flatMap(one -> taker.taken(job.content(), one, figure.getAsDouble()))
                                .orElse(job.content()))
                .orElseThrow(() -> new NotFound("job"));
        return workspace(there.job(), Optional.empty(), there.stale(), preferences, model);
    }

    /** The reasoning behind one setting, asked for when the hand opens it. */
    @GetMapping("/jobs/{id}/sheet/why/{setting}")
    String why(
            @PathVariable UUID id,
            @PathVariable String setting,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        ReasonView reason = jobs.find(id)
                .flatMap(job -> planner.plan(job).sheet().value())
                .flatMap(sheet -> SettingKey.named(setting).flatMap(sheet::find))
                .map(found -> ReasonView.of(found, preferences.units()))
                .orElseThrow(() -> new NotFound("setting"));
        model.addAttribute("reason", reason);
        return "ui/reason :: reason";
    }

    /** Keeps a change and answers with the workspace alone. The header {@code X-Job} names the job that now holds it. */
    @PostMapping("/jobs/{id}/sheet")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            HttpServletResponse response,
            Model model) {
        JobStore.Saved saved = jobs.save(
                        id,
                        JobStore.version(sent.get("version")),
                        before -> new JobStore.Edit(
                                sent.getOrDefault("name", before.name()),
                                sent.getOrDefault("notes", before.notes()),
                                changed(before.content(), sent, preferences.units())))
                .orElseThrow(() -> new NotFound("job"));
        response.setHeader("X-Job", saved.job().id().toString());
        return workspace(saved.job(), saved.collidedWith(), false, preferences, model);
    }

    private String workspace(Job job, Optional<Job> collidedWith, boolean stale, Preferences preferences, Model model) {
        show(job, collidedWith, stale, preferences, model);
        return "sheet/workspace :: workspace";
    }

    /** Another arc control than the chosen logic belongs to lets the logic go. */
    private static JobContent changed(JobContent before, Map<String, String> sent, UnitSystem units) {
        JointText typed = followed(before.joint(), before.joint().changedTo(sent, JointText.FIELDS, units));
        JointText joint = WorkText.changed(typed, sent, Set.of(WorkText.SEAMS, WorkText.SEAM), units);
        boolean sameControl =
                joint.text(WeldFields.CONTROL).equals(before.joint().text(WeldFields.CONTROL));
        JobContent after = before.with(joint).withSchools(schools(sent)).onPass(sent.get("pass"));
        return before.opened(sameControl ? after : after.with(Optional.empty()));
    }

    /** Where both members were of one metal and that is changed, the other member follows. */
    private static JointText followed(JointText before, JointText after) {
        Optional<String> metal = before.text(WeldFields.MATERIAL);
        boolean alike = before.text(WeldFields.OTHER_MATERIAL).or(() -> metal).equals(metal);
        boolean untouched = after.text(WeldFields.OTHER_MATERIAL).equals(metal);
        return alike && untouched ? after.with(WeldFields.OTHER_MATERIAL, Optional.empty()) : after;
    }

    private static Map<Matter, School> schools(Map<String, String> sent) {
        Map<Matter, School> schools = new EnumMap<>(Matter.class);
        for (School school : School.values()) {
            Matter matter = school.matter();
            if (matter != null && school.name().equals(sent.get(JobContent.SCHOOL + matter.name()))) {
                schools.put(matter, school);
            }
        }
        return schools;
    }

    /** Gives one of the hand's own values back to the engine. */
    @PostMapping("/jobs/{id}/sheet/engine/{setting}")
    String engine(
            @PathVariable UUID id,
            @PathVariable String setting,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        ScoreKey key = ScoreKey.named(setting).orElseThrow(() -> new NotFound("setting"));
        return travelled(
                jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        before -> before.content()
                                .opened(before.content()
                                        .with(before.content().own().without(key)))),
                preferences,
                model);
    }

    /** Takes one of the ways out of a refusal, counted from 0 as the page lists them. */
    @PostMapping("/jobs/{id}/sheet/way/{number}")
    String way(
            @PathVariable UUID id,
            @PathVariable int number,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return travelled(
                jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        before -> before.content().opened(taken(before.content(), number))),
                preferences,
                model);
    }

    private JobContent taken(JobContent content, int number) {
        List<Way> ways = planner.plan(content).ways();
        return number < 0 || number >= ways.size()
                ? content
                : content.with(content.joint().changedBy(ways.get(number).change()));
    }

    /** Marks a job as proven with the figures it has, or opens it again. */
    @PostMapping("/jobs/{id}/sheet/proven")
    String proven(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "true") boolean proven,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return travelled(
                jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        before -> proven
                                ? proven(before.content())
                                : before.content().open()),
                preferences,
                model);
    }

    /** Proof keeps the sheet itself; the day is the shop's. */
    private JobContent proven(JobContent content) {
        LocalDate day = LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault());
        return content.proven(
                day, planner.ways(), planner.plan(content).sheet().value().map(SheetDocument::of));
    }

    @Override
    public JobStep step() {
        return JobStep.SHEET;
    }

    @Override
    public String laid(JobStore.Travelled there, Map<String, String> sent, Preferences preferences, Model model) {
        return workspace(there.job(), Optional.empty(), there.stale(), preferences, model);
    }
}
