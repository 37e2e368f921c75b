package vastarc.web.store.machine;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

interface TorchRepository extends JpaRepository<Torch, UUID> {

    List<Torch> findAllByOrderByCreatedAt();
}
