package vastarc.web.store.run;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import vastarc.web.store.AssignedIdEntity;

/** A sheet that runs were welded by, once however many they are: the same sheet has the same id. */
@Entity
@Immutable
@Table(name = "run_sheet")
class RunSheet extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    private String sheet;

    protected RunSheet() {}

    RunSheet(UUID id, String sheet) {
        this.id = id;
        this.sheet = sheet;
    }

    static UUID idOf(String sheet) {
        return UUID.nameUUIDFromBytes(sheet.getBytes(StandardCharsets.UTF_8));
    }

    @Override
    public UUID getId() {
        return id;
    }

    String text() {
        return sheet;
    }
}
