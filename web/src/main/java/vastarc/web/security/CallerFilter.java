package vastarc.web.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.web.filter.OncePerRequestFilter;
import vastarc.web.security.DeviceRequest.DeviceRemoved;
import vastarc.web.store.device.DeviceStore;

/**
 * Finds out who asks: this machine by the address a request comes from, a paired device by its key. What a device sends is looked at again when it has
 * come: one that was taken away while it was still sending does nothing.
 */
final class CallerFilter extends OncePerRequestFilter {

    /** Where a device keeps its key. */
    static final String COOKIE = "vastarc-device";

    private static final Set<String> LOOKING = Set.of("GET", "HEAD", "OPTIONS");

    private final DeviceStore devices;

    CallerFilter(DeviceStore devices) {
        this.devices = devices;
    }

    /** Whether a request of a method changes nothing. */
    static boolean isLooking(HttpServletRequest request) {
        return LOOKING.contains(request.getMethod());
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (Lan.isLoop(request.getRemoteAddr()) && !isForwarded(request)) {
            known(Caller.local());
            chain.doFilter(request, response);
            return;
        }
        Optional<DeviceStore.Device> device = key(request).flatMap(devices::of);
        device.ifPresent(found -> known(Caller.device(found.id(), found.readOnly())));
        if (device.isEmpty() || isLooking(request)) {
            chain.doFilter(request, response);
        } else {
            sending(new DeviceRequest(request, devices, device.get().id()), response, chain);
        }
    }

    /**
     * Whether a request was sent on for somebody else. Behind a proxy that the program was told of, {@link ProxyConfiguration} has taken the
     * header away and set the address to whom it was sent on for; any other proxy makes nobody this machine.
     */
    private static boolean isForwarded(HttpServletRequest request) {
        return request.getHeader("X-Forwarded-For") != null || request.getHeader("Forwarded") != null;
    }

    private static void known(Caller caller) {
        SecurityContextHolder.setContext(new SecurityContextImpl(caller));
    }

    private static void sending(DeviceRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (DeviceRemoved gone) {
            AccessRefusals.unpaired(request, response);
        } catch (ServletException e) {
            if (!(e.getRootCause() instanceof DeviceRemoved)) {
                throw e;
            }
            AccessRefusals.unpaired(request, response);
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
}
