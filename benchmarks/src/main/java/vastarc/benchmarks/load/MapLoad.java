package vastarc.benchmarks.load;

import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Locale;
import java.util.Map;

/**
 * The map beside the figures of a sheet: what a point says while it is dragged, the sheet once it is let go of, and the map drawn anew after that.
 *
 * <p>Use, with the program on this machine and its demo shop: {@code benchmarks/run-load MapLoad 8090 200}, the number of points.
 */
public final class MapLoad {

    private static final double LEAST_A = 50;
    private static final double MORE_A = 40;
    private static final double LEAST_TRAVEL = 80;
    private static final double MORE_TRAVEL = 60;
    private static final int WARM_UP = 50;

    private final Visitor visitor;
    private final String job;

    private MapLoad(Visitor visitor, String job) {
        this.visitor = visitor;
        this.job = "/jobs/" + job;
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int count = Math.min(5000, Integer.parseInt(arguments.length > 1 ? arguments[1] : "200"));
        Visitor visitor = new Visitor(port).arrive();
        String copied = Visitor.found(visitor.text("/"), "/jobs/([^/\"]+)/sheet");
        HttpResponse<String> made = visitor.client()
                .send(visitor.form("/jobs/" + copied + "/duplicate", Map.of()), HttpResponse.BodyHandlers.ofString());
        String job = Visitor.found(made.uri().getPath(), "/jobs/([^/]+)/sheet");
        new MapLoad(visitor, job).drag(WARM_UP, "warming up, ");
        new MapLoad(visitor, job).drag(count, "");
        visitor.putAway(job);
    }

    private void drag(int count, String when) throws Exception {
        Times dragged = new Times();
        Times taken = new Times();
        Times drawn = new Times();
        for (int i = 0; i < count; i++) {
            String current = figure(LEAST_A + MORE_A * Visitor.fresh(2 * i));
            String travel = figure(LEAST_TRAVEL + MORE_TRAVEL * Visitor.fresh(2 * i + 1));
            time(
                    dragged,
                    visitor.request(job + "/map/point?pointA=" + current + "&pointTravel=" + travel)
                            .build());
            time(taken, visitor.form(job + "/sheet/point", Map.of("pointA", current, "pointTravel", travel)));
            time(drawn, visitor.request(job + "/map/beside").build());
        }
        dragged.print(when + "what a dragged point says");
        taken.print(when + "the sheet with the point's values");
        drawn.print(when + "the map beside it, drawn anew");
    }

    /** As the page sends it. */
    private static String figure(double value) {
        return String.format(Locale.ROOT, "%.1f", value);
    }

    private void time(Times times, HttpRequest request) throws Exception {
        long sent = System.nanoTime();
        HttpResponse<String> answer = visitor.client().send(request, HttpResponse.BodyHandlers.ofString());
        times.add(System.nanoTime() - sent, answer.statusCode() == 200);
    }
}
