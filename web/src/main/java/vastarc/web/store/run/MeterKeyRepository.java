package vastarc.web.store.run;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MeterKeyRepository extends JpaRepository<MeterKey, UUID> {

    List<MeterKey> findAllByOrderByName();

    Optional<MeterKey> findByName(String name);

    @Modifying
    @Query("update MeterKey m set m.seenAt = :now where m.name = :name")
    int seen(String name, Instant now);

    @Modifying
    @Query("delete from MeterKey m where m.id = :id")
    int revoke(UUID id);
}
