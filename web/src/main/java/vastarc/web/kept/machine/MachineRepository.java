package vastarc.web.kept.machine;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface MachineRepository extends JpaRepository<Machine, UUID> {

    List<Machine> findByDeletedAtIsNullOrderByCreatedAt();
}
