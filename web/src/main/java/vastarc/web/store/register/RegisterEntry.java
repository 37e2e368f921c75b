package vastarc.web.store.register;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import vastarc.web.store.VersionedEntity;

/** An entry of one of the shop's registers; what it holds is read by the register it stands in. */
@Entity
@Table(name = "register_entry")
class RegisterEntry extends VersionedEntity {

    private String register;
    private String number;
    private String content;

    @Column(name = "changed_at")
    private Instant changedAt;

    protected RegisterEntry() {}

    RegisterEntry(UUID id, String register, String number, String content, Instant changedAt) {
        super(id);
        this.register = register;
        this.number = number;
        this.content = content;
        this.changedAt = changedAt;
    }

    final void take(String otherContent, Instant now) {
        content = otherContent;
        changedAt = now;
    }

    String number() {
        return number;
    }

    String content() {
        return content;
    }

    Instant changedAt() {
        return changedAt;
    }
}
