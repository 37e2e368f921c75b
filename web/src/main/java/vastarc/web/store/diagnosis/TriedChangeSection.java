package vastarc.web.store.diagnosis;

import java.util.List;
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

/** The changes of an archive that were tried, and the result of them. */
@Component
class TriedChangeSection implements ArchiveSection {

    private static final JsonMapper JSON = CoreJson.kept();

    private final JdbcClient database;
    private final DiagnosisStore store;

    TriedChangeSection(JdbcClient database, DiagnosisStore store) {
        this.database = database;
        this.store = store;
    }

    @Override
    public String file() {
        return "tried.json";
    }

    @Override
    public int since() {
        return ObservationsSection.SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        database.sql("select id, job_id, cause, result, seen, tried_at from reading_outcome order by tried_at, id")
                .query(row -> {
                    out.accept(JSON.createObjectNode()
                            .put("id", row.getString(1))
                            .put("job", row.getString(2))
                            .put("cause", row.getString(3))
                            .put("result", row.getString(4))
                            .put("seen", row.getString(5))
                            .put("at", ImmutableRow.moment(row, 6)));
                });
    }

    /** Its job may have gone for good since: what was learned stays. */
    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        List<Object> row = List.of(
                id,
                UUID.fromString(element.path("job").asString()),
                element.path("cause").asString(),
                element.path("result").asString(),
                element.path("seen").asString(),
                ImmutableRow.moment(element, "at"));
        return new ImmutableRow(
                database,
                "reading_outcome",
                id,
                "a change that was tried comes in",
                () -> database.sql(
                                "insert into reading_outcome (id, job_id, cause, result, seen, tried_at) values (?, ?, ?, ?, ?, ?)")
                        .params(row)
                        .update());
    }

    @Override
    public void makeRoom() {
        store.makeRoom();
    }
}
