package vastarc.web.store.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;
import vastarc.core.equipment.DialReading;

/** What a clamp meter said, kept. */
@Entity
@Table(name = "dial_reading")
public class DialReadingRow {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "machine_id")
    private UUID machineId;

    @Column(name = "element_id")
    private String elementId;

    private int band;
    private double place;
    private double amps;
    private boolean simulated;

    @Column(name = "read_at")
    private Instant readAt;

    protected DialReadingRow() {}

    DialReadingRow(UUID machineId, String elementId, int band, DialReading reading, boolean simulated, Instant now) {
        this.machineId = machineId;
        this.elementId = elementId;
        this.band = band;
        this.place = reading.place();
        this.amps = reading.amps();
        this.simulated = simulated;
        this.readAt = now;
    }

    /** {@return its id} */
    public Long id() {
        return id;
    }

    UUID machineId() {
        return machineId;
    }

    Instant readAt() {
        return readAt;
    }

    /** Whether another says the same of the same dial and, where that counts, at the same moment. */
    boolean saysTheSame(DialReadingRow other, boolean dated) {
        return machineId.equals(other.machineId)
                && elementId.equals(other.elementId)
                && band == other.band
                && reading().equals(other.reading())
                && simulated == other.simulated
                && (!dated || readAt.equals(other.readAt));
    }

    /** {@return the id of its control} */
    public String elementId() {
        return elementId;
    }

    /** {@return the number of its coarse range} */
    public int band() {
        return band;
    }

    /** {@return whether a simulated meter read it} */
    public boolean simulated() {
        return simulated;
    }

    /** {@return the reading} */
    public DialReading reading() {
        return new DialReading(place, amps);
    }
}
