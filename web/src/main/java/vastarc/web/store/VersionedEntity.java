package vastarc.web.store;

import jakarta.persistence.Id;
import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.Version;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Persistable;

/** Something kept under an id of its own, with a version that tells of every change. */
@MappedSuperclass
public abstract class VersionedEntity implements Persistable<UUID> {

    @Id
    private UUID id;

    @Version
    private @Nullable Long version;

    /** For the database alone, which fills it in. */
    @SuppressWarnings("NullAway.Init")
    protected VersionedEntity() {}

    protected VersionedEntity(UUID id) {
        this.id = id;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }

    /** {@return its id} */
    public UUID id() {
        return id;
    }

    /** {@return counted from 0; 0 too for what is not kept yet} */
    public long version() {
        return version == null ? 0 : version;
    }
}
