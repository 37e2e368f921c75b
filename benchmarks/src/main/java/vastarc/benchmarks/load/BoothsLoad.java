package vastarc.benchmarks.load;

import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Booths of a works at one program: each has a job of its own open with its live line, and changes a field of it every three seconds.
 *
 * <p>Use, with the program on this machine: {@code benchmarks/run-load BoothsLoad 8090 30 600}, booths and seconds.
 */
public final class BoothsLoad {

    private static final int EVERY_MS = 3000;
    private static final int MOST_BOOTHS = 120;
    private static final int MOST_SECONDS = 3600;
    private static final int STEPS = 20;

    private final int port;
    private final Times times = new Times();

    private BoothsLoad(int port) {
        this.port = port;
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int booths = Math.min(MOST_BOOTHS, Integer.parseInt(arguments.length > 1 ? arguments[1] : "30"));
        int seconds = Math.min(MOST_SECONDS, Integer.parseInt(arguments.length > 2 ? arguments[2] : "600"));
        new BoothsLoad(port).run(booths, seconds);
    }

    private void run(int booths, int seconds) throws Exception {
        System.out.println("before: " + StreamLoad.memory(port));
        ExecutorService threads = Executors.newCachedThreadPool(work -> {
            Thread thread = new Thread(work);
            thread.setDaemon(true);
            return thread;
        });
        long until = System.nanoTime() + seconds * 1_000_000_000L;
        List<Future<Integer>> all = new ArrayList<>();
        for (int i = 0; i < booths; i++) {
            int number = i;
            all.add(threads.submit(() -> booth(number, booths, until, threads)));
        }
        int refused = 0;
        for (Future<Integer> future : all) {
            refused += future.get();
        }
        times.print(booths + " booths, a field every 3 s");
        System.out.println("refused: " + refused + "; after: " + StreamLoad.memory(port));
    }

    private int booth(int number, int booths, long until, ExecutorService threads) throws Exception {
        Visitor visitor = new Visitor(port).arrive();
        String job = visitor.newJob();
        threads.submit(() -> listen(visitor, job));
        Thread.sleep((long) EVERY_MS * number / booths);
        int refused = 0;
        for (int i = 0; System.nanoTime() < until; i++) {
            String version = Visitor.found(visitor.text("/jobs/" + job + "/sheet"), "data-version=\"(\\d+)\"");
            Map<String, String> fields = Map.of(
                    "version",
                    version,
                    "name",
                    "Booth " + number,
                    "material",
                    "CARBON_STEEL",
                    "joint",
                    "LAP",
                    "thicknessMm[0]",
                    1.5 + i % STEPS * 0.05 + " mm");
            long sent = System.nanoTime();
            boolean accepted = visitor.client()
                            .send(
                                    visitor.form("/jobs/" + job + "/sheet", fields),
                                    HttpResponse.BodyHandlers.discarding())
                            .statusCode()
                    == 200;
            synchronized (times) {
                times.add(System.nanoTime() - sent, accepted);
            }
            refused += accepted ? 0 : 1;
            Thread.sleep(EVERY_MS);
        }
        visitor.putAway(job);
        return refused;
    }

    /** The line of a booth; taken up again when it ends. */
    private void listen(Visitor visitor, String job) {
        byte[] part = new byte[4096];
        while (true) {
            try {
                InputStream line = visitor.client()
                        .send(
                                visitor.request("/jobs/" + job + "/changes?seen=0")
                                        .timeout(Duration.ofDays(1))
                                        .build(),
                                HttpResponse.BodyHandlers.ofInputStream())
                        .body();
                while (line.read(part) >= 0) {
                    Thread.onSpinWait();
                }
            } catch (IOException | InterruptedException ended) {
                return;
            }
        }
    }
}
