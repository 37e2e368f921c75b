package vastarc.web.store.assembly;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import vastarc.core.record.assembly.SeamEvent;
import vastarc.core.record.assembly.SeamEvent.Examination;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;
import vastarc.web.store.AssignedIdEntity;

/** Something that happened to a seam, with the run and the machine it was welded in. */
@Entity
@Table(name = "seam_event")
public class SeamEventRow extends AssignedIdEntity<UUID> {

    @Id
    private UUID id;

    @Column(name = "seam_id")
    private UUID seam;

    private int place;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private SeamEventKind kind;

    @Column(name = "on_day")
    private String day;

    @Column(name = "by_name")
    private String by;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private Examination method;

    private boolean accepted;
    private String cause;

    @Column(name = "run_id")
    private @Nullable UUID run;

    private String machine;

    protected SeamEventRow() {}

    SeamEventRow(UUID seam, int place, SeamEntry entry) {
        this.id = UUID.randomUUID();
        this.seam = seam;
        this.place = place;
        this.kind = entry.event().kind();
        this.day = entry.event().day();
        this.by = entry.event().by();
        this.method = entry.event().method();
        this.accepted = entry.event().accepted();
        this.cause = entry.event().cause();
        this.run = entry.run().orElse(null);
        this.machine = entry.machine();
    }

    /**
     * What is entered.
     *
     * @param event   what happened
     * @param run     of the logbook it was welded in; empty where none is known
     * @param machine it was welded on; empty where not said
     */
    public record SeamEntry(SeamEvent event, Optional<UUID> run, String machine) {

        /**
         * {@return what happened, without a run}
         *
         * @param event what happened
         */
        public static SeamEntry of(SeamEvent event) {
            return new SeamEntry(event, Optional.empty(), "");
        }
    }

    @Override
    public UUID getId() {
        return id;
    }

    /** {@return id of its seam} */
    public UUID seam() {
        return seam;
    }

    int place() {
        return place;
    }

    /** {@return what happened} */
    public SeamEvent event() {
        return new SeamEvent(kind, day, by, method, accepted, cause);
    }

    /** {@return the run it was welded in; empty where none is known} */
    public Optional<UUID> run() {
        return Optional.ofNullable(run);
    }

    /** {@return the machine it was welded on; empty where not said} */
    public String machine() {
        return machine;
    }
}
