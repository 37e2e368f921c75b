package vastarc.benchmarks.load;

import java.net.http.HttpResponse;

/** One page asked for again and again. Use: {@code benchmarks/run-load PageLoad 8090 "/chart" 100}. At most 2000 requests. */
public final class PageLoad {

    private static final int MOST = 2000;

    private PageLoad() {}

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        String path = arguments.length > 1 ? arguments[1] : "/chart";
        int count = Math.min(MOST, arguments.length > 2 ? Integer.parseInt(arguments[2]) : 100);
        Visitor visitor = new Visitor(port);
        measure(visitor, path, 1, path + ", first");
        measure(visitor, path, count, path);
    }

    private static void measure(Visitor visitor, String path, int count, String name) throws Exception {
        Times times = new Times();
        for (int i = 0; i < count; i++) {
            long sent = System.nanoTime();
            int status = visitor.client()
                    .send(visitor.request(path).build(), HttpResponse.BodyHandlers.ofByteArray())
                    .statusCode();
            times.add(System.nanoTime() - sent, status == 200);
        }
        times.print(name);
    }
}
