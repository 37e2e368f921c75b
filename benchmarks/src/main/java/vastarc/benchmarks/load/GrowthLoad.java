package vastarc.benchmarks.load;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import vastarc.core.advice.parameters.Method;

/**
 * Fills a shop with many jobs, by taking an archive of them, and measures its pages then.
 *
 * <p>Use, on a data folder of its own: {@code benchmarks/run-load GrowthLoad 8090 20000}.
 */
public final class GrowthLoad {

    private static final int MOST = 50_000;
    private static final int ROUNDS = 40;
    private static final Duration PATIENCE = Duration.ofMinutes(10);
    private static final Instant FIRST = Instant.parse("2026-11-01T07:00:00Z");

    private final Visitor visitor;

    private GrowthLoad(int port) {
        this.visitor = new Visitor(port);
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int jobs = Math.min(MOST, Integer.parseInt(arguments.length > 1 ? arguments[1] : "20000"));
        new GrowthLoad(port).run(jobs);
    }

    private void run(int jobs) throws Exception {
        visitor.arrive();
        byte[] archive = multiplied(visitor.bytes("/shop/backup.zip"), jobs);
        long begun = System.nanoTime();
        HttpRequest take = visitor.file("/shop/restore?take=true", archive)
                .timeout(PATIENCE)
                .build();
        int status = visitor.client()
                .send(take, HttpResponse.BodyHandlers.discarding())
                .statusCode();
        System.out.printf("%d jobs taken: %d, %.1f s%n", jobs, status, (System.nanoTime() - begun) / 1e9);
        for (String path : List.of(
                "/",
                "/?page=500",
                "/?find=Many+777",
                "/away",
                "/search.json",
                "/search/jobs.json?find=many+99",
                "/shop",
                "/machines",
                "/day",
                "/logbook",
                "/drill",
                "/joints")) {
            measure(path, visitor.request(path).build());
        }
        for (String place : List.of("sheet", "score", "panel", "purge", "rehearse", "route", "run", "read")) {
            String path = "/jobs/" + new UUID(9, jobs / 2) + "/" + place;
            measure(place + " of one of them", visitor.request(path).build());
        }
        measure("habit asked", IntStream.range(0, ROUNDS).mapToObj(this::asked).toList());
        begun = System.nanoTime();
        int bytes = visitor.bytes("/shop/backup.zip").length;
        System.out.printf("backup: %d KB, %.1f s%n", bytes / 1024, (System.nanoTime() - begun) / 1e9);
    }

    /** Another shop default every time. */
    private HttpRequest asked(int round) {
        List<Method> schools = Arrays.stream(Method.values())
                .filter(method -> method.matter() != null)
                .toList();
        return visitor.form(
                "/shop/habit/ask",
                Map.of("school", schools.get(round % schools.size()).name()));
    }

    private void measure(String name, HttpRequest request) throws Exception {
        measure(name, Collections.nCopies(ROUNDS, request));
    }

    private void measure(String name, List<HttpRequest> requests) throws Exception {
        Times times = new Times();
        int size = 0;
        for (HttpRequest request : requests) {
            long sent = System.nanoTime();
            HttpResponse<byte[]> answer = visitor.client().send(request, HttpResponse.BodyHandlers.ofByteArray());
            times.add(System.nanoTime() - sent, answer.statusCode() == 200);
            size = answer.body().length;
        }
        times.print(name + " (" + size / 1024 + " KB)");
    }

    /** An archive with its jobs as often as is wanted: each made a second before the next, and of a thickness of its own. */
    private static byte[] multiplied(byte[] archive, int jobs) throws Exception {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(archive));
                ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                out.putNextEntry(new ZipEntry(entry.getName()));
                String name = entry.getName();
                String written = switch (name) {
                    case "jobs.json" -> many(text, jobs);
                    case "slots.json", "panels.json" -> "[]";
                    default -> text;
                };
                out.write(written.getBytes(StandardCharsets.UTF_8));
            }
        }
        return bytes.toByteArray();
    }

    /** Every element of an archive is on a line of its own. */
    private static String many(String text, int jobs) {
        List<String> lines = text.lines()
                .map(line -> line.replaceAll("^[,\\[]|[,\\]]+$", ""))
                .filter(line -> line.startsWith("{"))
                .toList();
        StringBuilder many = new StringBuilder("[");
        for (int i = 0; i < jobs; i++) {
            String line = lines.get(i % lines.size());
            many.append(i == 0 ? "\n" : ",\n").append(another(line, i));
        }
        return many.append("]").toString();
    }

    private static String another(String line, int i) {
        double mm = 1.2 + 0.6 * (i % 997) / 997;
        return line.replaceFirst("(\"thicknessMm\\[0\\]\":\")[^\"]*", String.format(Locale.ROOT, "$1%.4f mm", mm))
                .replaceFirst("\"id\":\"[^\"]*\"", "\"id\":\"" + new UUID(9, i) + "\"")
                .replaceFirst("\"name\":\"[^\"]*\"", "\"name\":\"Many " + i + "\"")
                .replaceFirst("\"made\":\"[^\"]*\"", "\"made\":\"" + FIRST.plusSeconds(i) + "\"");
    }
}
