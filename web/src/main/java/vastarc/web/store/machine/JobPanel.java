package vastarc.web.store.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;
import vastarc.web.store.document.Document;

/** How the panel is set for a job, and what has been ticked of its check. Belongs to one machine: another one starts anew. */
@Entity
@Table(name = "job_panel")
public class JobPanel implements Persistable<UUID> {

    private static final Document<ControlPlaces> NOWHERE =
            Document.of(ControlPlaces.FORMAT, new ControlPlaces(Map.of()));
    private static final Document<CheckAnswers> UNANSWERED =
            Document.of(CheckAnswers.FORMAT, new CheckAnswers(Map.of()));

    @Id
    @Column(name = "job_id")
    private UUID jobId;

    @Version
    private Long version;

    @Column(name = "machine_id")
    private @Nullable UUID machineId;

    @Convert(converter = ControlPlacesConverter.class)
    private Document<ControlPlaces> stands = NOWHERE;

    @Convert(converter = CheckAnswersConverter.class)
    private Document<CheckAnswers> answers = UNANSWERED;

    protected JobPanel() {}

    JobPanel(UUID jobId) {
        this.jobId = jobId;
    }

    /** What was given of another machine does not hold for this one. */
    void on(UUID machine) {
        if (!machine.equals(machineId)) {
            machineId = machine;
            stands = NOWHERE;
            answers = UNANSWERED;
        }
    }

    /** Becomes what an archive says it was. */
    void restore(Optional<UUID> machine, Map<String, Double> stood, Map<String, String> answered) {
        machineId = machine.orElse(null);
        stand(stood);
        answers = Document.of(CheckAnswers.FORMAT, new CheckAnswers(answered));
    }

    /** The machine it was given of; empty where none was. */
    Optional<UUID> machine() {
        return Optional.ofNullable(machineId);
    }

    /**
     * Sets how the controls of the panel are set now.
     *
     * @param now the settings as they are, by control
     */
    public void stand(Map<String, Double> now) {
        stands = Document.of(ControlPlaces.FORMAT, new ControlPlaces(now));
    }

    /**
     * Sets the answer to an item of the check.
     *
     * @param item the item of the check
     * @param answer the answer: a choice of the question
     */
    public void answer(String item, String answer) {
        Map<String, String> given = new TreeMap<>(answers());
        given.put(item, answer);
        answers = Document.of(CheckAnswers.FORMAT, new CheckAnswers(given));
    }

    /** Forgets every answer of the check. */
    public void startAgain() {
        answers = UNANSWERED;
    }

    @Override
    public UUID getId() {
        return jobId;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }

    /** {@return where controls stand, by their ids; nothing where what is stored cannot be read} */
    public Map<String, Double> stands() {
        return stands.value().map(ControlPlaces::byControl).orElse(Map.of());
    }

    /** {@return answers by item; none where what is stored cannot be read} */
    public Map<String, String> answers() {
        return answers.value().map(CheckAnswers::byItem).orElse(Map.of());
    }

    /** {@return what is wrong with what is stored here; empty where it can be read} */
    public String fault() {
        return stands.fault().isEmpty() ? answers.fault() : stands.fault();
    }
}
