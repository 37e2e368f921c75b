package vastarc.web.security;

import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * Behind a reverse proxy on this machine ({@code vastarc.proxy}) the proxy says whom a request comes from and that it came over HTTPS. Only this
 * machine's own proxy is believed: whoever else sends such a header is not.
 */
@Configuration
class ProxyConfiguration {

    private static final String THIS_MACHINE = "127\\.\\d{1,3}\\.\\d{1,3}\\.\\d{1,3}|0:0:0:0:0:0:0:1|::1";

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> addressesFromTheProxy(Lan lan) {
        return server -> {
            if (lan.isProxied()) {
                RemoteIpValve valve = new RemoteIpValve();
                valve.setInternalProxies(THIS_MACHINE);
                valve.setProtocolHeader("X-Forwarded-Proto");
                server.addEngineValves(valve);
            }
        };
    }
}
