package vastarc.web.store.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.ProfileRules;
import vastarc.core.equipment.SimulatedSource;
import vastarc.web.store.EntityDates;
import vastarc.web.store.VersionedEntity;
import vastarc.web.store.document.Document;

/** A machine of the shop. */
@Entity
@Table(name = "machine")
public class Machine extends VersionedEntity {

    private String name;

    @Convert(converter = ProfileConverter.class)
    private Document<MachineProfile> profile;

    @Column(name = "created_at")
    private Instant createdAt;

    @Column(name = "changed_at")
    private Instant changedAt;

    @Column(name = "deleted_at")
    private @Nullable Instant deletedAt;

    protected Machine() {}

    Machine(MachineProfile profile, Instant now) {
        super(UUID.randomUUID());
        this.createdAt = now;
        take(profile, now);
    }

    Machine(UUID id, ArchivedMachine archived) {
        super(id);
        restore(archived);
    }

    /** Becomes what an archive says it was. */
    final void restore(ArchivedMachine archived) {
        name = archived.name();
        profile = archived.profile();
        createdAt = archived.days().made();
        changedAt = archived.days().changed();
        deletedAt = archived.days().putAway();
    }

    ArchivedMachine archived() {
        return new ArchivedMachine(name, profile, new EntityDates(createdAt, changedAt, deletedAt, true));
    }

    final void take(MachineProfile newProfile, Instant now) {
        profile = Document.of(ProfileReader.FORMAT, newProfile);
        name = newProfile.name();
        changedAt = now;
    }

    void delete(Instant now) {
        deletedAt = now;
    }

    void restore() {
        deletedAt = null;
    }

    /** {@return its name} */
    public String name() {
        return name;
    }

    /** {@return its profile, or why it cannot be read} */
    public MachineProfile profile() {
        return profile.orThrow();
    }

    /** {@return the profile as it is stored, which may be no longer readable} */
    public Document<MachineProfile> document() {
        return profile;
    }

    /** {@return why it cannot be used: its profile cannot be read, or no longer keeps the rules; empty where it can} */
    public Optional<String> fault() {
        if (!profile.isReadable()) {
            return Optional.of(profile.fault());
        }
        return ProfileRules.problems(profile.orThrow()).stream()
                .findFirst()
                .map(problem -> problem.field() + ": " + problem.message(UnitSystem.METRIC));
    }

    /** {@return whether it is off the list} */
    public boolean isDeleted() {
        return deletedAt != null;
    }

    /** {@return its simulated double, for practice without a machine} */
    public SimulatedSource simulated() {
        return new SimulatedSource(profile().minA(), profile().maxA(), id().getMostSignificantBits());
    }
}
