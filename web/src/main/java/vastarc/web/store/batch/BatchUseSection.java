package vastarc.web.store.batch;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;

/** Which batches jobs and runs of an archive have. */
@Component
class BatchUseSection implements ArchiveSection {

    private static final int SINCE = 11;
    private static final String JOB = "job";
    private static final String RUN = "run";
    private static final JsonMapper JSON = CoreJson.kept();

    private final BatchUseRepository uses;

    BatchUseSection(BatchUseRepository uses) {
        this.uses = uses;
    }

    @Override
    public String file() {
        return "batch-uses.json";
    }

    @Override
    public Set<String> needs() {
        return Set.of(ArchiveIds.JOBS, ArchiveIds.RUNS);
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        uses.inOrder()
                .forEach(use -> out.accept(JSON.createObjectNode()
                        .put(JOB, use.job().map(UUID::toString).orElse(null))
                        .put(RUN, use.run().map(UUID::toString).orElse(null))
                        .put("number", use.number())
                        .put("what", use.what())));
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        return new BatchUseItem(
                uses,
                new BatchUse(
                        known.pointedIfAny(ArchiveIds.JOBS, element, JOB),
                        known.pointedIfAny(ArchiveIds.RUNS, element, RUN),
                        element.path("number").asString(),
                        element.path("what").asString()));
    }

    private record BatchUseItem(BatchUseRepository uses, BatchUse brought) implements ArchiveElement {

        private boolean isKept() {
            return brought
                    .job()
                    .map(uses::findByJobOrderByNumber)
                    .or(() -> brought.run().map(uses::findByRunOrderByNumber))
                    .stream()
                    .flatMap(List::stream)
                    .anyMatch(use -> use.number().equals(brought.number()));
        }

        @Override
        public Optional<String> change() {
            return isKept() ? Optional.empty() : Optional.of("use of batch “" + brought.number() + "” comes in");
        }

        @Override
        public void take() {
            if (!isKept()) {
                uses.save(brought);
            }
        }
    }
}
