package vastarc.web.store.machine;

import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.document.Document;
import vastarc.web.store.document.SheetDocuments;
import vastarc.web.store.machine.MemorySlot.ArchivedSlot;

/** What is in the memory of machines, slot by slot. */
@Component
class SlotSection implements ArchiveSection {

    private static final JsonMapper JSON = CoreJson.kept();
    private static final String SHEET = "sheet";

    private final MachineArchive machines;

    SlotSection(MachineArchive machines) {
        this.machines = machines;
    }

    @Override
    public String file() {
        return "slots.json";
    }

    @Override
    public Set<String> needs() {
        return Set.of(ArchiveIds.JOBS, ArchiveIds.MACHINES);
    }

    @Override
    public int since() {
        return 3;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        machines.forEachSlot(slot -> out.accept(element(slot)));
    }

    private static ObjectNode element(MemorySlot slot) {
        ObjectNode element = JSON.createObjectNode();
        element.put("machine", slot.machineId().toString());
        element.put("slot", slot.slot());
        element.put("job", slot.jobId().toString());
        element.set("places", JSON.valueToTree(slot.figures()));
        element.set(SHEET, slot.sheet().map(SheetDocuments.FORMAT::content).orElseGet(JSON::nullNode));
        element.put("at", slot.assignedAt().toString());
        return element;
    }

    /** Before version 4 sheets were of their first format. */
    /** 4: what a pass of its sheet is known by. */
    @Override
    public void upgrade(ObjectNode slot, int from, int place) {
        if (from == 3 && slot.path(SHEET).isObject()) {
            slot.set(SHEET, SheetDocuments.deep(slot.get(SHEET)));
        }
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        MemorySlot slot = new MemorySlot(
                known.pointed(ArchiveIds.MACHINES, element, "machine"),
                element.path("slot").asInt(),
                new ArchivedSlot(
                        known.pointed(ArchiveIds.JOBS, element, "job"),
                        ControlPlaces.of(element.path("places")).byControl(),
                        element.path(SHEET).isNull()
                                ? Optional.empty()
                                : Optional.of(Document.of(
                                        SheetDocuments.FORMAT,
                                        SheetDocuments.FORMAT.read(
                                                element.get(SHEET), SheetDocuments.FORMAT.today())))),
                Instant.parse(element.path("at").asString()));
        return new SlotItem(machines, slot, element);
    }

    private record SlotItem(MachineArchive machines, MemorySlot slot, JsonNode element) implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return machines.slot(slot.machineId(), slot.slot())
                            .filter(kept -> SlotSection.element(kept).equals(element))
                            .isPresent()
                    ? Optional.empty()
                    : Optional.of("memory of machines is replaced");
        }

        @Override
        public void take() {
            machines.put(slot);
        }
    }
}
