package vastarc.web.security;

import java.util.LinkedHashMap;
import java.util.Map;

/** What every answer says to the browser around it: no third party, no inline script or eval, shown in no frame, its type not guessed. */
final class SafetyHeaders {

    private static final String CONTENT_POLICY =
            "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none'; "
                    + "form-action 'self'; frame-ancestors 'none'";

    /** No page here asks for these; the booth view may keep its screen awake. */
    private static final String PERMISSIONS =
            "camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), midi=(), "
                    + "accelerometer=(), gyroscope=(), magnetometer=(), display-capture=(), screen-wake-lock=(self)";

    /** By name, in a fixed order. */
    static final Map<String, String> ALL = all();

    private SafetyHeaders() {}

    private static Map<String, String> all() {
        Map<String, String> headers = new LinkedHashMap<>();
        headers.put("Content-Security-Policy", CONTENT_POLICY);
        headers.put("X-Content-Type-Options", "nosniff");
        headers.put("X-Frame-Options", "DENY");
        // To this program alone: with none at all a browser would say of our own forms that they come from nowhere.
        headers.put("Referrer-Policy", "same-origin");
        headers.put("Permissions-Policy", PERMISSIONS);
        headers.put("Cross-Origin-Opener-Policy", "same-origin");
        headers.put("Cross-Origin-Resource-Policy", "same-origin");
        return headers;
    }
}
