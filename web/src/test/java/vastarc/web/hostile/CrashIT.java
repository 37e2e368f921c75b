package vastarc.web.hostile;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.DriverManager;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * The program killed at random moments under edits, new jobs, keys, pairings, readings, answers in the drill, restores and migrations: what was acknowledged is there afterwards, and the
 * database opens every time. {@code benchmarks/run-crash 500} kills it 500 times.
 */
class CrashIT {

    private static final int KILLS = Integer.getInteger("vastarc.kills", 3);
    private static final int MIGRATIONS_EVERY = 3;
    private static final int TOLD_EVERY = 20;

    /** Looks for the first step of a migration, 2 ms apart. */
    private static final int MOST_LOOKS = 10_000;

    @TempDir
    private Path folder;

    private final Random random = new Random(Long.getLong("vastarc.seed", 20261125));
    private final Clerk clerk = new Clerk();
    private volatile int restores;
    private String restored = "";

    @Test
    void whatWasAcknowledgedIsThereAfterEveryKill() throws Exception {
        List<Hand> hands = List.of(new Hand("left"), new Hand("right"));
        List<String> lost = new ArrayList<>();
        Path data = folder.resolve("shop");
        for (int kill = 1; kill <= KILLS; kill++) {
            if (kill % MIGRATIONS_EVERY == 0) {
                killedInTheMigration(folder.resolve("old-" + kill));
                continue;
            }
            Program program = Program.start(data);
            for (Hand hand : hands) {
                lost.addAll(hand.lost(program));
            }
            lost.addAll(clerk.lost(program));
            lost.addAll(lostRestores(program));
            workUntilKilled(program, hands);
            if (kill % TOLD_EVERY == TOLD_EVERY - 1) {
                tell(kill, hands, lost);
            }
        }
        try (Program program = Program.start(data)) {
            for (Hand hand : hands) {
                lost.addAll(hand.lost(program));
            }
            lost.addAll(clerk.lost(program));
            lost.addAll(lostRestores(program));
        }
        tell(KILLS, hands, lost);
        assertThat(hands).allSatisfy(hand -> assertThat(hand.edits()).isPositive());
        assertThat(hands).anySatisfy(hand -> assertThat(hand.arcs()).isPositive());
        assertThat(restores).isPositive();
        assertThat(lost).isEmpty();
    }

    private void tell(int kills, List<Hand> hands, List<String> lost) {
        int edits = hands.stream().mapToInt(Hand::edits).sum();
        int arcs = hands.stream().mapToInt(Hand::arcs).sum();
        System.out.println(kills + " kills, " + edits + " edits, " + arcs + " arcs and " + restores + " restores, "
                + clerk.told() + " acknowledged, lost: " + lost);
    }

    private void workUntilKilled(Program program, List<Hand> hands) throws Exception {
        List<Thread> working = new ArrayList<>();
        hands.forEach(Hand::begin);
        hands.forEach(hand -> working.add(new Thread(() -> hand.work(program))));
        working.add(new Thread(() -> clerk.work(program)));
        working.add(new Thread(() -> restore(program)));
        working.forEach(Thread::start);
        while (hands.stream().noneMatch(Hand::isAtWork) || !everyKindHasBegun(hands)) {
            TimeUnit.MILLISECONDS.sleep(2);
        }
        TimeUnit.MILLISECONDS.sleep(random.nextInt(2000));
        program.kill();
        for (Thread thread : working) {
            thread.join();
        }
    }

    /** On a slow machine too the first kill falls on a shop that was edited, welded in and restored. */
    private boolean everyKindHasBegun(List<Hand> hands) {
        return restores > 0
                && hands.stream().allMatch(hand -> hand.edits() > 0)
                && hands.stream().anyMatch(hand -> hand.arcs() > 0);
    }

    /** Takes an archive again and again, each time with another name of one job of its own. */
    private void restore(Program program) {
        try {
            byte[] archive = program.bytes("/shop/backup.zip");
            while (true) {
                String name = "restored " + (restores + 1);
                HttpResponse<String> answer = program.file("/shop/restore?take=true", named(archive, name));
                if (answer.statusCode() == 200) {
                    restores++;
                    restored = name;
                }
            }
        } catch (IOException e) {
            // The program was killed.
        }
    }

    private List<String> lostRestores(Program program) throws IOException {
        if (restored.isEmpty()) {
            return List.of();
        }
        String page =
                program.get("/jobs/00000000-0000-0007-0000-000000000007/sheet").body();
        String next = "restored " + (restores + 1);
        return page.contains("value=\"" + restored + "\"") || page.contains("value=\"" + next + "\"")
                ? List.of()
                : List.of(restored);
    }

    /** An archive with one job alone, under a name. */
    private static byte[] named(byte[] archive, String name) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(archive));
                ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                out.putNextEntry(new ZipEntry(entry.getName()));
                String written = entry.getName().equals("jobs.json")
                        ? "[{\"id\":\"00000000-0000-0007-0000-000000000007\",\"name\":\"" + name
                                + "\",\"notes\":\"\",\"content\":{\"joint\":{\"texts\":{},\"bareIn\":{}},\"schools\":{},"
                                + "\"logic\":null,\"own\":{\"values\":{},\"unread\":{}},\"machine\":null,\"torch\":null,"
                                + "\"proof\":null,\"pass\":1,\"purge\":{\"texts\":{},\"bareIn\":{}}},\"made\":\"2026-11-25T08:00:00Z\",\"changed\":\"2026-11-25T08:00:00Z\","
                                + "\"putAway\":null}]"
                        : text;
                out.write(written.getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    /**
     * A shop as the last release left it, killed at any moment of the start, or, every other time, in the midst of being brought up to
     * date: the next start opens it whole.
     */
    private void killedInTheMigration(Path data) throws Exception {
        Files.createDirectories(data);
        DriverManager.getConnection(
                        "jdbc:h2:file:" + data.resolve("vastarc")
                                + ";INIT=RUNSCRIPT FROM 'classpath:last-release/once.sql'",
                        "sa",
                        "")
                .close();
        Process process = Program.launch(data);
        boolean atAnyMoment = random.nextBoolean();
        int moment = random.nextInt(atAnyMoment ? 6000 : 600);
        Path copy = data.resolve("vastarc.before-update.zip");
        for (int look = 0; !atAnyMoment && look < MOST_LOOKS && Files.notExists(copy); look++) {
            process.waitFor(2, TimeUnit.MILLISECONDS);
        }
        process.waitFor(moment, TimeUnit.MILLISECONDS);
        process.destroyForcibly();
        process.onExit().join();
        try (Program program = Program.start(data)) {
            JsonNode ids = JsonMapper.shared()
                    .readTree(CrashIT.class
                            .getResourceAsStream("/last-release/ids.json")
                            .readAllBytes());
            for (String job : List.of("gusset", "brace")) {
                assertThat(program.get("/jobs/" + ids.get(job).asString() + "/sheet")
                                .statusCode())
                        .isEqualTo(200);
            }
        }
    }
}
