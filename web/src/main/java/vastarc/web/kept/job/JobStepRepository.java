package vastarc.web.kept.job;

import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface JobStepRepository extends JpaRepository<JobStep, Long> {

    Optional<JobStep> findByJobIdAndPlace(UUID jobId, int place);

    boolean existsByJobIdAndPlace(UUID jobId, int place);

    void deleteByJobIdAndPlaceGreaterThan(UUID jobId, int place);

    void deleteByJobIdAndPlaceLessThan(UUID jobId, int place);
}
