package vastarc.web.kept.machine;

import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface JobPanelRepository extends JpaRepository<JobPanel, UUID> {}
