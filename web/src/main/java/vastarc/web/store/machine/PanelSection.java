package vastarc.web.store.machine;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/** How panels mean jobs, and what has been ticked of their checks. */
@Component
class PanelSection implements ArchiveSection {

    private static final JsonMapper JSON = CoreJson.kept();

    private final MachineArchive machines;

    PanelSection(MachineArchive machines) {
        this.machines = machines;
    }

    @Override
    public String file() {
        return "panels.json";
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
        machines.forEachPanel(panel -> out.accept(element(panel)));
    }

    private static ObjectNode element(JobPanel panel) {
        ObjectNode element = JSON.createObjectNode();
        element.put("job", panel.getId().toString());
        element.put("machine", panel.machine().map(UUID::toString).orElse(null));
        element.set("stands", JSON.valueToTree(panel.stands()));
        element.set("answers", JSON.valueToTree(panel.answers()));
        return element;
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        Map<String, Double> settings = ControlPlaces.of(element.path("stands")).byControl();
        Map<String, String> answers = new TreeMap<>();
        element.path("answers")
                .properties()
                .forEach(entry -> answers.put(entry.getKey(), entry.getValue().asString()));
        Optional<UUID> machine = element.path("machine").isNull()
                ? Optional.empty()
                : Optional.of(UUID.fromString(element.path("machine").asString()));
        return new PanelItem(machines, known.pointed(ArchiveIds.JOBS, element, "job"), machine, settings, answers);
    }

    private record PanelItem(
            MachineArchive machines,
            UUID job,
            Optional<UUID> machine,
            Map<String, Double> stands,
            Map<String, String> answers)
            implements ArchiveElement {

        @Override
        public Optional<String> change() {
            boolean same = machines.panel(job)
                    .filter(kept -> kept.machine().equals(machine)
                            && kept.stands().equals(stands)
                            && kept.answers().equals(answers))
                    .isPresent();
            return same ? Optional.empty() : Optional.of("how panels stand is replaced");
        }

        @Override
        public void take() {
            machines.put(job, machine, stands, answers);
        }
    }
}
