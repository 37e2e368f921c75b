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
import java.util.function.BiFunction;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.advice.sheet.Alternative;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.input.WeldFields;
import vastarc.web.error.NotFound;
import vastarc.web.layout.JobPage;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.Preferences;
import vastarc.web.layout.ReasonView;
import vastarc.web.request.PhraseJob;
import vastarc.web.request.WeldQuantityText;
import vastarc.web.service.JobMachines;
import vastarc.web.service.JobPlan;
import vastarc.web.service.JobPlanner;
import vastarc.web.service.OwnValueSaver;
import vastarc.web.service.ShopLearning;
import vastarc.web.service.ShopLearning.JobLessons;
import vastarc.web.service.ShopProcedures;
import vastarc.web.sheet.SheetPage.SheetSource;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.JobStore.HistoryResult;
import vastarc.web.store.job.JobStore.JobEdit;
import vastarc.web.store.job.JobStore.SaveResult;
import vastarc.web.store.job.JointText;
import vastarc.web.store.job.OwnValuesText;

/** Shows a job's sheet, and keeps every change to it. */
@Controller
class SheetController implements JobPage {

    /** Of the shop's procedures the nearest are shown. */
    private static final int PROCEDURES_SHOWN = 3;

    private final JobStore jobs;
    private final JobPlanner planner;
    private final JobMachines machines;
    private final ShopLearning learning;
    private final OwnValueSaver taker;
    private final Clock clock;

    private final ShopProcedures procedures;

    SheetController(
            JobStore jobs,
            JobPlanner planner,
            JobMachines machines,
            ShopLearning learning,
            OwnValueSaver taker,
            Clock clock,
            ShopProcedures procedures) {
        this.procedures = procedures;
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
    String page(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String line,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Job job = jobs.onBench(id).orElseThrow(() -> new NotFound("job"));
        model.addAttribute("line", PhraseJob.line(line));
        show(job, Optional.empty(), false, preferences, model);
        return "sheet/page";
    }

    private void show(Job job, Optional<Job> collidedWith, boolean stale, Preferences preferences, Model model) {
        JobPlan plan = planner.plan(job);
        model.addAttribute(
                "page",
                SheetPage.of(
                        new SheetSource(job, plan, planner.shopDefaults(), jobs.history(job), collidedWith, stale),
                        preferences.units()));
        model.addAttribute(
                "learned",
                machines.chosen(job.content())
                        .flatMap(machine -> plan.sheet()
                                .value()
                                .map(sheet -> learning.of(machine.name(), sheet, preferences.units())))
                        .orElseGet(JobLessons::nothing));
        model.addAttribute(
                "procedures",
                plan.sheet()
                        .value()
                        .map(sheet -> procedures.of(job.id(), sheet, preferences.units()).stream()
                                .limit(PROCEDURES_SHOWN)
                                .toList())
                        .orElse(List.of()));
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
        Optional<ParameterKey> key = ParameterKey.named(setting);
        HistoryResult there = jobs.edit(
                        id,
                        version.isEmpty() ? OptionalLong.empty() : JobStore.seen(version),
                        job -> key.filter(parameterKey -> figure.isPresent())
                                .flatMap(parameterKey ->
                                        taker.withValue(job.content(), parameterKey, figure.getAsDouble()))
                                .orElse(job.content()))
                .orElseThrow(() -> new NotFound("job"));
        return workspace(there.job(), Optional.empty(), there.stale(), preferences, model);
    }

    /** The reasoning behind one setting, asked for when the welder opens it. */
    @GetMapping("/jobs/{id}/sheet/why/{setting}")
    String why(
            @PathVariable UUID id,
            @PathVariable String setting,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        Optional<Job> job = jobs.find(id);
        boolean first = job.filter(found -> found.content().pass() == 1).isPresent();
        ReasonView reason = job.flatMap(found -> planner.plan(found).sheet().value())
                .flatMap(sheet -> ParameterKey.named(setting).flatMap(sheet::find))
                .map(found -> ReasonView.of(found, first, preferences.units()))
                .orElseThrow(() -> new NotFound("setting"));
        model.addAttribute("reason", reason);
        return "ui/reason :: reason";
    }

    /** Stores a change and answers with the workspace alone. The header {@code X-Job} names the job that now holds it. */
    @PostMapping("/jobs/{id}/sheet")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            HttpServletResponse response,
            Model model) {
        SaveResult saved = jobs.save(
                        id,
                        JobStore.version(sent.get("version")),
                        before -> new JobEdit(
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
        JointText typed = placed(
                before.joint(), followed(before.joint(), before.joint().changedTo(sent, JointText.FIELDS, units)));
        JointText joint =
                WeldQuantityText.changed(typed, sent, Set.of(WeldQuantityText.SEAMS, WeldQuantityText.SEAM), units);
        boolean sameControl =
                joint.text(WeldFields.CONTROL).equals(before.joint().text(WeldFields.CONTROL));
        JobContent after = before.with(joint).withSchools(methods(sent)).onPass(sent.get("pass"));
        return before.opened(sameControl ? after : after.with(Optional.empty()));
    }

    /** Where both members were of one metal and that is changed, the other member follows. */
    private static JointText followed(JointText before, JointText after) {
        Optional<String> metal = before.text(WeldFields.MATERIAL);
        boolean alike = before.text(WeldFields.OTHER_MATERIAL).or(() -> metal).equals(metal);
        boolean untouched = after.text(WeldFields.OTHER_MATERIAL).equals(metal);
        return alike && untouched ? after.with(WeldFields.OTHER_MATERIAL, Optional.empty()) : after;
    }

    /** Where the position was the usual one of the joint's form and another form is chosen, that one's usual position follows. */
    private static JointText placed(JointText before, JointText after) {
        Optional<String> usual = usualPosition(before);
        boolean untouched = after.text(WeldFields.POSITION).equals(before.text(WeldFields.POSITION))
                && before.text(WeldFields.POSITION).equals(usual);
        boolean otherForm = !after.text(WeldFields.JOINT).equals(before.text(WeldFields.JOINT));
        return otherForm && untouched ? after.with(WeldFields.POSITION, usualPosition(after)) : after;
    }

    private static Optional<String> usualPosition(JointText joint) {
        return joint.form().map(form -> form.usualPosition().name());
    }

    private static Map<ParameterTopic, Method> methods(Map<String, String> sent) {
        Map<ParameterTopic, Method> methods = new EnumMap<>(ParameterTopic.class);
        for (Method method : Method.values()) {
            ParameterTopic topic = method.matter();
            if (topic != null && method.name().equals(sent.get(JobContent.SCHOOL + topic.name()))) {
                methods.put(topic, method);
            }
        }
        return methods;
    }

    /** Takes a value of the welder's own, typed beside the reason of a figure of the first pass; an empty one gives it back to the engine. */
    @PostMapping("/jobs/{id}/sheet/own/{setting}")
    String own(
            @PathVariable UUID id,
            @PathVariable String setting,
            @RequestParam(defaultValue = "") String value,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return withOwn(
                id,
                setting,
                sent,
                preferences,
                model,
                (content, key) ->
                        content.pass() == 1 ? content.own().with(key, value, preferences.units()) : content.own());
    }

    private String withOwn(
            UUID id,
            String setting,
            Map<String, String> sent,
            Preferences preferences,
            Model model,
            BiFunction<JobContent, CycleKey, OwnValuesText> change) {
        CycleKey key = CycleKey.named(setting).orElseThrow(() -> new NotFound("setting"));
        return travelled(
                jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        before -> before.content().opened(before.content().with(change.apply(before.content(), key)))),
                preferences,
                model);
    }

    /** Gives one of the welder's own values back to the engine. */
    @PostMapping("/jobs/{id}/sheet/engine/{setting}")
    String engine(
            @PathVariable UUID id,
            @PathVariable String setting,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return withOwn(
                id,
                setting,
                sent,
                preferences,
                model,
                (content, key) -> content.own().without(key));
    }

    /** Takes one of the ways out of a refusal, counted from 0 as the page lists them. */
    @PostMapping("/jobs/{id}/sheet/way/{number}")
    String useAlternative(
            @PathVariable UUID id,
            @PathVariable int number,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return travelled(
                jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        before -> before.content().opened(withAlternative(before.content(), number))),
                preferences,
                model);
    }

