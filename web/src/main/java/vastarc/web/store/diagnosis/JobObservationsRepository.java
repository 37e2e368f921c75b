package vastarc.web.store.diagnosis;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface JobObservationsRepository extends JpaRepository<JobObservations, UUID> {

    @Query("select o.id from JobObservations o order by o.id")
    List<UUID> idsInOrder();
}
