package vastarc.web.kept.machine;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface DialReadingRepository extends JpaRepository<DialReadingRow, Long> {

    List<DialReadingRow> findByMachineIdOrderByPlace(UUID machineId);
}
