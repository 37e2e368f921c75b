package vastarc.web.store.machine;

import java.time.Clock;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.base.validation.Outcome;
import vastarc.core.equipment.MachineProfile;
import vastarc.web.format.CoreJson;
import vastarc.web.store.EntityDates;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.document.Document;

/** The machines of an archive, in the order they came. One that is taken leaves its old readings and memory to those that follow. */
@Component
class MachineSection implements ArchiveSection {

    private static final JsonMapper JSON = CoreJson.kept();
    private static final String PROFILE = "profile";
    private static final String UNREAD = "unread";

    private final MachineArchive machines;
    private final MachineStore store;
    private final Clock clock;

    MachineSection(MachineArchive machines, MachineStore store, Clock clock) {
        this.machines = machines;
        this.store = store;
        this.clock = clock;
    }

    @Override
    public String file() {
        return ArchiveIds.MACHINES;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        machines.machines().forEach(machine -> out.accept(element(machine)));
    }

    private static ObjectNode element(Machine machine) {
        ArchivedMachine archived = machine.archived();
        ObjectNode element = JSON.createObjectNode();
        element.put("id", machine.id().toString());
        element.put("name", archived.name());
        archived.profile()
                .value()
                .ifPresentOrElse(
                        profile -> element.set(PROFILE, ProfileReader.document(profile)),
                        () -> element.put(UNREAD, archived.profile().text()));
        archived.days().write(element);
        return element;
    }

    @Override
    public void makeRoom() {
        store.makeRoom();
    }

    /** 3: its name beside the profile, and days. */
    @Override
    public void upgrade(ObjectNode machine, int from, int place) {
        if (from == 2) {
            ArchiveSection.add(
                    machine,
                    "name",
                    StringNode.valueOf(machine.at("/profile/name").asString("")));
            EntityDates.dateUnset(machine, clock.instant().plusMillis(place));
        }
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        Document<MachineProfile> profile = element.has(UNREAD)
                ? ProfileReader.FORMAT.read(element.path(UNREAD).asString())
                : Document.of(ProfileReader.FORMAT, profile(element.get(PROFILE)));
        return new MachineItem(
                machines, id, new ArchivedMachine(element.path("name").asString(), profile, EntityDates.read(element)));
    }

    private static MachineProfile profile(JsonNode document) {
        Outcome<MachineProfile> read = ProfileReader.read(document);
        return read.value()
                .orElseThrow(() ->
                        new IllegalArgumentException(read.problems().get(0).field() + ": "
                                + read.problems().get(0).message(UnitSystem.METRIC)));
    }

    private record MachineItem(MachineArchive machines, UUID id, ArchivedMachine archived) implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return machines.machine(id)
                    .map(machine -> archived.isHeldBy(machine.archived())
                            ? Optional.<String>empty()
                            : Optional.of("machine “" + machine.name() + "” is replaced"))
                    .orElseGet(() -> Optional.of("machine “" + archived.name() + "” comes in"));
        }

        @Override
        public void take() {
            machines.put(id, archived);
        }
    }
}
