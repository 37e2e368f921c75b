package vastarc.web;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.scheduling.annotation.EnableScheduling;
import vastarc.web.store.archive.DailyCopies;
import vastarc.web.store.disk.Disk;
import vastarc.web.store.disk.ShopFile;

/** Starts Vast Arc. Started by {@code ./run}. */
@EnableScheduling
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
public class VastArcApplication {

    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    public static void main(String[] args) {
        // One language and Latin digits everywhere, whatever the machine is set to.
        Locale.setDefault(Locale.ENGLISH);
        Path folder = Path.of(System.getProperty("vastarc.data", "./data"));
        Disk disk = Disk.of(folder);
        if (disk.isTooFullToStart()) {
            System.err.println("Vast Arc cannot start: the disk that holds the shop has " + disk.freeMb() + " MB left; "
                    + Disk.LEAST_TO_START_MB + " MB are wanted. Make room and start it again.");
            System.exit(1);
        }
        ShopFile shop = new ShopFile(folder);
        if (shop.isNew() && disk.isFull()) {
            System.err.println(
                    "Vast Arc cannot begin a new shop: the disk of " + folder + " has " + disk.freeMb() + " MB left; "
                            + Disk.LEAST_MB + " MB are wanted. Make room, or give another folder, and start it again.");
            System.exit(1);
        }
        if (!isRestored(shop) || !isSound(folder, shop)) {
            System.exit(1);
        }
        shop.open();
        SpringApplication.run(VastArcApplication.class, args);
    }

    /** A shop that was stopped while it was brought up to date is begun anew from what it was. */
    private static boolean isRestored(ShopFile shop) {
        try {
            if (shop.takeBackUnfinishedUpdate()) {
                System.err.println(
                        "The last start was stopped while it brought the shop up to date; this one begins anew from the shop as it was.");
            }
            return true;
        } catch (IOException stuck) {
            System.err.println(
                    "The last start was stopped while it brought the shop up to date, and the shop as it was cannot be put back: "
                            + stuck.getMessage()
                            + "\nIts copy is kept beside it. Make room in the shop's folder, let it be written to, and start again.");
            return false;
        }
    }

    /** A file that cannot be opened is put aside where a copy is to be restored; else the copy is offered and nothing is done. */
    private static boolean isSound(Path folder, ShopFile shop) {
        boolean restoring = !System.getProperty("vastarc.restore", "").isBlank();
        Optional<String> fault = restoring ? shop.openProblem() : shop.fault();
        if (fault.isEmpty()) {
            return true;
        }
        try {
            if (restoring) {
                System.err.println("The shop could not be opened and was put aside: " + shop.putAside(Instant.now()));
                return true;
            }
        } catch (IOException stuck) {
            System.err.println("The shop cannot be opened, and its file cannot be put aside: " + stuck.getMessage());
            return false;
        }
        String copy = DailyCopies.of(folder).stream()
                .findFirst()
                .map(file -> "The last copy is " + file + ". To go on from it, start with --restore " + file
                        + "; the file that cannot be opened is kept beside it.")
                .orElse("There is no copy of it in " + DailyCopies.folder(folder) + ".");
        System.err.println(
                "The shop in " + folder + " cannot be opened: " + fault.get() + "\nNothing was changed. " + copy);
        return false;
    }
}
