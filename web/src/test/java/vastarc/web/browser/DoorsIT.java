package vastarc.web.browser;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.http.MediaType;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.MachineStore;

/** What comes in over the wire, as no browser would send it. In a shop of its own: what is sent deletes jobs and machines too. */
@SpringBootTest(
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = "spring.datasource.url=jdbc:h2:mem:doors;DB_CLOSE_DELAY=-1")
@ActiveProfiles("test")
class DoorsIT {

    private static final int FUZZ = Integer.getInteger("vastarc.fuzz", 1500);

    @LocalServerPort
    private int port;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping routes;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MachineStore machines;

    private final HttpClient client =
            HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(10)).build();

    private HttpRequest.Builder request(String path) {
        return HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                .timeout(Duration.ofSeconds(30));
    }

    private HttpResponse<String> send(HttpRequest request) throws Exception {
        return client.send(request, HttpResponse.BodyHandlers.ofString());
    }

    /** Status line and headers, also of what the server answers by itself. */
    private List<String> head(String text) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
            return new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.ISO_8859_1))
                    .lines()
                    .takeWhile(line -> !line.isEmpty())
                    .toList();
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "GET / HTTP/1.1",
                "GET /nothing HTTP/1.1",
                "GET /error HTTP/1.1",
                "GET /assets/nothing.js HTTP/1.1",
                "GET /jobs/;x/sheet HTTP/1.1",
                "GET /jobs/%00 HTTP/1.1",
                "GET /?page=%zz HTTP/1.1",
                "CONNECT / HTTP/1.1",
                "no request at all",
                "GET /[ HTTP/1.1",
            })
    void everyAnswerKeepsOtherPagesOutAlsoThoseTheServerGivesByItself(String line) throws IOException {
        String host = line.contains(";x") ? "other.example" : "127.0.0.1";
        List<String> head = head(line + "\r\nHost: " + host + "\r\nConnection: close\r\n\r\n");

        assertThat(head).as(line).anyMatch(header -> header.startsWith("Content-Security-Policy: default-src 'self'"));
        assertThat(head).as(line).anyMatch(header -> header.equals("X-Content-Type-Options: nosniff"));
        assertThat(head.stream().filter(header -> header.startsWith("Content-Security-Policy")))
                .as(line)
                .hasSize(1);
    }

    /** A form in parts, where nothing takes one. */
    @Test
    void aFormInPartsIsRefusedWithWords() throws Exception {
        String[] page = token();
        String job = "/jobs/" + jobs.newest(1).get(0).id();
        for (String type : List.of("multipart/form-data", "multipart/form-data; boundary=x")) {
            HttpResponse<String> refused = send(request(job + "/score/try")
                    .header("Content-Type", type)
                    .header("Cookie", page[0])
                    .header("X-XSRF-TOKEN", page[1])
                    .POST(HttpRequest.BodyPublishers.ofString("--x\r\n"))
                    .build());
            assertThat(refused.statusCode()).as(type).isEqualTo(415);
            assertThat(refused.body()).contains("no form in parts");
        }
    }

    @Test
    void aBodyFarPastItsBoundGetsItsAnswerAndNoReset() throws Exception {
        HttpResponse<String> response = send(request("/api/v1/sheet")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofByteArray(new byte[30_000_000]))
                .build());
        assertThat(response.statusCode()).isEqualTo(413);
        assertThat(response.body()).contains("at most 1024 KB");
        assertThat(response.headers().firstValue("Content-Security-Policy")).isPresent();
    }

    private String raw(String text) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.setSoTimeout(10_000);
            socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
            BufferedReader in =
                    new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.ISO_8859_1));
            String line = in.readLine();
            return line == null ? "" : line;
        }
    }

    @Test
    void thePageKeepsItsTokenInACookieOfItsOwnAndOpensNoSession() throws Exception {
        List<String> cookies = send(request("/").build()).headers().allValues("Set-Cookie");
        assertThat(cookies)
                .singleElement()
                .asString()
                .startsWith("vastarc-token=")
                .contains("HttpOnly", "SameSite=Strict");

        HttpResponse<String> refused = send(request("/jobs")
                .POST(HttpRequest.BodyPublishers.ofString("name=x"))
                .build());
        assertThat(refused.statusCode()).isEqualTo(403);
        assertThat(refused.headers().allValues("Set-Cookie")).noneMatch(cookie -> cookie.contains("SESSION"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "TRACE / HTTP/1.1",
                "BREW /jobs HTTP/1.1",
                "GET /error HTTP/1.1",
                "GET /%65rror HTTP/1.1",
                "GET /drill/ask?learner=%7BAnn%7D HTTP/1.1",
                "POST /error HTTP/1.1",
                "GET /jobs/../../etc/passwd HTTP/1.1",
                "GET /jobs/%00/sheet HTTP/1.1",
                "GET /assets/%2e%2e/application.yaml HTTP/1.1",
                "GET /?find=%ff%fe HTTP/1.1",
                "GET /?page=%zz HTTP/1.1",
                "OPTIONS * HTTP/1.1",
                "PROPFIND / HTTP/1.1",
            })
    void oddRequestsAreRefusedWithoutAFault(String line) throws IOException {
        String answer = raw(line + "\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n");

        assertThat(answer).as(line).startsWith("HTTP/1.1 ").doesNotContainPattern("HTTP/1.1 5\\d\\d");
    }

    /** The server's own word for a method that no address here has; HTTP gives it that number. */
    @ParameterizedTest
    @ValueSource(strings = {"CONNECT / HTTP/1.1", "CONNECT 127.0.0.1:80 HTTP/1.1"})
    void nobodyTunnelsThroughTheProgram(String line) throws IOException {
        String answer = raw(line + "\r\nHost: 127.0.0.1\r\nConnection: close\r\n\r\n");

        assertThat(answer).as(line).startsWith("HTTP/1.1 501 ");
    }

    @Test
    void aBodyPastItsBoundIsRefusedWithWordsWhetherItsLengthIsToldOrNot() throws Exception {
        byte[] large = new byte[1024 * 1024 + 1];
        HttpResponse<String> response = send(request("/api/v1/sheet")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofByteArray(large))
                .build());
        assertThat(response.statusCode()).isEqualTo(413);
        assertThat(response.body()).contains("at most 1024 KB");

        HttpResponse<String> withoutLength = send(request("/api/v1/sheet")
                .header("Content-Type", "application/json")
                .POST(HttpRequest.BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(
                        ("{\"material\":\"" + "x".repeat(3_000_000)).getBytes(StandardCharsets.UTF_8))))
                .build());
        assertThat(withoutLength.statusCode()).isBetween(400, 422);
    }

    @Test
    void twoHundredAndFiftySlowBodiesKeepNobodyWaiting() throws Exception {
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 250; i++) {
                Socket socket = new Socket("127.0.0.1", port);
                slow.add(socket);
                socket.getOutputStream()
                        .write(
                                ("POST /jobs HTTP/1.1\r\nHost: 127.0.0.1\r\nContent-Type: application/x-www-form-urlencoded\r\n"
                                                + "Content-Length: 1000\r\n\r\nname=")
                                        .getBytes(StandardCharsets.ISO_8859_1));
                socket.getOutputStream().flush();
            }
            HttpResponse<String> page =
                    send(request("/reference").timeout(Duration.ofSeconds(8)).build());
            assertThat(page.statusCode()).isEqualTo(200);
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    @Test
    void requestsMadeFromTheProgramsOwnRoutesGetNoFault() throws Exception {
        List<RouteFuzz.Route> known = new ArrayList<>();
        for (RequestMappingInfo info : routes.getHandlerMethods().keySet()) {
            if (info.getProducesCondition().getProducibleMediaTypes().contains(MediaType.TEXT_EVENT_STREAM)) {
                // An open stream answers and never ends.
                continue;
            }
            Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
            for (String pattern : new TreeSet<>(info.getPatternValues())) {
                for (RequestMethod method : methods.isEmpty() ? Set.of(RequestMethod.GET) : methods) {
                    known.add(new RouteFuzz.Route(method.name(), pattern));
                }
            }
        }
        known.sort(Comparator.comparing(RouteFuzz.Route::toString));
        assertThat(known).hasSizeGreaterThan(40);
        List<String> ids = new ArrayList<>(List.of(UUID.randomUUID().toString()));
        jobs.newest(3).forEach(job -> ids.add(job.id().toString()));
        machines.machines().forEach(machine -> ids.add(machine.id().toString()));
        RouteFuzz fuzz = new RouteFuzz(known, ids, new Random(20261125));
        String[] page = token();

        List<String> faults = new ArrayList<>();
        for (int i = 0; i < FUZZ; i++) {
            RouteFuzz.Sent sent = fuzz.next();
            HttpRequest.Builder request = request(sent.path())
                    .header("Content-Type", sent.type())
                    .header("Accept", sent.accept())
                    .header("Cookie", page[0])
                    .header("X-XSRF-TOKEN", page[1])
                    .method(sent.method(), HttpRequest.BodyPublishers.ofString(sent.body()));
            int status = client.send(request.build(), HttpResponse.BodyHandlers.discarding())
                    .statusCode();
            if (status >= 500) {
                faults.add(status + " " + sent);
            }
        }
        assertThat(faults).isEmpty();
    }

    private String[] token() throws Exception {
        HttpResponse<String> page = send(request("/").build());
        String cookie = page.headers().firstValue("Set-Cookie").orElseThrow();
        String body = page.body();
        int at = body.indexOf("name=\"csrf\" content=\"") + "name=\"csrf\" content=\"".length();
        return new String[] {cookie.substring(0, cookie.indexOf(';')), body.substring(at, body.indexOf('"', at))};
    }
}
