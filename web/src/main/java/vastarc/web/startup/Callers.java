package vastarc.web.startup;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Notes when somebody else than the program itself last asked for something, so that its own visits keep out of the way. */
@Component
class Callers extends OncePerRequestFilter {

    static final String HEADER = "X-Own-Visit";

    private final String own = UUID.randomUUID().toString();
    private final AtomicLong last = new AtomicLong(System.nanoTime() - Long.MAX_VALUE / 2);

    /** What the program's own visits say in {@link #HEADER}. */
    String own() {
        return own;
    }

    /** How long nobody else has asked for anything, ms. */
    long quietMs() {
        return (System.nanoTime() - last.get()) / 1_000_000;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (!own.equals(request.getHeader(HEADER))) {
            last.set(System.nanoTime());
        }
        chain.doFilter(request, response);
    }
}
