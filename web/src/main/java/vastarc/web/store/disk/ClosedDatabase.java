package vastarc.web.store.disk;

import com.zaxxer.hikari.HikariDataSource;
import com.zaxxer.hikari.HikariPoolMXBean;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.util.concurrent.TimeUnit;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/**
 * Opens a database again that has closed itself, as it does when a write to its file fails. It stays closed for as long as anybody holds a connection
 * to it, so all of them are given up, the pool's and the {@link Flusher}'s, before the next one is asked for.
 */
@Component
class ClosedDatabase {

    private static final Logger LOG = LoggerFactory.getLogger(ClosedDatabase.class);

    private static final Duration PATIENCE = Duration.ofSeconds(10);
    private static final Duration LOOK = Duration.ofMillis(20);

    private final HikariDataSource pool;
    private final Flusher flusher;

    ClosedDatabase(DataSource database, Flusher flusher) throws SQLException {
        this.pool = database.unwrap(HikariDataSource.class);
        this.flusher = flusher;
    }

    /** Looks whether the database is open for all, and opens it again where it is not. */
    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.SECONDS)
    void look() throws InterruptedException {
        if (isClosed() || flusher.isShutOut()) {
            LOG.warn("The database has closed itself, as when the disk is full; it is opened again.");
            openAgain();
        }
    }

    private boolean isClosed() {
        try (Connection connection = pool.getConnection();
                Statement statement = connection.createStatement()) {
            statement.executeQuery("select id from shop").close();
            return false;
        } catch (SQLException e) {
            return DiskTrouble.isClosedDatabase(e);
        }
    }

    private void openAgain() throws InterruptedException {
        HikariPoolMXBean connections = pool.getHikariPoolMXBean();
        connections.suspendPool();
        try {
            flusher.giveUp();
            connections.softEvictConnections();
            for (long waited = 0; connections.getTotalConnections() > 0 && waited < PATIENCE.toMillis(); ) {
                Thread.sleep(LOOK.toMillis());
                waited += LOOK.toMillis();
            }
        } finally {
            connections.resumePool();
        }
    }
}
