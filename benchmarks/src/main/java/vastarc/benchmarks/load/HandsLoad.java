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
        int[] sums = new int[3];
        for (Future<int[]> hand : hands) {
            for (int i = 0; i < sums.length; i++) {
                sums[i] += hand.get()[i];
            }
        }
        System.out.printf(
                "%d hands, %d s: %d changes acknowledged, %d lost, %d refused%n",
                HANDS, seconds, sums[0], sums[1], sums[2]);
    }

    private final class Hand {

        private final int number;
        private final Random random;
        private final Visitor visitor = new Visitor(port);
        private int changes;
        private int lost;
        private int refused;

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
                if (send(job, Map.of("version", version, "name", "Hand " + number, "notes", note))) {
                    check("note", visitor.text(job).contains(note));
                }
                String place = "/machines/" + machine + "/controls/" + control + "/place";
                int x = 5 + random.nextInt(90);
                if (send(place, Map.of("x", "" + x, "y", "50"))) {
                    String front = visitor.text("/api/v1/machines/" + machine);
                    check("place", front.matches("(?s).*\"id\":\"" + control + "\"[^{}]*?\"x\":" + x + "[.,}].*"));
                }
                boolean ticked = random.nextBoolean();
                if (tick(ticked)) {
                    check("tick", isTicked() == ticked);
                }
            }
            visitor.putAway(job.split("/")[2]);
            return new int[] {changes, lost, refused};
        }

        private void check(String what, boolean there) {
            if (!there) {
                lost++;
                System.out.println("lost: " + what + " of hand " + number + ", change " + changes);
            }
        }

        private boolean isTicked() throws Exception {
            return visitor.text("/shop")
                    .matches("(?s).*name=\"tungsten\" value=\"" + TUNGSTENS.get(number) + "\" checked.*");
        }

        /** As the page does: how it was laid beside how it is left. */
        private boolean tick(boolean ticked) throws Exception {
            Map<String, String> fields = new LinkedHashMap<>();
            fields.put("was.tungsten", ticked ? "" : TUNGSTENS.get(number));
            if (ticked) {
                fields.put("tungsten", TUNGSTENS.get(number));
            }
            fields.put("was.cup", "");
            fields.put("was.wire", "");
            return send("/shop/stock", fields);
        }

        private boolean send(String path, Map<String, String> fields) throws Exception {
            int status = visitor.client()
                    .send(visitor.form(path, fields), HttpResponse.BodyHandlers.discarding())
                    .statusCode();
            changes += status == 200 ? 1 : 0;
            if (status != 200) {
                refused++;
                System.out.println("refused: " + path + " " + status);
            }
            return status == 200;
        }
    }
}
