package vastarc.web.store.register;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.register.PaperUses.ChosenPaper;

/** Which papers jobs and runs of an archive have. Its file keeps the name from when these were batches alone. */
@Component
class PaperUseSection implements ArchiveSection {

    private static final int SINCE = 11;
    private static final int OF_EVERY_REGISTER = 12;
    private static final String JOB = "job";
    private static final String RUN = "run";
    private static final String REGISTER = "register";
    private static final JsonMapper JSON = CoreJson.kept();

    private final PaperUseRepository uses;

    PaperUseSection(PaperUseRepository uses) {
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
                        .put(REGISTER, use.paper().register())
                        .put("number", use.paper().number())
                        .put("what", use.paper().what())));
    }

    @Override
    public void upgrade(ObjectNode use, int from, int place) {
        if (from + 1 == OF_EVERY_REGISTER) {
            ArchiveSection.add(use, REGISTER, StringNode.valueOf(BatchReader.KIND.name()));
        }
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        return new PaperUseItem(
                uses,
                new PaperUse(
                        known.pointedIfAny(ArchiveIds.JOBS, element, JOB),
                        known.pointedIfAny(ArchiveIds.RUNS, element, RUN),
                        new ChosenPaper(
                                element.path(REGISTER).asString(),
                                element.path("number").asString(),
                                element.path("what").asString())));
    }

    private record PaperUseItem(PaperUseRepository uses, PaperUse brought) implements ArchiveElement {

        private boolean isKept() {
            return brought
                    .job()
                    .map(uses::findByJobOrderByRegisterAscNumberAsc)
                    .or(() -> brought.run().map(uses::findByRunOrderByRegisterAscNumberAsc))
                    .stream()
                    .flatMap(List::stream)
                    .anyMatch(use -> use.paper().isSame(brought.paper()));
        }

        @Override
        public Optional<String> change() {
            return isKept()
                    ? Optional.empty()
                    : Optional.of("use of “" + brought.paper().number() + "” of the "
                            + brought.paper().register() + " comes in");
        }

        @Override
        public void take() {
            if (!isKept()) {
                uses.save(brought);
            }
        }
    }
}
