package vastarc.web.purge;

import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import vastarc.core.finding.Outcome;
import vastarc.core.joint.JointLimits.Range;
import vastarc.core.purge.PurgePart;
import vastarc.core.purge.PurgePlan;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.Sheet;
import vastarc.web.kept.job.Job;
import vastarc.web.kept.job.JobContent;
import vastarc.web.kept.job.JobStore;
import vastarc.web.kept.job.PurgeText;
import vastarc.web.request.JobPlanner;
import vastarc.web.request.PurgeReader;
import vastarc.web.ui.NotFound;
import vastarc.web.ui.Preferences;

/** Shows a job's purge, keeps what is typed of it, and counts the wait. */
@Controller
class PurgeController {

    private final JobStore jobs;
    private final JobPlanner planner;
    private final Clock clock;

    PurgeController(JobStore jobs, JobPlanner planner, Clock clock) {
        this.jobs = jobs;
        this.planner = planner;
        this.clock = clock;
    }

    @GetMapping("/jobs/{id}/purge")
    String page(@PathVariable UUID id, @ModelAttribute("preferences") Preferences preferences, Model model) {
        show(jobs.onBench(id).orElseThrow(() -> new NotFound("job")), false, preferences, model);
        return "purge/page";
    }

    private void show(Job job, boolean stale, Preferences preferences, Model model) {
        Outcome<Sheet> sheet = planner.plan(job).sheet();
        model.addAttribute(
                "page",
                PurgePage.of(
                        new PurgePage.Source(
                                job, sheet.problems(), sheet.value(), jobs.history(job), clock.instant(), stale),
                        preferences.units()));
    }

    /** Keeps what is typed. What changes the purge itself takes the wait away; a reading, a tick or a note does not. */
    @PostMapping("/jobs/{id}/purge")
    String change(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            HttpServletResponse response,
            Model model) {
        JobStore.Saved saved = jobs.save(
                        id,
                        JobStore.version(sent.get("version")),
                        before -> before.with(changed(before.content(), sent, preferences.units())))
                .orElseThrow(() -> new NotFound("job"));
        response.setHeader("X-Job", saved.job().id().toString());
        show(saved.job(), false, preferences, model);
        return "purge/workspace :: workspace";
    }

    private JobContent changed(JobContent before, Map<String, String> sent, UnitSystem units) {
        Map<String, String> told = new LinkedHashMap<>(sent);
        told.remove(PurgeText.STARTED);
        told.remove(PurgeText.CONFIRMED);
        told.putIfAbsent(PurgeText.FELT, "");
        PurgeText after = before.purge().changedTo(told, units);
        boolean confirmed = !after.text(PurgeText.FELT).equals(before.purge().text(PurgeText.FELT))
                || !after.text(PurgeText.METER).equals(before.purge().text(PurgeText.METER));
        PurgeText dated = confirmed
                ? after.with(PurgeText.CONFIRMED, Optional.of(clock.instant().toString()))
                : after;
        return before.with(isSameGas(before.purge(), dated) ? dated : dated.unwaited());
    }

    /** Whether two say the same of what is filled and how. */
    private static boolean isSameGas(PurgeText one, PurgeText other) {
        return one.unwaited().equals(other.unwaited());
    }

    /** Adds a part to the chain, takes one out, or moves one before its neighbour. */
    @PostMapping("/jobs/{id}/purge/part")
    String part(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return edited(id, sent, preferences, model, before -> {
            List<PurgePart> parts = new ArrayList<>(parts(before));
            change(parts, sent);
            return parts.isEmpty() || parts.size() > PurgePlan.MOST_PARTS
                    ? before.purge()
                    : before.purge().withParts(told(parts)).unwaited();
        });
    }

    private static void change(List<PurgePart> parts, Map<String, String> sent) {
        for (PurgePart.Kind kind : PurgePart.Kind.values()) {
            if (kind.name().equals(sent.get("add"))) {
                parts.add(kind.usual());
            }
        }
        place(sent.getOrDefault("out", ""), parts).ifPresent(at -> parts.remove((int) at));
        place(sent.getOrDefault("on", ""), parts)
                .filter(at -> at + 1 < parts.size())
                .ifPresent(at -> parts.add(at + 1, parts.remove((int) at)));
    }

    private static Optional<Integer> place(String text, List<PurgePart> parts) {
        for (int i = 0; i < parts.size(); i++) {
            if (String.valueOf(i).equals(text)) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    private List<PurgePart> parts(JobContent content) {
        return planner.plan(content)
                .sheet()
                .value()
                .map(sheet -> PurgeReader.read(content.purge(), sheet).parts())
                .orElse(List.of());
    }

    private static Map<String, String> told(List<PurgePart> parts) {
        Map<String, String> told = new LinkedHashMap<>();
        for (int i = 0; i < parts.size(); i++) {
            PurgePart part = parts.get(i);
            String at = "purge.part." + i + ".";
            told.put(at + "kind", part.kind().name());
            part.kind().fields().forEach(range -> told.put(at + range.field(), shown(part, range)));
        }
        return told;
    }

    private static String shown(PurgePart part, Range range) {
        return UnitSystem.METRIC
                .show(Quantity.of(part.of(range.field()), range.unit()))
                .line();
    }

    /** The argon is opened, or shut again. */
    @PostMapping("/jobs/{id}/purge/start")
    String start(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        boolean open = !"false".equals(sent.get("open"));
        return edited(id, sent, preferences, model, before -> {
            PurgeText fresh = before.purge().unwaited();
            return open
                    ? fresh.with(PurgeText.STARTED, Optional.of(clock.instant().toString()))
                    : fresh;
        });
    }

    private String edited(
            UUID id,
            Map<String, String> sent,
            Preferences preferences,
            Model model,
            Function<JobContent, PurgeText> change) {
        UnaryOperator<JobContent> edit = content -> content.with(change.apply(content));
        return travelled(
                jobs.edit(id, JobStore.seen(sent.get("version")), before -> edit.apply(before.content())),
                preferences,
                model);
    }

    @PostMapping("/jobs/{id}/purge/undo")
    String undo(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return travelled(jobs.undo(id, JobStore.seen(sent.get("version"))), preferences, model);
    }

    @PostMapping("/jobs/{id}/purge/redo")
    String redo(
            @PathVariable UUID id,
            @RequestParam Map<String, String> sent,
            @ModelAttribute("preferences") Preferences preferences,
            Model model) {
        return travelled(jobs.redo(id, JobStore.seen(sent.get("version"))), preferences, model);
    }

    private String travelled(Optional<JobStore.Travelled> travelled, Preferences preferences, Model model) {
        JobStore.Travelled there = travelled.orElseThrow(() -> new NotFound("job"));
        show(there.job(), there.stale(), preferences, model);
        return "purge/workspace :: workspace";
    }
}
