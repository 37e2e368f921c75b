package vastarc.web.store.diagnosis;

import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.data.jpa.repository.JpaRepository;

interface TriedChangeRepository extends JpaRepository<TriedChange, UUID> {

    Stream<TriedChange> streamAllByOrderByTriedAtAscIdAsc();
}
