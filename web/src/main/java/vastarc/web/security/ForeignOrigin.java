package vastarc.web.security;

import jakarta.servlet.http.HttpServletRequest;
import org.springframework.http.HttpHeaders;
import org.springframework.security.web.util.matcher.RequestMatcher;

/**
 * A request by which a page of another site, or of another program on this machine, would change something. Browsers say where such a request comes
 * from; scripts and meters say nothing and are none.
 */
enum ForeignOrigin implements RequestMatcher {
    INSTANCE;

    private static final String FETCH_SITE = "Sec-Fetch-Site";

    @Override
    public boolean matches(HttpServletRequest request) {
        if (CallerFilter.isLooking(request)) {
            return false;
        }
        String origin = request.getHeader(HttpHeaders.ORIGIN);
        String site = request.getHeader(FETCH_SITE);
        boolean foreign =
                origin != null && !origin.replaceFirst("^https?://", "").equals(request.getHeader(HttpHeaders.HOST));
        return foreign || "cross-site".equals(site) || "same-site".equals(site);
    }
}
