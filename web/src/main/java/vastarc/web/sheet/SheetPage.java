package vastarc.web.sheet;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import vastarc.core.finding.Outcome;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.sheet.Sheet;
import vastarc.core.sheet.ShopWays;
import vastarc.web.job.History;
import vastarc.web.job.Job;
import vastarc.web.request.HabitReader;
import vastarc.web.request.JobPlan;

/**
 * The Sheet place, finished for display.
 *
 * @param id       job
 * @param version  version shown
 * @param name     of the job
 * @param notes    of the job
 * @param panel    the joint as typed
 * @param sheet    the sheet; empty where the joint has none
 * @param problems why there is none
 * @param kept     when the job was last kept
 * @param history  whether there is a step to undo or do again
 * @param proven   when the job was proven; empty where it is open
 * @param conflict the other version, where this edit met one
 */
public record SheetPage(
        String id,
        long version,
        String name,
        String notes,
        JointPanel panel,
        Optional<SheetView> sheet,
        List<String> problems,
        Instant kept,
        History history,
        String proven,
        Optional<Conflict> conflict) {

    /** The job that an edit would have overwritten. */
    public record Conflict(String id, String name, Instant changed, boolean deleted) {}

    static SheetPage of(Job job, History history, Optional<Job> collidedWith, ShopWays ways, UnitSystem units) {
        Outcome<Sheet> outcome = JobPlan.sheet(job.form(), ways);
        return new SheetPage(
                job.id().toString(),
                job.version(),
                job.name(),
                job.notes(),
                JointPanel.of(job.form(), outcome.problems(), ways, units),
                outcome.value().map(sheet -> SheetView.of(sheet, units)),
                outcome.problems().stream()
                        .map(problem -> problem.message(units))
                        .toList(),
                job.changedAt(),
                history,
                job.form().text(HabitReader.PROVEN).orElse(""),
                collidedWith.map(other ->
                        new Conflict(other.id().toString(), other.name(), other.changedAt(), other.isDeleted())));
    }

    /** Address of the other version. */
    public String otherAddress() {
        return conflict.map(other -> "/jobs/" + other.id() + "/sheet").orElse("");
    }
}
