package vastarc.benchmarks.load;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;

/**
 * Four hands on one shop: each edits a job of its own on its sheet and its purge and strikes arcs at its booth; moves a control of its own on a
 * machine they share, ticks a tungsten of its own on their stock, prices a wire of its own on their list and marks a sign of its own on a
 * bead they all look at. Each keeps a model of what it did; what the shop does not show of it is a lost update.
 *
 * <p>Use: {@code benchmarks/run-load HandsLoad 8090 600}.
 */
public final class HandsLoad {

    private static final int HANDS = 4;
    private static final int MOST_SECONDS = 3600;
    private static final int ARC_EVERY = 20;
    private static final Map<String, String> JOINT =
            Map.of("material", "STAINLESS_316L", "joint", "LAP", "thicknessMm[0]", "1.5");
    private static final List<String> TUNGSTENS = List.of("1.0", "1.6", "2.4", "3.2");

    private final int port;
    private final Front front;
    private final String bead;

    private HandsLoad(int port, Front front, String bead) {
        this.port = port;
        this.front = front;
        this.bead = bead;
    }

    /** A machine that several hands can be at, each at a control of its own. */
    record Front(String machine, List<String> controls) {

        /** Puts a welder's control somewhere. */
        String place(int hand) {
            return "/machines/" + machine + "/controls/" + controls.get(hand) + "/place";
        }

        static Optional<Front> forHands(int hands, Visitor visitor) throws Exception {
            for (String machine : Visitor.found(visitor.text("/machines"), "/machines/([0-9a-f-]{36})", 1)) {
                List<String> controls =
                        Visitor.found(visitor.text("/machines/" + machine), "data-post=\"/controls/([^\"/]+)\"", 1);
                if (controls.size() >= hands) {
                    return Optional.of(new Front(machine, controls));
                }
            }
            System.out.println(
                    "no machine of this shop has a control for each of " + hands + " hands; the demo shop has");
            return Optional.empty();
        }
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int seconds = Math.min(MOST_SECONDS, Integer.parseInt(arguments.length > 1 ? arguments[1] : "600"));
        Visitor visitor = new Visitor(port).arrive();
        Optional<Front> front = Front.forHands(HANDS, visitor);
        if (front.isPresent()) {
            new HandsLoad(port, front.get(), visitor.newJob()).run(seconds);
        }
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

    /** A tungsten of a welder's own ticked or not, as the page sends it: how it was laid beside how it is left. */
    static Map<String, String> shelf(int number, boolean ticked) {
        Map<String, String> fields = new LinkedHashMap<>();
        fields.put("was.tungsten", ticked ? "" : TUNGSTENS.get(number));
        if (ticked) {
            fields.put("tungsten", TUNGSTENS.get(number));
        }
        fields.put("was.cup", "");
        fields.put("was.wire", "");
        return fields;
    }

    private final class Hand {

        private final int number;
        private final Random random;
        private final Visitor visitor = new Visitor(port);
        private int changes;
        private int lost;
        private int refused;
        private int arcs;

        Hand(int number) {
            this.number = number;
            this.random = new Random(number);
        }

        int[] work(long until) throws Exception {
            visitor.arrive();
            String job = "/jobs/" + visitor.newJob();
            for (int round = 0; System.nanoTime() < until; round++) {
                note(job);
                purge(job);
                placed();
                boolean ticked = random.nextBoolean();
                if (tick(ticked)) {
                    check("tick", isTicked() == ticked);
                }
                sign();
                price();
                if (round % ARC_EVERY == 0) {
                    arc(job);
                }
            }
            send(job + "/run/drop", Map.of());
            visitor.putAway(job.split("/")[2]);
            return new int[] {changes, lost, refused};
        }

        private void note(String job) throws Exception {
            String note = "hand-" + number + "-" + changes + ".";
            Map<String, String> fields = new LinkedHashMap<>(JOINT);
            fields.putAll(Map.of("version", version(job + "/sheet"), "name", "Hand " + number, "notes", note));
            if (send(job + "/sheet", fields)) {
                check("note", visitor.text(job + "/sheet").contains(note));
            }
        }

        private String version(String page) throws Exception {
            return Visitor.found(visitor.text(page), "name=\"version\"\\s+value=\"(\\d+)\"");
        }

        private void purge(String job) throws Exception {
            String by = "purger " + number + "-" + changes + ".";
            if (send(job + "/purge", Map.of("version", version(job + "/purge"), "purge.by", by))) {
                check("purge", visitor.text(job + "/purge").contains(by));
            }
        }

        private void placed() throws Exception {
            String control = front.controls().get(number);
            int x = 5 + random.nextInt(90);
            if (send(front.place(number), Map.of("x", "" + x, "y", "50"))) {
                String shown = visitor.text("/api/v1/machines/" + front.machine());
                check("place", shown.matches("(?s).*\"id\":\"" + control + "\"[^{}]*?\"x\":" + x + "[.,}].*"));
            }
        }

        /** All hands look at the bead of one job, each at a sign of its own. */
        private void sign() throws Exception {
            String page = "/jobs/" + bead + "/read";
            String sign = Visitor.found(visitor.text(page), "data-sign=\"([^\"]+)\"", 1)
                    .get(number);
            boolean seen = random.nextBoolean();
            if (send(page + "/sign", Map.of("sign", sign, "there", seen ? "yes" : "no"))) {
                String state = "data-sign=\"" + sign + "\" data-state=\"" + (seen ? "seen" : "not") + "\"";
                check("sign", visitor.text(page).contains(state));
            }
        }

        /** All hands keep the price list, each a wire of its own. */
        private void price() throws Exception {
            String page = visitor.text("/shop/prices");
            String wire = Visitor.found(page, "name=\"(wire\\.[^\"]+)\"", 1).get(number);
            String stood = Visitor.found(page, "name=\"" + wire + "\"\\s+value=\"([^\"]*)\"");
            String becomes = "" + (10 + random.nextInt(90));
            if (send("/shop/prices", Map.of("was." + wire, stood, wire, becomes))) {
                String stored = "name=\"" + wire + "\"\\s+value=\"" + becomes + "\"";
                check("price", visitor.text("/shop/prices").contains(stored));
            }
        }

        private void arc(String job) throws Exception {
            arcs += send(job + "/run/event", Map.of("kind", "ARC_ON")) ? 1 : 0;
            check("arc", visitor.text(job + "/run/state").contains("\"arcs\":" + arcs + ","));
            send(job + "/run/event", Map.of("kind", "ARC_OFF"));
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

        private boolean tick(boolean ticked) throws Exception {
            return send("/shop/stock", shelf(number, ticked));
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
