package vastarc.web.ui;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Asks the program for its own pages a while after the start, so that the first hand at the bench does not wait for the compiler.
 * Only looks, changes nothing, and gives up at the first trouble.
 */
@Component
@ConditionalOnProperty(name = "vastarc.warm-up", havingValue = "true")
class WarmUp {

    private static final int ROUNDS = 60;
    private static final Duration PATIENCE = Duration.ofSeconds(5);
    private static final Pattern SHEET = Pattern.compile("/jobs/[0-9a-f-]{36}/sheet");

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext web) {
            String address = "http://127.0.0.1:" + web.getWebServer().getPort();
            Thread thread = new Thread(() -> visit(address), "warm-up");
            thread.setDaemon(true);
            thread.setPriority(Thread.MIN_PRIORITY);
            thread.start();
        }
    }

    private static void visit(String address) {
        HttpClient client = HttpClient.newBuilder().connectTimeout(PATIENCE).build();
        try {
            for (int round = 0; round < ROUNDS; round++) {
                get(client, address + "/chart");
                String bench = get(client, address + "/");
                for (String sheet : sheets(bench)) {
                    get(client, address + sheet);
                }
            }
        } catch (IOException e) {
            // The program is stopping, or was asked to listen elsewhere: the pages are then merely slower at first.
            return;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static List<String> sheets(String bench) {
        return SHEET.matcher(bench)
                .results()
                .map(MatchResult::group)
                .distinct()
                .limit(5)
                .toList();
    }

    private static String get(HttpClient client, String address) throws IOException, InterruptedException {
        HttpRequest request =
                HttpRequest.newBuilder(URI.create(address)).timeout(PATIENCE).build();
        return client.send(request, HttpResponse.BodyHandlers.ofString()).body();
    }
}
