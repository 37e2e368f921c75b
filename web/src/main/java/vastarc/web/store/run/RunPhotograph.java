package vastarc.web.store.run;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.run.Photograph.PhotographKind;

/** A photograph as it is stored, with its picture. Lists read {@link Photograph} instead, which leaves the picture where it is. */
@Entity
@Table(name = "run_photo")
class RunPhotograph extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    @Column(name = "run_id")
    private UUID run;

    @Enumerated(EnumType.STRING)
    private PhotographKind kind;

    private Instant madeAt;
    private int width;
    private int height;
    private byte[] jpeg;
    private @Nullable String measured;

    protected RunPhotograph() {}

    RunPhotograph(Photograph photo, byte[] jpeg) {
        this.id = photo.id();
        this.run = photo.run();
        this.kind = photo.kind();
        this.madeAt = photo.madeAt();
        this.width = photo.width();
        this.height = photo.height();
        this.jpeg = jpeg;
        this.measured = photo.measured();
    }

    @Override
    public UUID getId() {
        return id;
    }

    byte[] jpeg() {
        return jpeg;
    }
}
