package vastarc.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts Vast Arc. Started by {@code ./run}. */
@EnableScheduling
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class VastArcApplication {

    public static void main(String[] args) {
        SpringApplication.run(VastArcApplication.class, args);
    }
}
