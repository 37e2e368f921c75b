package vastarc.benchmarks.load;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicLong;

/**
 * Live lines while everything else goes on: 40 meters that each send five quantities, three clients that open a line and never read it, and copies of
 * a shop of many jobs and runs made one after the other. Tells the longest gap between two events at each client that does read.
 *
 * <p>Use, on a data folder of its own: {@code benchmarks/run-load LinesLoad 8090 10000 20000 60}, jobs, runs and seconds.
 */
public final class LinesLoad {

    private static final int METERS = 40;
    private static final int LISTENERS = 4;
    private static final int DEAF = 3;
    private static final int JOBS_IN_A_LIST = 200;
    private static final int MOST_S = 600;
    private static final String READINGS =
            "{\"readings\":[{\"quantity\":\"CURRENT\",\"value\":60},{\"quantity\":\"VOLTAGE\",\"value\":10.5},"
                    + "{\"quantity\":\"GAS_FLOW\",\"value\":8},{\"quantity\":\"OXYGEN\",\"value\":30},{\"quantity\":\"TEMPERATURE\",\"value\":40}]}";

    private final int port;
    private final Visitor visitor;
    private final AtomicBoolean over = new AtomicBoolean();
    private final List<AtomicLong> longestMs = new ArrayList<>();
    private final AtomicLong events = new AtomicLong();

    private LinesLoad(int port) {
        this.port = port;
        this.visitor = new Visitor(port);
    }

    public static void main(String[] arguments) throws Exception {
        int[] told = {8080, 10_000, 20_000, 60};
        for (int i = 0; i < Math.min(told.length, arguments.length); i++) {
            told[i] = Integer.parseInt(arguments[i]);
        }
        new LinesLoad(told[0]).run(told[1], told[2], Math.min(MOST_S, told[3]));
    }

    private void run(int jobs, int runs, int seconds) throws Exception {
        visitor.arrive();
        fill(jobs, runs);
        List<String> names = new ArrayList<>();
        List<String> keys = new ArrayList<>();
        for (int i = 0; i < METERS; i++) {
            String name = "line" + System.currentTimeMillis() % 100_000 + "-" + i;
            String page = visitor.client()
                    .send(visitor.form("/shop/meters", Map.of("name", name)), HttpResponse.BodyHandlers.ofString())
                    .body();
            names.add(name);
            keys.add(Visitor.found(page, "id=\"key\"[^>]*>([^<]+)<"));
        }
        List<Thread> threads = new ArrayList<>();
        for (int i = 0; i < LISTENERS; i++) {
            String meter = names.get(i * METERS / LISTENERS);
            AtomicLong longest = new AtomicLong();
            longestMs.add(longest);
            threads.add(new Thread(() -> listen(meter, longest)));
        }
        threads.add(new Thread(() -> send(names, keys)));
        threads.add(new Thread(this::copy));
        List<Socket> deaf = new ArrayList<>();
        for (int i = 0; i < DEAF; i++) {
            deaf.add(deaf(names));
        }
        threads.forEach(Thread::start);
        Thread.sleep(seconds * 1000L);
        over.set(true);
        for (Thread thread : threads) {
            thread.join(60_000);
        }
        for (Socket socket : deaf) {
            socket.close();
        }
        System.out.printf("%d events heard, longest gap at each listener, ms: %s%n", events.get(), longestMs);
    }

