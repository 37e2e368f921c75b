package vastarc.web.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.regex.Pattern;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import vastarc.web.store.archive.Backup;

/** No request sends more than its kind needs: one that says so is refused at once, one that does not is cut where the bound is. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodySizeLimit extends OncePerRequestFilter {

    /** Largest body but for an archive, bytes. */
    static final int MOST = 1024 * 1024;

    /** Largest with the readings of a run, a photograph, a drawing or a certificate, bytes; who takes them says so itself a byte before. */
    static final int MOST_READINGS = 12 * 1024 * 1024 + 1;

    /** Largest with a photograph to be measured, bytes. */
    static final int MOST_MEASURED = 21 * 1024 * 1024;

    private static final String MEASURE = "/api/v1/measure";
    private static final String ARCHIVE = "/shop/restore";
    private static final Set<String> READINGS = Set.of("/api/v1/runs/analyse", "/api/v1/runs", "/logbook/import");
    private static final Pattern FILE_HANDED_IN =
            Pattern.compile("/logbook/[0-9a-fA-F-]{36}/(photo|trace)|/assemblies/[0-9a-fA-F-]{36}/drawing"
                    + "|/shop/(procedures|welders|batches|instruments)/file");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long most = most(request.getRequestURI());
        if (request.getContentLengthLong() > most) {
            refuse(request, response, most);
            return;
        }
        try {
            chain.doFilter(new LimitedRequest(request, most), response);
        } catch (BodyTooLong e) {
            refuse(request, response, most);
        }
    }

    /** One byte more than an archive may have, so that whoever reads it sees that it is too long and says so. */
    private static long most(String address) {
        if (address.equals(ARCHIVE)) {
            return Backup.MAX_PACKED + 1L;
        }
        if (address.equals(MEASURE)) {
            return MOST_MEASURED;
        }
        return READINGS.contains(address) || FILE_HANDED_IN.matcher(address).matches() ? MOST_READINGS : MOST;
    }

    private static void refuse(HttpServletRequest request, HttpServletResponse response, long most) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        String words =
                "This is more than the program takes at once: at most " + most / 1024 + " KB. Nothing was changed.";
        boolean script = request.getRequestURI().startsWith("/api/");
        response.resetBuffer();
        response.setStatus(HttpServletResponse.SC_REQUEST_ENTITY_TOO_LARGE);
        response.setContentType(script ? "application/problem+json" : "text/plain;charset=UTF-8");
        response.getWriter()
                .write(
                        script
                                ? "{\"title\":\"Content Too Large\",\"status\":413,\"detail\":\"" + words + "\"}"
                                : words);
    }

    /** The body went past its bound. */
    static final class BodyTooLong extends RuntimeException {
        private static final long serialVersionUID = 1L;

        BodyTooLong() {
            super("the body is too long", null, false, false);
        }
    }

    private static final class LimitedRequest extends HttpServletRequestWrapper {

        private final long most;

        LimitedRequest(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new CountedStream(super.getInputStream(), most);
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class CountedStream extends ServletInputStream {

        private final ServletInputStream in;
        private long left;

        CountedStream(ServletInputStream in, long most) {
            this.in = in;
            this.left = most;
        }

        private int counted(int read) {
            left -= Math.max(0, read);
            if (left < 0) {
                throw new BodyTooLong();
            }
            return read;
        }

        @Override
        public int read() throws IOException {
            int read = in.read();
            counted(read < 0 ? 0 : 1);
            return read;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            return counted(in.read(bytes, from, length));
        }

        @Override
        public boolean isFinished() {
            return in.isFinished();
        }

        @Override
        public boolean isReady() {
            return in.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            in.setReadListener(listener);
        }
    }
}
