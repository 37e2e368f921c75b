package vastarc.web.store.batch;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Uses of batches in the database. */
interface BatchUseRepository extends JpaRepository<BatchUse, UUID> {

    List<BatchUse> findByJobOrderByNumber(UUID job);

    List<BatchUse> findByRunOrderByNumber(UUID run);

    List<BatchUse> findTop500ByNumberAndRunIsNotNull(String number);

    List<BatchUse> findTop500ByNumberAndJobIsNotNull(String number);

    @Query("select u from BatchUse u order by coalesce(u.job, u.run), u.number")
    List<BatchUse> inOrder();
}
