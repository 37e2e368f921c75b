package vastarc.web.store.machine;

import java.time.Clock;
import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.equipment.DialCurve;
import vastarc.core.equipment.DialReading;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.PanelPlan;
import vastarc.web.store.ListBound;
import vastarc.web.store.ListBounds;
import vastarc.web.store.TransactionRetry;
import vastarc.web.store.machine.MemorySlot.SlotContent;

/** Stores the shop's machines and torches, what meters said of their dials, and how panels mean jobs. */
@Service
public class MachineStore {

    /** Machines in a shop. */
    public static final int MOST = 40;

    /** Torches in a shop. */
    public static final int MOST_TORCHES = 60;

    /** Machines taken off the list that can still be put back. */
    static final int MAX_REMOVED = 20;

    private final MachineRepository machines;
    private final TorchRepository torches;
    private final DialReadingRepository readings;
    private final MemorySlotRepository slots;
    private final JobPanelRepository panels;
    private final ListBounds bounds;
    private final TransactionRetry retrying;
    private final Clock clock;

    MachineStore(
            MachineRepository machines,
            TorchRepository torches,
            DialReadingRepository readings,
            MemorySlotRepository slots,
            JobPanelRepository panels,
            ListBounds bounds,
            TransactionRetry retrying,
            Clock clock) {
        this.machines = machines;
        this.torches = torches;
        this.readings = readings;
        this.slots = slots;
        this.panels = panels;
        this.bounds = bounds;
        this.retrying = retrying;
        this.clock = clock;
    }

    private Instant now() {
        return clock.instant();
    }

    /** {@return machines of the shop that can be used, in the order they came} */
    public List<Machine> machines() {
        return all().stream().filter(machine -> machine.fault().isEmpty()).toList();
    }

    /** {@return every machine of the shop, those that can no longer be used among them} */
    public List<Machine> all() {
        return machines.findByDeletedAtIsNullOrderByCreatedAt();
    }

    /**
     * {@return what a machine is called; its profile is not read for that}
     *
     * @param id the id
     */
    public Optional<String> name(UUID id) {
        return machines.nameOf(id);
    }

    /**
     * Of all machines, in the order they came.
     *
     * @return the strings
     */
    public List<String> names() {
        return machines.names();
    }

    /**
     * {@return a machine of the shop that can be used}
     *
     * @param id the id
     */
    public Optional<Machine> machine(UUID id) {
        return anyMachine(id).filter(machine -> machine.fault().isEmpty());
    }

    private Optional<Machine> anyMachine(UUID id) {
        return machines.findById(id).filter(machine -> !machine.isDeleted());
    }

    /** {@return whether the shop has as many machines as are stored} */
    public boolean isFull() {
        return machines.countByDeletedAtIsNull() >= MOST;
    }

    /**
     * {@return a new machine; empty where the shop {@link #isFull}}
     *
     * @param profile the profile
     */
    public Optional<Machine> create(MachineProfile profile) {
        return retrying.inTransaction(() -> {
            bounds.findByName(ListBound.Name.MACHINES);
            return isFull() ? Optional.empty() : Optional.of(machines.saveAndFlush(new Machine(profile, now())));
        });
    }

    /** A machine after an edit, or why it was refused. */
    public record MachineEditResult(Machine machine, List<Problem> problems) {}

    /**
     * Edits a machine; of two changes at once the second edits what the first has left. Empty if there is no such
     * machine.
     *
     * @param id the id
     * @param edit from the profile as it is stored to another, which fits the format, or to what is wrong with it
     * @return the machine edit result, or empty
     */
    public Optional<MachineEditResult> edit(UUID id, Function<Machine, Outcome<MachineProfile>> edit) {
        return retrying.inTransaction(() -> machine(id).map(machine -> {
            Outcome<MachineProfile> outcome = edit.apply(machine);
            outcome.value().ifPresent(profile -> machine.take(profile, now()));
            return new MachineEditResult(machines.saveAndFlush(machine), outcome.problems());
        }));
    }

    /**
     * Removes a machine from the list; it can be put back until {@value #MAX_REMOVED} others have been removed.
     *
     * @param id the id
     * @return the machine, or empty
     */
    public Optional<Machine> delete(UUID id) {
        return retrying.inTransaction(() -> anyMachine(id).map(machine -> {
            machine.delete(now());
            Machine away = machines.saveAndFlush(machine);
            makeRoom();
            return away;
        }));
    }

    /** Of too many machines taken off the list those go for good that were taken off longest ago. */
    void makeRoom() {
        retrying.inTransaction(() -> {
            List<UUID> gone = machines.longestAway(MAX_REMOVED);
            gone.forEach(this::letGo);
            return gone;
        });
    }

    private void letGo(UUID id) {
        machines.deleteById(id);
    }

