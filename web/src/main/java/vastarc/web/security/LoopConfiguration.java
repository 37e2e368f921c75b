package vastarc.web.security;

import java.net.InetAddress;
import org.apache.catalina.connector.Connector;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Where the program listens on one address of the network alone, it answers on this machine's own loop too, at the same port. */
@Configuration
class LoopConfiguration {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> loopToo(
            Lan lan,
            @Value("${server.address:127.0.0.1}") InetAddress address,
            @Value("${server.port:8080}") int port) {
        return server -> {
            if (lan.isOpen() && port != 0 && !address.isAnyLocalAddress() && !address.isLoopbackAddress()) {
                server.addAdditionalConnectors(loop(port));
            }
        };
    }

    private static Connector loop(int port) {
        Connector connector = new Connector(SafeProtocol.class.getName());
        connector.setPort(port);
        connector.setProperty("address", "127.0.0.1");
        return connector;
    }
}
