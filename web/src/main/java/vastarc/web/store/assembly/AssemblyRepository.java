package vastarc.web.store.assembly;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Assemblies in the database. */
interface AssemblyRepository extends JpaRepository<Assembly, UUID> {

    List<Assembly> findAllByOrderByChangedAtDescNameAsc();

    List<Assembly> findAllByOrderByNameAscIdAsc();
}
