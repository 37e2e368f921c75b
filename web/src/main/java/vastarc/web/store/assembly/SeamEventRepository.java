package vastarc.web.store.assembly;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;
import vastarc.web.store.assembly.AssemblyStore.CauseCount;

/** What happened to seams, in the database. */
interface SeamEventRepository extends JpaRepository<SeamEventRow, UUID> {

    List<SeamEventRow> findBySeamOrderByPlace(UUID seam);

    List<SeamEventRow> findBySeamInOrderByPlace(Collection<UUID> seams);

    @Query("""
            select new vastarc.web.store.assembly.AssemblyStore$CauseCount(e.cause, count(distinct e.seam))
            from SeamEventRow e, Seam s
            where s.id = e.seam and s.assembly = :assembly and e.accepted = false and e.cause <> ''
              and e.kind = vastarc.core.record.assembly.SeamEvent.SeamEventKind.EXAMINED
            group by e.cause order by count(distinct e.seam) desc, e.cause
            """)
    List<CauseCount> causes(UUID assembly);
}
