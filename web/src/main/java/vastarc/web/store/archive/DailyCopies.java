package vastarc.web.store.archive;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import vastarc.web.schedule.ScheduleConfiguration;
import vastarc.web.store.disk.Disk;

/**
 * A copy of the whole shop for every day it is used, beside the shop itself: written aside, then renamed, so that a copy is whole or not there. The
 * copy of a day is made anew a few times while the shop is open; so many are stored.
 */
@Component
public class DailyCopies {

    /** Days whose copy is stored. */
    public static final int MAX_COPIES = 14;

    private static final Logger LOG = LoggerFactory.getLogger(DailyCopies.class);
    private static final Duration ANEW = Duration.ofHours(3);
    private static final String FILE = "shop-%s.zip";

    private final Backup backup;
    private final Disk disk;
    private final Clock clock;
    private final Optional<Path> folder;

    DailyCopies(
            Backup backup,
            Disk disk,
            Clock clock,
            @Value("${vastarc.data:./data}") Path data,
            @Value("${spring.datasource.url:}") String database) {
        this.backup = backup;
        this.disk = disk;
        this.clock = clock;
        this.folder = database.startsWith("jdbc:h2:file:") ? Optional.of(data) : Optional.empty();
    }

    /**
     * {@return where the copies of a shop stand}
     *
     * @param data the folder of the data
     */
    public static Path folder(Path data) {
        return data.resolve("copies");
    }

    /**
     * {@return the copies of a shop, the newest first}
     *
     * @param data the folder of the data
     */
    public static List<Path> of(Path data) {
        if (!Files.isDirectory(folder(data))) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder(data))) {
            return files.filter(file -> file.getFileName().toString().matches("shop-\\d{4}-\\d\\d-\\d\\d\\.zip"))
                    .sorted(Comparator.reverseOrder())
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Scheduled(initialDelay = 2, fixedDelay = 20, timeUnit = TimeUnit.MINUTES, scheduler = ScheduleConfiguration.COPIES)
    void beat() {
        folder.ifPresent(data -> {
            try {
                copy(data);
            } catch (IOException | UncheckedIOException e) {
                LOG.warn("Today's copy of the shop could not be written: {}", e.getMessage());
            }
        });
    }

    /** Makes today's copy, where there is none or it has grown old; on a full disk none is made. */
    void copy(Path data) throws IOException {
        Path there = folder(data);
        Path today = there.resolve(String.format(FILE, LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault())));
        boolean fresh = Files.exists(today)
                && Files.getLastModifiedTime(today).toInstant().plus(ANEW).isAfter(clock.instant());
        if (fresh || disk.isFull()) {
            return;
        }
        Files.createDirectories(there);
        Path aside = there.resolve("writing.part");
        try (OutputStream out = Files.newOutputStream(aside)) {
            backup.export(out);
        }
        Files.move(aside, today, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        List<Path> all = of(data);
        for (Path old : all.subList(Math.min(MAX_COPIES, all.size()), all.size())) {
            Files.delete(old);
        }
    }
}
