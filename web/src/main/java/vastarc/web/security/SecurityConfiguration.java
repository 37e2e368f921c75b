package vastarc.web.security;

import jakarta.servlet.DispatcherType;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.AuthorizeHttpRequestsConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.annotation.web.configurers.RequestCacheConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.session.NullAuthenticatedSessionStrategy;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import vastarc.web.store.device.DeviceStore;

/**
 * Who may ask for what, in one place, and forms from the program's own pages only.
 *
 * <p>The forgery token lives in a cookie rather than a session, so that a page left open over a restart can still keep its edits.
 */
@Configuration
class SecurityConfiguration {

    /** Of this program alone: cookies are shared by everything that answers at this address, on whatever port. */
    private static final String TOKEN_COOKIE = "vastarc-token";

    private static final String LOCAL = Caller.Role.LOCAL.name();
    private static final String DEVICE = Caller.Role.DEVICE.name();
    private static final String VIEWER = Caller.Role.VIEWER.name();

    @Bean
    SecurityFilterChain pages(HttpSecurity http, Lan lan, Pairing pairing, DeviceStore devices) {
        if (lan.isOpen()) {
            http.addFilterBefore(new PairingFilter(lan, pairing), CsrfFilter.class);
        }
        return http.addFilterBefore(new CallerFilter(devices), CsrfFilter.class)
                .authorizeHttpRequests(SecurityConfiguration::whoMayWhat)
                .exceptionHandling(refusals -> refusals.authenticationEntryPoint((request, response, unknown) -> {
                            if (lan.isOpen()) {
                                AccessRefusals.unpaired(request, response);
                            } else {
                                AccessRefusals.forwarded(response);
                            }
                        })
                        .accessDeniedHandler(AccessRefusals::denied))
                .csrf(csrf -> csrf.csrfTokenRepository(tokens())
                        // Nobody logs in, so a page's token stays the same from one request to the next.
                        .sessionAuthenticationStrategy(new NullAuthenticatedSessionStrategy())
                        .ignoringRequestMatchers("/api/**"))
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(SecurityConfiguration::safetyHeaders)
                // Nobody logs in here: what would carry a user through each request stays out of its way.
                .anonymous(AbstractHttpConfigurer::disable)
                .servletApi(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(RequestCacheConfigurer::disable)
                .build();
    }

    /** Which address is for whom, compared with the decoded path, the first that fits. What is sent on or goes on later was let in before. */
    private static void whoMayWhat(
            AuthorizeHttpRequestsConfigurer<HttpSecurity>.AuthorizationManagerRequestMatcherRegistry requests) {
        requests.dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR, DispatcherType.FORWARD)
                .permitAll()
                .requestMatchers(ForeignOrigin.INSTANCE)
                .denyAll()
                .requestMatchers("/health")
                .permitAll()
                // Meters have keys of their own.
                .requestMatchers(HttpMethod.POST, "/api/v1/meters/*/readings")
                .permitAll()
                // The code for the next device is for this machine alone: else a device that may only look could let
                // itself in anew.
                .requestMatchers("/shop/devices/**")
                .hasRole(LOCAL)
                .requestMatchers(HttpMethod.GET)
                .hasAnyRole(LOCAL, DEVICE, VIEWER)
                .requestMatchers(HttpMethod.HEAD)
                .hasAnyRole(LOCAL, DEVICE, VIEWER)
                .requestMatchers(HttpMethod.OPTIONS)
                .hasAnyRole(LOCAL, DEVICE, VIEWER)
                .anyRequest()
                .hasAnyRole(LOCAL, DEVICE);
    }

    private static void safetyHeaders(HeadersConfigurer<HttpSecurity> headers) {
        SafetyHeaders.ALL.forEach((name, value) -> headers.addHeaderWriter(new StaticHeadersWriter(name, value)));
    }

    /** The server's own answers carry the headers too. */
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> headersOnEveryAnswer() {
        return server -> server.setProtocol(SafeProtocol.class.getName());
    }

    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieName(TOKEN_COOKIE);
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        return tokens;
    }

    @Bean
    StrictHttpFirewall firewall(Lan lan) {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(lan::isOwnName);
        return firewall;
    }
}
