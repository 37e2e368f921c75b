package vastarc.web.store.run;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import vastarc.web.store.run.RunEventRow.EventId;

interface RunEventRepository extends JpaRepository<RunEventRow, EventId> {

    @Query("select e from RunEventRow e where e.id.runId = :run order by e.id.seq")
    List<RunEventRow> ofRun(UUID run);

    @Query("select e from RunEventRow e where e.id.runId in :runs order by e.id.runId, e.id.seq")
    List<RunEventRow> ofRuns(Collection<UUID> runs);

    @Query("select coalesce(max(e.id.seq), 0) from RunEventRow e where e.id.runId = :run")
    int last(UUID run);

    boolean existsByKey(UUID key);
}
