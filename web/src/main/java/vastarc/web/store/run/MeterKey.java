package vastarc.web.store.run;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.SecretKeys;
import vastarc.web.store.run.MeterKeys.Meter;

/** A meter as it is stored, with the digest of its key. */
@Entity
@Table(name = "meter_key")
class MeterKey extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    private String name;
    private String digest;
    private Instant madeAt;
    private @Nullable Instant seenAt;

    protected MeterKey() {}

    MeterKey(String name, String digest, Instant madeAt) {
        this.id = UUID.randomUUID();
        this.name = name;
        this.digest = digest;
        this.madeAt = madeAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    Meter meter() {
        return new Meter(id, name, madeAt, Optional.ofNullable(seenAt));
    }

    boolean isOpenedBy(String key) {
        return SecretKeys.areAlike(digest, SecretKeys.digest(key));
    }

    boolean wasSeenAfter(Instant moment) {
        return seenAt != null && seenAt.isAfter(moment);
    }
}
