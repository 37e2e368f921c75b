package vastarc.web.bench;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.JointDrawing;
import vastarc.web.job.NextStep;
import vastarc.web.layout.JobTab;
import vastarc.web.layout.JointLine;
import vastarc.web.layout.Labels;
import vastarc.web.layout.Pages;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.ListPage;
import vastarc.web.store.job.Job;

/**
 * The bench, finished for display.
 *
 * @param jobs    newest first, those of one page
 * @param pages   the way to the others
 * @param find    what was looked for; empty for everything
 * @param away    jobs archived
 * @param deleted the job just taken off, which can be put back
 */
public record BenchPage(List<JobCard> jobs, Pages pages, String find, long away, Optional<DeletedJob> deleted) {

    /** Jobs of one piece beside each other; a job of none alone, without a name. */
    public record AssemblyCard(String name, List<JobCard> jobs) {}

    /** The jobs by piece, each where the newest of them lies. */
    public List<AssemblyCard> pieces() {
        Map<String, List<JobCard>> pieces = new LinkedHashMap<>();
        for (JobCard job : jobs) {
            String key = job.piece().isEmpty() ? "job " + job.id() : "piece " + job.piece();
            pieces.computeIfAbsent(key, fresh -> new ArrayList<>()).add(job);
        }
        return pieces.values().stream()
                .map(together ->
                        new AssemblyCard(together.size() > 1 ? together.get(0).piece() : "", together))
                .toList();
    }

    /** A job that can be put back. */
    public record DeletedJob(String id, String name) {}

    /**
     * A job on the bench.
     *
     * @param piece   it belongs to; may be empty
     * @param joint   what is joined, in a line
     * @param notes   as typed
     * @param proven  when it was proven; empty where it is open
     * @param figures what to set first; empty where the joint has no sheet
     * @param drawing the joint in section; empty where there is no sheet
     * @param problem why there is no sheet; empty where there is one
     * @param fault   why what is stored cannot be read; empty where it can
     * @param next    the room it is to go to next; empty where nothing is left to do, or it cannot be read
     * @param nextWords what for
     */
    public record JobCard(
            String id,
            String name,
            String piece,
            String joint,
            String notes,
            String proven,
            List<CardFigure> figures,
            Optional<Drawing> drawing,
            String problem,
            String fault,
            Optional<JobTab> next,
            String nextWords) {}

    /** A figure of a card. */
    public record CardFigure(String name, String figure, String unit) {
        public CardFigure {
            name = Labels.of(name);
        }
    }

    private static final List<ParameterKey> FIRST = List.of(
            ParameterKey.WORKING_CURRENT,
            ParameterKey.TUNGSTEN_DIAMETER,
            ParameterKey.CUP_SIZE,
            ParameterKey.GAS_FLOW,
            ParameterKey.WIRE_DIAMETER);

    static BenchPage of(
            ListPage<Job> jobs, String find, long away, Optional<Job> deleted, JobPlanner planner, UnitSystem units) {
        return new BenchPage(
                jobs.map(job -> job.document().isReadable() ? card(job, planner, units) : unreadable(job)),
                Pages.of(jobs, "/", find),
                find,
                away,
                deleted.filter(Job::isDeleted)
                        .map(job -> new DeletedJob(job.id().toString(), job.name())));
    }

    /** What is stored of the job cannot be read: it is shown as such, and can be mended. */
    private static JobCard unreadable(Job job) {
        return new JobCard(
                job.id().toString(),
                job.name(),
                "",
                "",
                job.notes(),
                "",
                List.of(),
                Optional.empty(),
                "",
                job.document().fault(),
                Optional.empty(),
                "");
    }

    private static JobCard card(Job job, JobPlanner planner, UnitSystem units) {
        Outcome<SetupSheet> outcome = planner.plan(job).sheet();
        Optional<NextStep> next = NextStep.of(job.content(), outcome.value());
        return new JobCard(
                job.id().toString(),
                job.name(),
                job.content().joint().work("work.piece").orElse("").strip(),
                outcome.value().map(sheet -> JointLine.of(sheet, units)).orElse(""),
                job.notes(),
                job.content().proof().map(proof -> proof.day().toString()).orElse(""),
                outcome.value().map(sheet -> figures(sheet, units)).orElse(List.of()),
                outcome.value().map(sheet -> JointDrawing.of(sheet, units)),
                outcome.problems().stream()
                        .map(problem -> problem.message(units))
                        .findFirst()
                        .orElse(""),
                "",
                next.map(NextStep::step),
                next.map(NextStep::words).orElse(""));
    }

    private static String say(String key) {
        return Phrasebook.say(Phrase.of(key), UnitSystem.METRIC);
    }

    static List<CardFigure> figures(SetupSheet sheet, UnitSystem units) {
        return FIRST.stream().map(key -> figure(sheet.setting(key), units)).toList();
    }

    private static CardFigure figure(Parameter parameter, UnitSystem units) {
        String name = say(parameter.key().words());
        return parameter
                .window()
                .map(range -> units.show(parameter.quantity()))
                .map(shown -> new CardFigure(name, shown.figure(), shown.unit()))
                .orElseGet(() ->
                        new CardFigure(name, Phrasebook.say(parameter.text().orElseThrow(), units), ""));
    }
}
