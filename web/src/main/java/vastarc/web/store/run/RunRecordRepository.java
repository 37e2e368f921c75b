package vastarc.web.store.run;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface RunRecordRepository extends JpaRepository<RunRecordRow, UUID> {

    List<RunRecordText> findByRunIdIn(Collection<UUID> runs);

    /** A record as it is stored, for many runs at once. */
    record RunRecordText(UUID runId, String record) {}
}
