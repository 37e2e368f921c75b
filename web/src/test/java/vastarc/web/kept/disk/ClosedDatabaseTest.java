package vastarc.web.kept.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.zaxxer.hikari.HikariConfig;
import com.zaxxer.hikari.HikariDataSource;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** A database that has closed itself is opened again, with what it held, while others still hold connections to it. */
class ClosedDatabaseTest {

    @TempDir
    private Path folder;

    @Test
    void itIsOpenedAgainAndWhatWasNotOnTheDiskIsNeverCalledKept() throws Exception {
        String url = "jdbc:h2:file:" + folder.resolve("vastarc");
        HikariConfig config = new HikariConfig();
        config.setJdbcUrl(url);
        config.setUsername("sa");
        config.setMaximumPoolSize(4);
        config.setAllowPoolSuspension(true);
        try (HikariDataSource pool = new HikariDataSource(config)) {
            SingleConnectionDataSource own = new SingleConnectionDataSource(url, true);
            own.setUsername("sa");
            Flusher flusher = new Flusher(own);
            JdbcTemplate database = new JdbcTemplate(pool);
            database.execute("create table shop (id int)");
            database.execute("insert into shop values (1)");
            flusher.flush(flusher.opening());
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