    private void fill(int jobs, int runs) throws IOException, InterruptedException {
        for (int made = 0; made < jobs; made += JOBS_IN_A_LIST) {
            StringBuilder list = new StringBuilder("name,metal,thickness,form\n");
            for (int i = made; i < Math.min(jobs, made + JOBS_IN_A_LIST); i++) {
                list.append("Job ")
                        .append(i)
                        .append(",mild steel,")
                        .append(1 + i % 50 / 10.0)
                        .append(" mm,tee\n");
            }
            HttpRequest request = visitor.request("/api/v1/joints")
                    .header("Content-Type", "text/csv")
                    .POST(HttpRequest.BodyPublishers.ofString(list.toString()))
                    .build();
            visitor.client().send(request, HttpResponse.BodyHandlers.discarding());
        }
        StringBuilder table = new StringBuilder("job,started,material,joint,thicknessMm,currentA,note\n");
        for (int i = 0; i < runs; i++) {
            table.append("Job ")
                    .append(i % 500)
                    .append(",2026-0")
                    .append(1 + i % 9)
                    .append("-1")
                    .append(i % 10)
                    .append("T08:00:00Z,CARBON_STEEL,T_FILLET,3,120,run ")
                    .append(i)
                    .append('\n');
        }
        HttpRequest bring = visitor.file("/logbook/import", table.toString().getBytes(StandardCharsets.UTF_8))
                .timeout(Duration.ofMinutes(10))
                .build();
        System.out.println(visitor.client()
                .send(bring, HttpResponse.BodyHandlers.ofString())
                .body());
    }

    /** Opens a line with many channels and reads nothing of it. */
    private Socket deaf(List<String> names) throws IOException {
        Socket socket = new Socket();
        socket.setReceiveBufferSize(1024);
        socket.connect(new InetSocketAddress("127.0.0.1", port));
        String channels = names.subList(0, 16).stream()
                .map(name -> name + ".CURRENT")
                .reduce((text, other) -> text + "," + other)
                .orElseThrow();
        socket.getOutputStream()
                .write(("GET /api/v1/stream?channels=" + channels + " HTTP/1.1\r\nHost: 127.0.0.1\r\n\r\n")
                        .getBytes(StandardCharsets.US_ASCII));
        return socket;
    }

    private void listen(String meter, AtomicLong longest) {
        try {
            HttpResponse<InputStream> line = visitor.client()
                    .send(
                            visitor.request("/api/v1/stream?channels=" + meter + ".CURRENT")
                                    .timeout(Duration.ofHours(1))
                                    .build(),
                            HttpResponse.BodyHandlers.ofInputStream());
            BufferedReader in = new BufferedReader(new InputStreamReader(line.body(), StandardCharsets.UTF_8));
            long last = 0;
            for (String text = in.readLine(); text != null && !over.get(); text = in.readLine()) {
                if (text.startsWith("data:")) {
                    long now = System.nanoTime();
                    long gap = last == 0 ? 0 : (now - last) / 1_000_000;
                    longest.accumulateAndGet(gap, Math::max);
                    last = now;
                    events.incrementAndGet();
                }
            }
            line.body().close();
        } catch (IOException | InterruptedException e) {
            System.out.println("a line ended: " + e);
        }
    }

    /** Every meter five times a second. */
    private void send(List<String> names, List<String> keys) {
        long next = System.nanoTime();
        while (!over.get()) {
            for (int i = 0; i < names.size(); i++) {
                HttpRequest request = visitor.request("/api/v1/meters/" + names.get(i) + "/readings")
                        .header("X-Meter-Key", keys.get(i))
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(READINGS))
                        .build();
                visitor.client().sendAsync(request, HttpResponse.BodyHandlers.discarding());
            }
            next += 200_000_000L;
            pause((next - System.nanoTime()) / 1_000_000);
        }
    }

    private static void pause(long ms) {
        try {
            Thread.sleep(Math.max(0, ms));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private void copy() {
        int copies = 0;
        long begun = System.nanoTime();
        try {
            while (!over.get()) {
                HttpRequest request = visitor.request("/shop/backup.zip")
                        .timeout(Duration.ofMinutes(10))
                        .build();
                visitor.client().send(request, HttpResponse.BodyHandlers.ofByteArray());
                copies++;
            }
        } catch (IOException | InterruptedException e) {
            System.out.println("no more copies: " + e);
        }
        System.out.printf(
                "%d copies of the shop, %.1f s each%n",
                copies, (System.nanoTime() - begun) / 1e9 / Math.max(1, copies));
    }
}
