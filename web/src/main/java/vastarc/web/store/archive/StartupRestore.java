package vastarc.web.store.archive;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** An archive taken as the program starts, where {@code ./run --restore} names one. */
@Component
class StartupRestore {

    private final Backup backup;
    private final String file;

    StartupRestore(Backup backup, @Value("${vastarc.restore:}") String file) {
        this.backup = backup;
        this.file = file;
    }

    @EventListener(ApplicationReadyEvent.class)
    @Order(Ordered.HIGHEST_PRECEDENCE)
    void take() {
        if (file.isBlank()) {
            return;
        }
        Path packed = Path.of(file);
        if (!Files.isReadable(packed)) {
            System.err.println("There is no file to restore at " + packed + ". Nothing was changed.");
            return;
        }
        try {
            List<String> changes = backup.take(packed);
            System.out.println("Restored from " + packed + ": " + changes.size() + " changes.");
        } catch (ArchiveRefused refused) {
            System.err.println(packed + ": " + refused.getMessage() + " Nothing was changed.");
        }
    }
}
