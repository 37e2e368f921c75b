package vastarc.web.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.data.domain.Persistable;

/** How the panel stands for a job, and what has been ticked of its check. Belongs to one machine: another one starts anew. */
@Entity
@Table(name = "job_panel")
public class JobPanel implements Persistable<UUID> {

    @Id
    @Column(name = "job_id")
    private UUID jobId;

    @Version
    private Long version;

    @Column(name = "machine_id")
    private UUID machineId;

    @Convert(converter = FiguresConverter.class)
    private Map<String, Double> stands = new TreeMap<>();

    @Convert(converter = AnswersConverter.class)
    private Map<String, String> answers = new TreeMap<>();

    protected JobPanel() {}

    JobPanel(UUID jobId) {
        this.jobId = jobId;
    }

    /** What was told of another machine does not hold for this one. */
    void on(UUID machine) {
        if (!machine.equals(machineId)) {
            machineId = machine;
            stands = new TreeMap<>();
            answers = new TreeMap<>();
        }
    }

    public void stand(Map<String, Double> now) {
        stands = new TreeMap<>(now);
    }

    public void answer(String item, String answer) {
        Map<String, String> given = new TreeMap<>(answers);
        given.put(item, answer);
        answers = given;
    }

    public void startAgain() {
        answers = new TreeMap<>();
    }

    @Override
    public UUID getId() {
        return jobId;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }

    public Map<String, Double> stands() {
        return stands;
    }

    public Map<String, String> answers() {
        return answers;
    }
}
