package vastarc.web.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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

    @Test
    void whatBelongsToAJobOrAMachineGoesWithItAndNothingElse() {
        migrate("13");
        UUID job = job(1);
        UUID other = job(2);
        UUID machine = new UUID(4, 1);
        List.of(job, other).forEach(this::partsOfJob);
        rehearsal(new UUID(3, 9));
        partsOfMachine(machine, other);

        migrate("14");

        assertThat(count("rehearsal")).isEqualTo(2);
        database.update("delete from job where id = ?", job);
        for (String table : List.of("job_step", "job_panel", "job_reading", "rehearsal")) {
            assertThat(database.queryForList("select job_id from " + table, UUID.class))
                    .as(table)
                    .containsExactly(other);
        }
        assertThatThrownBy(() -> database.update("delete from job where id = ?", other))
                .hasMessageContaining("JOB_IN_SLOT");
        database.update("delete from machine where id = ?", machine);
        assertThat(count("dial_reading") + count("memory_slot")).isZero();
    }

    @Test
    void numbersOfRowsGoOnWhereTheyWere() {
        migrate("13");
        UUID job = job(1);
        for (int place = 0; place < 3; place++) {
            database.update(
                    "insert into job_step (job_id, place, form, field, changed_at) values (?, ?, '{}', '', now())",
                    job,
                    place);
        }
        List<Long> before = database.queryForList("select id from job_step order by place", Long.class);

        migrate("14");

        database.update(
                "insert into job_step (job_id, place, form, field, changed_at) values (?, 3, '{}', '', now())", job);
        List<Long> after = database.queryForList("select id from job_step order by place", Long.class);
        assertThat(after.subList(0, 3)).isEqualTo(before);
        assertThat(after.get(3)).isGreaterThan(before.get(2));
        assertThatThrownBy(() -> database.update(
                        "insert into job_step (job_id, place, form, field, changed_at) values (?, 3, '{}', '', now())",
                        job))
                .hasMessageContaining("ONE_STEP_A_PLACE");
    }

    @Test
    void whatBelongsToARunGoesWithItAndWhatBelongsToNoneIsGone() {
        migrate("13");
        UUID run = new UUID(2, 1);
        run(run);
        for (UUID one : List.of(run, new UUID(2, 2))) {
            database.update("insert into run_event (run_id, seq, at_s, kind) values (?, 1, 0, 'ARC_ON')", one);
            database.update(
                    "insert into run_readings (run_id, seq, kind, packed) values (?, 1, 'CURRENT', x'00')", one);
            database.update(
                    "insert into run_photo (id, run_id, kind, made_at, width, height, jpeg)"
                            + " values (random_uuid(), ?, 'BEAD', now(), 1, 1, x'00')",
                    one);
        }

        migrate("14");

        List<String> tables = List.of("run_record", "run_event", "run_readings", "run_photo");
        assertThat(tables).allSatisfy(table -> assertThat(count(table)).isEqualTo(1));
        database.update("delete from run where id = ?", run);
        assertThat(tables).allSatisfy(table -> assertThat(count(table)).isZero());
    }

    private void partsOfJob(UUID job) {
        database.update(
                "insert into job_step (job_id, place, form, field, changed_at) values (?, 0, '{}', '', now())", job);
        database.update("insert into job_panel (job_id, version, stands, answers) values (?, 0, '{}', '{}')", job);
        database.update("insert into job_reading (job_id, version, marks, changed_at) values (?, 0, '{}', now())", job);
        rehearsal(job);
    }

    private void partsOfMachine(UUID machine, UUID inMemory) {
        database.update(
                "insert into machine (id, version, name, profile, created_at, changed_at) values (?, 0, 'Kite', '{}', now(), now())",
                machine);
        database.update(
                "insert into dial_reading (machine_id, element_id, band, place, amps, simulated, read_at)"
                        + " values (?, 'main', 0, 1, 60, false, now())",
                machine);
        database.update(
                "insert into memory_slot (machine_id, slot, job_id, figures, assigned_at) values (?, 1, ?, '{}', now())",
                machine,
                inMemory);
    }

    @Test
    void proceduresMoveIntoTheRegisterAsTheyAre() {
        migrate("19");
        UUID id = new UUID(4, 1);
        database.update(
                "insert into weld_procedure (id, version, number, content, changed_at) values (?, 3, 'P-12', '{\"format\":1}', now())",
                id);

        migrate("20");

        assertThat(database.queryForList("select * from register_entry"))
                .singleElement()
                .satisfies(row -> assertThat(row)
                        .containsEntry("ID", id)
                        .containsEntry("VERSION", 3L)
                        .containsEntry("REGISTER", "procedures")
                        .containsEntry("NUMBER", "P-12")
                        .containsEntry("CONTENT", "{\"format\":1}"));
    }

    @Test
    void usesOfBatchesBecomeUsesOfPapers() {
        migrate("23");
        UUID job = job(9);
        database.update(
                "insert into batch_use (id, job_id, number, what) values (random_uuid(), ?, 'H-1', 'plate')", job);

        migrate("24");

        assertThat(database.queryForList("select register, number, job_id from paper_use"))
                .singleElement()
                .satisfies(row -> assertThat(row)
                        .containsEntry("REGISTER", "batches")
                        .containsEntry("NUMBER", "H-1")
                        .containsEntry("JOB_ID", job));
    }

    @Test
    void runsFromBeforeHaveNoPosition() {
        migrate("24");
        run(new UUID(2, 9));

        migrate("25");

        assertThat(database.queryForList("select weld_position from run"))
                .singleElement()
                .satisfies(row -> assertThat(row).containsEntry("WELD_POSITION", ""));
    }

    @Test
    void runsFromBeforeHeardNoCoach() {
        migrate("25");
        run(new UUID(2, 10));

        migrate("26");

        assertThat(database.queryForList("select coach from run"))
                .singleElement()
                .satisfies(row -> assertThat(row).containsEntry("COACH", ""));
    }

    private void run(UUID run) {
        database.update(
                "insert into run (id, version, job_name, started_at, material, joint, thickness_mm, machine_name, hand, meter,"
                        + " verdict, simulated, planned_a, reckoned_a, planned_travel, arc_s, findings, note, words)"
                        + " values (?, 0, '', now(), '', '', 2, '', '', '', 'GOOD', false, 60, 60, 90, 1, 0, '', '')",
                run);
    }

    private UUID job(int number) {
        UUID id = new UUID(3, number);
        database.update(
                "insert into job (id, version, name, notes, material, joint, form, created_at, changed_at)"
                        + " values (?, 0, 'Bracket', '', '', '', '{}', now(), now())",
                id);
        return id;
    }

    private void rehearsal(UUID job) {
        database.update(
                "insert into rehearsal (id, job_id, made_at, record) values (random_uuid(), ?, now(), '{}')", job);
    }

    private int count(String table) {
        return database.queryForObject("select count(*) from " + table, Integer.class);
    }
}
