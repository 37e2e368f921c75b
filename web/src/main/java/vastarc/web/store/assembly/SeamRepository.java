package vastarc.web.store.assembly;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import vastarc.core.record.assembly.RepairRate;
import vastarc.core.record.assembly.SeamState;
import vastarc.web.store.assembly.AssemblyStore.StateCount;

/** Seams in the database. */
interface SeamRepository extends JpaRepository<Seam, UUID> {

    Page<Seam> findByAssemblyOrderByPlace(UUID assembly, Pageable page);

    Page<Seam> findByAssemblyAndStateOrderByPlace(UUID assembly, SeamState state, Pageable page);

    List<Seam> findByAssemblyOrderByPlace(UUID assembly);

    List<Seam> findByAssemblyAndXIsNotNullOrderByPlace(UUID assembly);

    List<Seam> findByJobAndStateOrderByPlace(UUID job, SeamState state);

    List<Seam> findByJobOrderByNumber(UUID job);

    Optional<Seam> findByAssemblyAndNumber(UUID assembly, String number);

    int countByAssembly(UUID assembly);

    @Query("select coalesce(max(s.place), 0) from Seam s where s.assembly = :assembly")
    int lastPlace(UUID assembly);

    @Query("""
            select new vastarc.web.store.assembly.AssemblyStore$StateCount(s.assembly, s.state, count(s))
            from Seam s group by s.assembly, s.state
            """)
    List<StateCount> counts();

    @Query("""
            select new vastarc.core.record.assembly.RepairRate(s.welder, count(s), sum(case when s.repairs > 0 then 1L else 0L end))
            from Seam s where s.assembly = :assembly and s.welder <> '' group by s.welder order by s.welder
            """)
    List<RepairRate> byWelder(UUID assembly);

    @Query("""
            select new vastarc.core.record.assembly.RepairRate(s.machine, count(s), sum(case when s.repairs > 0 then 1L else 0L end))
            from Seam s where s.assembly = :assembly and s.machine <> '' group by s.machine order by s.machine
            """)
    List<RepairRate> byMachine(UUID assembly);
}
