package vastarc.web.store.run;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.web.store.document.Document;

/** What a run was welded with and how it went, as the text it is stored as; its sheet has a column of its own. */
@Entity
@Table(name = "run_record")
class RunRecordRow {

    @Id
    private UUID runId;

    private String record;
    private @Nullable UUID sheetId;

    protected RunRecordRow() {}

    RunRecordRow(UUID run, Document<RunRecord> record) {
        this.runId = run;
        this.record = record.text();
        this.sheetId = record.value().map(RunRecord::sheet).orElse(null);
    }

    Document<RunRecord> record() {
        return RunRecord.FORMAT.read(record);
    }

    @Nullable
    UUID sheet() {
        return sheetId;
    }
}
