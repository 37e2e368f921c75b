package vastarc.web.kept.drill;

import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.core.annotation.Order;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.format.CoreJson;
import vastarc.web.kept.archive.Known;
import vastarc.web.kept.archive.Part;

/** The answers of an archive's learners. */
@Component
@Order(110)
class DrillPart implements Part {

    private static final int SINCE = 8;
    private static final JsonMapper JSON = CoreJson.kept();

    private final JdbcClient database;
    private final DrillStore store;

    DrillPart(JdbcClient database, DrillStore store) {
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
                            .put(
                                    "at",
                                    row.getObject(5, OffsetDateTime.class)
                                            .toInstant()
                                            .toString()));
                });
    }

    @Override
    public Item read(JsonNode element, Known known) {
        return new DrillItem(
                database,
                known.fresh(file(), element),
                element.path("learner").asString(),
                element.path("topic").asString(),
                element.path("right").asBoolean(),
                Instant.parse(element.path("at").asString()).atOffset(ZoneOffset.UTC));
    }

    @Override
    public void taken() {
        store.makeRoom();
    }

    /** What was answered never changes: it is there, or it comes. */
    private record DrillItem(
            JdbcClient database, UUID id, String learner, String topic, boolean right, OffsetDateTime at)
            implements Item {

        private boolean isKept() {
            return database.sql("select 1 from drill_result where id = ?")
                    .param(id)
                    .query(Integer.class)
                    .optional()
                    .isPresent();
        }

        @Override
        public Optional<String> change() {
            return isKept() ? Optional.empty() : Optional.of("answers of " + learner + " in the drill come in");
        }

        @Override
        public void take() {
            if (!isKept()) {
                database.sql(
                                "insert into drill_result (id, learner, topic, correct, answered_at) values (?, ?, ?, ?, ?)")
                        .params(id, learner, topic, right, at)
                        .update();
            }
        }
    }
}
