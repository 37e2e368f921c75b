package vastarc.web.lan;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.web.filter.OncePerRequestFilter;
import vastarc.web.kept.device.DeviceStore;

/**
 * Stands before everything where the program is open to a network. From another machine there is the pairing page, the health answer and the meters'
 * own door; the rest is for paired devices, and for those that may only look, only looking.
 */
public class PairingGate extends OncePerRequestFilter {

    /** Where a device keeps its key. */
    public static final String COOKIE = "vastarc-device";

    static final String PAGE = "/pair";
    static final String STYLE = "/pair.css";
    static final String HEALTH = "/health";

    /** Who may come in, and the code for the next one, are for this machine alone: else a device that may only look could let itself in anew. */
    private static final String DEVICES = "/shop/devices";

    private static final Pattern METERS = Pattern.compile("/api/v1/meters/[^/]+/readings");
    private static final Set<String> LOOKING = Set.of("GET", "HEAD", "OPTIONS");
    private static final Duration REMEMBERED = Duration.ofDays(365);

    private final Lan lan;
    private final Pairing pairing;
    private final DeviceStore devices;

    public PairingGate(Lan lan, Pairing pairing, DeviceStore devices) {
        this.lan = lan;
        this.pairing = pairing;
        this.devices = devices;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String path = request.getRequestURI();
        boolean free = Lan.isLoop(request.getRemoteAddr())
                || path.equals(HEALTH)
                || METERS.matcher(path).matches();
        if (free) {
            chain.doFilter(request, response);
            return;
        }
        if (path.equals(STYLE)) {
            answer(response, HttpServletResponse.SC_OK, "text/css", PairingPage.STYLE);
            return;
        }
        if (path.equals(PAGE)) {
            pair(request, response);
            return;
        }
        Optional<DeviceStore.Device> device = key(request).flatMap(devices::of);
        if (device.isEmpty()) {
            refuse(request, response);
        } else if (device.get().readOnly() && !LOOKING.contains(request.getMethod())) {
            answer(
                    response,
                    HttpServletResponse.SC_FORBIDDEN,
                    "text/plain",
                    "This device may look and change nothing. In Shop, devices, on the machine the program runs on, it can be let change things.");
        } else if (path.equals(DEVICES) || path.startsWith(DEVICES + "/")) {
            answer(
                    response,
                    HttpServletResponse.SC_FORBIDDEN,
                    "text/plain",
                    "Devices are let in and taken out on the machine the program runs on: open Shop, devices there.");
        } else {
            chain.doFilter(request, response);
        }
    }

    private static Optional<String> key(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        return cookies == null
                ? Optional.empty()
                : Arrays.stream(cookies)
                        .filter(cookie -> COOKIE.equals(cookie.getName()))
                        .map(Cookie::getValue)
                        .findFirst();
    }

    private static void refuse(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String accepts = request.getHeader(HttpHeaders.ACCEPT);
        boolean page = LOOKING.contains(request.getMethod()) && accepts != null && accepts.contains("text/html");
        if (page) {
            response.setStatus(HttpServletResponse.SC_SEE_OTHER);
            response.setHeader(HttpHeaders.LOCATION, PAGE);
        } else {
            answer(
                    response,
                    HttpServletResponse.SC_UNAUTHORIZED,
                    "text/plain",
                    "This device is not paired. Open " + PAGE + ".");
        }
    }

    private void pair(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String code = shortened(request.getParameter("code"));
        if (!"POST".equals(request.getMethod())) {
            answer(response, HttpServletResponse.SC_OK, "text/html", PairingPage.html(lan.isSecure(), code, "", ""));
            return;
        }
        String name = shortened(request.getParameter("name"));
        Pairing.Tried tried = pairing.tried(code, name);
        if (tried.key().isEmpty()) {
            answer(
                    response,
                    HttpServletResponse.SC_FORBIDDEN,
                    "text/html",
                    PairingPage.html(lan.isSecure(), code, name, tried.wrong()));
            return;
        }
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(COOKIE, tried.key().get())
                        .httpOnly(true)
                        .secure(lan.isSecure())
                        .sameSite("Strict")
                        .path("/")
                        .maxAge(REMEMBERED)
                        .build()
                        .toString());
        response.setStatus(HttpServletResponse.SC_SEE_OTHER);
        response.setHeader(HttpHeaders.LOCATION, "/");
    }

    private static String shortened(String text) {
        return text == null ? "" : text.substring(0, Math.min(DeviceStore.MAX_NAME, text.length()));
    }

    private static void answer(HttpServletResponse response, int status, String type, String text) throws IOException {
        response.setStatus(status);
        response.setContentType(type + ";charset=UTF-8");
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        response.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
    }
}
