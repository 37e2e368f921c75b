package vastarc.web.store;

import java.time.Duration;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.retry.RetryPolicy;
import org.springframework.core.retry.RetryTemplate;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;
import vastarc.web.store.disk.DiskTrouble;

/**
 * Work on what is stored, in a transaction. Where another change was quicker it is done once more, on what that one left: thirteen
 * times at the most, ever further apart.
 */
@Component
public class TransactionRetry {

    private static final Logger LOG = LoggerFactory.getLogger(TransactionRetry.class);
    private static final int MOST_RETRIES = 12;
    private static final Duration BETWEEN = Duration.ofMillis(5);
    private static final Duration MOST_BETWEEN = Duration.ofMillis(100);

    private final TransactionTemplate transaction;
    private final RetryTemplate retry;

    TransactionRetry(TransactionTemplate transaction) {
        this.transaction = transaction;
        this.retry = new RetryTemplate(RetryPolicy.builder()
                .includes(ConcurrencyFailureException.class, DataIntegrityViolationException.class)
                .maxRetries(MOST_RETRIES)
                .delay(BETWEEN)
                .jitter(BETWEEN)
                .multiplier(1.5)
                .maxDelay(MOST_BETWEEN)
                .build());
    }

    /**
     * Does work that may be left undone, such as noting when somebody was last seen: where it cannot be done, nothing
     * happens.
     *
     * @param work what to do
     */
    public void ifPossible(Runnable work) {
        try {
            transaction.executeWithoutResult(status -> work.run());
        } catch (DiskTrouble | DataAccessException left) {
            LOG.debug("left undone", left);
        }
    }

    /**
     * Does the work; it must read what it changes itself.
     *
     * @param <T> the type of the value
     * @param work what to do
     * @return the t
     */
    public <T> T inTransaction(Supplier<T> work) {
        return retry.invoke(() -> transaction.execute(status -> work.get()));
    }
}
