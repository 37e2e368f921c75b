package vastarc.web.store.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;

/**
 * A copy of a shop's database, made before the database is brought up to date and deleted after. Changes of tables cannot be taken
 * back by the database itself: where the program was killed in the middle of them, the next start puts the copy back and begins anew.
 */
final class UpdateCopy {

    private static final String COPY = "vastarc.before-update.zip";
    private static final String PART = ".part";

    /** The database's own number for a file that another program has open. */
    private static final int OPEN_ELSEWHERE = 90020;

    private final Path folder;
    private final Disk disk;

    UpdateCopy(Path folder, Disk disk) {
        this.folder = folder.toAbsolutePath();
        this.disk = disk;
    }

    private Path copy() {
        return folder.resolve(COPY);
    }

    private Path database() {
        return folder.resolve(ShopFile.DATABASE);
    }

    /**
     * Copies the database as it is.
     *
     * @param open a connection to it
     * @throws NoRoomForUpdate where the disk has no room for the copy; nothing is changed then
     */
    void make(Connection open) throws SQLException, IOException {
        long wanted = Disk.mb(Files.size(database())) + Disk.LEAST_MB;
        if (disk.freeMb() < wanted) {
            throw new NoRoomForUpdate(disk.freeMb(), wanted);
        }
        Path part = folder.resolve(COPY + PART);
        try (Statement statement = open.createStatement()) {
            statement.execute("backup to '" + part.toString().replace("'", "''") + "'");
        }
        intoPlace(part, copy());
    }

    /** Throws the copy away, when the disk has the result of the database. */
    void done(Connection open) throws SQLException, IOException {
        if (Files.exists(copy())) {
            try (Statement statement = open.createStatement()) {
                statement.execute("checkpoint sync");
            }
            Files.delete(copy());
        }
    }

    /** Puts the copy back where there still is one. Returns whether it did; not where another program has the shop open. */
    boolean putBack() throws IOException {
        if (!Files.exists(copy()) || isOpenElsewhere()) {
            return false;
        }
        Path part = folder.resolve(ShopFile.DATABASE + PART);
        try (ZipInputStream in = new ZipInputStream(Files.newInputStream(copy()))) {
            for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
                if (entry.getName().equals(ShopFile.DATABASE)) {
                    Files.copy(in, part, StandardCopyOption.REPLACE_EXISTING);
                }
            }
        }
        intoPlace(part, database());
        Files.delete(copy());
        return true;
    }

    private boolean isOpenElsewhere() {
        String url = "jdbc:h2:file:" + folder.resolve("vastarc") + ";IFEXISTS=TRUE";
        try (Connection connection = DriverManager.getConnection(url, "sa", "")) {
            return false;
        } catch (SQLException e) {
            return e.getErrorCode() == OPEN_ELSEWHERE;
        }
    }

    /** A file is whole on the disk before it has its name. */
    private static void intoPlace(Path part, Path name) throws IOException {
        try (FileChannel file = FileChannel.open(part, StandardOpenOption.WRITE)) {
            file.force(true);
        }
        Files.move(part, name, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    }
}
