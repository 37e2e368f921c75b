package vastarc.web.store.device;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Changes name the one column they change: two of them at once lose nothing. */
interface DeviceRepository extends JpaRepository<PairedDevice, UUID> {

    List<PairedDevice> findAllByOrderByNameAscPairedAtAsc();

    Optional<PairedDevice> findByDigest(String digest);

    @Modifying
    @Query("update PairedDevice d set d.seenAt = :now where d.digest = :digest")
    int seen(String digest, Instant now);

    @Modifying
    @Query("update PairedDevice d set d.readOnly = :readOnly where d.id = :id")
    int limit(UUID id, boolean readOnly);

    @Modifying
    @Query("delete from PairedDevice d where d.id = :id")
    int revoke(UUID id);
}
