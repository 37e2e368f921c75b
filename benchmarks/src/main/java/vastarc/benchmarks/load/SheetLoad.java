package vastarc.benchmarks.load;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.function.IntFunction;
import java.util.zip.GZIPInputStream;

/**
 * A changed field of the Sheet page, the page itself and the API, at a fixed rate; the first hundred changes after a start apart. Also
 * weighs the page as it comes over the wire.
 *
 * <p>Use: {@code benchmarks/run-load SheetLoad 8090 [requests per second] [seconds] [seconds that a started program is left alone first]}.
 * With the last, it waits for the program to be started, so that what is built before the load is not built beside the program.
 */
public final class SheetLoad {

    private static final int MAX_RATE = 200;
    private static final int MAX_SECONDS = 60;
    private static final int FIRST = 100;
    private static final int WARM_UP = 300;
    private static final int LOOK_MS = 100;

    private final Visitor visitor;
    private final int rate;
    private final int seconds;
    private int version;

    private SheetLoad(int port, int rate, int seconds) {
        this.visitor = new Visitor(port);
        this.rate = Math.min(MAX_RATE, rate);
        this.seconds = Math.min(MAX_SECONDS, seconds);
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int rate = Integer.parseInt(arguments.length > 1 ? arguments[1] : "20");
        int seconds = Integer.parseInt(arguments.length > 2 ? arguments[2] : "20");
        if (arguments.length > 3) {
            waitFor(port);
            Thread.sleep(1000L * Integer.parseInt(arguments[3]));
        }
        new SheetLoad(port, rate, seconds).run();
    }

    private static void waitFor(int port) throws InterruptedException {
        System.out.println("waiting for the program to be started at port " + port);
        while (true) {
            try (Socket door = new Socket("127.0.0.1", port)) {
                return;
            } catch (IOException notYet) {
                Thread.sleep(LOOK_MS);
            }
        }
    }

    private void run() throws Exception {
        visitor.arrive();
        String job = visitor.newJob();
        System.out.println("job " + job + ", " + rate + " requests/s for " + seconds + " s each");
        measure("the first changes", FIRST, i -> change(job, i));
        measure("changed field, warming up", WARM_UP, i -> change(job, i));
        measure("changed field -> workspace", rate * seconds, i -> change(job, i));
        measure(
                "sheet page",
                rate * seconds,
                i -> visitor.request("/jobs/" + job + "/sheet").build());
        measure("POST /api/v1/sheet", rate * seconds, this::api);
        weigh("/jobs/" + job + "/sheet");
        visitor.putAway(job);
    }

    /** Changes take turns, as one hand's do: each carries the version of the one before. */
    private HttpRequest change(String job, int number) {
        Map<String, String> fields = Map.of(
                "version",
                String.valueOf(version++),
                "name",
                "Load " + number,
                "notes",
                "",
                "material",
                number % 2 == 0 ? "STAINLESS_316L" : "CARBON_STEEL",
                "joint",
                number % 3 == 0 ? "T_FILLET" : "LAP",
                "thicknessMm[0]",
                String.format(Locale.ROOT, "%.4f", 1 + Visitor.fresh(number)),
                "control",
                "TRIGGER_4T",
                "wire",
                "true");
        return visitor.form("/jobs/" + job + "/sheet", fields);
    }

    private HttpRequest api(int number) {
        return visitor.json(
                "/api/v1/sheet",
                String.format(
                        Locale.ROOT,
                        "{\"material\":\"STAINLESS_316L\",\"joint\":\"TUBE_SADDLE\",\"thicknessMm\":[%.2f,1.5],"
                                + "\"tubeOdMm\":38,\"control\":\"TRIGGER_4T\",\"pulse\":\"HEAT\"}",
                        1.5 + number % 50 / 50.0));
    }

    /** One request at every tick of the rate, each waiting for the one before. */
    private void measure(String name, int count, IntFunction<HttpRequest> maker) throws Exception {
        Times times = new Times();
        long start = System.nanoTime();
        CompletableFuture<?> last = CompletableFuture.completedFuture(null);
        for (int i = 0; i < count; i++) {
            long due = start + i * 1_000_000_000L / rate;
            while (System.nanoTime() < due) {
                Thread.sleep(0, 200_000);
            }
            last.join();
            long sent = System.nanoTime();
            last = visitor.client()
                    .sendAsync(maker.apply(i), HttpResponse.BodyHandlers.ofByteArray())
                    .thenAccept(answer -> times.add(System.nanoTime() - sent, answer.statusCode() == 200));
        }
        last.join();
        times.print(name);
    }

    /** Bytes over the wire of a page and all it asks for, compressed as a browser would get them. */
    private void weigh(String path) throws Exception {
        HttpResponse<byte[]> page = compressed(path);
        String html = page.headers()
                        .firstValue("Content-Encoding")
                        .filter("gzip"::equals)
                        .isPresent()
                ? new String(
                        new GZIPInputStream(new ByteArrayInputStream(page.body())).readAllBytes(),
                        StandardCharsets.UTF_8)
                : new String(page.body(), StandardCharsets.UTF_8);
        long sum = page.body().length;
        String css = "";
        for (String asset : Visitor.found(html, "/assets/[^\"'#)]+", 0)) {
            sum += compressed(asset).body().length;
            css = asset.endsWith(".css") ? visitor.text(asset) : css;
        }
        for (String font : Visitor.found(css, "[a-z0-9-]+\\.woff2", 0)) {
            sum += html.contains(font) ? 0 : compressed("/assets/" + font).body().length;
        }
        System.out.printf(Locale.ROOT, "%d bytes over the wire: %s with all it asks for%n", sum, path);
    }

    private HttpResponse<byte[]> compressed(String path) throws Exception {
        return visitor.client()
                .send(
                        visitor.request(path).header("Accept-Encoding", "gzip").build(),
                        HttpResponse.BodyHandlers.ofByteArray());
    }
}
