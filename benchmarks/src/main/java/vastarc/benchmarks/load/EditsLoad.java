package vastarc.benchmarks.load;

import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicInteger;

/**
 * As many edits as are asked for, by four hands that never rest: fields of a job, controls of a machine, the stock. What lives in the
 * program after a collection is given every twentieth part of the way; a shop that is only edited must not grow.
 *
 * <p>Use: {@code benchmarks/run-load EditsLoad 8090 200000}, on a shop with the demo's machines.
 */
public final class EditsLoad {

    private static final int HANDS = 4;
    private static final int MOST = 1_000_000;
    private static final int TELLINGS = 20;

    private final int port;
    private final int edits;
    private final HandsLoad.Front front;
    private final AtomicInteger begun = new AtomicInteger();
    private final AtomicInteger acknowledged = new AtomicInteger();
    private final Times times = new Times();

    private EditsLoad(int port, int edits, HandsLoad.Front front) {
        this.port = port;
        this.edits = edits;
        this.front = front;
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int edits = Math.min(MOST, Integer.parseInt(arguments.length > 1 ? arguments[1] : "200000"));
        Visitor visitor = new Visitor(port).arrive();
        Optional<HandsLoad.Front> front = HandsLoad.Front.forHands(HANDS, visitor);
        if (front.isPresent()) {
            new EditsLoad(port, edits, front.get()).run();
        }
    }

    private void run() throws Exception {
        System.out.println("before: " + StreamLoad.memory(port));
        ExecutorService threads = Executors.newFixedThreadPool(HANDS);
        List<Future<?>> hands = new ArrayList<>();
        for (int i = 0; i < HANDS; i++) {
            int number = i;
            hands.add(threads.submit(() -> work(number)));
        }
        threads.shutdown();
        for (Future<?> hand : hands) {
            hand.get();
        }
        System.out.println(acknowledged + " edits acknowledged of " + edits + "; after: " + StreamLoad.memory(port));
        times.print("an edit");
    }

    private Void work(int number) throws Exception {
        Visitor visitor = new Visitor(port).arrive();
        String job = visitor.newJob();
        int version = 0;
        for (int edit = begun.getAndIncrement(); edit < edits; edit = begun.getAndIncrement()) {
            boolean accepted = switch (edit % 4) {
                case 0 -> send(visitor, "/jobs/" + job + "/sheet", field(version++, edit));
                case 2 -> send(visitor, "/shop/stock", HandsLoad.shelf(number, edit % 8 == 2));
                default -> send(visitor, front.place(number), Map.of("x", "" + (5 + edit % 90), "y", "50"));
            };
            acknowledged.addAndGet(accepted ? 1 : 0);
            if ((edit + 1) % Math.max(1, edits / TELLINGS) == 0) {
                System.out.println(edit + 1 + " edits: " + StreamLoad.memory(port));
            }
        }
        visitor.putAway(job);
        return null;
    }

    /** As one hand's edits do, each carries the version that the one before has made. */
    private static Map<String, String> field(int version, int edit) {
        return Map.of(
                "version",
                String.valueOf(version),
                "name",
                "Edit " + edit,
                "notes",
                "",
                "material",
                edit % 8 == 0 ? "STAINLESS_316L" : "CARBON_STEEL",
                "joint",
                "LAP",
                "thicknessMm[0]",
                String.format(Locale.ROOT, "%.4f", 1 + Visitor.fresh(edit)));
    }

    private boolean send(Visitor visitor, String path, Map<String, String> fields) throws Exception {
        long before = System.nanoTime();
        int status = visitor.client()
                .send(visitor.form(path, fields), HttpResponse.BodyHandlers.discarding())
                .statusCode();
        times.add(System.nanoTime() - before, status == 200);
        return status == 200;
    }
}
