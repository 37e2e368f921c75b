package vastarc.web.store.machine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MemorySlotRepository extends JpaRepository<MemorySlot, Long> {

    List<MemorySlot> findByMachineIdOrderBySlot(UUID machineId);

    Optional<MemorySlot> findByMachineIdAndSlot(UUID machineId, int slot);

    Slice<MemorySlot> findAllBy(Pageable page);

    @Modifying(flushAutomatically = true)
    @Query("delete from MemorySlot s where s.machineId = :machineId")
    void deleteByMachineId(UUID machineId);
}
