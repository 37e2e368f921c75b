package vastarc.web.store.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** A database that was being brought up to date when the program was stopped goes back to where it was, and is brought up to date anew. */
class UpdateCopyTest {

    private static final long ROOM = 10_000L * 1024 * 1024;

    @TempDir
    private Path folder;

    private String url = "";
    private Path steps = Path.of("");
    private Path copy = Path.of("");

    @BeforeEach
    void aShopOfTheFirstRelease() throws Exception {
        url = "jdbc:h2:file:" + folder.resolve("vastarc");
        steps = Files.createDirectories(folder.resolve("steps"));
        copy = folder.resolve("vastarc.before-update.zip");
        step(1, "create table bead (note varchar(40)); insert into bead values ('straw');");
        update(ROOM);
    }

    private void step(int number, String sql) throws Exception {
        Files.writeString(steps.resolve("V" + number + "__step.sql"), sql);
    }

    private void update(long freeBytes) {
        Flyway.configure()
                .dataSource(url, "sa", "")
                .locations("filesystem:" + steps)
                .callbacks(new SafeUpdate(folder, url, new Disk(() -> freeBytes)))
                .load()
                .migrate();
    }

    private String read(String column) throws Exception {
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                ResultSet rows = connection.createStatement().executeQuery("select " + column + " from bead")) {
            rows.next();
            return rows.getString(1);
        }
    }

    /** The second step ends after its tables are changed and before it is done, as a kill would end it. */
    private void cutShort() throws Exception {
        step(
                2,
                "alter table bead add column told varchar(80); update bead set told = note || '!';"
                        + " alter table bead drop column note; select 1 / 0;");
        assertThatThrownBy(() -> update(ROOM)).isInstanceOf(FlywayException.class);
    }

    @Test
    void whatWasCutShortIsTakenBackAndDoneAnew() throws Exception {
        cutShort();
        assertThat(read("told")).isEqualTo("straw!");
        assertThat(new ShopFile(folder).takeBackUnfinishedUpdate()).isTrue();
        assertThat(read("note")).isEqualTo("straw");
        assertThat(copy).doesNotExist();

        step(
                2,
                "alter table bead add column told varchar(80); update bead set told = note || '!';"
                        + " alter table bead drop column note;");
        update(ROOM);
        assertThat(read("told")).isEqualTo("straw!");
        assertThat(new ShopFile(folder).takeBackUnfinishedUpdate()).isFalse();
        assertThat(read("told")).isEqualTo("straw!");
    }

    @Test
    void anUpdateThatIsDoneLeavesNothingBehind() throws Exception {
        assertThat(copy).doesNotExist();
        step(2, "alter table bead add column told varchar(80);");
        update(ROOM);
        update(ROOM);
        try (var files = Files.list(folder)) {
            assertThat(files.map(file -> file.getFileName().toString()))
                    .containsExactlyInAnyOrder("steps", "vastarc.mv.db");
        }
    }

    @Test
    void aCopyThatWasItselfCutShortIsNoCopy() throws Exception {
        Files.writeString(folder.resolve("vastarc.before-update.zip.part"), "half");
        Files.writeString(folder.resolve("vastarc.mv.db.part"), "half");
        assertThat(new ShopFile(folder).takeBackUnfinishedUpdate()).isFalse();
        cutShort();
        assertThat(new ShopFile(folder).takeBackUnfinishedUpdate()).isTrue();
        assertThat(read("note")).isEqualTo("straw");
    }

    @Test
    void whatAnotherProgramHasOpenStays() throws Exception {
        cutShort();
        ProcessBuilder other = new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-cp",
                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                "org.h2.tools.Shell",
                "-url",
                url,
                "-user",
                "sa");
        Process program = other.redirectErrorStream(true).start();
        try {
            program.getInputStream().read();
            assertThat(new ShopFile(folder).takeBackUnfinishedUpdate()).isFalse();
            assertThat(copy).exists();
        } finally {
            program.destroyForcibly().onExit().join();
        }
    }

    @Test
    void withoutRoomForTheCopyNothingIsChanged() throws Exception {
        step(2, "alter table bead drop column note;");
        assertThatThrownBy(() -> update(63L * 1024 * 1024))
                .hasRootCauseInstanceOf(NoRoomForUpdate.class)
                .rootCause()
                .hasMessageContaining("63 MB left", "64 MB are wanted");
        assertThat(read("note")).isEqualTo("straw");
    }
}
