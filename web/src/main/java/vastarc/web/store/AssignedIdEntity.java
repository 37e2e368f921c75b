package vastarc.web.store;

import jakarta.persistence.MappedSuperclass;
import jakarta.persistence.PostLoad;
import jakarta.persistence.PostPersist;
import jakarta.persistence.Transient;
import org.springframework.data.domain.Persistable;

/**
 * Something whose id is known before it is stored, so that only it can tell whether it is there already.
 *
 * @param <K> type of the id
 */
@MappedSuperclass
public abstract class AssignedIdEntity<K> implements Persistable<K> {

    @Transient
    private boolean stored;

    /** New until it is loaded or stored. */
    protected AssignedIdEntity() {}

    @Override
    public boolean isNew() {
        return !stored;
    }

    @PostLoad
    @PostPersist
    void markStored() {
        stored = true;
    }
}
