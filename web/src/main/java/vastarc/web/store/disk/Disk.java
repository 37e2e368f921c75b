package vastarc.web.store.disk;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.LongSupplier;
import org.jspecify.annotations.Nullable;

/**
 * The room left where the shop is stored. Below {@value #LEAST_MB} MB the shop can be read and nothing more; it can be changed again as soon
 * as there is room.
 */
public final class Disk {

    /** Room that must be left for a change to begin, MB. */
    public static final long LEAST_MB = 64;

    /** Room that must be left for the program to start, MB: the database needs some of it only to be opened. */
    public static final long LEAST_TO_START_MB = 16;

    private static final long MB = 1024L * 1024;

    private final LongSupplier free;

    /**
     * A disk, by the bytes it has left.
     *
     * @param free reads the free bytes
     */
    public Disk(LongSupplier free) {
        this.free = free;
    }

    /**
     * {@return the disk that holds a folder, or, where the folder is not there yet, the nearest one above it that is}
     *
     * @param folder the folder
     */
    public static Disk of(Path folder) {
        return new Disk(() -> free(folder));
    }

    private static long free(Path folder) {
        @Nullable Path there = folder.toAbsolutePath();
        while (there != null && !Files.exists(there)) {
            there = there.getParent();
        }
        try {
            return there == null ? Long.MAX_VALUE : Files.getFileStore(there).getUsableSpace();
        } catch (IOException e) {
            // A disk that does not tell is taken to have room: the database has the last word.
            return Long.MAX_VALUE;
        }
    }

    /** {@return what is left, MB} */
    public long freeMb() {
        return mb(free.getAsLong());
    }

    static long mb(long bytes) {
        return bytes / MB;
    }

    /** {@return whether nothing more may be written} */
    public boolean isFull() {
        return freeMb() < LEAST_MB;
    }

    /** {@return whether the program could not even open its database} */
    public boolean isTooFullToStart() {
        return freeMb() < LEAST_TO_START_MB;
    }
}
