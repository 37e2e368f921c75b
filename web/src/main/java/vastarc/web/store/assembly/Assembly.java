package vastarc.web.store.assembly;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import vastarc.web.store.VersionedEntity;

/** Several parts that become one by welding. */
@Entity
@Table(name = "assembly")
public class Assembly extends VersionedEntity {

    /** Longest name, characters. */
    public static final int MAX_NAME = 120;

    private String name;

    @Column(name = "changed_at")
    private Instant changedAt;

    protected Assembly() {}

    Assembly(UUID id, String name, Instant now) {
        super(id);
        this.name = name;
        this.changedAt = now;
    }

    void touch(Instant now) {
        changedAt = now;
    }

    /** {@return its name} */
    public String name() {
        return name;
    }

    /** {@return when it or one of its seams was last changed} */
    public Instant changedAt() {
        return changedAt;
    }
}
