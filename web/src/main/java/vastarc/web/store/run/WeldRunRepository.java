package vastarc.web.store.run;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.JpaSpecificationExecutor;
import org.springframework.data.jpa.repository.Query;
import vastarc.core.record.weldlog.RunVerdict;
import vastarc.web.store.run.WeldRunQueries.ArcTime;
import vastarc.web.store.run.WeldRunQueries.RunLesson;
import vastarc.web.store.run.WeldRunQueries.RunOutcome;
import vastarc.web.store.run.WeldRunQueries.RunTime;

interface WeldRunRepository extends JpaRepository<WeldRun, UUID>, JpaSpecificationExecutor<WeldRun> {

    Optional<WeldRun> findFirstByJobIdAndEndedAtIsNullOrderByStartedAtDesc(UUID jobId);

    Optional<WeldRun> findFirstByJobIdAndEndedAtIsNotNullOrderByStartedAtDesc(UUID jobId);

    List<WeldRun> findTop20ByEndedAtIsNullOrderByStartedAtDesc();

    List<WeldRun> findTop6ByJobNameAndIdNotOrderByStartedAtDesc(String jobName, UUID id);

    List<WeldRun> findTop20ByEndedAtAfterOrderByEndedAtDesc(Instant moment);

    List<WeldRun> findByMeterAndEndedAtIsNull(String meter);

    List<ArcTime> findByEndedAtIsNotNullAndSimulatedFalseOrderByStartedAtDesc(Limit limit);

    @Query("select r.id, r.startedAt from WeldRun r where r.words like :words escape '!'")
    List<RunTime> withWords(String words, Limit limit);

    @Query(
            "select r.welded.material, r.welded.joint, r.welded.position, r.welded.thicknessMm, r.currentA / r.planned.reckonedA,"
                    + " case when r.planned.travel > 0 then coalesce(r.travel, 0) / r.planned.travel else 0 end, r.hand"
                    + " from WeldRun r where r.machineName = :machine and r.verdict = :verdict and r.currentA is not null"
                    + " and r.planned.reckonedA > 0 and r.simulated = false order by r.startedAt desc")
    List<RunLesson> lessons(String machine, RunVerdict verdict, Limit limit);

    @Query(
            "select r.welded.material, r.welded.joint, r.welded.position, r.welded.thicknessMm, r.currentA / r.planned.reckonedA,"
                    + " r.travel / r.planned.travel, r.verdict"
                    + " from WeldRun r where r.machineName = :machine and r.currentA is not null and r.travel is not null"
                    + " and r.planned.reckonedA > 0 and r.planned.travel > 0 and r.endedAt is not null and r.simulated = false"
                    + " order by r.startedAt desc")
    List<RunOutcome> outcomes(String machine, Limit limit);

    @Query(
            "select r.machineName from WeldRun r where r.machineName <> '' group by r.machineName order by count(r) desc")
    List<String> machineNames(Limit limit);

    @Query("select r.hand from WeldRun r where r.hand <> '' group by r.hand order by count(r) desc")
    List<String> hands(Limit limit);
}
