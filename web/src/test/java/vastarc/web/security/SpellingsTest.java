package vastarc.web.security;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;

import jakarta.servlet.http.Cookie;
import java.net.URI;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.HttpMethod;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import vastarc.web.store.device.DeviceStore;

/**
 * However an address is spelled, who may not ask for it reaches nothing: 200 spellings of every address, from a device that may only look, from one that
 * is not paired and from one whose key was taken away.
 */
@LanSpringTest
class SpellingsTest {

    private static final String FAR = "192.0.2.78";
    private static final int SPELLINGS = 200;

    /** Asked for by anybody: it says that the program runs, and the meters' door looks at a key of its own. */
    private static final Set<String> FOR_ALL = Set.of("HealthApi", "MeterApi");

    @Autowired
    private MockMvc http;

    @Autowired
    private RequestMappingHandlerMapping routes;

    @Autowired
    private DeviceStore devices;

    private final AtomicInteger asked = new AtomicInteger();

    private record Route(String method, String path) {}

    @AfterEach
    void nobodyStaysPaired() {
        devices.all().forEach(device -> devices.revoke(device.id()));
    }

    private List<Route> everyRoute() {
        Set<String> all = new TreeSet<>();
        for (RequestMappingInfo route : routes.getHandlerMethods().keySet()) {
            Set<RequestMethod> methods = route.getMethodsCondition().getMethods();
            for (String pattern : route.getPatternValues()) {
                String path = pattern.replaceAll(
                        "\\{[^}]+}", UUID.nameUUIDFromBytes(new byte[1]).toString());
                (methods.isEmpty() ? Set.of(RequestMethod.GET) : methods)
                        .forEach(method -> all.add(method + " " + path));
            }
        }
        List<Route> routes = new ArrayList<>();
        all.forEach(text -> routes.add(new Route(text.split(" ")[0], text.split(" ")[1])));
        return routes;
    }

    /** The address itself, and others that a server, a filter or a route may take for it. */
    private static List<String> spellings(String path) {
        Set<String> all = new LinkedHashSet<>(written(path));
        Random random = new Random(path.hashCode());
        while (all.size() < SPELLINGS) {
            all.add(encoded(path, all.size() % 5 == 0, random));
        }
        return List.copyOf(all).subList(0, SPELLINGS);
    }

    private static List<String> written(String path) {
        return List.of(
                path,
                path + "/",
                path + "//",
                path + ";x=y",
                path + "%3b",
                path + "%20",
                path + "%00",
                path + "%2f",
                path + "/.",
                path + "/..",
                path + "/../" + path.substring(1),
                path + "#x",
                path + "%23",
                path + "%3f",
                path + "?x=/pair",
                path + ".json",
                path + ".css",
                "/pair/.." + path,
                "/pair/%2e%2e" + path,
                "/health/.." + path,
                "/health;/.." + path,
                "/pair.css/.." + path,
                "/api/v1/meters/x/readings/../../../../.." + path,
                "/api/v1/meters/x%2freadings" + path,
                "/error/.." + path,
                "/." + path,
                "/%2e" + path,
                "/" + path,
                "//" + path,
                "/;" + path,
                path.toUpperCase(Locale.ROOT),
                path.replace("/", "//"),
                path.replace("/", "/./"),
                path.replace("/", "%2f"),
                path.replace("/", "%5c"),
                path.replace("/", "/;a/"));
    }

    /** Some characters written by their numbers, by twice their numbers, or in the other case. */
    private static String encoded(String path, boolean twice, Random random) {
        StringBuilder spelled = new StringBuilder();
        double share = random.nextDouble();
        for (char letter : path.toCharArray()) {
            if (random.nextDouble() >= share || letter == '/' && random.nextInt(4) > 0) {
                spelled.append(letter);
            } else {
                String code = String.format(random.nextBoolean() ? "%02x" : "%02X", (int) letter);
                spelled.append(twice ? "%25" : "%").append(code);
            }
        }
        return spelled.append("?n=").append(random.nextInt(1000)).toString();
    }

    private String handler(String method, String spelling, Cookie... key) {
        URI address;
        try {
            address = URI.create("http://localhost" + spelling);
        } catch (IllegalArgumentException e) {
            return "";
        }
        MockHttpServletRequestBuilder request = MockMvcRequestBuilders.request(HttpMethod.valueOf(method), address)
                .with(sent -> {
                    sent.setRemoteAddr(FAR);
                    return sent;
                })
                .with(csrf());
        asked.incrementAndGet();
        MvcResult result;
        try {
            result = http.perform(key.length == 0 ? request : request.cookie(key))
                    .andReturn();
        } catch (Exception e) {
            throw new AssertionError(method + " " + spelling, e);
        }
        assertThat(result.getResponse().getStatus()).as(method + " " + spelling).isLessThan(500);
        return result.getHandler() instanceof HandlerMethod called
                ? called.getBeanType().getSimpleName()
                : "";
    }

    /** What let a request through that should not have; empty where nothing did. */
    private String through(String who, Route route, String spelling, Cookie... key) {
        String reached = handler(route.method(), spelling, key);
        return reached.isEmpty() || FOR_ALL.contains(reached) ? "" : who + " " + route.method() + " " + spelling;
    }

    private static boolean mayBeLookedAt(Route route) {
        return route.method().equals("GET") && !route.path().startsWith("/shop/devices");
    }

    @Test
    void noSpellingOfAnAddressLetsAnyoneThrough() throws Exception {
        Cookie viewer =
                new Cookie(CallerFilter.COOKIE, devices.pair("looks only", true).orElseThrow());
        Cookie gone = new Cookie(
                CallerFilter.COOKIE, devices.pair("taken away", false).orElseThrow());
        devices.all().stream()
                .filter(device -> device.name().equals("taken away"))
                .forEach(device -> devices.revoke(device.id()));
        List<String> through = everyRoute().parallelStream()
                .flatMap(route -> spellings(route.path()).stream()
                        .flatMap(spelling -> Stream.of(
                                through("unpaired", route, spelling),
                                through("taken away", route, spelling, gone),
                                mayBeLookedAt(route) ? "" : through("look-only", route, spelling, viewer))))
                .filter(sent -> !sent.isEmpty())
                .toList();
        assertThat(through).isEmpty();
        assertThat(handler("GET", "/machines", viewer))
                .as("a device that may look does look")
                .isNotEmpty();
        System.out.println(asked.get() + " requests, none let through");
    }

    @Test
    void noSpellingOfTheDevicesPageShowsTheCode() throws Exception {
        Cookie viewer =
                new Cookie(CallerFilter.COOKIE, devices.pair("looks only", true).orElseThrow());
        for (String method : List.of("GET", "HEAD")) {
            for (int at = 1; at < "/shop/devices".length(); at++) {
                char letter = "/shop/devices".charAt(at);
                String code = "%" + Integer.toHexString(letter);
                String spelling = "/shop/devices".substring(0, at) + code + "/shop/devices".substring(at + 1);
                assertThat(handler(method, spelling, viewer)).as(spelling).isEmpty();
            }
        }
    }
}
