package vastarc.web.store.procedure;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.document.Document;

/** The procedures of an archive; one of a number that the shop has stands in its place. */
@Component
class ProcedureSection implements ArchiveSection {

    private static final int SINCE = 9;
    private static final JsonMapper JSON = CoreJson.kept();
    private static final String PROCEDURE = "procedure";
    private static final String UNREAD = "unread";

    private final ProcedureRepository procedures;

    ProcedureSection(ProcedureRepository procedures) {
        this.procedures = procedures;
    }

    @Override
    public String file() {
        return "procedures.json";
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        procedures.findAllByOrderByNumber().forEach(kept -> out.accept(element(kept)));
    }

    private static ObjectNode element(KeptProcedure kept) {
        ObjectNode element = JSON.createObjectNode();
        element.put("id", kept.id().toString());
        element.put("number", kept.number());
        element.put("changed", kept.changedAt().toString());
        kept.content()
                .value()
                .ifPresentOrElse(
                        procedure -> element.set(PROCEDURE, ProcedureReader.document(procedure)),
                        () -> element.put(UNREAD, kept.content().text()));
        return element;
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        Document<WeldProcedure> content = element.has(UNREAD)
                ? ProcedureReader.FORMAT.read(element.path(UNREAD).asString())
                : Document.of(ProcedureReader.FORMAT, procedure(element.path(PROCEDURE)));
        return new ProcedureItem(
                procedures,
                new KeptProcedure(
                        id,
                        element.path("number").asString(),
                        content,
                        Instant.parse(element.path("changed").asString())));
    }

    private static WeldProcedure procedure(JsonNode json) {
        Outcome<WeldProcedure> read = ProcedureReader.read(json);
        return read.value()
                .orElseThrow(() ->
                        new IllegalArgumentException(read.problems().get(0).field() + ": "
                                + read.problems().get(0).message(UnitSystem.METRIC)));
    }

    private record ProcedureItem(ProcedureRepository procedures, KeptProcedure brought) implements ArchiveElement {

        private Optional<KeptProcedure> kept() {
            return procedures.findByNumber(brought.number());
        }

        @Override
        public Optional<String> change() {
            return kept().map(kept -> kept.content().saysWhat(brought.content())
                            ? Optional.<String>empty()
                            : Optional.of("procedure “" + brought.number() + "” is replaced"))
                    .orElseGet(() -> Optional.of("procedure “" + brought.number() + "” comes in"));
        }

        @Override
        public void take() {
            kept().ifPresentOrElse(kept -> kept.restore(brought), () -> procedures.save(brought));
        }
    }
}
