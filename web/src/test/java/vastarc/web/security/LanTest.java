package vastarc.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static vastarc.web.security.Requests.FAR;
import static vastarc.web.security.Requests.HERE;
import static vastarc.web.security.Requests.ask;
import static vastarc.web.security.Requests.everyRoute;

import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.Cookie;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import vastarc.web.security.Pairing.PairingResult;
import vastarc.web.store.device.DeviceStore;
import vastarc.web.store.job.JobStore;

/** The program open to a network: from another machine nothing but pairing, until it is paired; and out at once when its key is taken away. */
@LanSpringTest
class LanTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private RequestMappingHandlerMapping routes;

    @Autowired
    private Pairing pairing;

    @Autowired
    private DeviceStore devices;

    @Autowired
    private JobStore jobs;

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request, String from) throws Exception {
        return Requests.send(http, request, from);
    }

    @Test
    void fromAnotherMachineNoRouteGivesAnythingButPairingAndHealth() throws Exception {
        List<String[]> all = everyRoute(routes);
        assertThat(all.size()).isGreaterThan(120);
        for (String[] route : all) {
            // The error page is no address at all, for anyone.
            if (route[1].equals("/health")
                    || route[1].startsWith("/error")
                    || route[1].contains("/meters/1/readings")) {
                continue;
            }
            MockHttpServletResponse answer = send(ask(route[0], route[1]).with(csrf()), FAR);
            assertThat(answer.getStatus()).as(route[0] + " " + route[1]).isEqualTo(401);
            assertThat(answer.getContentAsString()).as(route[1]).isEqualTo("This device is not paired. Open /pair.");
        }
        MockHttpServletResponse page = send(ask("GET", "/").accept("text/html"), FAR);
        assertThat(page.getStatus()).isEqualTo(303);
        assertThat(page.getHeader("Location")).isEqualTo("/pair");
        for (String path : List.of(
                "/assets/app.css",
                "/assets/app.js",
                "/shop/d%65vices",
                "/api/openapi.json",
                "/nothing",
                "/pair/../shop",
                "/pair/x")) {
            assertThat(send(ask("GET", path), FAR).getStatus()).as(path).isIn(400, 401);
        }
        assertThat(send(ask("GET", "/health"), FAR).getContentAsString()).isEqualTo("{\"status\":\"up\"}");
        assertThat(send(ask("GET", "/pair"), FAR).getContentAsString()).contains("six digits", "can read along");
        assertThat(send(ask("GET", "/pair.css"), FAR).getContentAsString()).contains("min-height: 48px");
        assertThat(send(ask("GET", "/pair").param("code", "\"><script>"), FAR).getContentAsString())
                .contains("&lt;script&gt;")
                .doesNotContain("<script>");
        assertThat(send(ask("GET", "/shop/devices"), HERE).getContentAsString()).contains(pairing.code());
    }

    /** Else everybody behind a proxy that the program was not told of would be this machine. */
    @Test
    void whatAProxyHasSentOnIsNotThisMachine() throws Exception {
        for (String header : List.of("X-Forwarded-For", "Forwarded")) {
            MockHttpServletResponse answer = send(ask("GET", "/shop/devices").header(header, "127.0.0.1"), HERE);
            assertThat(answer.getStatus()).as(header).isEqualTo(401);
        }
    }

    @Test
    void theMetersDoorTakesOnlyMetersKeys() throws Exception {
        MockHttpServletRequestBuilder door = ask("POST", "/api/v1/meters/booth-1/readings")
                .contentType("application/json")
                .content("{\"readings\":[{\"quantity\":\"CURRENT\",\"value\":60}]}");
        assertThat(send(door, FAR).getStatus()).isEqualTo(401);
        assertThat(send(door.cookie(paired("a meter")), FAR).getStatus()).isEqualTo(401);
    }

    private Cookie paired(String name) throws Exception {
        MockHttpServletResponse in =
                send(ask("POST", "/pair").param("code", pairing.code()).param("name", name), FAR);
        assertThat(in.getStatus()).isEqualTo(303);
        String cookie = in.getHeader("Set-Cookie");
        assertThat(cookie).contains("HttpOnly", "SameSite=Strict");
        return new Cookie(CallerFilter.COOKIE, cookie.substring(cookie.indexOf('=') + 1, cookie.indexOf(';')));
    }

    private DeviceStore.Device device(String name) {
        return devices.all().stream()
                .filter(device -> device.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aPairedDeviceWorksMayBeLimitedToLookingAndIsOutAtOnce() throws Exception {
        String before = pairing.code();
        Cookie key = paired("booth 7");
        assertThat(pairing.code()).isNotEqualTo(before);
        assertThat(send(ask("POST", "/pair").param("code", before).param("name", "again"), FAR)
                        .getStatus())
                .isEqualTo(403);
        String job = jobs.newest(1).get(0).id().toString();
        assertThat(send(ask("GET", "/").cookie(key), FAR).getContentAsString()).contains("Bench");
        MockHttpServletRequestBuilder copy =
                ask("POST", "/jobs/" + job + "/duplicate").with(csrf()).cookie(key);
        assertThat(send(copy, FAR).getStatus()).isEqualTo(302);
        assertThat(device("booth 7").seenAt()).isPresent();

        send(
                ask("POST", "/shop/devices/" + device("booth 7").id() + "/limit")
                        .param("readOnly", "true")
                        .with(csrf()),
                HERE);
        MockHttpServletResponse refused = send(copy, FAR);
        assertThat(refused.getStatus()).isEqualTo(403);
        assertThat(refused.getContentAsString()).contains("may look and change nothing");
        assertThat(send(ask("GET", "/jobs/" + job + "/sheet").cookie(key), FAR).getStatus())
                .isEqualTo(200);

        send(ask("POST", "/shop/devices/" + device("booth 7").id() + "/away").with(csrf()), HERE);
        assertThat(send(ask("GET", "/").cookie(key), FAR).getStatus()).isEqualTo(401);
    }

    /** The key is looked at when a request begins, and again whenever some of what is sent has come. */
    @Test
    void whatIsStillBeingSentWhenItsDeviceIsTakenAwayDoesNothing() throws Exception {
        for (boolean form : new boolean[] {true, false}) {
            Cookie key = paired("slow sender");
            UUID id = device("slow sender").id();
            MockHttpServletRequest slow = new MockHttpServletRequest("POST", "/jobs") {
                @Override
                public Map<String, String[]> getParameterMap() {
                    devices.revoke(id);
                    return super.getParameterMap();
                }

                @Override
                public ServletInputStream getInputStream() {
                    devices.revoke(id);
                    return super.getInputStream();
                }
            };
            slow.setRemoteAddr(FAR);
            slow.setCookies(key);
            slow.setContent("name=late".getBytes(StandardCharsets.UTF_8));
            AtomicBoolean done = new AtomicBoolean();
            MockHttpServletResponse answer = new MockHttpServletResponse();
            new CallerFilter(devices).doFilter(slow, answer, (request, response) -> {
                if (form) {
                    request.getParameter("name");
                } else {
                    request.getInputStream().readAllBytes();
                }
                done.set(true);
            });
            assertThat(answer.getStatus()).isEqualTo(401);
            assertThat(done).isFalse();
        }
    }

    @Test
    void oneDeviceCannotTakeAllLines() throws Exception {
        Cookie key = paired("greedy");
        Cookie other = paired("modest");
        int open = 0;
        while (open < 100 && send(stream().cookie(key), FAR).getStatus() == 200) {
            open++;
        }
        assertThat(open).isBetween(4, 40);
        assertThat(send(stream().cookie(key), FAR).getContentAsString()).contains("Too many pages listen");
        assertThat(send(stream().cookie(other), FAR).getStatus()).isEqualTo(200);
        assertThat(send(stream(), HERE).getStatus()).isEqualTo(200);
        for (String name : List.of("greedy", "modest")) {
            send(ask("POST", "/shop/devices/" + device(name).id() + "/away").with(csrf()), HERE);
        }
    }

    private static MockHttpServletRequestBuilder stream() {
        return ask("GET", "/api/v1/stream?channels=current");
    }

    @Test
    void aForeignNameIsRefusedEvenOfAPairedDevice() throws Exception {
        Cookie key = paired("rebound");
        assertThat(send(
                                ask("GET", "/")
                                        .cookie(key)
                                        .header("Host", "other.example")
                                        .with(request -> {
                                            request.setServerName("other.example");
                                            return request;
                                        }),
                                FAR)
                        .getStatus())
                .isEqualTo(400);
    }

    /** Else a device that may only look could read the code for the next one, and let itself in anew. */
    @Test
    void devicesAreManagedOnThisMachineAlone() throws Exception {
        Cookie key = paired("booth 9");
        String address = "/shop/devices/" + device("booth 9").id();
        for (String[] request :
                new String[][] {{"GET", "/shop/devices"}, {"POST", address + "/limit"}, {"POST", address + "/away"}}) {
            MockHttpServletResponse refused =
                    send(ask(request[0], request[1]).cookie(key).with(csrf()), FAR);
            assertThat(refused.getStatus()).as(request[1]).isEqualTo(403);
            assertThat(refused.getContentAsString())
                    .contains("on the machine the program runs on")
                    .doesNotContain(pairing.code());
        }
        assertThat(send(ask("GET", "/").cookie(key), FAR).getStatus()).isEqualTo(200);
        devices.limit(device("booth 9").id(), true);
        assertThat(send(ask("GET", "/shop/devices").cookie(key), FAR).getContentAsString())
                .doesNotContain(pairing.code());
        devices.revoke(device("booth 9").id());
    }

    @Test
    void aNameIsCutAndCleanedAndNoMoreThanSixtyAreTakenIn() {
        String key = devices.pair("  tablet\nof the \u0007 slip" + "x".repeat(200), true)
                .orElseThrow();
        DeviceStore.Device device = devices.of(key).orElseThrow();
        assertThat(device.name())
                .hasSize(DeviceStore.MAX_NAME)
                .startsWith("tablet of the")
                .doesNotContain("\n");
        assertThat(device.readOnly()).isTrue();
        assertThat(devices.of(key + "x")).isEmpty();
        assertThat(devices.of("")).isEmpty();
        assertThat(devices.pair("   ", false)).isPresent();
        while (devices.all().size() < DeviceStore.MOST) {
            devices.pair("many", false);
        }
        assertThat(devices.pair("one too many", false)).isEmpty();
        PairingResult full = pairing.tryCode(pairing.code(), "one too many", FAR);
        assertThat(full.key()).isEmpty();
        assertThat(full.wrong()).contains("Take one away");
        devices.all().forEach(one -> devices.revoke(one.id()));
    }

    @Test
    void anAddressOfTheLoopIsThisMachineAndNoOtherIs() {
        for (String own : List.of(HERE, "127.9.9.9", "::1")) {
            assertThat(Lan.isLoop(own)).as(own).isTrue();
        }
        for (String other : List.of("192.0.2.77", "10.0.0.1", "0.0.0.0", "::2", "no address at all", "")) {
            assertThat(Lan.isLoop(other)).as(other).isFalse();
        }
    }
}
