package vastarc.web.kept.rehearsal;

import java.util.List;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.joint.Weld;
import vastarc.core.rehearsal.Hand;
import vastarc.core.rehearsal.Quality;
import vastarc.core.rehearsal.Rehearsal;
import vastarc.core.wording.Phrase;
import vastarc.web.format.CoreJson;
import vastarc.web.kept.document.DocumentFormat;

/**
 * A rehearsal as it is kept. It says the same however the engine moves afterwards.
 *
 * @param engine   that made it
 * @param weld     joint and practice
 * @param currentA working current, A
 * @param seamMm   length rehearsed, mm
 * @param changed  what was changed beside the job's own weld
 * @param hand     that led the torch
 * @param quality  how finely the joint was cut
 * @param legMm    how far the members reached, mm
 * @param outcome  what came of it
 * @param verdict  the same in words
 */
public record RehearsalRecord(
        String engine,
        Weld weld,
        double currentA,
        double seamMm,
        Phrase changed,
        Hand hand,
        Quality quality,
        double legMm,
        Rehearsal outcome,
        List<Phrase> verdict) {

    private static final JsonMapper JSON = CoreJson.kept();

    /** How it is kept. */
    public static final DocumentFormat<RehearsalRecord> FORMAT =
            DocumentFormat.of("rehearsal", JSON, RehearsalRecord.class, List.of());

    public RehearsalRecord {
        verdict = List.copyOf(verdict);
    }
}
