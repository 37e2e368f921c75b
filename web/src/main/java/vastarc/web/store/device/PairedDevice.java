package vastarc.web.store.device;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.device.DeviceStore.Device;

/** A device as it is stored, with the digest of its key. */
@Entity
@Table(name = "device")
class PairedDevice extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    private String name;
    private String digest;
    private boolean readOnly;
    private Instant pairedAt;
    private @Nullable Instant seenAt;

    protected PairedDevice() {}

    PairedDevice(String name, String digest, boolean readOnly, Instant pairedAt) {
        this.id = UUID.randomUUID();
        this.name = name;
        this.digest = digest;
        this.readOnly = readOnly;
        this.pairedAt = pairedAt;
    }

    @Override
    public UUID getId() {
        return id;
    }

    Device device() {
        return new Device(id, name, readOnly, pairedAt, Optional.ofNullable(seenAt));
    }
}
