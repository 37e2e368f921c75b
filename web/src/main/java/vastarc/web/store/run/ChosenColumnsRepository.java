package vastarc.web.store.run;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ChosenColumnsRepository extends JpaRepository<ChosenColumns, String> {

    List<ChosenColumns> findAllByOrderByHeading();
}
