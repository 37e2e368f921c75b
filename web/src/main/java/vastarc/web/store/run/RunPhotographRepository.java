package vastarc.web.store.run;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RunPhotographRepository extends JpaRepository<RunPhotograph, UUID> {

    List<Photograph> findByRunOrderByMadeAtAscIdAsc(UUID run);

    long countByRun(UUID run);

    Optional<Photograph> findPhotographById(UUID id);

    @Query("select p.id from RunPhotograph p order by p.madeAt, p.id")
    List<UUID> idsInOrder();

    @Modifying
    @Query("delete from RunPhotograph p where p.id = :id and p.run = :run")
    void forget(UUID run, UUID id);

    @Modifying
    @Query("update RunPhotograph p set p.measured = :measured where p.id = :id and p.run = :run")
    void measure(UUID run, UUID id, String measured);

    List<Photograph> findByRunInAndMeasuredIsNotNullOrderByMadeAtDescIdDesc(Collection<UUID> runs);
}
