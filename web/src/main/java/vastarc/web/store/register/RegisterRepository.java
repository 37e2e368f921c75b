package vastarc.web.store.register;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Entries of all registers in the database. */
interface RegisterRepository extends JpaRepository<RegisterEntry, UUID> {

    List<RegisterEntry> findByRegisterOrderByNumber(String register);

    Optional<RegisterEntry> findByRegisterAndNumber(String register, String number);

    int countByRegister(String register);
}
