package vastarc.web.kept.job;

import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;

interface JobRepository extends JpaRepository<Job, UUID> {

    Slice<Job> findAllBy(Pageable page);

    List<Job> findByDeletedAtIsNullOrderByCreatedAtDesc();
}
