package vastarc.web.store.register;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.UUID;
import vastarc.web.store.AssignedIdEntity;

/** The certificate or scan of a paper of a register. */
@Entity
@Table(name = "register_file")
class RegisterFile extends AssignedIdEntity<UUID> {

    @Id
    @Column(name = "entry_id")
    private UUID entry;

    private String name;

    @Column(name = "media_type")
    private String mediaType;

    /** How many; asked for without the content. */
    private int bytes;

    private byte[] content;

    protected RegisterFile() {}

    RegisterFile(UUID entry, CertificateFile file) {
        this.entry = entry;
        this.name = file.name();
        this.mediaType = file.mediaType();
        this.bytes = file.content().length;
        this.content = file.content();
    }

    @Override
    public UUID getId() {
        return entry;
    }

    CertificateFile file() {
        return new CertificateFile(name, mediaType, content.clone());
    }
}
