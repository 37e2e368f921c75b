package vastarc.web.store.disk;

import java.nio.file.Path;
import javax.sql.DataSource;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** The disk of this shop. */
@Configuration
class DiskConfiguration {

    @Bean
    Disk disk(@Value("${vastarc.data:./data}") Path folder) {
        return Disk.of(folder);
    }

    @Bean
    JdbcTemplate jdbcTemplate(DataSource database) {
        return new WritesInTransactions(database);
    }

    @Bean
    Flusher flusher(DataSourceProperties database) {
        SingleConnectionDataSource connection = new SingleConnectionDataSource(database.determineUrl(), true);
        connection.setUsername(database.determineUsername());
        connection.setPassword(database.determinePassword());
        return new Flusher(connection);
    }
}
