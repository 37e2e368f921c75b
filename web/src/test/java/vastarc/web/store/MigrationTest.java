package vastarc.web.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.MigrationVersion;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** Steps that bring a database up to date, on rows as the release before left them. */
class MigrationTest {

    private static final UUID SHEET = new UUID(1, 1);
    private static final UUID UNUSED = new UUID(1, 2);

    private final DriverManagerDataSource source =
            new DriverManagerDataSource("jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1", "sa", "");
    private final JdbcTemplate database = new JdbcTemplate(source);

    private void migrate(String version) {
        Flyway.configure()
                .dataSource(source)
                .locations("classpath:db/migration")
                .target(MigrationVersion.fromVersion(version))
                .load()
                .migrate();
    }

    @BeforeEach
    void sheetsBeforeTheTwelfthStep() {
        migrate("11");
        List.of(SHEET, UNUSED).forEach(id -> database.update("insert into run_sheet (id, sheet) values (?, '{}')", id));
        record(new UUID(2, 1), "{\"format\":1,\"content\":{\"sheet\":\"" + SHEET + "\",\"plan\":{}}}");
    }

    private void record(UUID run, String text) {
        database.update("insert into run_record (run_id, record) values (?, ?)", run, text);
    }

    private List<UUID> sheets() {
        return database.queryForList("select id from run_sheet order by id", UUID.class);
    }

    @Test
    void aRunKnowsItsSheetAndASheetWithoutARunGoes() {
        migrate("12");

        assertThat(database.queryForObject("select sheet_id from run_record", UUID.class))
                .isEqualTo(SHEET);
        assertThat(sheets()).containsExactly(SHEET);
    }

    @Test
    void whereARecordCannotBeReadNoSheetGoes() {
        record(new UUID(2, 2), "broken off in the mid");
        migrate("12");

        assertThat(sheets()).containsExactly(SHEET, UNUSED);
        assertThat(database.queryForObject("select count(*) from run_record where sheet_id is null", Integer.class))
                .isEqualTo(1);
    }

    @Test
    void theLaterStepsRunOnWhatItLeft() {
        migrate("12");
        migrate("13");

        assertThat(sheets()).containsExactly(SHEET);
    }
}
