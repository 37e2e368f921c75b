package vastarc.benchmarks.load;

import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;

/**
 * A meter that reads current, volts, flow and oxygen ten times a second beside one run, a booth that watches it live, and the memory of the
 * program meanwhile: what lives after a collection, and what the system gives it. The arc burns for 40 s and rests for 20, over and over.
 *
 * <p>Use, with the program on this machine: {@code benchmarks/run-load StreamLoad 8090 60}, minutes.
 */
public final class StreamLoad {

    private static final List<String> QUANTITIES = List.of("CURRENT", "VOLTAGE", "GAS_FLOW", "OXYGEN");
    private static final int PER_SECOND = 10;
    private static final int MOST_MINUTES = 240;
    private static final int CYCLE_S = 60;
    private static final int ARC_S = 40;

    private final int port;
    private final Visitor visitor;
    private final AtomicLong heard = new AtomicLong();

    private StreamLoad(int port) {
        this.port = port;
        this.visitor = new Visitor(port);
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int minutes = Math.min(MOST_MINUTES, Integer.parseInt(arguments.length > 1 ? arguments[1] : "60"));
        new StreamLoad(port).run(minutes);
    }

    private void run(int minutes) throws Exception {
        visitor.arrive();
        String name = "stream " + System.currentTimeMillis();
        String page = visitor.client()
                .send(visitor.form("/shop/meters", Map.of("name", name)), HttpResponse.BodyHandlers.ofString())
                .body();
        String key = Visitor.found(page, "id=\"key\"[^>]*>([^<]+)<");
        String job = Visitor.found(visitor.text("/"), "/jobs/([0-9a-f-]{36})/sheet");
        visitor.client()
                .send(
                        visitor.form("/jobs/" + job + "/run/meter", Map.of("meter", name)),
                        HttpResponse.BodyHandlers.discarding());
        Thread booth = new Thread(() -> watch(job));
        booth.setDaemon(true);
        booth.start();
        long sent = 0;
        Times times = new Times();
        Instant begun = Instant.now();
        for (int s = 0; s < minutes * 60; s++) {
            if (s % 300 == 0) {
                System.out.printf(
                        "%d min: %s, %d readings sent, %d kB at the booth%n",
                        s / 60, memory(port), sent, heard.get() / 1024);
            }
            long before = System.nanoTime();
            boolean accepted = send(name, key, s);
            times.add(System.nanoTime() - before, accepted);
            sent += accepted ? PER_SECOND * QUANTITIES.size() : 0;
            Duration wait = Duration.between(Instant.now(), begun.plusSeconds(s + 1L));
            Thread.sleep(Math.max(0, wait.toMillis()));
        }
        System.out.printf(
                "%d min: %s, %d readings sent, %d kB at the booth%n", minutes, memory(port), sent, heard.get() / 1024);
        times.print("a second's readings");
        visitor.client()
                .send(visitor.form("/jobs/" + job + "/run/drop", Map.of()), HttpResponse.BodyHandlers.discarding());
    }

    private void watch(String job) {
        try {
            HttpResponse<InputStream> live = visitor.client()
                    .send(
                            visitor.request("/jobs/" + job + "/run/live")
                                    .timeout(Duration.ofDays(1))
                                    .build(),
                            HttpResponse.BodyHandlers.ofInputStream());
            byte[] part = new byte[8192];
            for (int read = live.body().read(part);
                    read >= 0;
                    read = live.body().read(part)) {
                heard.addAndGet(read);
            }
        } catch (IOException | InterruptedException ended) {
            System.out.println("the booth hears nothing more: " + ended);
        }
    }

    private boolean send(String name, String key, int s) throws IOException, InterruptedException {
        StringBuilder body = new StringBuilder("{\"readings\":[");
        Instant now = Instant.now();
        for (int i = 0; i < PER_SECOND; i++) {
            for (String quantity : QUANTITIES) {
                body.append(body.charAt(body.length() - 1) == '[' ? "" : ",")
                        .append("{\"at\":\"")
                        .append(now.minusMillis(1000L * (PER_SECOND - i) / PER_SECOND))
                        .append("\",\"quantity\":\"")
                        .append(quantity)
                        .append("\",\"value\":")
                        .append(value(quantity, s % CYCLE_S < ARC_S))
                        .append('}');
            }
        }
        HttpRequest request = visitor.request("/api/v1/meters/" + name.replace(" ", "%20") + "/readings")
                .header("X-Meter-Key", key)
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofString(body.append("]}").toString()))
                .build();
        return visitor.client()
                        .send(request, HttpResponse.BodyHandlers.discarding())
                        .statusCode()
                == 200;
    }

    private static double value(String quantity, boolean arc) {
        return switch (quantity) {
            case "CURRENT" -> arc ? 60 : 0;
            case "VOLTAGE" -> arc ? 10.5 : 0;
            case "GAS_FLOW" -> 8;
            default -> 40;
        };
    }

    /** Of the program at the port: what lives after a collection, and its resident size. */
    static String memory(int port) throws IOException, InterruptedException {
        String pid = pid(port);
        Process histogram = new ProcessBuilder("jcmd", pid, "GC.class_histogram")
                .redirectErrorStream(true)
                .start();
        String text = new String(histogram.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        histogram.waitFor();
        long live = Long.parseLong(Visitor.found(text, "Total +\\d+ +(\\d+)"));
        String status = Files.readString(Path.of("/proc", pid, "status"));
        return live / 1_000_000 + " MB live, " + Long.parseLong(Visitor.found(status, "VmRSS:\\s+(\\d+)")) / 1000
                + " MB resident";
    }

    private static String pid(int port) throws IOException {
        try (Stream<Path> processes = Files.list(Path.of("/proc"))) {
            return processes
                    .filter(path -> path.getFileName().toString().matches("\\d+"))
                    .filter(path -> commandLine(path).contains("vastarc.port=" + port))
                    .map(path -> path.getFileName().toString())
                    .findFirst()
                    .orElseThrow();
        }
    }

    private static String commandLine(Path process) {
        try {
            return Files.readString(process.resolve("cmdline"));
        } catch (IOException gone) {
            return "";
        }
    }
}
