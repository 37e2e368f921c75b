package vastarc.web.store.machine;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.BooleanNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/** The torches of an archive, in the order they came. */
@Component
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

    /** 3: the day. */
    @Override
    public void upgrade(ObjectNode torch, int from, int place) {
        if (from == 2) {
            ArchiveSection.add(
                    torch,
                    "made",
                    StringNode.valueOf(clock.instant().plusMillis(place).toString()));
            ArchiveSection.add(torch, UNDATED, BooleanNode.TRUE);
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
