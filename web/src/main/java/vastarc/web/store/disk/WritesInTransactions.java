package vastarc.web.store.disk;

import java.util.regex.Pattern;
import org.hibernate.resource.jdbc.spi.StatementInspector;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Nothing is changed outside a transaction: only the beginning and the end of one ask the disk for room and bring the change onto it. A change
 * that does without, or in a transaction that may only read, is a fault of the program and is refused before it reaches the database.
 */
final class WritesInTransactions implements StatementInspector {

    private static final Pattern CHANGE =
            Pattern.compile("\\s*(insert|update|delete|merge)\\b.*", Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

    @Override
    public String inspect(String sql) {
        boolean mayWrite = TransactionSynchronizationManager.isActualTransactionActive()
                && !TransactionSynchronizationManager.isCurrentTransactionReadOnly();
        if (!mayWrite && CHANGE.matcher(sql).matches()) {
            throw new IllegalStateException("a change of the database was made outside a transaction that may write");
        }
        return sql;
    }
}
