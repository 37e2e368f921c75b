package vastarc.web.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import java.util.UUID;
import org.springframework.data.domain.Persistable;
import vastarc.core.machine.MachineProfile;
import vastarc.core.machine.SimulatedSource;

/** A machine of the shop. */
@Entity
@Table(name = "machine")
public class Machine implements Persistable<UUID> {

    private static final int PROFILE_FORMAT = 1;

    @Id
    private UUID id;

    @Version
    private Long version;

    private String name;

    @Column(name = "profile_format")
    private int profileFormat;

    @Convert(converter = ProfileConverter.class)
    private MachineProfile profile;

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "changed_at")
    private Instant changedAt;

    @Column(name = "deleted_at")
    private Instant deletedAt;

    protected Machine() {}

    Machine(MachineProfile profile, Instant now) {
        this.id = UUID.randomUUID();
        this.createdAt = now;
        take(profile, now);
    }

    Machine(UUID id, MachineProfile profile, Instant now) {
        this(profile, now);
        this.id = id;
    }

    final void take(MachineProfile newProfile, Instant now) {
        profile = newProfile;
        profileFormat = PROFILE_FORMAT;
        name = newProfile.name();
        changedAt = now;
    }

    void delete(Instant now) {
        deletedAt = now;
    }

    void restore() {
        deletedAt = null;
    }

    @Override
    public UUID getId() {
        return id;
    }

    @Override
    public boolean isNew() {
        return version == null;
    }

    public UUID id() {
        return id;
    }

    public long version() {
        return version;
    }

    public String name() {
        return name;
    }

    public MachineProfile profile() {
        return profile;
    }

    public boolean isDeleted() {
        return deletedAt != null;
    }

    /** Its simulated double, for practice without a machine. */
    public SimulatedSource simulated() {
        return new SimulatedSource(profile.minA(), profile.maxA(), id.getMostSignificantBits());
    }
}
