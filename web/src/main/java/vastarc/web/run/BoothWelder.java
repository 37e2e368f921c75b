package vastarc.web.run;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import org.springframework.http.ResponseCookie;
import org.springframework.web.util.WebUtils;
import vastarc.web.store.register.WelderReader;

/** Who welds at this booth: kept by the device itself, so that two booths know their own welder. */
final class BoothWelder {

    private static final String COOKIE = "welder";
    private static final Duration KEPT = Duration.ofDays(365);

    private BoothWelder() {}

    /** {@return who was chosen on this device; empty where nobody was} */
    static Optional<String> of(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, COOKIE))
                .map(Cookie::getValue)
                .flatMap(BoothWelder::decoded)
                .filter(name -> !name.isEmpty());
    }

    private static Optional<String> decoded(String value) {
        try {
            return Optional.of(cut(URLDecoder.decode(value, StandardCharsets.UTF_8)));
        } catch (IllegalArgumentException broken) {
            return Optional.empty();
        }
    }

    private static String cut(String name) {
        String bare = name.strip();
        return bare.substring(0, Math.min(bare.length(), WelderReader.MAX_NAME));
    }

    /** {@return what the device is to keep} */
    static ResponseCookie chosen(String name) {
        return ResponseCookie.from(COOKIE, URLEncoder.encode(cut(name), StandardCharsets.UTF_8))
                .path("/")
                .maxAge(KEPT)
                .sameSite("Lax")
                .httpOnly(true)
                .build();
    }
}
