package vastarc.web.store.register;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.document.Document;

/**
 * The entries of a register in an archive; one of a number that the shop has stands in its place.
 *
 * @param <T> what an entry holds
 */
class RegisterSection<T> implements ArchiveSection {

    private static final JsonMapper JSON = CoreJson.kept();
    private static final String UNREAD = "unread";

    private final Register<T> register;
    private final RegisterKind<T> kind;

    RegisterSection(Register<T> register) {
        this.register = register;
        this.kind = register.kind();
    }

    @Override
    public String file() {
        return kind.file();
    }

    @Override
    public int since() {
        return kind.since();
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        register.all().forEach(kept -> out.accept(element(kept)));
    }

    private ObjectNode element(RegisterPaper<T> kept) {
        ObjectNode element = JSON.createObjectNode();
        element.put("id", kept.id().toString());
        element.put("number", kept.number());
        element.put("changed", kept.changedAt().toString());
        kept.content()
                .value()
                .ifPresentOrElse(
                        content -> element.set(kind.entry(), kind.write().apply(content)),
                        () -> element.put(UNREAD, kept.content().text()));
        return element;
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        Document<T> content = element.has(UNREAD)
                ? kind.format().read(element.path(UNREAD).asString())
                : register.document(content(element.path(kind.entry())));
        return new RegisterItem<>(
                register,
                new RegisterPaper<>(
                        id,
                        0,
                        element.path("number").asString(),
                        content,
                        Instant.parse(element.path("changed").asString())));
    }

    private T content(JsonNode json) {
        Outcome<T> read = kind.read().apply(json);
        return read.value()
                .orElseThrow(() ->
                        new IllegalArgumentException(read.problems().get(0).field() + ": "
                                + read.problems().get(0).message(UnitSystem.METRIC)));
    }

    private record RegisterItem<T>(Register<T> register, RegisterPaper<T> brought) implements ArchiveElement {

        private String name() {
            return register.kind().entry() + " “" + brought.number() + "”";
        }

        @Override
        public Optional<String> change() {
            return register.find(brought.number())
                    .map(kept -> kept.content().saysWhat(brought.content())
                            ? Optional.<String>empty()
                            : Optional.of(name() + " is replaced"))
                    .orElseGet(() -> Optional.of(name() + " comes in"));
        }

        @Override
        public void take() {
            register.restore(brought);
        }
    }
}
