package vastarc.web.store.run;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.Immutable;
import org.jspecify.annotations.Nullable;
import vastarc.core.record.weldlog.RunEvent;
import vastarc.core.record.weldlog.RunEvent.EventKind;
import vastarc.web.store.AssignedIdEntity;
import vastarc.web.store.run.RunEventRow.EventId;

/** Something that happened in a run, in its place from 1 on. */
@Entity
@Immutable
@Table(name = "run_event")
class RunEventRow extends AssignedIdEntity<EventId> {

    @EmbeddedId
    private EventId id;

    @Column(name = "at_s")
    private double atS;

    @Enumerated(EnumType.STRING)
    private EventKind kind;

    /** The booth's own name for it; null where something else than a booth told it. */
    @Column(name = "event_key")
    private @Nullable UUID key;

    @Embeddable
    record EventId(UUID runId, int seq) {}

    protected RunEventRow() {}

    RunEventRow(UUID run, int seq, RunEvent event, Optional<UUID> key) {
        this.key = key.orElse(null);
        this.id = new EventId(run, seq);
        this.atS = event.atS();
        this.kind = event.kind();
    }

    @Override
    public EventId getId() {
        return id;
    }

    RunEvent event() {
        return new RunEvent(atS, kind);
    }
}
