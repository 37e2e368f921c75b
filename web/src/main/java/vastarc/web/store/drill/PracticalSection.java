package vastarc.web.store.drill;

import java.time.Instant;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.training.PracticalTest;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ImmutableRow;
import vastarc.web.store.document.Document;

/** The practical tests of an archive. */
@Component
class PracticalSection implements ArchiveSection {

    private static final int SINCE = 11;
    private static final String TEST = "test";
    private static final String UNREAD = "unread";
    private static final JsonMapper JSON = CoreJson.kept();

    private final PracticalResultRepository results;
    private final PracticalStore store;

    PracticalSection(PracticalResultRepository results, PracticalStore store) {
        this.results = results;
        this.store = store;
    }

    @Override
    public String file() {
        return "practical-tests.json";
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        results.findAllByOrderByDoneAtAscIdAsc().forEach(result -> out.accept(element(result)));
    }

    private static ObjectNode element(PracticalResult result) {
        ObjectNode element = JSON.createObjectNode()
                .put("id", result.getId().toString())
                .put("learner", result.learner())
                .put("job", result.job())
                .put("at", result.doneAt().toString());
        result.test()
                .value()
                .ifPresentOrElse(
                        test -> element.set(TEST, PracticalResult.FORMAT.content(test)),
                        () -> element.put(UNREAD, result.test().text()));
        return element;
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        String learner = element.path("learner").asString();
        return new ImmutableRow<>(
                results,
                new PracticalResult(
                        id,
                        learner,
                        element.path("job").asString(),
                        Instant.parse(element.path("at").asString()),
                        test(element)),
                id,
                "a practical test of " + learner + " comes in");
    }

    private static Document<PracticalTest> test(JsonNode element) {
        return element.has(UNREAD)
                ? PracticalResult.FORMAT.read(element.path(UNREAD).asString())
                : Document.of(
                        PracticalResult.FORMAT,
                        PracticalResult.FORMAT.read(element.get(TEST), PracticalResult.FORMAT.today()));
    }

    @Override
    public void makeRoom() {
        store.makeRoom();
    }
}
