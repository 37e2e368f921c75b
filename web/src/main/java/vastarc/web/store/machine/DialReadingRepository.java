package vastarc.web.store.machine;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DialReadingRepository extends JpaRepository<DialReadingRow, Long> {

    List<DialReadingRow> findByMachineIdOrderByPlace(UUID machineId);

    Slice<DialReadingRow> findAllBy(Pageable page);

    @Modifying(flushAutomatically = true)
    @Query("delete from DialReadingRow r where r.machineId = :machineId")
    void deleteByMachineId(UUID machineId);
}
