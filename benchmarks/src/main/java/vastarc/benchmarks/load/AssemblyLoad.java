package vastarc.benchmarks.load;

import java.net.http.HttpResponse;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/**
 * An assembly of 5,000 seams: how long its page takes, the seams of one state, and a seam that is looked at.
 *
 * <p>Use, with the program on this machine: {@code benchmarks/run-load AssemblyLoad 8090 200}, the number of pages of each.
 */
public final class AssemblyLoad {

    private static final int SEAMS = 5000;
    private static final int OF_A_PAGE = 50;

    private AssemblyLoad() {}

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        int count = Math.min(5000, Integer.parseInt(arguments.length > 1 ? arguments[1] : "200"));
        Visitor visitor = new Visitor(port).arrive();
        HttpResponse<String> made = visitor.client()
                .send(
                        visitor.form("/assemblies", Map.of("name", "Five thousand")),
                        HttpResponse.BodyHandlers.ofString());
        String address = made.uri().getPath();
        String list = IntStream.rangeClosed(1, SEAMS)
                .mapToObj(n -> "W" + n + "; frame " + n / OF_A_PAGE)
                .collect(Collectors.joining("\n"));
        visitor.client()
                .send(visitor.form(address + "/seams", Map.of("list", list)), HttpResponse.BodyHandlers.discarding());
        for (int i = 1; i <= OF_A_PAGE; i++) {
            visitor.client()
                    .send(
                            visitor.form(
                                    address + "/seam/enter",
                                    Map.of("seam", "W" + i, "kind", "WELDED", "by", "Ansa", "day", "2026-11-30")),
                            HttpResponse.BodyHandlers.discarding());
        }
        pages("a page of " + SEAMS + " seams", visitor, count, n -> address + "?page=" + (1 + n % (SEAMS / OF_A_PAGE)));
        pages("those that are welded", visitor, count, n -> address + "?state=WELDED");
        pages("with a seam looked at", visitor, count, n -> address + "?seam=W" + (1 + n % SEAMS));
        visitor.client().send(visitor.form(address + "/delete", Map.of()), HttpResponse.BodyHandlers.discarding());
    }

    /** An address for each number. */
    private interface Address {
        String of(int number);
    }

    private static void pages(String what, Visitor visitor, int count, Address address) throws Exception {
        Times times = new Times();
        for (int i = 0; i < count; i++) {
            long sent = System.nanoTime();
            HttpResponse<String> response = visitor.client()
                    .send(visitor.request(address.of(i)).GET().build(), HttpResponse.BodyHandlers.ofString());
            times.add(System.nanoTime() - sent, response.statusCode() == 200);
        }
        times.print(what);
    }
}
