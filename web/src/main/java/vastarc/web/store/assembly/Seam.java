package vastarc.web.store.assembly;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;
import vastarc.core.record.assembly.SeamEvent;
import vastarc.core.record.assembly.SeamEvent.SeamEventKind;
import vastarc.core.record.assembly.SeamState;
import vastarc.web.store.VersionedEntity;

/** A seam of an assembly; its state follows from its events. */
@Entity
@Table(name = "seam")
public class Seam extends VersionedEntity {

    /** Longest description of where it is, characters. */
    public static final int MAX_LOCATION = 200;

    /** Longest description of a hold point, characters. */
    public static final int MAX_HOLD = 200;

    @Column(name = "assembly_id")
    private UUID assembly;

    private int place;
    private String number;
    private String location;

    @Column(name = "job_id")
    private @Nullable UUID job;

    @Column(name = "procedure_number")
    private String procedure;

    private String hold;

    @Enumerated(EnumType.STRING)
    @JdbcTypeCode(SqlTypes.VARCHAR)
    private SeamState state;

    private @Nullable Double x;
    private @Nullable Double y;
    private String welder = "";
    private String machine = "";
    private int repairs;

    protected Seam() {}

    Seam(UUID id, UUID assembly, int place, SeamText text) {
        super(id);
        this.assembly = assembly;
        this.place = place;
        take(text);
        this.state = SeamState.of(!hold.isEmpty(), List.of());
    }

    /**
     * What a person writes of a seam.
     *
     * @param number    by which the drawing calls it
     * @param location  where it is
     * @param job       by which it is welded; empty for none
     * @param procedure number of the procedure it falls under; empty where not said
     * @param hold      what must be signed before it is welded; empty for nothing
     */
    public record SeamText(String number, String location, Optional<UUID> job, String procedure, String hold) {

        /**
         * {@return a seam of which nothing is known but where it is}
         *
         * @param number   by which the drawing calls it
         * @param location where it is
         */
        public static SeamText of(String number, String location) {
            return new SeamText(number, location, Optional.empty(), "", "");
        }
    }

    final void take(SeamText text) {
        number = text.number();
        location = text.location();
        job = text.job().orElse(null);
        procedure = text.procedure();
        hold = text.hold();
    }

    /** Becomes what its events make it. */
    void stand(List<SeamEventRow> events) {
        state = SeamState.of(
                !hold.isEmpty(), events.stream().map(SeamEventRow::event).toList());
        Optional<SeamEventRow> welded = events.stream()
                .filter(row -> row.event().kind() == SeamEventKind.WELDED)
                .findFirst();
        welder = welded.map(SeamEventRow::event).map(SeamEvent::by).orElse("");
        machine = welded.map(SeamEventRow::machine).orElse("");
        repairs = (int) events.stream()
                .filter(row -> row.event().kind() == SeamEventKind.REPAIRED)
                .count();
    }

    void mark(@Nullable Double atX, @Nullable Double atY) {
        x = atX;
        y = atY;
    }

    /** {@return id of its assembly} */
    public UUID assembly() {
        return assembly;
    }

    int place() {
        return place;
    }

    /** {@return what a person wrote of it} */
    public SeamText text() {
        return new SeamText(number, location, Optional.ofNullable(job), procedure, hold);
    }

    /** {@return its number} */
    public String number() {
        return number;
    }

    /** {@return its state} */
    public SeamState state() {
        return state;
    }

    /** {@return its place on the drawing from the left, 0 to 1; null where it is not marked} */
    public @Nullable Double x() {
        return x;
    }

    /** {@return its place on the drawing from the top, 0 to 1; null where it is not marked} */
    public @Nullable Double y() {
        return y;
    }

    /** {@return who welded it first; empty where nobody has} */
    public String welder() {
        return welder;
    }

    /** {@return the machine it was first welded on; empty where not said} */
    public String machine() {
        return machine;
    }

    /** {@return how often it was repaired} */
    public int repairs() {
        return repairs;
    }
}
