package vastarc.benchmarks.load;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.UUID;

/**
 * Fills the logbook with many runs, by bringing tables of them, and measures its pages, its export and a backup of the shop then.
 *
 * <p>Use, on a data folder of its own: {@code benchmarks/run-load LogbookLoad 8090 50000}.
 */
public final class LogbookLoad {

    private static final int MOST_IN_A_FILE = 20_000;
    private static final int ROUNDS = 60;
    private static final Duration PATIENCE = Duration.ofMinutes(10);
    private static final List<String> METALS =
            List.of("CARBON_STEEL", "CHROMOLY_4130", "STAINLESS_304L", "STAINLESS_316L", "TITANIUM_GR2");
    private static final List<String> VERDICTS = List.of("GOOD", "GOOD", "GOOD", "FAULTY", "REJECTED");

    private final Visitor visitor;

    private LogbookLoad(int port) {
        this.visitor = new Visitor(port);
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        new LogbookLoad(port).run(Integer.parseInt(arguments.length > 1 ? arguments[1] : "50000"));
    }

    private void run(int runs) throws Exception {
        visitor.arrive();
        long begun = System.nanoTime();
        for (int from = 0; from < runs; from += MOST_IN_A_FILE) {
            byte[] table = table(from, Math.min(runs, from + MOST_IN_A_FILE));
            HttpRequest bring =
                    visitor.file("/logbook/import", table).timeout(PATIENCE).build();
            String entered = visitor.client()
                    .send(bring, HttpResponse.BodyHandlers.ofString())
                    .body();
            System.out.println(entered);
        }
        System.out.printf("%d runs brought: %.1f s%n", runs, (System.nanoTime() - begun) / 1e9);
        for (String path : List.of(
                "/logbook",
                "/logbook?page=1000",
                "/logbook?material=TITANIUM_GR2&verdict=FAULTY",
                "/logbook?hand=Hand+7&from=2026-03-01&to=2026-06-30&fromMm=1&toMm=3&order=CURRENT",
                "/logbook?find=batch+777",
                "/api/v1/runs?find=batch+99",
                "/logbook/trends")) {
            measure(path);
        }
        begun = System.nanoTime();
        int bytes = visitor.bytes("/logbook.csv").length;
        System.out.printf("export: %d KB, %.1f s%n", bytes / 1024, (System.nanoTime() - begun) / 1e9);
        for (int round = 0; round < 3; round++) {
            begun = System.nanoTime();
            bytes = visitor.bytes("/shop/backup.zip").length;
            System.out.printf("backup: %d KB, %.1f s%n", bytes / 1024, (System.nanoTime() - begun) / 1e9);
        }
    }

    private static byte[] table(int from, int to) {
        Random random = new Random(from);
        StringBuilder table = new StringBuilder(
                "id,job,started,material,joint,thicknessMm,machine,hand,verdict,plannedA,currentA,travelMmPerMin,arcS,note\n");
        Instant first = Instant.parse("2026-01-01T06:00:00Z");
        for (int i = from; i < to; i++) {
            double planned = 30 + random.nextInt(150);
            table.append(String.format(
                    Locale.ROOT,
                    "%s,Job %d,%s,%s,T_FILLET,%.1f,Machine %d,Hand %d,%s,%.0f,%.1f,%.0f,%.1f,batch %d%n",
                    new UUID(11, i),
                    i % 400,
                    first.plusSeconds(600L * i),
                    METALS.get(random.nextInt(METALS.size())),
                    1 + random.nextInt(40) / 10.0,
                    i % 9,
                    i % 23,
                    VERDICTS.get(random.nextInt(VERDICTS.size())),
                    planned,
                    planned * (0.9 + 0.2 * random.nextDouble()),
                    60 + 80 * random.nextDouble(),
                    20 + 60 * random.nextDouble(),
                    i));
        }
        return table.toString().getBytes(StandardCharsets.UTF_8);
    }

    private void measure(String path) throws Exception {
        Times times = new Times();
        int size = 0;
        for (int i = 0; i < ROUNDS; i++) {
            long sent = System.nanoTime();
            HttpResponse<byte[]> answer =
                    visitor.client().send(visitor.request(path).build(), HttpResponse.BodyHandlers.ofByteArray());
            times.add(System.nanoTime() - sent, answer.statusCode() == 200);
            size = answer.body().length;
        }
        times.print(path + " (" + size / 1024 + " KB)");
    }
}
