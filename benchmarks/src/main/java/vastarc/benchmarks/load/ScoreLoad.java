package vastarc.benchmarks.load;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Locale;
import java.util.Map;
import java.util.function.IntFunction;

/**
 * Round trips of the weld cycle, as one hand makes them while it pulls: each waits for the one before. Use:
 * {@code benchmarks/run-load ScoreLoad 8090 400}. At most 2000 requests of a kind.
 */
public final class ScoreLoad {

    private static final int MOST = 2000;

    private final Visitor visitor;
    private final int count;
    private int version;

    private ScoreLoad(int port, int count) {
        this.visitor = new Visitor(port);
        this.count = Math.min(MOST, count);
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int count = Integer.parseInt(arguments.length > 1 ? arguments[1] : "400");
        new ScoreLoad(port, count).run();
    }

    private void run() throws Exception {
        visitor.arrive();
        String job = visitor.newJob();
        measure("the first pulls", 100, i -> pulled(job, i));
        measure("pulled handle, warming up", count, i -> pulled(job, i));
        measure("pulled handle -> page", count, i -> pulled(job, i));
        measure("POST /api/v1/score", count, this::api);
        visitor.putAway(job);
    }

    private HttpRequest pulled(String job, int number) {
        return visitor.form(
                "/jobs/" + job + "/score",
                Map.of(
                        "version", String.valueOf(version++),
                        "logic", "TRIGGER_4T",
                        "pulse", "RIPPLE",
                        "own.downSlope", String.format(Locale.ROOT, "%.4f s", 1 + 5 * Visitor.fresh(number)),
                        "own.pulseRate", "5 Hz"));
    }

    private HttpRequest api(int number) {
        return visitor.json(
                "/api/v1/score",
                String.format(
                        Locale.ROOT,
                        "{\"material\":\"STAINLESS_304L\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[2],\"logic\":\"TRIGGER_4T\","
                                + "\"pulse\":\"RIPPLE\",\"own\":{\"downSlope\":%.1f,\"pulseRate\":5,\"seamMm\":53}}",
                        1 + number % 50 / 10.0));
    }

    private void measure(String name, int requests, IntFunction<HttpRequest> maker) throws Exception {
        Times times = new Times();
        for (int i = 0; i < requests; i++) {
            HttpRequest request = maker.apply(i);
            long sent = System.nanoTime();
            int status = visitor.client()
                    .send(request, HttpResponse.BodyHandlers.ofByteArray())
                    .statusCode();
            times.add(System.nanoTime() - sent, status == 200);
        }
        times.print(name);
    }
}
