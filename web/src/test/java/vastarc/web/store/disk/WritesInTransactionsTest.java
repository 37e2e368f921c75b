package vastarc.web.store.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import vastarc.web.SpringTest;

/** No store can change anything past the disk check: plain SQL is refused outside a transaction that may write. */
@SpringTest
class WritesInTransactionsTest {

    private static final String CHANGE = "update shop set version = version where 1 = 0";

    @Autowired
    private JdbcClient database;

    @Autowired
    private PlatformTransactionManager transactions;

    @Autowired
    private HikariDataSource source;

    @Test
    void plainSqlChangesNothingOutsideATransaction() {
        assertThatThrownBy(() -> database.sql(CHANGE).update()).hasMessageContaining("outside a transaction");
        assertThatThrownBy(() -> database.sql("update shop set version = :v where 1 = 0")
                        .param("v", 1)
                        .update())
                .hasMessageContaining("outside a transaction");
    }

    @Test
    void norInsideOneThatMayOnlyRead() {
        TransactionTemplate reading = new TransactionTemplate(transactions);
        reading.setReadOnly(true);
        assertThatThrownBy(() -> reading.executeWithoutResult(
                        status -> database.sql(CHANGE).update()))
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
        Integer changed = new TransactionTemplate(transactions)
                .execute(status -> database.sql(CHANGE).update());
        assertThat(changed).isZero();
    }
}
