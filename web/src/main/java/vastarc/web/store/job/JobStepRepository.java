package vastarc.web.store.job;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface JobStepRepository extends JpaRepository<JobStep, Long> {

    Optional<JobStep> findByJobIdAndPlace(UUID jobId, int place);

    /** A step and what was taken back after it, in order. */
    List<JobStep> findByJobIdAndPlaceGreaterThanEqualOrderByPlace(UUID jobId, int place);

    /** Those of some places that the history of a job has. */
    @Query("select s.place from JobStep s where s.jobId = :jobId and s.place in (:before, :after)")
    List<Integer> placesAmong(UUID jobId, int before, int after);

    /** Forgets what lies outside a stretch of the history. */
    @Modifying(flushAutomatically = true)
    @Query("delete from JobStep s where s.jobId = :jobId and (s.place < :first or s.place > :last)")
    void keepOnly(UUID jobId, int first, int last);
}
