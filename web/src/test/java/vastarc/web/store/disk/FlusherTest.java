package vastarc.web.store.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.doReturn;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mockito.stubbing.Answer;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** What is acknowledged is on the disk; hands that wait share a flush. */
class FlusherTest {

    private final Connection connection = mock(Connection.class);
    private final Statement statement = mock(Statement.class);
    private final SingleConnectionDataSource source = mock(SingleConnectionDataSource.class);

    private Flusher flusher;

    @BeforeEach
    void connect() throws SQLException {
        when(source.getConnection()).thenReturn(connection);
        when(connection.createStatement()).thenReturn(statement);
        flusher = new Flusher(source);
    }

    @Test
    void handsThatComeWhileAFlushIsUnderWayShareTheNextOne() throws Exception {
        CountDownLatch firstBegun = new CountDownLatch(1);
        CountDownLatch mayEnd = new CountDownLatch(1);
        AtomicInteger flushes = new AtomicInteger();
        when(statement.execute(anyString())).thenAnswer((Answer<Boolean>) call -> {
            if (flushes.incrementAndGet() == 1) {
                firstBegun.countDown();
                assertThat(mayEnd.await(10, TimeUnit.SECONDS)).isTrue();
            }
            return false;
        });
        ExecutorService threads = Executors.newFixedThreadPool(9);
        try {
            long opening = flusher.opening();
            List<Future<?>> waiting = new ArrayList<>();
            waiting.add(threads.submit(() -> flusher.flush(opening)));
            assertThat(firstBegun.await(10, TimeUnit.SECONDS)).isTrue();
            for (int i = 0; i < 8; i++) {
                waiting.add(threads.submit(() -> flusher.flush(opening)));
            }
            while (flusher.waiting() < 9) {
                Thread.onSpinWait();
            }
            mayEnd.countDown();
            for (Future<?> hand : waiting) {
                hand.get(10, TimeUnit.SECONDS);
            }
        } finally {
            threads.shutdownNow();
        }

        assertThat(flushes).hasValue(2);
    }

    @Test
    void aFlushThatFailsIsToldAndWhatWasCommittedBeforeItIsNeverTakenForKept() throws Exception {
        when(statement.execute(anyString())).thenThrow(new SQLException("no space left", "90031"));
        long before = flusher.opening();

        assertThatThrownBy(() -> flusher.flush(before)).isInstanceOf(DataAccessException.class);
        verify(source).resetConnection();

        doReturn(false).when(statement).execute(anyString());
        assertThatThrownBy(() -> flusher.flush(before)).isInstanceOf(IllegalStateException.class);
        assertThatCode(() -> flusher.flush(flusher.opening())).doesNotThrowAnyException();
    }
}
