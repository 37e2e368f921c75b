package vastarc.web.logbook;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.stereotype.Component;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.core.record.weldlog.ArcShape;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.RunAnalysis;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.web.service.OxygenLog;
import vastarc.web.store.document.Document;
import vastarc.web.store.job.PurgeText;
import vastarc.web.store.register.PaperUses;
import vastarc.web.store.register.PaperUses.ChosenPaper;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.Photograph;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;

/** Takes a run out of the logbook with all that belongs to it, read. */
@Component
class Logbook {

    private final WeldRunService runs;
    private final PhotoStore photos;
    private final PaperUses uses;

    Logbook(WeldRunService runs, PhotoStore photos, PaperUses uses) {
        this.runs = runs;
        this.photos = photos;
        this.uses = uses;
    }

    /**
     * A run opened.
     *
     * @param record empty for one that came from a table, or where it cannot be read
     * @param fault  why it cannot be read; empty where it can
     * @param sheet  as it was; empty likewise
     * @param seen   what the readings say
     * @param papers  that went into it, of every register
     */
    record OpenedRun(
            WeldRun run,
            Optional<RunRecord> record,
            String fault,
            Optional<SheetDocument> sheet,
            Recording trace,
            RunAnalysis seen,
            List<RunEvent> events,
            List<Photograph> photos,
            List<ChosenPaper> papers) {

        /** What was read of oxygen before the strike. */
        OxygenLog oxygen() {
            return OxygenLog.of(new PurgeText(record.map(RunRecord::purge).orElse(Map.of()), Map.of()));
        }

        Optional<ArcShape> shape() {
            return seen.shape();
        }
    }

    Optional<OpenedRun> open(UUID id) {
        return runs.find(id).map(run -> {
            Optional<Document<RunRecord>> document = runs.record(id);
            Optional<RunRecord> record = document.flatMap(Document::value);
            Recording recording = runs.trace(id);
            OptionalDouble seam = run.figures().seamMm();
            return new OpenedRun(
                    run,
                    record,
                    document.map(Document::fault).orElse(""),
                    record.flatMap(runs::sheet).flatMap(Document::value),
                    recording,
                    RunAnalysis.of(recording, seam, record.map(RunRecord::plan)),
                    runs.events(id),
                    new ArrayList<>(photos.of(id)),
                    uses.ofRun(id));
        });
    }
}
