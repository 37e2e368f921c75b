package vastarc.web.store;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.repository.Repository;

/** Lets one at a time add to a list that may hold only so many. */
public interface ListBounds extends Repository<ListBound, ListBound.Name> {

    /**
     * Waits until nobody else adds to a list, and keeps others waiting until the transaction ends: what is counted afterwards is still true when it is
     * added to.
     *
     * @param list the list
     * @return its row
     */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    Optional<ListBound> findByName(ListBound.Name list);
}
