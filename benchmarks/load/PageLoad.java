import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.Arrays;
import java.util.Locale;

/**
 * How long one page takes, asked for again and again, each after the one before, this machine only:
 * {@code java benchmarks/load/PageLoad.java 8090 /chart?metal=STAINLESS_316L 100}. The first answer is told apart: nothing is warm then.
 */
public final class PageLoad {

    private PageLoad() {}

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        String path = arguments.length > 1 ? arguments[1] : "/chart";
        int count = Math.min(2000, arguments.length > 2 ? Integer.parseInt(arguments[2]) : 100);
        HttpClient client = HttpClient.newHttpClient();
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path)).build();
        double first = once(client, request);
        double[] times = new double[count];
        for (int i = 0; i < count; i++) {
            times[i] = once(client, request);
        }
        Arrays.sort(times);
        System.out.printf(
                Locale.ROOT, "%s  first %.0f ms, then n %d  p50 %.1f ms  p95 %.1f ms  max %.1f ms%n",
                path, first, count, times[count / 2], times[count * 95 / 100], times[count - 1]);
    }

    private static double once(HttpClient client, HttpRequest request) throws Exception {
        long sent = System.nanoTime();
        HttpResponse<byte[]> answer = client.send(request, HttpResponse.BodyHandlers.ofByteArray());
        if (answer.statusCode() != 200) {
            throw new IllegalStateException("answer " + answer.statusCode());
        }
        return (System.nanoTime() - sent) / 1e6;
    }
}
