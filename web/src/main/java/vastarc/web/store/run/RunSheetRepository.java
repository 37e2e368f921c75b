package vastarc.web.store.run;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RunSheetRepository extends JpaRepository<RunSheet, UUID> {

    Stream<RunSheet> streamAllByOrderById();

    /** Held until the end of the transaction: a sheet that is being given to a run cannot go meanwhile, nor the other way round. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from RunSheet s where s.id = :id")
    Optional<RunSheet> hold(UUID id);

    @Modifying
    @Query(
            "delete from RunSheet s where s.id = :id and not exists (select 1 from RunRecordRow r where r.sheetId = :id)")
    void deleteUnused(UUID id);
}
