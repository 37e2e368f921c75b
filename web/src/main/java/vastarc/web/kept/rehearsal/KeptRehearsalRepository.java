package vastarc.web.kept.rehearsal;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;

interface KeptRehearsalRepository extends JpaRepository<KeptRehearsal, UUID> {

    List<KeptRehearsal> findByJobIdOrderByMadeAtDescIdAsc(UUID jobId);

    Slice<KeptRehearsal> findAllBy(Pageable page);
}
