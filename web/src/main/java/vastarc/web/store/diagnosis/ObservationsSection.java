package vastarc.web.store.diagnosis;

import java.time.Instant;
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
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.document.Document;

/** What was seen of the beads of an archive's jobs. */
@Component
class ObservationsSection implements ArchiveSection {

    static final int SINCE = 8;

    private static final JsonMapper JSON = CoreJson.kept();

    private final JobObservationsRepository observations;
    private final DiagnosisStore store;

    ObservationsSection(JobObservationsRepository observations, DiagnosisStore store) {
        this.observations = observations;
        this.store = store;
    }

    @Override
    public String file() {
        return "bead-marks.json";
    }

    @Override
    public Set<String> needs() {
        return Set.of(ArchiveIds.JOBS);
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        observations
                .idsInOrder()
                .forEach(job -> observations
                        .findById(job)
                        .ifPresent(stored -> out.accept(JSON.createObjectNode()
                                .put("job", job.toString())
                                .put("marks", stored.marks().text())
                                .put("changed", stored.changedAt().toString()))));
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        return new ObservationsItem(
                observations,
                store,
                known.pointed(ArchiveIds.JOBS, element, "job"),
                BeadObservations.FORMAT.read(element.path("marks").asString()),
                Instant.parse(element.path("changed").asString()));
    }

    private record ObservationsItem(
            JobObservationsRepository observations,
            DiagnosisStore store,
            UUID job,
            Document<BeadObservations> marks,
            Instant changed)
            implements ArchiveElement {

        private Optional<String> stored() {
            return observations.findById(job).map(kept -> kept.marks().text());
        }

        @Override
        public Optional<String> change() {
            Optional<String> kept = stored();
            return kept.filter(marks.text()::equals).isPresent()
                    ? Optional.empty()
                    : Optional.of(
                            kept.isPresent()
                                    ? "what was seen of a bead is replaced"
                                    : "what was seen of a bead comes in");
        }

        @Override
        public void take() {
            if (stored().filter(marks.text()::equals).isEmpty()) {
                store.put(job, marks, changed);
            }
        }
    }
}
