package vastarc.web.ui;

import java.time.Clock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.RequestCacheConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import vastarc.web.kept.device.DeviceStore;
import vastarc.web.lan.Lan;
import vastarc.web.lan.Pairing;
import vastarc.web.lan.PairingGate;

/**
 * Safety of the page: no third party, no inline script or eval, forms only from its own pages.
 *
 * <p>The forgery token lives in a cookie rather than a session, so that a page left open over a restart can still keep its edits.
 */
@Configuration
class SecurityConfiguration {

    private static final String CONTENT_POLICY =
            "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'none'; "
                    + "form-action 'self'; frame-ancestors 'none'";

    /** No page here asks for these; the booth view may keep its screen awake. */
    private static final String PERMISSIONS =
            "camera=(), microphone=(), geolocation=(), payment=(), usb=(), serial=(), midi=(), "
                    + "accelerometer=(), gyroscope=(), magnetometer=(), display-capture=(), screen-wake-lock=(self)";

    /** Of this program alone: cookies are shared by everything that answers at this address, on whatever port. */
    private static final String TOKEN_COOKIE = "vastarc-token";

    @Bean
    SecurityFilterChain pages(HttpSecurity http, Lan lan, Pairing pairing, DeviceStore devices) {
        if (lan.isOpen()) {
            http.addFilterBefore(new PairingGate(lan, pairing, devices), CsrfFilter.class);
        }
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(csrf -> csrf.csrfTokenRepository(tokens()).ignoringRequestMatchers("/api/**"))
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(policy -> policy.policy(PERMISSIONS))
                        .crossOriginOpenerPolicy(policy -> policy.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(policy -> policy.policy(CrossOriginResourcePolicy.SAME_ORIGIN)))
                // Nobody logs in here: what would carry a user through each request stays out of its way.
                .anonymous(AbstractHttpConfigurer::disable)
                .servletApi(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(RequestCacheConfigurer::disable)
                .build();
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

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }
}
