package vastarc.web.store.register;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Files of papers in the database. */
interface RegisterFileRepository extends JpaRepository<RegisterFile, UUID> {

    /** Which papers of a register have a file, and what it is called: nothing of what is in it. */
    @Query(
            "select new vastarc.web.store.register.FiledPaper(e.number, f.name) from RegisterFile f join RegisterEntry e on e.id = f.entry"
                    + " where e.register = :register order by e.number")
    List<FiledPaper> named(String register);

    @Query("select count(f) from RegisterFile f join RegisterEntry e on e.id = f.entry where e.register = :register")
    int countOf(String register);

    /** How many bytes all files have but one paper's. */
    @Query("select coalesce(sum(f.bytes), 0) from RegisterFile f where f.entry <> :paper")
    long bytesBeside(UUID paper);
}
