package vastarc.web.security;

import org.apache.coyote.Adapter;
import org.apache.coyote.Request;
import org.apache.coyote.Response;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SocketEvent;

/**
 * HTTP with {@link SafetyHeaders} on every answer, also on those that the server gives by itself before any filter is asked: to a line that is no
 * request, to an address it cannot read.
 */
public final class SafeProtocol extends Http11NioProtocol {

    @Override
    public void setAdapter(Adapter adapter) {
        super.setAdapter(new HeaderUpgrade(adapter));
    }

    private record HeaderUpgrade(Adapter server) implements Adapter {

        private static void put(Response response) {
            if (!response.isCommitted()) {
                SafetyHeaders.ALL.forEach(response::setHeader);
            }
        }

        @Override
        public void service(Request request, Response response) throws Exception {
            put(response);
            server.service(request, response);
        }

        @Override
        public void log(Request request, Response response, long time) {
            put(response);
            server.log(request, response, time);
        }

        @Override
        public boolean prepare(Request request, Response response) throws Exception {
            return server.prepare(request, response);
        }

        @Override
        public boolean asyncDispatch(Request request, Response response, SocketEvent event) throws Exception {
            return server.asyncDispatch(request, response, event);
        }

        @Override
        public void checkRecycled(Request request, Response response) {
            server.checkRecycled(request, response);
        }

        @Override
        public String getDomain() {
            return server.getDomain();
        }
    }
}