    /**
     * Puts a removed machine back on the list.
     *
     * @param id the id
     * @return the machine, or empty
     */
    public Optional<Machine> restore(UUID id) {
        return retrying.inTransaction(() -> machines.findById(id).map(machine -> {
            machine.restore();
            return machines.saveAndFlush(machine);
        }));
    }

    /** {@return the torches of the shop} */
    public List<Torch> torches() {
        return torches.findAllByOrderByCreatedAt();
    }

    /**
     * {@return the torch with an id; empty if there is none}
     *
     * @param id the id
     */
    public Optional<Torch> torch(UUID id) {
        return torches.findById(id);
    }

    /**
     * {@return a new torch; empty where the shop has {@value #MOST_TORCHES}}
     *
     * @param form the form as filled in
     */
    public Optional<Torch> create(Torch.TorchForm form) {
        return retrying.inTransaction(() -> {
            bounds.findByName(ListBound.Name.TORCHES);
            return torches.count() >= MOST_TORCHES
                    ? Optional.empty()
                    : Optional.of(torches.saveAndFlush(new Torch(form, now())));
        });
    }

    /**
     * Deletes a torch.
     *
     * @param id the id
     */
    public void deleteTorch(UUID id) {
        torches.findById(id).ifPresent(torches::delete);
    }

    /**
     * {@return what meters said of a machine's dials}
     *
     * @param machineId id of the machine
     */
    public List<DialReadingRow> readings(UUID machineId) {
        return readings.findByMachineIdOrderByPlace(machineId);
    }

    /**
     * Stores a reading of a dial.
     *
     * @param machineId id of the machine
     * @param elementId id of the dial
     * @param band number of the coarse range
     * @param reading the reading
     * @param simulated whether a simulated meter gave them
     */
    public void read(UUID machineId, String elementId, int band, DialReading reading, boolean simulated) {
        readings.saveAndFlush(new DialReadingRow(machineId, elementId, band, reading, simulated, now()));
    }

    /**
     * Deletes a reading of a dial.
     *
     * @param machineId id of the machine
     * @param readingId id of the reading
     */
    public void forget(UUID machineId, long readingId) {
        readings.findByMachineIdOrderByPlace(machineId).stream()
                .filter(row -> row.id() == readingId)
                .forEach(readings::delete);
    }

    /**
     * {@return curves of a machine's dials, as {@link PanelPlan} wants them}
     *
     * @param machineId id of the machine
     */
    public Map<String, DialCurve> curves(UUID machineId) {
        Map<String, List<DialReading>> byDial = readings(machineId).stream()
                .collect(Collectors.groupingBy(
                        row -> PanelPlan.curveKey(row.elementId(), row.band()),
                        Collectors.mapping(DialReadingRow::reading, Collectors.toList())));
        Map<String, DialCurve> curves = new HashMap<>();
        byDial.forEach((dial, read) -> DialCurve.of(read).ifPresent(curve -> curves.put(dial, curve)));
        return curves;
    }

    /**
     * {@return the memory slots of a machine that are in use}
     *
     * @param machineId id of the machine
     */
    public List<MemorySlot> slots(UUID machineId) {
        return slots.findByMachineIdOrderBySlot(machineId);
    }

    /**
     * Puts a sheet's figures into a slot, in place of what was there.
     *
     * @param machineId id of the machine
     * @param slot number of the memory
     * @param stored what the memory holds
     */
    public void store(UUID machineId, int slot, SlotContent stored) {
        retrying.inTransaction(() -> {
            MemorySlot kept = slots.findByMachineIdAndSlot(machineId, slot)
                    .orElseGet(() -> new MemorySlot(machineId, slot, stored, now()));
            kept.take(stored, now());
            return slots.saveAndFlush(kept);
        });
    }

    /**
     * Empties a memory slot.
     *
     * @param machineId id of the machine
     * @param slot number of the memory
     */
    public void clear(UUID machineId, int slot) {
        slots.findByMachineIdAndSlot(machineId, slot).ifPresent(slots::delete);
    }

    /**
     * {@return how a machine's panel is set for a job; unknown for any other machine}
     *
     * @param jobId id of the job
     * @param machineId id of the machine
     */
    public JobPanel panel(UUID jobId, UUID machineId) {
        JobPanel panel = panels.findById(jobId).orElseGet(() -> new JobPanel(jobId));
        panel.on(machineId);
        return panel;
    }

    /**
     * Changes the settings of a panel, or what is ticked.
     *
     * @param jobId id of the job
     * @param machineId id of the machine
     * @param edit what to change
     * @return the job panel
     */
    public JobPanel panel(UUID jobId, UUID machineId, Consumer<JobPanel> edit) {
        return retrying.inTransaction(() -> {
            JobPanel panel = panel(jobId, machineId);
            edit.accept(panel);
            return panels.saveAndFlush(panel);
        });
    }
}
