package vastarc.web.store.machine;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface MachineRepository extends JpaRepository<Machine, UUID> {

    @Query("select machine.name from Machine machine where machine.id = ?1 and machine.deletedAt is null")
    Optional<String> nameOf(UUID id);

    @Query("select machine.name from Machine machine where machine.deletedAt is null order by machine.createdAt")
    List<String> names();

    List<Machine> findByDeletedAtIsNullOrderByCreatedAt();

    long countByDeletedAtIsNull();

    /** Those taken off the list, but for so many that were taken off last. */
    @Query("select machine.id from Machine machine where machine.deletedAt is not null "
            + "order by machine.deletedAt desc, machine.id offset ?1 rows")
    List<UUID> longestAway(int last);
}