    private JobContent withAlternative(JobContent content, int number) {
        List<Alternative> alternatives = planner.plan(content).alternatives();
        return number < 0 || number >= alternatives.size()
                ? content
                : content.with(
                        content.joint().changedBy(alternatives.get(number).change()));
    }

    /** Takes a point of the map beside the figures as own values; what is no point of a map changes nothing. */
    @PostMapping("/jobs/{id}/sheet/point")
    String point(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "") String pointA,
            @RequestParam(defaultValue = "") String pointTravel,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        OptionalDouble current = along(MapAxis.CURRENT, pointA);
        OptionalDouble travel = along(MapAxis.TRAVEL, pointTravel);
        return travelled(
                jobs.edit(
                        id,
                        JobStore.seen(sent.get("version")),
                        before -> current.isPresent() && travel.isPresent()
                                ? taker.at(before.content(), current.getAsDouble(), travel.getAsDouble())
                                : before.content()),
                preferences,
                model);
    }

    private static OptionalDouble along(MapAxis axis, String text) {
        OptionalDouble value = NumberReader.read(text);
        return value.isPresent() && axis.range().check(value.getAsDouble()).isEmpty() ? value : OptionalDouble.empty();
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
                day,
                planner.shopDefaults(),
                planner.plan(content).sheet().value().map(SheetDocument::of));
    }

    @Override
    public JobTab step() {
        return JobTab.SHEET;
    }

    @Override
    public String showAfterHistoryStep(
            HistoryResult there, Map<String, String> sent, Preferences preferences, Model model) {
        return workspace(there.job(), Optional.empty(), there.stale(), preferences, model);
    }
}
