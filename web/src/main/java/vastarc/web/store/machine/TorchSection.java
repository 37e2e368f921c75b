package vastarc.web.store.machine;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/** The torches of an archive, in the order they came. */
@Component
@Order(30)
class TorchSection implements ArchiveSection {

    private static final JsonMapper JSON = CoreJson.kept();
    private static final String UNDATED = "undated";

    private final MachineArchive machines;
    private final Clock clock;

    TorchSection(MachineArchive machines, Clock clock) {
        this.machines = machines;
        this.clock = clock;
    }

    @Override
    public String file() {
        return "torches.json";
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        machines.torches().forEach(torch -> {
            ObjectNode element = JSON.createObjectNode();
            element.put("id", torch.id().toString());
            element.set("torch", JSON.valueToTree(torch.form()));
            element.put("made", torch.madeAt().toString());
            out.accept(element);
        });
    }

    @Override
    public void complete(JsonNode element, int version, int place) {
        if (version < 3) {
            ((ObjectNode) element)
                    .put("made", clock.instant().plusMillis(place).toString())
                    .put(UNDATED, true);
        }
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        Torch.TorchForm form = JSON.treeToValue(element.get("torch"), Torch.TorchForm.class);
        if (!form.isSound()) {
            throw new IllegalArgumentException("one of its figures is out of range");
        }
        return new TorchItem(
                machines, id, form, Instant.parse(element.path("made").asString()), !element.has(UNDATED));
    }

    private record TorchItem(MachineArchive machines, UUID id, Torch.TorchForm form, Instant made, boolean dated)
            implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return machines.torch(id)
                    .map(torch -> torch.form().equals(form)
                                    && (!dated || torch.madeAt().equals(made))
                            ? Optional.<String>empty()
                            : Optional.of("torch “" + torch.name() + "” is replaced"))
                    .orElseGet(() -> Optional.of("torch “" + form.name() + "” comes in"));
        }

        @Override
        public void take() {
            machines.put(id, form, made, dated);
        }
    }
}
