package vastarc.web.hostile;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/**
 * A small disk of its own, filled to the last byte and freed ten times under a running program. {@code benchmarks/run-disk} makes the disk and
 * names it in {@code vastarc.disk}.
 */
@EnabledIfSystemProperty(named = "vastarc.disk", matches = ".+")
class DiskIT {

    private static final int ROUNDS = 10;
    private static final int SOME = 1024 * 1024;

    /** Below this nothing is begun any more. */
    private static final long LEAST = 64L * SOME;

    private static final List<String> PLACES = List.of(
            "/",
            "/away",
            "/machines",
            "/shop",
            "/shop/prices",
            "/chart",
            "/day",
            "/logbook",
            "/logbook/trends",
            "/drill",
            "/joints");
    private static final List<String> PLACES_OF_A_JOB =
            List.of("/sheet", "/card", "/score", "/panel", "/purge", "/rehearse", "/route", "/run", "/read");
    private static final String JOINT = "&material=CARBON_STEEL&joint=LAP&thicknessMm%5B0%5D=1.5";
    private static final Pattern JOB = Pattern.compile("/jobs/([0-9a-f-]{36})/sheet");

    private final Path disk = Path.of(System.getProperty("vastarc.disk", "."));
    private final Path ballast = disk.resolve("ballast");
    private final Path more = disk.resolve("more");
    private volatile int acknowledged;

    @Test
    void nothingAcknowledgedIsLostAndEverythingComesBackWithoutARestart() throws Exception {
        String sheet;
        int closed;
        try (Program program = Program.start(disk.resolve("shop"))) {
            assertThat(program.form("/demo", "").statusCode()).isEqualTo(302);
            Writes writes = new Writes(program, picture());
            sheet = sheet(program);
            for (int round = 0; round < ROUNDS; round++) {
                everyWriteIsTaken(writes);
                edit(program, sheet);
                writes.all().get("an arc").status();
                writes.all().get("which meter a run listens to").status();
                fill(round % 2 == 0 ? 0 : 20 * SOME);
                HttpResponse<String> refused = edit(program, sheet);
                assertThat(refused.statusCode()).isEqualTo(507);
                assertThat(refused.body()).contains("Make room");
                everyWriteIsRefused(writes);
                everyPlaceShows(program, sheet.replace("/sheet", ""));
                Files.delete(ballast);
                fillWhileEdited(program, sheet);
                Files.delete(ballast);
                comesBack(program);
                assertThat(program.get(sheet).body()).contains("note-" + acknowledged + ".");
                assertThat(arc(program, sheet)).isEqualTo(200);
                assertThat(program.get(sheet.replace("/sheet", "/run/state")).body())
                        .contains("\"arcs\":" + (round + 1) + ",");
            }
            closed = program.timesClosed();
        }
        System.out.println("The database closed itself " + closed + " times and was opened again.");
        assertThat(emptyTables()).as("tables that no kind of write has filled").isEmpty();
        doesNotStartWithoutRoom();
        try (Program program = Program.start(disk.resolve("shop"))) {
            assertThat(program.get(sheet).body()).contains("note-" + acknowledged + ".");
        }
        System.out.println(ROUNDS + " times filled and freed, " + acknowledged + " edits and " + ROUNDS
                + " arcs acknowledged, none lost");
    }

