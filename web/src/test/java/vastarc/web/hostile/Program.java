package vastarc.web.hostile;

import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The program as a process of its own, so that it can be killed; and a visitor of it. */
final class Program implements AutoCloseable {

    private static final Pattern READY = Pattern.compile("Vast Arc is ready: (http://127\\.0\\.0\\.1:\\d+)/");
    private static final Pattern TOKEN = Pattern.compile("name=\"csrf\"\\s+content=\"([^\"]+)\"");
    private static final Pattern VERSION =
            Pattern.compile("id=\"kept\"\\s+data-version=\"(\\d+)\"|data-version=\"(\\d+)\"");

    private final Process process;
    private final String address;
    private final HttpClient client = HttpClient.newBuilder()
            .connectTimeout(Duration.ofSeconds(10))
            .cookieHandler(new CookieManager())
            .build();
    private final AtomicInteger closed = new AtomicInteger();
    private String token = "";

    private Program(Process process, String address) {
        this.process = process;
        this.address = address;
    }

    /**
     * Starts a process; it need not become ready. Started from the tests' own classes or, where {@code vastarc.app} names the folder in
     * which {@code ./run} has unpacked the program, from that, which is quicker. The quick compiler alone: what is stored does not hang on
     * it, and a start takes half the time.
     */
    static Process launch(Path data) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-Xmx512m",
                "-Dvastarc.data=" + data,
                "-Dvastarc.demo=false",
                "-Dvastarc.lan=true",
                // As it is started by ./run: put together at build time.
                "-Dspring.aot.enabled=true",
                "-Dspring.main.lazy-initialization=true"));
        String app = System.getProperty("vastarc.app", "");
        command.addAll(
                app.isEmpty()
                        ? List.of(
                                "-cp",
                                System.getProperty("surefire.test.class.path", System.getProperty("java.class.path")),
                                "vastarc.web.VastArcApplication")
                        : List.of("-XX:SharedArchiveFile=.run/app.jsa", "-jar", ".run/app/vastarc.jar"));
        command.add("--server.port=0");
        Files.createDirectories(data);
        ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
        return (app.isEmpty() ? builder : builder.directory(new File(app))).start();
    }

    /** Starts the program and waits until it is ready. */
    static Program start(Path data) throws IOException {
        Process process = launch(data);
        BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
        StringBuilder said = new StringBuilder();
        for (String line = out.readLine(); line != null; line = out.readLine()) {
            said.append(line).append('\n');
            Matcher ready = READY.matcher(line);
            if (ready.find()) {
                Program program = new Program(process, ready.group(1));
                program.swallow(out);
                program.arrive();
                return program;
            }
        }
        throw new IllegalStateException("the program did not start:\n" + said);
    }

    private void swallow(BufferedReader out) {
        Thread thread = new Thread(() -> {
            try {
                for (String line = out.readLine(); line != null; line = out.readLine()) {
                    if (line.contains("closed itself")) {
                        closed.incrementAndGet();
                    }
                    if (line.contains("Servlet.service()")) {
                        // A fault of the program itself: told with the test that met it.
                        System.out.println(line);
                    }
                }
            } catch (IOException e) {
                // The process has ended.
            }
        });
        thread.setDaemon(true);
        thread.start();
    }

    private void arrive() throws IOException {
        Matcher found = TOKEN.matcher(get("/reference").body());
        if (found.find()) {
            token = found.group(1);
        }
    }

    /** How often its database has closed itself and was opened again. */
    int timesClosed() {
        return closed.get();
    }

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create(address + path)).timeout(Duration.ofSeconds(60));
    }

    private HttpResponse<String> send(HttpRequest request) throws IOException {
        try {
            return client.send(request, HttpResponse.BodyHandlers.ofString());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    HttpResponse<String> get(String path) throws IOException {
        return send(request(path).build());
    }

    byte[] bytes(String path) throws IOException {
        try {
            return client.send(request(path).build(), HttpResponse.BodyHandlers.ofByteArray())
                    .body();
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IOException(e);
        }
    }

    HttpResponse<String> form(String path, String body) throws IOException {
        return send(request(path)
                .header("Content-Type", "application/x-www-form-urlencoded")
                .header("X-XSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    HttpResponse<String> api(String path, String type, String body) throws IOException {
        return send(request(path)
                .header("Content-Type", type)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    HttpResponse<String> reading(String meter, String key, String body) throws IOException {
        return send(request("/api/v1/meters/" + meter + "/readings")
                .header("Content-Type", "application/json")
                .header("X-Meter-Key", key)
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    HttpResponse<String> file(String path, byte[] body) throws IOException {
        return send(request(path)
                .header("Content-Type", "application/zip")
                .header("X-XSRF-TOKEN", token)
                .POST(HttpRequest.BodyPublishers.ofByteArray(body))
                .build());
    }

    /** The version of the job that a page shows. */
    static String version(String page) {
        Matcher found = VERSION.matcher(page);
        if (!found.find()) {
            throw new IllegalStateException("the page shows no version");
        }
        return found.group(1) == null ? found.group(2) : found.group(1);
    }

    /** As a power cut would: at once, in the middle of whatever it does. */
    void kill() {
        process.destroyForcibly();
        process.onExit().join();
    }

    @Override
    public void close() {
        process.destroy();
        process.onExit().join();
    }
}
