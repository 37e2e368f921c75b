package vastarc.web.store.register;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Uses of papers in the database. */
interface PaperUseRepository extends JpaRepository<PaperUse, UUID> {

    List<PaperUse> findByJobOrderByRegisterAscNumberAsc(UUID job);

    List<PaperUse> findByRunOrderByRegisterAscNumberAsc(UUID run);

    List<PaperUse> findTop500ByRegisterAndNumberAndRunIsNotNull(String register, String number);

    List<PaperUse> findTop500ByRegisterAndNumberAndJobIsNotNull(String register, String number);

    @Query("select u from PaperUse u order by coalesce(u.job, u.run), u.register, u.number")
    List<PaperUse> inOrder();
}
