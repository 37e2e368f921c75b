package vastarc.benchmarks.load;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** A browser's manners without a browser: cookies, forms, the forgery token. Visits this machine only. */
final class Visitor {

    private static final Duration PATIENCE = Duration.ofSeconds(30);
    /** The golden section: its multiples never come back near to one another. */
    private static final double STEP = (Math.sqrt(5) - 1) / 2;

    private static final double BEGUN = Math.random();

    private final String address;
    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NORMAL)
            .build();
    private String token = "";

    Visitor(int port) {
        this.address = "http://127.0.0.1:" + port;
    }

    /** A share from 0 to 1, another for every number and in every run: what was asked for once, the program may still know. */
    static double fresh(int number) {
        return (BEGUN + number * STEP) % 1;
    }

    /** Reads the token that forms are sent with. */
    Visitor arrive() throws IOException, InterruptedException {
        token = found(text("/"), "name=\"csrf\"\\s+content=\"([^\"]+)\"");
        return this;
    }

    /** Makes a new job; its id. */
    String newJob() throws IOException, InterruptedException {
        HttpResponse<String> made = client.send(form("/jobs", Map.of()), HttpResponse.BodyHandlers.ofString());
        return found(made.uri().getPath(), "/jobs/([^/]+)/sheet");
    }

    void putAway(String job) throws IOException, InterruptedException {
        client.send(form("/jobs/" + job + "/delete", Map.of()), HttpResponse.BodyHandlers.discarding());
    }

    HttpClient client() {
        return client;
    }

    HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).timeout(PATIENCE);
    }

    HttpRequest form(String path, Map<String, String> fields) {
        String body = fields.entrySet().stream()
                .map(field -> encoded(field.getKey()) + "=" + encoded(field.getValue()))
                .collect(Collectors.joining("&"));
        return request(path)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("X-XSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    HttpRequest.Builder file(String path, byte[] body) {
        return request(path)
                .header("Content-Type", "application/zip")
                .header("X-XSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body));
    }

    HttpRequest json(String path, String body) {
        return request(path)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
    }

    byte[] bytes(String path) throws IOException, InterruptedException {
        return client.send(request(path).build(), HttpResponse.BodyHandlers.ofByteArray())
                .body();
    }

    String text(String path) throws IOException, InterruptedException {
        return new String(bytes(path), StandardCharsets.UTF_8);
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    static String found(String text, String pattern) {
        return found(text, pattern, 1).get(0);
    }

    static List<String> found(String text, String pattern, int group) {
        Matcher matcher = Pattern.compile(pattern).matcher(text);
        return matcher.results().map(result -> result.group(group)).distinct().toList();
    }
}
