package vastarc.web.store.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.fail;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.CannotGetJdbcConnectionException;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** A database that has closed itself is opened again, with what it held, while others still hold connections to it. */
class ClosedDatabaseTest {

    private static final int LOOKS = 5;

    @TempDir
    private Path folder;

    @AfterEach
    void makeRoom() {
        FillingPath.full = false;
    }

    /** The disk is full to the last byte: the database closes itself under everybody, and is back once there is room. */
    @Test
    void oneThatTheDiskHasFailedIsBackOnceThereIsRoom() throws Exception {
        FillingPath.register();
        try (HikariDataSource pool = pool("jdbc:h2:filling:" + folder.resolve("vastarc"))) {
            Flusher flusher = flusher(pool);
            JdbcTemplate database = filled(pool, flusher);
            ClosedDatabase closed = new ClosedDatabase(pool, flusher);
            FillingPath.full = true;
            assertThatThrownBy(() -> {
                        long opening = flusher.opening();
                        database.execute("insert into shop values (2)");
                        flusher.flush(opening);
                    })
                    .isInstanceOf(RuntimeException.class);
            assertThatThrownBy(() -> database.queryForObject("select count(*) from shop", Integer.class))
                    .as("closed under everybody")
                    .isInstanceOf(RuntimeException.class);
            closed.look();
            FillingPath.full = false;
            closed.look();

            assertThat(database.queryForList("select id from shop order by id", Integer.class))
                    .startsWith(1);
            database.execute("insert into shop values (3)");
            flushed(flusher, closed);
            flusher.close();
        }
    }

    /** One that closes late may leave the flusher shut out of the one opened after it: the next look lets it in. */
    private static void flushed(Flusher flusher, ClosedDatabase closed) throws InterruptedException {
        for (int look = 0; look < LOOKS; look++) {
            try {
                flusher.flush(flusher.opening());
                return;
            } catch (CannotGetJdbcConnectionException shutOut) {
                assertThat(flusher.isShutOut()).isTrue();
                closed.look();
                assertThat(flusher.isShutOut()).isFalse();
            }
        }
        fail("not flushed after " + LOOKS + " looks");
    }

    private static HikariDataSource pool(String url) {
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl(url);
        config.setUsername("sa");
        config.setMaximumPoolSize(4);
        config.setConnectionTimeout(2000);
        config.setAllowPoolSuspension(true);
        return new HikariDataSource(config);
    }

    private static Flusher flusher(HikariDataSource pool) {
        SingleConnectionDataSource own = new SingleConnectionDataSource(pool.getJdbcUrl(), true);
        own.setUsername("sa");
        return new Flusher(own);
    }

    private static JdbcTemplate filled(HikariDataSource pool, Flusher flusher) {
        JdbcTemplate database = new JdbcTemplate(pool);
        database.execute("create table shop (id int)");
        database.execute("insert into shop values (1)");
        flusher.flush(flusher.opening());
        return database;
    }

    @Test
    void itIsOpenedAgainAndWhatWasNotOnTheDiskIsNeverCalledKept() throws Exception {
        try (HikariDataSource pool = pool("jdbc:h2:file:" + folder.resolve("vastarc"))) {
            Flusher flusher = flusher(pool);
            JdbcTemplate database = filled(pool, flusher);
            long opening = flusher.opening();
            ClosedDatabase closed = new ClosedDatabase(pool, flusher);

            closed.look();
            assertThat(flusher.opening()).as("an open one is left alone").isEqualTo(opening);

            close(pool);
            assertThatThrownBy(() -> database.queryForObject("select count(*) from shop", Integer.class))
                    .isInstanceOf(RuntimeException.class);
            closed.look();

            assertThat(database.queryForObject("select count(*) from shop", Integer.class))
                    .isEqualTo(1);
            assertThatThrownBy(() -> flusher.flush(opening)).hasMessageContaining("closed before the change");
            flusher.flush(flusher.opening());
            flusher.close();
        }
    }

    /** As it does by itself when its file cannot be written: at once, under everybody's hands. */
    private static void close(HikariDataSource pool) throws SQLException {
        Connection connection = pool.getConnection();
        connection.createStatement().execute("shutdown immediately");
        assertThatThrownBy(connection::close).isInstanceOf(SQLException.class);
    }
}
