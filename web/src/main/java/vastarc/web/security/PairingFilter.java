package vastarc.web.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.web.filter.OncePerRequestFilter;
import vastarc.web.security.Pairing.PairingResult;
import vastarc.web.store.device.DeviceStore;

/** The one page that an unpaired device sees: it takes the code and gives the device its key. */
final class PairingFilter extends OncePerRequestFilter {

    static final String PAGE = "/pair";
    static final String STYLE = "/pair.css";

    private static final Duration REMEMBERED = Duration.ofDays(365);

    private final Lan lan;
    private final Pairing pairing;

    PairingFilter(Lan lan, Pairing pairing) {
        this.lan = lan;
        this.pairing = pairing;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        switch (request.getRequestURI()) {
            case STYLE -> AccessRefusals.answer(response, HttpServletResponse.SC_OK, "text/css", PairingPage.STYLE);
            case PAGE -> pair(request, response);
            default -> chain.doFilter(request, response);
        }
    }

    private void pair(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String code = shortened(request.getParameter("code"));
        if (!"POST".equals(request.getMethod())) {
            answer(response, HttpServletResponse.SC_OK, PairingPage.html(lan.isSecure(), code, "", ""));
            return;
        }
        String name = shortened(request.getParameter("name"));
        PairingResult tried = pairing.tryCode(code, name, request.getRemoteAddr());
        if (tried.key().isEmpty()) {
            answer(
                    response,
                    HttpServletResponse.SC_FORBIDDEN,
                    PairingPage.html(lan.isSecure(), code, name, tried.wrong()));
            return;
        }
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(CallerFilter.COOKIE, tried.key().get())
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

    private static void answer(HttpServletResponse response, int status, String html) throws IOException {
        AccessRefusals.answer(response, status, "text/html", html);
    }

    private static String shortened(String text) {
        return text == null ? "" : text.substring(0, Math.min(DeviceStore.MAX_NAME, text.length()));
    }
}
