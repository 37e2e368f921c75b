package vastarc.web.store.run;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.JpaSpecificationExecutor;

interface WeldRunRepository extends JpaRepository<WeldRun, UUID>, JpaSpecificationExecutor<WeldRun> {

    Optional<WeldRun> findFirstByJobIdAndEndedAtIsNullOrderByStartedAtDesc(UUID jobId);

    Optional<WeldRun> findFirstByJobIdAndEndedAtIsNotNullOrderByStartedAtDesc(UUID jobId);

    List<WeldRun> findTop20ByEndedAtIsNullOrderByStartedAtDesc();

    List<WeldRun> findTop6ByJobNameAndIdNotOrderByStartedAtDesc(String jobName, UUID id);

    List<WeldRun> findTop20ByEndedAtAfterOrderByEndedAtDesc(Instant moment);

    List<WeldRun> findByMeterAndEndedAtIsNull(String meter);
}
