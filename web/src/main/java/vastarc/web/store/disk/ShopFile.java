package vastarc.web.store.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.Optional;

/**
 * The file a shop is stored in, looked at before the program starts. A mark is beside it while the program is open; where it still is at the
 * next start, the program was not stopped in order, and the file is tried first.
 */
public final class ShopFile {

    static final String DATABASE = "vastarc.mv.db";
    private static final String MARK = ".running";
    private static final DateTimeFormatter STAMP =
            DateTimeFormatter.ofPattern("yyyyMMdd-HHmmss").withZone(ZoneId.systemDefault());

    private final Path folder;

    /**
     * The file of a shop.
     *
     * @param folder the folder of its data
     */
    public ShopFile(Path folder) {
        this.folder = folder;
    }

    private Path database() {
        return folder.resolve(DATABASE);
    }

    /** {@return whether there is no shop yet} */
    public boolean isNew() {
        return !Files.exists(database());
    }

    /** {@return why the shop cannot be opened, after it was not stopped in order; empty where it can, or was} */
    public Optional<String> fault() {
        return Files.exists(folder.resolve(MARK)) ? openProblem() : Optional.empty();
    }

    /** {@return why the shop cannot be opened; empty where it can, or where there is none yet} */
    public Optional<String> openProblem() {
        if (!Files.exists(database())) {
            return Optional.empty();
        }
        String url = "jdbc:h2:file:" + folder.toAbsolutePath().resolve("vastarc") + ";IFEXISTS=TRUE";
        try (Connection connection = DriverManager.getConnection(url, "sa", "")) {
            return connection.isValid(0) ? Optional.empty() : Optional.of("it does not answer");
        } catch (SQLException broken) {
            return Optional.of(
                    String.valueOf(broken.getMessage()).lines().findFirst().orElse("it is broken"));
        }
    }

    /**
     * Goes back to before an update of the database that was cut short.
     *
     * @return whether there was one
     * @throws IOException where the file cannot be put back; its copy stays
     */
    public boolean takeBackUnfinishedUpdate() throws IOException {
        return new UpdateCopy(folder, Disk.of(folder)).putBack();
    }

    /** Says that the program is open, and takes that back when it is stopped in order. */
    public void open() {
        Path mark = folder.resolve(MARK);
        try {
            Files.createDirectories(folder);
            Files.writeString(mark, "open");
        } catch (IOException unwritable) {
            // Without the mark the file is only not tried at the next start.
            return;
        }
        Runtime.getRuntime().addShutdownHook(new Thread(() -> {
            try {
                Files.deleteIfExists(mark);
            } catch (IOException left) {
                // The next start tries the file for nothing.
            }
        }));
    }

    /**
     * Puts a file that cannot be opened aside, and keeps it.
     *
     * @param now the time
     * @return the path
     * @throws java.io.IOException if the disk fails
     */
    public Path putAside(Instant now) throws IOException {
        return Files.move(database(), folder.resolve(DATABASE + ".broken-" + STAMP.format(now)));
    }
}
