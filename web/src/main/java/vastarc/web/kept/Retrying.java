package vastarc.web.kept;

import java.time.Duration;
import java.util.function.Supplier;
import org.springframework.core.retry.RetryPolicy;
import org.springframework.core.retry.RetryTemplate;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Work on what is kept, in a transaction. Where another hand was quicker it is done once more, on what that hand left: thirteen
 * times at the most, ever further apart.
 */
@Component
public class Retrying {

    private static final int MOST_RETRIES = 12;
    private static final Duration BETWEEN = Duration.ofMillis(5);
    private static final Duration MOST_BETWEEN = Duration.ofMillis(100);

    private final TransactionTemplate transaction;
    private final RetryTemplate retry;

    Retrying(TransactionTemplate transaction) {
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

    /** Does the work; it must read what it changes itself. */
    public <T> T inTransaction(Supplier<T> work) {
        return retry.invoke(() -> transaction.execute(status -> work.get()));
    }
}
