import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.zip.GZIPInputStream;

/**
 * A bounded load on a program running on this machine: a changed field of the Sheet page, the page itself and the API, at a fixed
 * rate. Also weighs the page as it comes over the wire.
 *
 * <p>Use: ./run --port 8090 in one window; java benchmarks/load/SheetLoad.java 8090 [requests per second] [seconds] in another.
 */
public class SheetLoad {

    private static final int MAX_RATE = 200;
    private static final int MAX_SECONDS = 60;

    private final String address;
    private final int rate;
    private final int seconds;
    private final HttpClient client =
            HttpClient.newBuilder().cookieHandler(new CookieManager()).followRedirects(HttpClient.Redirect.NORMAL).build();

    private SheetLoad(int port, int rate, int seconds) {
        this.address = "http://127.0.0.1:" + port;
        this.rate = Math.min(MAX_RATE, rate);
        this.seconds = Math.min(MAX_SECONDS, seconds);
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int rate = Integer.parseInt(arguments.length > 1 ? arguments[1] : "20");
        int seconds = Integer.parseInt(arguments.length > 2 ? arguments[2] : "20");
        new SheetLoad(port, rate, seconds).run();
    }

    private void run() throws Exception {
        String bench = text(get("/"));
        String token = found(bench, "name=\"csrf\" content=\"([^\"]+)\"");
        HttpResponse<byte[]> made = client.send(
                form("/jobs", Map.of("_csrf", token)), HttpResponse.BodyHandlers.ofByteArray());
        String job = found(made.uri().getPath(), "/jobs/([^/]+)/sheet");
        System.out.println("job " + job + ", " + rate + " requests/s for " + seconds + " s each");

        weigh("/jobs/" + job + "/sheet");
        measure("warm-up (not counted)", i -> change(job, token, i));
        measure("changed field -> workspace", i -> change(job, token, i));
        measure("sheet page", i -> request("/jobs/" + job + "/sheet").build());
        measure("POST /api/v1/sheet", i -> api(i));
        client.send(form("/jobs/" + job + "/delete", Map.of("_csrf", token)), HttpResponse.BodyHandlers.discarding());
    }

    private interface Maker {
        HttpRequest make(int number) throws Exception;
    }

    private int version;

    /** Changes take turns, as one hand's do: each carries the version of the one before. */
    private HttpRequest change(String job, String token, int number) {
        Map<String, String> fields = Map.of(
                "_csrf", token, "version", String.valueOf(version++), "name", "Load " + number, "notes", "",
                "material", number % 2 == 0 ? "STAINLESS_316L" : "CARBON_STEEL", "joint", number % 3 == 0 ? "T_FILLET" : "LAP",
                "thicknessMm[0]", String.format(Locale.ROOT, "%.2f", 1 + number % 50 / 50.0), "control", "TRIGGER_4T", "wire", "true");
        return form("/jobs/" + job + "/sheet", fields);
    }

    private HttpRequest api(int number) {
        String body = String.format(
                Locale.ROOT,
                "{\"material\":\"STAINLESS_316L\",\"joint\":\"TUBE_SADDLE\",\"thicknessMm\":[%.2f,1.5],\"tubeOdMm\":38,\"control\":\"TRIGGER_4T\",\"pulse\":\"HEAT\"}",
                1.5 + number % 50 / 50.0);
        return request("/api/v1/sheet")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    /** One request at every tick of the rate, whether or not the one before has been answered, except that changes wait their turn. */
    private void measure(String name, Maker maker) throws Exception {
        int count = rate * seconds;
        long[] nanos = new long[count];
        int[] bad = new int[1];
        long start = System.nanoTime();
        CompletableFuture<?> last = CompletableFuture.completedFuture(null);
        for (int i = 0; i < count; i++) {
            long due = start + i * 1_000_000_000L / rate;
            while (System.nanoTime() < due) {
                Thread.sleep(0, 200_000);
            }
            last.join();
            HttpRequest request = maker.make(i);
            int slot = i;
            long sent = System.nanoTime();
            last = client.sendAsync(request, HttpResponse.BodyHandlers.ofByteArray()).thenAccept(answer -> {
                nanos[slot] = System.nanoTime() - sent;
                bad[0] += answer.statusCode() == 200 ? 0 : 1;
            });
        }
        last.join();
        Arrays.sort(nanos);
        System.out.printf(
                Locale.ROOT,
                "%-28s n %d  not 200: %d  p50 %.1f ms  p95 %.1f ms  p99 %.1f ms  max %.1f ms%n",
                name, count, bad[0], at(nanos, 0.50), at(nanos, 0.95), at(nanos, 0.99), nanos[count - 1] / 1e6);
    }

    private static double at(long[] sorted, double share) {
        return sorted[(int) Math.min(sorted.length - 1, Math.floor(share * sorted.length))] / 1e6;
    }

    /** Bytes over the wire of a page and all it asks for, compressed as a browser would get them. */
    private void weigh(String path) throws Exception {
        HttpResponse<byte[]> page = compressed(path);
        String html = page.headers().firstValue("Content-Encoding").filter("gzip"::equals).isPresent()
                ? new String(new GZIPInputStream(new java.io.ByteArrayInputStream(page.body())).readAllBytes(), StandardCharsets.UTF_8)
                : text(page.body());
        long sum = page.body().length;
        System.out.printf("%8d  %s%n", page.body().length, path);
        String css = "";
        for (String asset : found(html, "/assets/[^\"'#)]+", 0)) {
            HttpResponse<byte[]> answer = compressed(asset);
            sum += answer.body().length;
            System.out.printf("%8d  %s%n", answer.body().length, asset);
            css = asset.endsWith(".css") ? text(get(asset)) : css;
        }
        for (String font : found(css, "[a-z0-9-]+\\.woff2", 0)) {
            if (!html.contains(font)) {
                HttpResponse<byte[]> answer = compressed("/assets/" + font);
                sum += answer.body().length;
                System.out.printf("%8d  %s%n", answer.body().length, font);
            }
        }
        System.out.printf(Locale.ROOT, "%8d  page weight over the wire (%.1f KB)%n", sum, sum / 1024.0);
    }

    private HttpResponse<byte[]> compressed(String path) throws Exception {
        return client.send(request(path).header("Accept-Encoding", "gzip").build(), HttpResponse.BodyHandlers.ofByteArray());
    }

    private byte[] get(String path) throws Exception {
        return client.send(request(path).build(), HttpResponse.BodyHandlers.ofByteArray()).body();
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path));
    }

    private HttpRequest form(String path, Map<String, String> fields) {
        String body = fields.entrySet().stream()
                .map(field -> encoded(field.getKey()) + "=" + encoded(field.getValue()))
                .collect(Collectors.joining("&"));
        return request(path)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private static String text(byte[] bytes) {
        return new String(bytes, StandardCharsets.UTF_8);
    }

    private static String found(String text, String pattern) {
        return found(text, pattern, 1).get(0);
    }

    private static List<String> found(String text, String pattern, int group) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        return matcher.results().map(result -> result.group(group)).distinct().toList();
    }
}
