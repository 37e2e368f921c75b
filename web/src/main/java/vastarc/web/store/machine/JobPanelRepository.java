package vastarc.web.store.machine;

import java.util.UUID;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;

interface JobPanelRepository extends JpaRepository<JobPanel, UUID> {

    Slice<JobPanel> findAllBy(Pageable page);
}
