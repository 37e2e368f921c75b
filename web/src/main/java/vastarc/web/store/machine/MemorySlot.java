package vastarc.web.store.machine;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.core.advice.plan.SheetDocument;
import vastarc.web.store.document.Document;
import vastarc.web.store.document.SheetDocuments;
import vastarc.web.store.document.SheetDocuments.SheetColumn;

/** A sheet put into a machine's memory, with the figures it had then. */
@Entity
@Table(name = "memory_slot")
public class MemorySlot {

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(name = "machine_id")
    private UUID machineId;

    private int slot;

    @Column(name = "job_id")
    private UUID jobId;

    @Convert(converter = ControlPlacesConverter.class)
    private Document<ControlPlaces> figures;

    @Convert(converter = SheetColumn.class)
    private @Nullable Document<SheetDocument> sheet;

    @Column(name = "assigned_at")
    private Instant assignedAt;

    protected MemorySlot() {}

    MemorySlot(UUID machineId, int slot, SlotContent stored, Instant now) {
        this.machineId = machineId;
        this.slot = slot;
        take(stored, now);
    }

    /**
     * What is put into a slot.
     *
     * @param places of the controls, by id
     * @param sheet  the sheet they were set from
     */
    public record SlotContent(UUID jobId, Map<String, Double> places, SheetDocument sheet) {}

    MemorySlot(UUID machineId, int slot, ArchivedSlot archived, Instant at) {
        this.machineId = machineId;
        this.slot = slot;
        this.jobId = archived.jobId();
        this.figures = Document.of(ControlPlaces.FORMAT, new ControlPlaces(archived.places()));
        this.sheet = archived.sheet().orElse(null);
        this.assignedAt = at;
    }

    /**
     * What an archive says is in a slot.
     *
     * @param sheet empty where it was stored before sheets were kept
     */
    record ArchivedSlot(UUID jobId, Map<String, Double> places, Optional<Document<SheetDocument>> sheet) {}

    /** When it was put in. */
    Instant assignedAt() {
        return assignedAt;
    }

    final void take(SlotContent stored, Instant now) {
        jobId = stored.jobId();
        figures = Document.of(ControlPlaces.FORMAT, new ControlPlaces(stored.places()));
        sheet = Document.of(SheetDocuments.FORMAT, stored.sheet());
        assignedAt = now;
    }

    /** {@return the id of its machine} */
    public UUID machineId() {
        return machineId;
    }

    /** {@return its number, from 1} */
    public int slot() {
        return slot;
    }

    /** {@return the id of the job whose sheet it holds} */
    public UUID jobId() {
        return jobId;
    }

    /** {@return place of each control when it was put in, by element id} */
    public Map<String, Double> figures() {
        return figures.value().map(ControlPlaces::byControl).orElse(Map.of());
    }

    /** {@return the sheet it was set from; empty where it was stored before sheets were kept, or cannot be read} */
    public Optional<SheetDocument> sheet() {
        return Optional.ofNullable(sheet).flatMap(Document::value);
    }
}
