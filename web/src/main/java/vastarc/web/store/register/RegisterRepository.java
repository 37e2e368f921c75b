package vastarc.web.store.procedure;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Procedures in the database. */
interface ProcedureRepository extends JpaRepository<KeptProcedure, UUID> {

    List<KeptProcedure> findAllByOrderByNumber();

    Optional<KeptProcedure> findByNumber(String number);
}