    private void doesNotStartWithoutRoom() throws Exception {
        fill(0);
        Process process = Program.launch(disk.resolve("shop"));
        String text = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).isEqualTo(1);
        assertThat(text.strip()).hasLineCount(1).startsWith("Vast Arc cannot start: the disk that holds the shop has");
        Files.delete(ballast);
        fill(40L * SOME);
        Process fresh = Program.launch(disk.resolve("new"));
        assertThat(new String(fresh.getInputStream().readAllBytes()).strip())
                .hasLineCount(1)
                .startsWith("Vast Arc cannot begin a new shop: the disk of");
        assertThat(fresh.waitFor()).isEqualTo(1);
        Files.delete(ballast);
    }

    private static byte[] picture() throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(40, 30, BufferedImage.TYPE_INT_RGB), "png", bytes);
        return bytes.toByteArray();
    }

    private static void everyWriteIsTaken(Writes writes) throws IOException {
        assertThat(writes.answersBut(status -> status >= 200 && status < 304)).isEmpty();
    }

    private static void everyWriteIsRefused(Writes writes) throws IOException {
        assertThat(writes.answersBut(status -> status == 507)).isEmpty();
    }

    /** Whatever is stored in whichever place: it can be looked at. */
    private static void everyPlaceShows(Program program, String job) throws IOException {
        for (String place : PLACES) {
            assertThat(program.get(place).statusCode()).as(place).isEqualTo(200);
        }
        for (String place : PLACES_OF_A_JOB) {
            assertThat(program.get(job + place).statusCode()).as(place).isEqualTo(200);
        }
    }

    /** The disk fills up under welders who go on typing: a change may be cut off in the middle, and the database close itself over it. */
    private void fillWhileEdited(Program program, String sheet) throws Exception {
        List<Thread> typing = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            String copy = i == 0 ? sheet : sheet(program);
            typing.add(new Thread(() -> typeUntilRefused(program, copy, copy.equals(sheet))));
        }
        fill(LEAST + 16 * SOME);
        Files.move(ballast, more);
        typing.forEach(Thread::start);
        fill(0);
        for (Thread thread : typing) {
            thread.join();
        }
        Files.delete(more);
    }

    private void typeUntilRefused(Program program, String sheet, boolean counted) {
        try {
            int status = 200;
            while (status == 200) {
                status = counted
                        ? edit(program, sheet).statusCode()
                        : program.form(
                                        sheet,
                                        "version="
                                                + Program.version(
                                                        program.get(sheet).body())
                                                + "&notes=" + "x".repeat(1500) + JOINT)
                                .statusCode();
            }
        } catch (IOException | IllegalStateException refused) {
            // What is not answered is not acknowledged.
        }
    }

    /** The database is looked at once a second. */
    private static void comesBack(Program program) throws Exception {
        int status = 0;
        for (int i = 0; i < 100 && status != 200; i++) {
            status = program.get("/").statusCode();
            TimeUnit.MILLISECONDS.sleep(status == 200 ? 0 : 100);
        }
        assertThat(status).isEqualTo(200);
    }

    /** Devices are paired from another machine alone; DiskFullTest pairs one. */
    private List<String> emptyTables() throws SQLException {
        List<String> empty = new ArrayList<>();
        String url = "jdbc:h2:file:" + disk.resolve("shop").resolve("vastarc");
        try (Connection connection = DriverManager.getConnection(url, "sa", "");
                Statement statement = connection.createStatement()) {
            List<String> tables = new ArrayList<>();
            try (ResultSet found = statement.executeQuery(
                    "select table_name from information_schema.tables where table_schema = 'PUBLIC' and table_name <> 'DEVICE'")) {
                while (found.next()) {
                    tables.add(found.getString(1));
                }
            }
            assertThat(tables).hasSizeGreaterThan(18);
            for (String table : tables) {
                try (ResultSet rows = statement.executeQuery("select 1 from \"" + table + "\" limit 1")) {
                    if (!rows.next()) {
                        empty.add(table);
                    }
                }
            }
        }
        return empty;
    }

    private static int arc(Program program, String sheet) throws IOException {
        String event = sheet.replace("/sheet", "/run/event");
        int struck = program.form(event, "kind=ARC_ON").statusCode();
        if (struck == 200) {
            assertThat(program.form(event, "kind=ARC_OFF").statusCode()).isEqualTo(200);
        }
        return struck;
    }

    private static String sheet(Program program) throws IOException {
        Matcher job = JOB.matcher(
                program.form("/jobs", "").headers().firstValue("Location").orElseThrow());
        assertThat(job.find()).isTrue();
        return job.group();
    }

    private HttpResponse<String> edit(Program program, String sheet) throws IOException {
        String version = Program.version(program.get(sheet).body());
        HttpResponse<String> answer =
                program.form(sheet, "version=" + version + "&name=Job&notes=note-" + (acknowledged + 1) + "." + JOINT);
        if (answer.statusCode() == 200) {
            acknowledged++;
        }
        return answer;
    }

    /** Fills the disk until so many bytes are left. */
    private void fill(long left) throws IOException {
        byte[] some = new byte[SOME];
        try (OutputStream out = Files.newOutputStream(ballast)) {
            while (Files.getFileStore(disk).getUsableSpace() > left + SOME) {
                out.write(some);
            }
            for (int i = 0; left == 0 && i < 2 * SOME / 4096; i++) {
                out.write(some, 0, 4096);
            }
        } catch (IOException e) {
            // Full to the last byte, as wanted.
            assertThat(left).isZero();
        }
    }
}
