package vastarc.web.store.disk;

import java.nio.file.Path;
import org.hibernate.cfg.JdbcSettings;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.hibernate.autoconfigure.HibernatePropertiesCustomizer;
import org.springframework.boot.jdbc.autoconfigure.DataSourceProperties;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.datasource.SingleConnectionDataSource;

/** The disk of this shop. */
@Configuration
class DiskConfiguration {

    @Bean
    Disk disk(@Value("${vastarc.data:./data}") Path folder) {
        return Disk.of(folder);
    }

    @Bean
    HibernatePropertiesCustomizer writesInTransactions() {
        return settings -> settings.put(JdbcSettings.STATEMENT_INSPECTOR, new WritesInTransactions());
    }

    @Bean
    Flusher flusher(DataSourceProperties database) {
        SingleConnectionDataSource connection = new SingleConnectionDataSource(database.determineUrl(), true);
        connection.setUsername(database.determineUsername());
        connection.setPassword(database.determinePassword());
        return new Flusher(connection);
    }
}
