package vastarc.web.store.run;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.coach.HeardCoach;
import vastarc.core.record.procedure.PaperNote;
import vastarc.core.record.weldlog.Deviation;
import vastarc.core.record.weldlog.HeatInput;
import vastarc.core.record.weldlog.RunPlan;
import vastarc.web.format.CoreJson;
import vastarc.web.store.document.DocumentFormat;

/**
 * What is only read with the run itself.
 *
 * @param sheet    its sheet as it was, by id
 * @param plan     what it was meant to be
 * @param torch    fitted
 * @param pass     of the weld, from 1
 * @param plannedMm length of the seam as planned, mm
 * @param meanA    over all arcs, from readings or from a clamp meter read by the welder, A
 * @param peakA    A
 * @param rmsA     A
 * @param heat     both ways; empty without a length
 * @param open     what of the check before the strike was not ticked
 * @param purge    as it was
 * @param findings what differed
 * @param procedures numbers of the shop's procedures that the sheet kept within at the strike; none where the shop had none, or it left them all
 * @param papers   what the shop's papers said against it at the strike, and who signed for it
 * @param heard    of the coach; empty where nothing was
 */
public record RunRecord(
        UUID sheet,
        RunPlan plan,
        String torch,
        int pass,
        double plannedMm,
        OptionalDouble meanA,
        OptionalDouble peakA,
        OptionalDouble rmsA,
        Optional<HeatInput> heat,
        List<String> open,
        Map<String, String> purge,
        List<Deviation> findings,
        List<String> procedures,
        List<PaperNote> papers,
        Optional<HeardCoach> heard) {

    /** Longest note, characters. */
    public static final int MAX_NOTE = 2000;

    private static final JsonMapper JSON = CoreJson.kept();

    /** How it is stored. */
    public static final DocumentFormat<RunRecord> FORMAT = DocumentFormat.of(
            "run",
            JSON,
            RunRecord.class,
            List.of(RunRecord::withProcedures, RunRecord::withPapers, RunRecord::withCoach));

    public RunRecord {
        open = List.copyOf(open);
        purge = OrderedCollections.map(purge);
        findings = List.copyOf(findings);
        procedures = List.copyOf(procedures);
        papers = List.copyOf(papers);
    }

    /** Runs from before the shop's procedures keep none. */
    private static JsonNode withProcedures(JsonNode node) {
        ObjectNode document = ((ObjectNode) node).deepCopy();
        document.putArray("procedures");
        return document;
    }

    /** Runs from before the shop's registers keep none. */
    private static JsonNode withPapers(JsonNode node) {
        ObjectNode document = ((ObjectNode) node).deepCopy();
        document.putArray("papers");
        return document;
    }

    /** Runs from before the coach's cues were kept have none. */
    private static JsonNode withCoach(JsonNode node) {
        ObjectNode document = ((ObjectNode) node).deepCopy();
        document.putNull("heard");
        return document;
    }

    /**
     * {@return the same with what the papers said signed for, where nobody had}
     *
     * @param name who answers for it
     */
    RunRecord signed(String name) {
        return with(
                new Outcome(meanA, peakA, rmsA, heat, findings),
                papers.stream()
                        .map(note -> note.isSigned() ? note : new PaperNote(note.says(), name))
                        .toList(),
                heard);
    }

    /**
     * With its result.
     *
     * @param came how the run came out
     * @param coach what was heard of the coach; empty where that is not said anew
     * @return the run record
     */
    public RunRecord with(Outcome came, Optional<HeardCoach> coach) {
        return with(came, papers, coach.or(() -> heard));
    }

    private RunRecord with(Outcome came, List<PaperNote> notes, Optional<HeardCoach> coach) {
        return new RunRecord(
                sheet,
                plan,
                torch,
                pass,
                plannedMm,
                came.meanA(),
                came.peakA(),
                came.rmsA(),
                came.heat(),
                open,
                purge,
                came.findings(),
                procedures,
                notes,
                coach);
    }

    /** The result of a run, as it is closed. */
    public record Outcome(
            OptionalDouble meanA,
            OptionalDouble peakA,
            OptionalDouble rmsA,
            Optional<HeatInput> heat,
            List<Deviation> findings) {}
}
