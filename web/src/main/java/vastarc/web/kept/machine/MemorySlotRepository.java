package vastarc.web.kept.machine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MemorySlotRepository extends JpaRepository<MemorySlot, Long> {

    List<MemorySlot> findByMachineIdOrderBySlot(UUID machineId);

    Optional<MemorySlot> findByMachineIdAndSlot(UUID machineId, int slot);
}
