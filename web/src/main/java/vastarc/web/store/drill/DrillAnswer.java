package vastarc.web.store.drill;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import vastarc.core.training.Topic;
import vastarc.web.store.AssignedIdEntity;

/** An answer of a learner. Its topic is kept as a name: an older program may have had one that this has not. */
@Entity
@Immutable
@Table(name = "drill_result")
class DrillAnswer extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    private String learner;
    private String topic;

    @Column(name = "correct")
    private boolean right;

    private Instant answeredAt;

    protected DrillAnswer() {}

    DrillAnswer(UUID id, String learner, String topic, boolean right, Instant answeredAt) {
        this.id = id;
        this.learner = learner;
        this.topic = topic;
        this.right = right;
        this.answeredAt = answeredAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    String learner() {
        return learner;
    }

    String topicName() {
        return topic;
    }

    Optional<Topic> topic() {
        return Arrays.stream(Topic.values())
                .filter(known -> known.name().equals(topic))
                .findFirst();
    }

    boolean isRight() {
        return right;
    }

    Instant answeredAt() {
        return answeredAt;
    }
}
