package vastarc.web.store.run;

import java.time.OffsetDateTime;
import java.util.Optional;
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

/** What an archive remembers of the columns of meters' tables. */
@Component
class ColumnsSection implements ArchiveSection {

    private static final int SINCE = 8;
    private static final JsonMapper JSON = CoreJson.kept();

    private final JdbcClient database;
    private final TraceColumns columns;

    ColumnsSection(JdbcClient database, TraceColumns columns) {
        this.database = database;
        this.columns = columns;
    }

    @Override
    public String file() {
        return "trace-columns.json";
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        database.sql("select heading, chosen, used_at from trace_columns order by heading")
                .query(row -> {
                    out.accept(JSON.createObjectNode()
                            .put("heading", row.getString(1))
                            .put("chosen", row.getString(2))
                            .put("used", ImmutableRow.moment(row, 3)));
                });
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        return new ColumnsItem(
                database,
                element.path("heading").asString(),
                element.path("chosen").asString(),
                ImmutableRow.moment(element, "used"));
    }

    @Override
    public void makeRoom() {
        columns.makeRoom();
    }

    private record ColumnsItem(JdbcClient database, String heading, String chosen, OffsetDateTime used)
            implements ArchiveElement {

        private boolean isStored() {
            return database.sql("select chosen from trace_columns where heading = ?")
                    .param(heading)
                    .query(String.class)
                    .optional()
                    .filter(chosen::equals)
                    .isPresent();
        }

        @Override
        public Optional<String> change() {
            return isStored() ? Optional.empty() : Optional.of("the columns of a meter’s table come in");
        }

        @Override
        public void take() {
            if (!isStored()) {
                database.sql("merge into trace_columns (heading, chosen, used_at) key (heading) values (?, ?, ?)")
                        .params(heading, chosen, used)
                        .update();
            }
        }
    }
}
