package vastarc.web.security;

import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.Enumeration;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import vastarc.web.store.device.DeviceStore;

/** What a device sends: whenever some of it has come, the device must still be paired. */
final class DeviceRequest extends HttpServletRequestWrapper {

    private final DeviceStore devices;
    private final UUID device;
    private boolean parametersCame;

    DeviceRequest(HttpServletRequest request, DeviceStore devices, UUID device) {
        super(request);
        this.devices = devices;
        this.device = device;
    }

    /** The device was taken away while it was sending. */
    static final class DeviceRemoved extends RuntimeException {

        private static final long serialVersionUID = 1L;

        DeviceRemoved() {
            super("the device was taken away while it was sending", null, false, false);
        }
    }

    private void requirePaired() {
        if (!devices.isPaired(device)) {
            throw new DeviceRemoved();
        }
    }

    /** The fields of a form come all at once, when the first is asked for. */
    private void requireStillPaired() {
        if (!parametersCame) {
            super.getParameterMap();
            requirePaired();
            parametersCame = true;
        }
    }

    @Override
    public @Nullable String getParameter(String name) {
        requireStillPaired();
        return super.getParameter(name);
    }

    @Override
    public Map<String, String[]> getParameterMap() {
        requireStillPaired();
        return super.getParameterMap();
    }

    @Override
    public Enumeration<String> getParameterNames() {
        requireStillPaired();
        return super.getParameterNames();
    }

    @Override
    public String @Nullable [] getParameterValues(String name) {
        requireStillPaired();
        return super.getParameterValues(name);
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
        return new WatchedStream(super.getInputStream());
    }

    @Override
    public BufferedReader getReader() throws IOException {
        return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }

    private final class WatchedStream extends ServletInputStream {

        private final ServletInputStream in;

        WatchedStream(ServletInputStream in) {
            this.in = in;
        }

        @Override
        public int read() throws IOException {
            int read = in.read();
            requirePaired();
            return read;
        }

        @Override
        public int read(byte[] bytes, int from, int length) throws IOException {
            int read = in.read(bytes, from, length);
            requirePaired();
            return read;
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
