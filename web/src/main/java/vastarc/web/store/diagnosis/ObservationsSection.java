package vastarc.web.store.diagnosis;

import java.time.OffsetDateTime;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.archive.ImmutableRow;

/** What was seen of the beads of an archive's jobs. */
@Component
class ObservationsSection implements ArchiveSection {

    static final int SINCE = 8;

    private static final JsonMapper JSON = CoreJson.kept();

    private final JdbcClient database;

    ObservationsSection(JdbcClient database) {
        this.database = database;
    }

    @Override
    public String file() {
        return "bead-marks.json";
    }

    @Override
    public Set<String> needs() {
        return Set.of(ArchiveIds.JOBS);
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        database.sql("select job_id, marks, changed_at from job_reading order by job_id")
                .query(row -> {
                    out.accept(JSON.createObjectNode()
                            .put("job", row.getString(1))
                            .put("marks", row.getString(2))
                            .put("changed", ImmutableRow.moment(row, 3)));
                });
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        return new ObservationsItem(
                database,
                known.pointed(ArchiveIds.JOBS, element, "job"),
                element.path("marks").asString(),
                ImmutableRow.moment(element, "changed"));
    }

    private record ObservationsItem(JdbcClient database, UUID job, String marks, OffsetDateTime changed)
            implements ArchiveElement {

        @Override
        public Optional<String> change() {
            Optional<String> kept = database.sql("select marks from job_reading where job_id = ?")
                    .param(job)
                    .query(String.class)
                    .optional();
            return kept.filter(marks::equals).isPresent()
                    ? Optional.empty()
                    : Optional.of(
                            kept.isPresent()
                                    ? "what was seen of a bead is replaced"
                                    : "what was seen of a bead comes in");
        }

        @Override
        public void take() {
            int replaced = database.sql(
                            "update job_reading set version = version + 1, marks = ?, changed_at = ? where job_id = ? and marks <> ?")
                    .params(marks, changed, job, marks)
                    .update();
            if (replaced == 0) {
                database.sql("insert into job_reading (job_id, version, marks, changed_at) select ?, 0, ?, ? "
                                + "where not exists (select 1 from job_reading where job_id = ?)")
                        .params(job, marks, changed, job)
                        .update();
            }
        }
    }
}
