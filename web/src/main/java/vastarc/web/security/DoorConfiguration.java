package vastarc.web.security;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;

/** What is not for those outside: the error page as an address of its own, and a method that the server answers as a fault of its own. */
@Configuration
class DoorConfiguration {

    /** The error page shows what went wrong with a request; asked for by itself, it is not there. */
    @Bean
    FilterRegistrationBean<Filter> errorPageIsNoAddress() {
        FilterRegistrationBean<Filter> registration = new FilterRegistrationBean<>((request, response, chain) ->
                ((HttpServletResponse) response).sendError(HttpServletResponse.SC_NOT_FOUND));
        registration.addUrlPatterns("/error", "/error/*");
        registration.setDispatcherTypes(DispatcherType.REQUEST);
        registration.setOrder(Ordered.HIGHEST_PRECEDENCE);
        return registration;
    }

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> noTunnels() {
        return server -> server.addEngineValves(new NoTunnels());
    }

    /** CONNECT is a method that is not allowed rather than one the program failed at. */
    private static final class NoTunnels extends ValveBase {

        NoTunnels() {
            super(true);
        }

        @Override
        public void invoke(Request request, Response response) throws IOException, ServletException {
            if ("CONNECT".equals(request.getMethod())) {
                response.getCoyoteResponse().setStatus(HttpServletResponse.SC_METHOD_NOT_ALLOWED);
            } else {
                getNext().invoke(request, response);
            }
        }
    }
}
