package vastarc.web.kept.rehearsal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KeptRehearsalRepository extends JpaRepository<KeptRehearsal, UUID> {

    List<KeptRehearsal> findByJobIdOrderByMadeAtDescIdAsc(UUID jobId);

    @Query("select kept.id from KeptRehearsal kept order by kept.madeAt, kept.id")
    List<UUID> idsInOrder();
}
