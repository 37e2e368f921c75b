package vastarc.web.security;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.csrf.CsrfException;

/** What is answered to who may not ask for something: the reason, and where it can be changed. */
final class AccessRefusals {

    private AccessRefusals() {}

    /** An unpaired device: a page is sent to where it can pair, anything else is given. */
    static void unpaired(HttpServletRequest request, HttpServletResponse response) throws IOException {
        String accepts = request.getHeader(HttpHeaders.ACCEPT);
        boolean page =
                CallerFilter.isLooking(request) && accepts != null && accepts.contains(MediaType.TEXT_HTML_VALUE);
        if (page) {
            response.setStatus(HttpServletResponse.SC_SEE_OTHER);
            response.setHeader(HttpHeaders.LOCATION, PairingFilter.PAGE);
        } else {
            answer(
                    response,
                    HttpServletResponse.SC_UNAUTHORIZED,
                    MediaType.TEXT_PLAIN_VALUE,
                    "This device is not paired. Open " + PairingFilter.PAGE + ".");
        }
    }

    /** Only this machine asks a program that is not open to others, so a proxy has sent the request on: there is no pairing to go to. */
    static void forwarded(HttpServletResponse response) throws IOException {
        answer(
                response,
                HttpServletResponse.SC_UNAUTHORIZED,
                MediaType.TEXT_PLAIN_VALUE,
                "A proxy sent this on, and Vast Arc was not told of one. Start it with ./run --proxy and the name that others use.");
    }

    /** Somebody known who may not do this: a page of another site, a device that may only look, or one that asks for the devices. */
    static void denied(HttpServletRequest request, HttpServletResponse response, AccessDeniedException denied)
            throws IOException {
        if (denied instanceof CsrfException) {
            response.sendError(HttpServletResponse.SC_FORBIDDEN);
            return;
        }
        Authentication caller = SecurityContextHolder.getContext().getAuthentication();
        boolean viewer = caller instanceof Caller known && known.role() == Caller.Role.VIEWER;
        String words;
        if (ForeignOrigin.INSTANCE.matches(request)) {
            words = "A page of another site sent this. Only the pages of this program may change anything here.";
        } else if (viewer && !CallerFilter.isLooking(request)) {
            words =
                    "This device may look and change nothing. In Shop, devices, on the machine the program runs on, it can be let change things.";
        } else {
            words = "Devices are let in and taken out on the machine the program runs on: open Shop, devices there.";
        }
        answer(response, HttpServletResponse.SC_FORBIDDEN, MediaType.TEXT_PLAIN_VALUE, words);
    }

    static void answer(HttpServletResponse response, int status, String type, String text) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.setStatus(status);
        response.setContentType(type + ";charset=UTF-8");
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        response.getOutputStream().write(text.getBytes(StandardCharsets.UTF_8));
    }
}
