package vastarc.web.startup;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnExpression;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Asks the program for its own pages a while after the start, so that the first welder at the bench does not wait for the compiler. Only
 * looks, changes nothing, and gives up at the first trouble. Told to train, it also changes jobs, on the scratch shop that {@code ./run}
 * gives it, and ends the program: what was loaded then is in the class-data archive.
 */
@Component
@ConditionalOnExpression("'${vastarc.warm-up}' != 'false'")
class WarmUp {

    private static final int ROUNDS = 60;
    private static final int TRAINING_ROUNDS = 3;
    private static final Duration PATIENCE = Duration.ofSeconds(20);
    private static final Pattern JOB = Pattern.compile("/jobs/([0-9a-f-]{36})/sheet");
    private static final Pattern TOKEN = Pattern.compile("name=\"csrf\" content=\"([^\"]+)\"");

    private static final long QUIET_MS = 400;

    private final boolean training;
    private final Callers callers;

    WarmUp(@Value("${vastarc.warm-up}") String mode, Callers callers) {
        this.training = mode.equals("train");
        this.callers = callers;
    }

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof ServletWebServerApplicationContext web
                && web.getWebServer() != null) {
            String address = "http://127.0.0.1:" + web.getWebServer().getPort();
            Thread thread = new Thread(() -> run(new Visit(address, callers), web), "warm-up");
            thread.setDaemon(true);
            thread.start();
        }
    }

    private void run(Visit visit, ServletWebServerApplicationContext web) {
        try {
            for (int round = 0; round < (training ? TRAINING_ROUNDS : ROUNDS); round++) {
                visit.look();
                if (training) {
                    visit.change();
                }
            }
        } catch (IOException e) {
            // The program is stopping, or was asked to listen elsewhere: the pages are then merely slower at first.
            return;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        if (training) {
            System.exit(SpringApplication.exit(web));
        }
    }

    /** A visitor of the program's own pages. */
    private static final class Visit {

        private final HttpClient client = HttpClient.newBuilder()
                .connectTimeout(PATIENCE)
                .cookieHandler(new CookieManager())
                .build();
        private final String address;
        private final Callers callers;
        private List<String> jobs = List.of();
        private String token = "";

        Visit(String address, Callers callers) {
            this.address = address;
            this.callers = callers;
        }

        /** Stores out of the way while somebody else is at the bench. */
        private void waitForQuiet() throws InterruptedException {
            while (callers.quietMs() < QUIET_MS) {
                Thread.sleep(QUIET_MS / 4);
            }
        }

        void look() throws IOException, InterruptedException {
            String bench = get("/");
            jobs = JOB.matcher(bench)
                    .results()
                    .map((MatchResult match) -> match.group(1))
                    .distinct()
                    .limit(5)
                    .toList();
            Matcher found = TOKEN.matcher(bench);
            token = found.find() ? found.group(1) : "";
            for (String job : jobs) {
                get("/jobs/" + job + "/sheet");
                get("/jobs/" + job + "/score");
                get("/jobs/" + job + "/panel");
            }
            get("/chart");
        }

        void change() throws IOException, InterruptedException {
            for (String job : jobs) {
                String joint =
                        "material=CARBON_STEEL&joint=LAP&thicknessMm%5B0%5D=2&wire=true&control=TRIGGER_4T&version=0";
                post("/jobs/" + job + "/sheet", joint);
                post("/jobs/" + job + "/score", "logic=TRIGGER_4T&own.downSlope=3&version=1");
                post("/jobs/" + job + "/panel", "version=2");
                post("/jobs/" + job + "/sheet/undo", "");
            }
        }

        private String get(String path) throws IOException, InterruptedException {
            waitForQuiet();
            HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                    .timeout(PATIENCE)
                    .header(Callers.HEADER, callers.own())
                    .build();
            return client.send(request, HttpResponse.BodyHandlers.ofString()).body();
        }

        private void post(String path, String form) throws IOException, InterruptedException {
            HttpRequest request = HttpRequest.newBuilder(URI.create(address + path))
                    .timeout(PATIENCE)
                    .header("Content-Type", "application/x-www-form-urlencoded")
                    .header("X-XSRF-TOKEN", token)
                    .header(Callers.HEADER, callers.own())
                    .POST(HttpRequest.BodyPublishers.ofString(form))
                    .build();
            client.send(request, HttpResponse.BodyHandlers.discarding());
        }
    }
}
