package vastarc.web.security;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.Filter;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;

/** What is not for those outside: the error page as an address of its own. */
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
}
