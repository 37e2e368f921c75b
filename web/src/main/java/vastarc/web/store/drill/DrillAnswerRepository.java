package vastarc.web.store.drill;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DrillAnswerRepository extends JpaRepository<DrillAnswer, UUID> {

    boolean existsByLearner(String learner);

    List<DrillAnswer> findByLearnerOrderByAnsweredAtAscIdAsc(String learner);

    Stream<DrillAnswer> streamAllByOrderByAnsweredAtAscIdAsc();

    @Query("select a.learner from DrillAnswer a group by a.learner order by a.learner")
    List<String> learners(Limit limit);

    @Query(
            "select a.learner from DrillAnswer a group by a.learner order by max(a.answeredAt) desc, a.learner offset :newest")
    List<String> learnersBeyond(int newest);

    @Query("select a.learner from DrillAnswer a group by a.learner having count(a) > :most")
    List<String> learnersWithMore(long most);

    @Modifying
    @Query("delete from DrillAnswer a where a.learner in :learners")
    void deleteByLearners(Collection<String> learners);
}
