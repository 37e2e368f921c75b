package vastarc.web.sheet;

import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.advice.plan.SheetDocument.ChangedFigure;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.domain.joint.JointForm;
import vastarc.web.layout.Labels;
import vastarc.web.service.JobPlan;
import vastarc.web.store.job.History;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.ProvenSheet;

/**
 * The Sheet place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param notes    of the job
 * @param tack     the tack is what score and panel show
 * @param panel    the joint as typed
 * @param sheet    the sheet; empty where the joint has none
 * @param problems why there is none
 * @param ways     the nearest welds that have one, each to be taken by a tap
 * @param kept     when the job was last kept
 * @param history  whether there is a step to undo or do again
 * @param proven   what it was proven with; empty where it is open
 * @param conflict the other version, where this edit met one
 * @param stale    a step through the history was asked for on an older version than the one kept, and not taken
 * @param cope     where the cope of a saddle is drawn; empty for other joints
 */
public record SheetPage(
        String id,
        long version,
        String name,
        String notes,
        boolean tack,
        JointPanel panel,
        Optional<SheetView> sheet,
        List<String> problems,
        List<String> ways,
        Instant kept,
        History history,
        Optional<ProvenView> proven,
        Optional<JobConflict> conflict,
        boolean stale,
        String cope) {

    /** {@return whether nobody has said yet what the job is} */
    public boolean isUntitled() {
        return name.equals(Job.UNTITLED);
    }

    /** The job that an edit would have overwritten. */
    public record JobConflict(String id, String name, Instant changed, boolean deleted) {}

    /**
     * A proven sheet, and what would be different today.
     *
     * @param day    of the proof
     * @param kept   the sheet itself is stored, not only the ways it was made by
     * @param engine that made the sheet
     * @param moved  what today's engine would set otherwise
     */
    public record ProvenView(String day, boolean kept, String engine, List<MovedLine> moved) {}

    /** A figure as it was proven, as the engine would set it now, and by how much that is more or less. */
    public record MovedLine(String name, String then, String now, String by) {
        public MovedLine {
            name = Labels.of(name);
        }
    }

    /** What the page is made from. */
    record SheetSource(
            Job job, JobPlan plan, ShopDefaults shop, History history, Optional<Job> collidedWith, boolean stale) {}

    static SheetPage of(SheetSource source, UnitSystem units) {
        Job job = source.job();
        Outcome<SetupSheet> outcome = source.plan().sheet();
        return new SheetPage(
                job.id().toString(),
                job.version(),
                job.name(),
                job.notes(),
                job.content().isTack(),
                JointPanel.of(job.content(), outcome.problems(), source.shop(), units),
                outcome.value().map(sheet -> SheetView.of(sheet, source.plan().ownProblemsOfSheet(), units)),
                outcome.problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                outcome.value().isPresent()
                        ? List.of()
                        : source.plan().alternatives().stream()
                                .map(alternative -> Phrasebook.say(alternative.says(), units))
                                .toList(),
                job.changedAt(),
                source.history(),
                job.content().proof().map(proof -> proven(proof, source.plan(), units)),
                source.collidedWith()
                        .map(other -> new JobConflict(
                                other.id().toString(), other.name(), other.changedAt(), other.isDeleted())),
                source.stale(),
                outcome.value().map(SheetPage::cope).orElse(""));
    }

    private static ProvenView proven(ProvenSheet proof, JobPlan plan, UnitSystem units) {
        return new ProvenView(
                proof.day().toString(),
                proof.sheet().isPresent(),
                proof.sheet().map(SheetDocument::engine).orElse(""),
                plan.moved().stream().map(moved -> line(moved, units)).toList());
    }

    private static MovedLine line(ChangedFigure moved, UnitSystem units) {
        return new MovedLine(
                Phrasebook.say(Phrase.of(moved.key().words()), units),
                moved.then().map(parameter -> parameter.shown(units)).orElse("–"),
                moved.now().map(parameter -> parameter.shown(units)).orElse("–"),
                moved.then()
                        .flatMap(then -> moved.now().flatMap(now -> by(then, now)))
                        .orElse(""));
    }

    private static Optional<String> by(Parameter then, Parameter now) {
        boolean figures = then.window().isPresent() && now.window().isPresent() && then.value() != 0;
        return figures
                ? Optional.of(String.format(Locale.ROOT, "%+.0f %%", 100 * (now.value() - then.value()) / then.value()))
                : Optional.empty();
    }

    private static String cope(SetupSheet sheet) {
        return sheet.joint().form() != JointForm.TUBE_SADDLE
                ? ""
                : sheet.joint()
                        .tubeOd()
                        .map(od -> String.format(
                                Locale.ROOT,
                                "/cope?branch=%.2f%%20mm&run=%.2f%%20mm&angle=%.0f",
                                od.inMillimetres(),
                                od.inMillimetres(),
                                sheet.joint().copeAngleDeg()))
                        .orElse("");
    }

    /** Address of the other version. */
    public String otherAddress() {
        return conflict.map(other -> "/jobs/" + other.id() + "/sheet").orElse("");
    }
}
