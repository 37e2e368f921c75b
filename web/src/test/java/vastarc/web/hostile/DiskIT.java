package vastarc.web.hostile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.OutputStream;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
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
    private int acknowledged;

    @Test
    void nothingAcknowledgedIsLostAndEverythingComesBackWithoutARestart() throws Exception {
        String sheet;
        try (Program program = Program.start(disk.resolve("shop"))) {
            sheet = sheet(program);
            for (int round = 0; round < ROUNDS; round++) {
                assertThat(edit(program, sheet).statusCode()).isEqualTo(200);
                fill(round % 2 == 0 ? 0 : 20 * SOME);
                HttpResponse<String> refused = edit(program, sheet);
                assertThat(refused.statusCode()).isEqualTo(507);
                assertThat(refused.body()).contains("Make room");
                assertEveryPlaceShowsAndRefuses(program, sheet.replace("/sheet", ""));
                Files.delete(ballast);
                assertThat(edit(program, sheet).statusCode()).isEqualTo(200);
                assertThat(arc(program, sheet)).isEqualTo(200);
                assertThat(program.get(sheet.replace("/sheet", "/run/state")).body())
                        .contains("\"arcs\":" + (round + 1) + ",");
            }
        }
        fill(0);
        Process process = Program.launch(disk.resolve("shop"));
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).isEqualTo(1);
        assertThat(said.strip()).hasLineCount(1).startsWith("Vast Arc cannot start: the disk that holds the shop has");
        Files.delete(ballast);

        try (Program program = Program.start(disk.resolve("shop"))) {
            assertThat(program.get(sheet).body()).contains("note-" + acknowledged + ".");
        }
        System.out.println(ROUNDS + " times filled and freed, " + acknowledged + " edits and " + ROUNDS
                + " arcs acknowledged, none lost");
    }

    /** Whatever is kept in whichever place: it can be looked at, and what cannot be kept is told. */
    private static void assertEveryPlaceShowsAndRefuses(Program program, String job) throws IOException {
        for (String place : PLACES) {
            assertThat(program.get(place).statusCode()).as(place).isEqualTo(200);
        }
        for (String place : PLACES_OF_A_JOB) {
            assertThat(program.get(job + place).statusCode()).as(place).isEqualTo(200);
        }
        assertThat(program.form("/jobs", "").statusCode()).as("a new job").isEqualTo(507);
        assertThat(arc(program, job + "/sheet")).as("an arc").isEqualTo(507);
        assertThat(program.form("/drill/answer", "learner=Hand&topic=AMPS&seed=3&figure=10")
                        .statusCode())
                .as("an answer in the drill")
                .isEqualTo(507);
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
