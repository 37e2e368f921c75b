package vastarc.web.store.drill;

import java.time.Instant;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
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

    private final DrillAnswerRepository answers;
    private final DrillStore store;

    DrillSection(DrillAnswerRepository answers, DrillStore store) {
        this.answers = answers;
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
        try (Stream<DrillAnswer> all = answers.streamAllByOrderByAnsweredAtAscIdAsc()) {
            all.forEach(answer -> out.accept(JSON.createObjectNode()
                    .put("id", answer.getId().toString())
                    .put("learner", answer.learner())
                    .put("topic", answer.topicName())
                    .put("right", answer.isRight())
                    .put("at", answer.answeredAt().toString())));
        }
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        String learner = element.path("learner").asString();
        DrillAnswer answer = new DrillAnswer(
                id,
                learner,
                element.path("topic").asString(),
                element.path("right").asBoolean(),
                Instant.parse(element.path("at").asString()));
        return new ImmutableRow<>(answers, answer, id, "answers of " + learner + " in the drill come in");
    }

    @Override
    public void makeRoom() {
        store.makeRoom();
    }
}
