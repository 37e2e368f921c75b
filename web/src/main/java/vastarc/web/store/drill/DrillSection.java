package vastarc.web.store.drill;

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

/** The answers of an archive's learners. */
@Component
class DrillSection implements ArchiveSection {

    private static final int SINCE = 8;
    private static final JsonMapper JSON = CoreJson.kept();

    private final JdbcClient database;
    private final DrillStore store;

    DrillSection(JdbcClient database, DrillStore store) {
        this.database = database;
        this.store = store;
    }

    @Override
    public String file() {
        return "drill.json";
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        database.sql("select id, learner, topic, correct, answered_at from drill_result order by answered_at, id")
                .query(row -> {
                    out.accept(JSON.createObjectNode()
                            .put("id", row.getString(1))
                            .put("learner", row.getString(2))
                            .put("topic", row.getString(3))
                            .put("right", row.getBoolean(4))
                            .put("at", ImmutableRow.moment(row, 5)));
                });
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        String learner = element.path("learner").asString();
        List<Object> row = List.of(
                id,
                learner,
                element.path("topic").asString(),
                element.path("right").asBoolean(),
                ImmutableRow.moment(element, "at"));
        return new ImmutableRow(
                database,
                "drill_result",
                id,
                "answers of " + learner + " in the drill come in",
                () -> database.sql(
                                "insert into drill_result (id, learner, topic, correct, answered_at) values (?, ?, ?, ?, ?)")
                        .params(row)
                        .update());
    }

    @Override
    public void makeRoom() {
        store.makeRoom();
    }
}
