package vastarc.web.store.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import jakarta.persistence.EntityManager;
import jakarta.persistence.TransactionRequiredException;
import org.hibernate.Session;
import org.hibernate.SessionFactory;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import vastarc.web.SpringTest;

/** No store can change anything past the disk check: a change is refused outside a transaction that may write. */
@SpringTest
class WritesInTransactionsTest {

    private static final String CHANGE = "update Shop s set s.version = s.version where 1 = 0";

    @Autowired
    private EntityManager database;

    @Autowired
    private SessionFactory sessions;

    @Autowired
    private PlatformTransactionManager transactions;

    @Autowired
    private HikariDataSource source;

    private int change() {
        return database.createQuery(CHANGE).executeUpdate();
    }

    @Test
    void nothingIsChangedOutsideATransaction() {
        assertThatThrownBy(this::change).isInstanceOf(TransactionRequiredException.class);
    }

    @Test
    void norInOneThatTheProgramDoesNotKnowOf() {
        try (Session own = sessions.openSession()) {
            own.beginTransaction();
            assertThatThrownBy(() -> own.createMutationQuery(CHANGE).executeUpdate())
                    .hasMessageContaining("outside a transaction");
            own.getTransaction().rollback();
        }
    }

    @Test
    void norInsideOneThatMayOnlyRead() {
        TransactionTemplate reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
        assertThatThrownBy(() -> reading.executeWithoutResult(status -> change()))
                .hasMessageContaining("outside a transaction");
    }

    /** Else a database that has closed itself could not be opened again. */
    @Test
    void theProgramsOwnPoolCanBeHeld() {
        HikariPoolMXBean pool = source.getHikariPoolMXBean();
        pool.suspendPool();
        pool.resumePool();
        assertThat(pool.getTotalConnections()).isNotNegative();
    }

    @Test
    void insideOneThatMayWriteItDoes() {
        Integer changed = new TransactionTemplate(transactions).execute(status -> change());
        assertThat(changed).isZero();
    }
}
