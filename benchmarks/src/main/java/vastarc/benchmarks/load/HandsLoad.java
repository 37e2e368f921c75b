package vastarc.benchmarks.load;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Four hands on one shop: each edits a job of its own, moves a control of its own on a machine they share, and ticks a tungsten of its own on
 * their shelf. Each keeps a model of what it did; what the shop does not show of it is a lost update.
 *
 * <p>Use: {@code benchmarks/run-load HandsLoad 8090 600}.
 */
public final class HandsLoad {

    private static final int HANDS = 4;
    private static final int MOST_SECONDS = 3600;
    private static final List<String> TUNGSTENS = List.of("1.0", "1.6", "2.4", "3.2");

    private final int port;
    private final String machine;
    private final List<String> controls;

    private HandsLoad(int port, String machine, List<String> controls) {
        this.port = port;
        this.machine = machine;
        this.controls = controls;
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int seconds = Math.min(MOST_SECONDS, Integer.parseInt(arguments.length > 1 ? arguments[1] : "600"));
        Visitor visitor = new Visitor(port).arrive();
        List<String> machines = Visitor.found(visitor.text("/machines"), "/machines/([0-9a-f-]{36})", 1);
        for (String machine : machines) {
            List<String> controls =
                    Visitor.found(visitor.text("/machines/" + machine), "data-post=\"/controls/([^\"/]+)\"", 1);
            if (controls.size() >= HANDS) {
                new HandsLoad(port, machine, controls).run(seconds);
                return;
            }
        }
        System.out.println("no machine of this shop has a control for each of " + HANDS + " hands");
    }

    private void run(int seconds) throws Exception {
        long until = System.nanoTime() + seconds * 1_000_000_000L;
        ExecutorService threads = Executors.newFixedThreadPool(HANDS);
        List<Future<int[]>> hands = new ArrayList<>();
        for (int i = 0; i < HANDS; i++) {
            Hand hand = new Hand(i);
            hands.add(threads.submit(() -> hand.work(until)));
        }
        threads.shutdown();
        int changes = 0;
        int lost = 0;
        for (Future<int[]> hand : hands) {
            changes += hand.get()[0];
            lost += hand.get()[1];
        }
        System.out.printf("%d hands, %d s: %d changes acknowledged, %d lost%n", HANDS, seconds, changes, lost);
    }

    private final class Hand {

        private final int number;
        private final Random random;
        private final Visitor visitor = new Visitor(port);
        private int changes;
        private int lost;

        Hand(int number) {
            this.number = number;
            this.random = new Random(number);
        }

        int[] work(long until) throws Exception {
            visitor.arrive();
            String job = "/jobs/" + visitor.newJob() + "/sheet";
            String control = controls.get(number);
            while (System.nanoTime() < until) {
                String note = "hand-" + number + "-" + changes + ".";
                String version = Visitor.found(visitor.text(job), "data-version=\"(\\d+)\"");
                send(job, Map.of("version", version, "name", "Hand " + number, "notes", note));
                int x = 5 + random.nextInt(90);
                send("/machines/" + machine + "/controls/" + control + "/place", Map.of("x", "" + x, "y", "50"));
                boolean ticked = random.nextBoolean();
                tick(ticked);
                check(visitor.text(job).contains(note));
                String front = visitor.text("/api/v1/machines/" + machine);
                check(front.matches("(?s).*\"id\":\"" + control + "\"[^{}]*?\"x\":" + x + "[.,}].*"));
                check(isTicked() == ticked);
            }
            visitor.putAway(job.split("/")[2]);
            return new int[] {changes, lost};
        }

        private void check(boolean there) {
            lost += there ? 0 : 1;
        }

        private boolean isTicked() throws Exception {
            return visitor.text("/shop")
                    .matches("(?s).*name=\"tungsten\" value=\"" + TUNGSTENS.get(number) + "\" checked.*");
        }

        /** As the page does: how it was laid beside how it is left. */
        private void tick(boolean ticked) throws Exception {
            Map<String, String> fields = new LinkedHashMap<>();
            fields.put("was.tungsten", ticked ? "" : TUNGSTENS.get(number));
            if (ticked) {
                fields.put("tungsten", TUNGSTENS.get(number));
            }
            fields.put("was.cup", "");
            fields.put("was.wire", "");
            send("/shop/stock", fields);
        }

        private void send(String path, Map<String, String> fields) throws Exception {
            int status = visitor.client()
                    .send(visitor.form(path, fields), HttpResponse.BodyHandlers.discarding())
                    .statusCode();
            check(status == 200);
            changes++;
        }
    }
}
