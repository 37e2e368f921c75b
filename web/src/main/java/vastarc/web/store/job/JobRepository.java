package vastarc.web.store.job;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface JobRepository extends JpaRepository<Job, UUID> {

    /** Ids alone: to put whole jobs in order page by page, all of them are sorted for every page. */
    @Query("select job.id from Job job order by job.createdAt, job.id")
    List<UUID> idsInOrder();

    List<Job> findByDeletedAtIsNull(Pageable page);

    Page<Job> findPageByDeletedAtIsNull(Pageable page);

    Page<Job> findPageByDeletedAtIsNotNull(Pageable page);

    long countByDeletedAtIsNull();

    long countByDeletedAtIsNotNull();

    /** Jobs on the bench that hold a text in their name or notes; {@code text} in small letters, between percent signs, {@code !} escaping. */
    @Query("select j from Job j where j.deletedAt is null"
            + " and (lower(j.name) like :text escape '!' or lower(j.notes) like :text escape '!')")
    Page<Job> findNamed(String text, Pageable page);

    @Query("select job.version from Job job where job.id = ?1 and job.deletedAt is null")
    Optional<Long> versionOf(UUID id);

    /** Jobs archived before a moment, but those whose sheet is in a machine's memory. */
    @Query("select j.id from Job j where j.deletedAt < :before"
            + " and not exists (select 1 from MemorySlot s where s.jobId = j.id)")
    List<UUID> archivedBefore(Instant before, Limit limit);
}
