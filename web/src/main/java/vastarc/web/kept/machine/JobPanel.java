package vastarc.web.kept.machine;

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
import vastarc.web.kept.document.Document;

/** How the panel stands for a job, and what has been ticked of its check. Belongs to one machine: another one starts anew. */
@Entity
@Table(name = "job_panel")
public class JobPanel implements Persistable<UUID> {

    private static final Document<Places> NOWHERE = Document.of(Places.FORMAT, new Places(Map.of()));
    private static final Document<Answers> UNANSWERED = Document.of(Answers.FORMAT, new Answers(Map.of()));

    @Id
    @Column(name = "job_id")
    private UUID jobId;

    @Version
    private Long version;

    @Column(name = "machine_id")
    private @Nullable UUID machineId;

    @Convert(converter = PlacesConverter.class)
    private Document<Places> stands = NOWHERE;

    @Convert(converter = AnswersConverter.class)
    private Document<Answers> answers = UNANSWERED;

    protected JobPanel() {}

    JobPanel(UUID jobId) {
        this.jobId = jobId;
    }

    /** What was told of another machine does not hold for this one. */
    void on(UUID machine) {
        if (!machine.equals(machineId)) {
            machineId = machine;
            stands = NOWHERE;
            answers = UNANSWERED;
        }
    }

    /** Becomes what an archive says it was. */
    void become(Optional<UUID> machine, Map<String, Double> stood, Map<String, String> answered) {
        machineId = machine.orElse(null);
        stand(stood);
        answers = Document.of(Answers.FORMAT, new Answers(answered));
    }

    /** The machine it was told of; empty where none was. */
    Optional<UUID> machine() {
        return Optional.ofNullable(machineId);
    }

    public void stand(Map<String, Double> now) {
        stands = Document.of(Places.FORMAT, new Places(now));
    }

    public void answer(String item, String answer) {
        Map<String, String> given = new TreeMap<>(answers());
        given.put(item, answer);
        answers = Document.of(Answers.FORMAT, new Answers(given));
    }

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

    /** Where controls stand, by their ids; nothing where what is kept cannot be read. */
    public Map<String, Double> stands() {
        return stands.value().map(Places::byControl).orElse(Map.of());
    }

    /** Answers by item; none where what is kept cannot be read. */
    public Map<String, String> answers() {
        return answers.value().map(Answers::byItem).orElse(Map.of());
    }

    /** What is wrong with what is kept here; empty where it can be read. */
    public String fault() {
        return stands.fault().isEmpty() ? answers.fault() : stands.fault();
    }
}
