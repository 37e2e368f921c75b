package vastarc.web.kept.run;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.JpaSpecificationExecutor;

interface RunRepository extends JpaRepository<Run, UUID>, JpaSpecificationExecutor<Run> {

    Optional<Run> findFirstByJobIdAndEndedAtIsNullOrderByStartedAtDesc(UUID jobId);

    Optional<Run> findFirstByJobIdAndEndedAtIsNotNullOrderByStartedAtDesc(UUID jobId);

    List<Run> findTop20ByEndedAtIsNullOrderByStartedAtDesc();

    List<Run> findTop6ByJobNameAndIdNotOrderByStartedAtDesc(String jobName, UUID id);

    List<Run> findTop20ByEndedAtAfterOrderByEndedAtDesc(Instant moment);

    List<Run> findByMeterAndEndedAtIsNull(String meter);
}
