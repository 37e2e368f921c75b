package vastarc.web;

import java.nio.file.Path;
import java.util.Locale;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.scheduling.annotation.EnableScheduling;
import vastarc.web.kept.disk.Disk;

/** Starts Vast Arc. Started by {@code ./run}. */
@EnableScheduling
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class VastArcApplication {

    public static void main(String[] args) {
        // One language and Latin digits everywhere, whatever the machine is set to.
        Locale.setDefault(Locale.ENGLISH);
        Disk disk = Disk.of(Path.of(System.getProperty("vastarc.data", "./data")));
        if (disk.isTooFullToStart()) {
            System.err.println("Vast Arc cannot start: the disk that holds the shop has " + disk.freeMb() + " MB left; "
                    + Disk.LEAST_TO_START_MB + " MB are wanted. Make room and start it again.");
            System.exit(1);
        }
        SpringApplication.run(VastArcApplication.class, args);
    }
}
