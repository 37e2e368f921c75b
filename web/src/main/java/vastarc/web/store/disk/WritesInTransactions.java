package vastarc.web.store.disk;

import javax.sql.DataSource;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.core.PreparedStatementCreator;
import org.springframework.jdbc.core.PreparedStatementSetter;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Plain SQL that changes nothing outside a transaction: only the beginning and the end of one ask the disk for room and bring the change onto it.
 * A change that does without is a fault of the program and is refused before it reaches the database.
 */
final class WritesInTransactions extends JdbcTemplate {

    WritesInTransactions(DataSource database) {
        super(database);
    }

    @Override
    protected int update(PreparedStatementCreator statement, @Nullable PreparedStatementSetter parameters) {
        requireTransaction();
        return super.update(statement, parameters);
    }

    @Override
    public int update(String sql) {
        requireTransaction();
        return super.update(sql);
    }

    @Override
    public void execute(String sql) {
        requireTransaction();
        super.execute(sql);
    }

    private static void requireTransaction() {
        if (!TransactionSynchronizationManager.isActualTransactionActive()
                || TransactionSynchronizationManager.isCurrentTransactionReadOnly()) {
            throw new IllegalStateException("a change of the database was made outside a transaction that may write");
        }
    }
}
