package vastarc.web.store.run;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.store.run.RunReadings.ReadingsId;

interface RunReadingsRepository extends JpaRepository<RunReadings, ReadingsId> {

    @Query("select r from RunReadings r where r.id.runId = :run order by r.id.kind, r.id.seq")
    List<RunReadings> ofRun(UUID run);

    @Query("select coalesce(max(r.id.seq), 0) from RunReadings r where r.id.runId = :run and r.id.kind = :kind")
    int last(UUID run, MeasuredQuantity kind);

    @Query("select coalesce(sum(r.size), 0) from RunReadings r where r.id.runId = :run and r.id.kind = :kind")
    long bytes(UUID run, MeasuredQuantity kind);

    @Query("select distinct r.id.runId from RunReadings r where r.id.runId in :runs")
    Set<UUID> withReadings(Collection<UUID> runs);

    @Modifying
    @Query("delete from RunReadings r where r.id.runId = :run")
    void deleteOfRun(UUID run);
}
