package vastarc.web.store.machine;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Component;
import vastarc.core.equipment.DialReading;
import vastarc.web.store.archive.ArchiveRefused;

/** What archives hold of machines, out of the database and into it; for transactions of the caller's. */
@Component
class MachineArchive {

    private static final int AT_ONCE = 500;

    /** What one shop keeps comes in, beside as much again: machines are read all at once. */
    private static final int MOST_BROUGHT = 80;

    private final MachineRepository machines;
    private final TorchRepository torches;
    private final DialReadingRepository readings;
    private final MemorySlotRepository slots;
    private final JobPanelRepository panels;

    MachineArchive(
            MachineRepository machines,
            TorchRepository torches,
            DialReadingRepository readings,
            MemorySlotRepository slots,
            JobPanelRepository panels) {
        this.machines = machines;
        this.torches = torches;
        this.readings = readings;
        this.slots = slots;
        this.panels = panels;
    }

    private interface PageReader<T> {
        Slice<T> page(Pageable page);
    }

    private static <T> void forEach(PageReader<T> reader, Sort order, Consumer<T> taker) {
        for (int page = 0; ; page++) {
            Slice<T> some = reader.page(PageRequest.of(page, AT_ONCE, order));
            some.forEach(taker);
            if (!some.hasNext()) {
                return;
            }
        }
    }

    // --- machines

    List<Machine> machines() {
        return machines.findAll(Sort.by("createdAt", "id"));
    }

    Optional<Machine> machine(UUID id) {
        return machines.findById(id);
    }

    /** Its old readings and memory go; those of the archive follow. */
    void put(UUID id, ArchivedMachine archived) {
        readings.deleteByMachineId(id);
        slots.deleteByMachineId(id);
        Optional<Machine> kept = machines.findById(id);
        if (kept.isEmpty() && archived.days().putAway() == null && machines.countByDeletedAtIsNull() >= MOST_BROUGHT) {
            throw new ArchiveRefused("with it the shop would have more than " + MOST_BROUGHT
                    + " machines; take some of the shop’s own off the list, then try again");
        }
        kept.ifPresentOrElse(
                there -> there.restore(archived.inPlaceOf(there.archived())),
                () -> machines.save(new Machine(id, archived)));
    }

    // --- torches

    List<Torch> torches() {
        return torches.findAll(Sort.by("createdAt", "id"));
    }

    Optional<Torch> torch(UUID id) {
        return torches.findById(id);
    }

    /** A torch; {@code made} counts only for a new one where {@code dated} is not set. */
    void put(UUID id, Torch.TorchForm form, Instant made, boolean dated) {
        Optional<Torch> kept = torches.findById(id);
        if (kept.isEmpty() && torches.count() >= MOST_BROUGHT) {
            throw new ArchiveRefused("with it the shop would have more than " + MOST_BROUGHT
                    + " torches; take some of the shop’s own off the list, then try again");
        }
        kept.ifPresentOrElse(
                there -> there.restore(form, dated ? made : there.madeAt()),
                () -> torches.save(new Torch(id, form, made)));
    }

    // --- readings

    void forEachReading(Consumer<DialReadingRow> taker) {
        forEach(readings::findAllBy, Sort.by("machineId", "elementId", "band", "place", "readAt", "amps", "id"), taker);
    }

    /** Whether a reading is stored; its moment counts where it is given. */
    boolean holds(DialReadingRow row, boolean dated) {
        return readings.findByMachineIdOrderByPlace(row.machineId()).stream()
                .anyMatch(kept -> row.saysTheSame(kept, dated));
    }

    void put(DialReadingRow row) {
        readings.save(row);
    }

    /** A reading as an archive holds it. */
    static DialReadingRow reading(
            UUID machine, String element, int band, DialReading reading, boolean simulated, Instant at) {
        return new DialReadingRow(machine, element, band, reading, simulated, at);
    }

    // --- memory

    void forEachSlot(Consumer<MemorySlot> taker) {
        forEach(slots::findAllBy, Sort.by("machineId", "slot"), taker);
    }

    Optional<MemorySlot> slot(UUID machine, int slot) {
        return slots.findByMachineIdAndSlot(machine, slot);
    }

    void put(MemorySlot slot) {
        slots.save(slot);
    }

    // --- panels

    void forEachPanel(Consumer<JobPanel> taker) {
        forEach(panels::findAllBy, Sort.by("jobId"), taker);
    }

    Optional<JobPanel> panel(UUID job) {
        return panels.findById(job);
    }

    void put(UUID job, Optional<UUID> machine, Map<String, Double> settings, Map<String, String> answers) {
        JobPanel panel = panels.findById(job).orElseGet(() -> new JobPanel(job));
        panel.restore(machine, settings, answers);
        panels.save(panel);
    }
}
