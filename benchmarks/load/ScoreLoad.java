import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Round trips of the score, as one hand makes them while it pulls: each waits for the one before. Run against a started program:
 * {@code java benchmarks/load/ScoreLoad.java 8090 400}. At most 2000 requests of a kind, to this machine only.
 */
public final class ScoreLoad {

    private final HttpClient client =
            HttpClient.newBuilder().followRedirects(HttpClient.Redirect.ALWAYS).cookieHandler(new java.net.CookieManager()).build();
    private final String address;
    private final int count;

    private ScoreLoad(int port, int count) {
        this.address = "http://127.0.0.1:" + port;
        this.count = Math.min(2000, count);
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int count = Integer.parseInt(arguments.length > 1 ? arguments[1] : "400");
        new ScoreLoad(port, count).run();
    }

    private interface Maker {
        HttpRequest make(int number);
    }

    private int version;

    private void run() throws Exception {
        String token = found(text(request("/").build()), "name=\"csrf\" content=\"([^\"]+)\"");
        HttpResponse<String> made = client.send(form("/jobs", Map.of("_csrf", token)), HttpResponse.BodyHandlers.ofString());
        String job = found(made.uri().getPath(), "/jobs/([^/]+)/sheet");
        Maker pulled = i -> form("/jobs/" + job + "/score", Map.of(
                "_csrf", token, "version", String.valueOf(version++), "logic", "TRIGGER_4T", "pulse", "RIPPLE",
                "own.downSlope", String.format(Locale.ROOT, "%.1f s", 1 + i % 50 / 10.0), "own.pulseRate", "5 Hz"));
        measure("warm-up (not counted)", pulled);
        measure("pulled handle -> page", pulled);
        measure("POST /api/v1/score", this::api);
        client.send(form("/jobs/" + job + "/delete", Map.of("_csrf", token)), HttpResponse.BodyHandlers.discarding());
    }

    private HttpRequest api(int number) {
        String body = String.format(
                Locale.ROOT,
                "{\"material\":\"STAINLESS_304L\",\"joint\":\"SQUARE_BUTT\",\"thicknessMm\":[2],\"logic\":\"TRIGGER_4T\",\"pulse\":\"RIPPLE\","
                        + "\"own\":{\"downSlope\":%.1f,\"pulseRate\":5,\"seamMm\":53}}",
                1 + number % 50 / 10.0);
        return request("/api/v1/score").header("Content-Type", "application/json").POST(HttpRequest.BodyPublishers.ofString(body)).build();
    }

    private void measure(String name, Maker maker) throws Exception {
        long[] nanos = new long[count];
        int bad = 0;
        for (int i = 0; i < count; i++) {
            HttpRequest request = maker.make(i);
            long sent = System.nanoTime();
            bad += client.send(request, HttpResponse.BodyHandlers.ofByteArray()).statusCode() == 200 ? 0 : 1;
            nanos[i] = System.nanoTime() - sent;
        }
        Arrays.sort(nanos);
        System.out.printf(
                Locale.ROOT, "%-24s n %d  not 200: %d  p50 %.1f ms  p95 %.1f ms  max %.1f ms%n",
                name, count, bad, nanos[count / 2] / 1e6, nanos[count * 95 / 100] / 1e6, nanos[count - 1] / 1e6);
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path));
    }

    private HttpRequest form(String path, Map<String, String> fields) {
        String body = fields.entrySet().stream()
                .map(field -> URLEncoder.encode(field.getKey(), StandardCharsets.UTF_8) + "=" + URLEncoder.encode(field.getValue(), StandardCharsets.UTF_8))
                .collect(Collectors.joining("&"));
        return request(path).header("Content-Type", "application/x-www-form-urlencoded").POST(HttpRequest.BodyPublishers.ofString(body)).build();
    }

    private String text(HttpRequest request) throws Exception {
        return client.send(request, HttpResponse.BodyHandlers.ofString()).body();
    }

    private static String found(String text, String pattern) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        if (!matcher.find()) {
            throw new IllegalStateException("no " + pattern);
        }
        return matcher.group(1);
    }
}
