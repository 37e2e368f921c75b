package vastarc.web.store.drill;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;

/** Practical tests in the database. */
interface PracticalResultRepository extends JpaRepository<PracticalResult, UUID> {

    List<PracticalResult> findByLearnerOrderByDoneAtDescIdAsc(String learner);

    List<PracticalResult> findAllByOrderByDoneAtAscIdAsc();

    void deleteByLearner(String learner);
}
