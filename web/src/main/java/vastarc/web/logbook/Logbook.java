package vastarc.web.logbook;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import vastarc.core.plan.SheetDocument;
import vastarc.core.run.ArcShape;
import vastarc.core.run.RunAnalysis;
import vastarc.core.run.RunEvent;
import vastarc.core.run.Trace;
import vastarc.web.kept.document.Document;
import vastarc.web.kept.run.PhotoStore;
import vastarc.web.kept.run.Photograph;
import vastarc.web.kept.run.Run;
import vastarc.web.kept.run.RunRecord;
import vastarc.web.kept.run.RunStore;

/** Takes a run out of the logbook with all that belongs to it, read. */
@Component
class Logbook {

    private final RunStore runs;
    private final PhotoStore photos;

    Logbook(RunStore runs, PhotoStore photos) {
        this.runs = runs;
        this.photos = photos;
    }

    /**
     * A run opened.
     *
     * @param record empty for one that came from a table, or where it cannot be read
     * @param fault  why it cannot be read; empty where it can
     * @param sheet  as it was; empty likewise
     * @param seen   what the readings say
     */
    record Opened(
            Run run,
            Optional<RunRecord> record,
            String fault,
            Optional<SheetDocument> sheet,
            Trace trace,
            RunAnalysis seen,
            List<RunEvent> events,
            List<Photograph> photos) {

        Optional<ArcShape> shape() {
            return seen.shape();
        }
    }

    Optional<Opened> open(UUID id) {
        return runs.find(id).map(run -> {
            Optional<Document<RunRecord>> document = runs.record(id);
            Optional<RunRecord> record = document.flatMap(Document::value);
            Trace trace = runs.trace(id);
            OptionalDouble seam = run.figures().seamMm();
            return new Opened(
                    run,
                    record,
                    document.map(Document::fault).orElse(""),
                    record.flatMap(runs::sheet).flatMap(Document::value),
                    trace,
                    RunAnalysis.of(trace, seam, record.map(RunRecord::plan)),
                    runs.events(id),
                    new ArrayList<>(photos.of(id)));
        });
    }
}
