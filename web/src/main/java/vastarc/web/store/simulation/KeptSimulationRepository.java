package vastarc.web.store.simulation;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface KeptSimulationRepository extends JpaRepository<KeptSimulation, UUID> {

    List<KeptSimulation> findByJobIdOrderByMadeAtDescIdAsc(UUID jobId);

    @Query("select kept.id from KeptSimulation kept order by kept.madeAt, kept.id")
    List<UUID> idsInOrder();

    /** Whether the job is still there; one archived long ago goes for good. */
    @Query("select count(j) > 0 from Job j where j.id = :job")
    boolean hasJob(UUID job);
}
