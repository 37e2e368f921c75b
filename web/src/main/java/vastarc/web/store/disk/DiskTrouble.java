package vastarc.web.store.disk;

import java.sql.SQLException;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** A change could not be brought onto the disk. */
public final class DiskTrouble extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /** The database's numbers for "closed", "closing", "file broken", "cannot read or write the file" and "general error", as a full disk brings about. */
    private static final Set<Integer> CLOSED = Set.of(90098, 90121, 90030, 90028, 90031, 50000);

    private DiskTrouble(String message, @Nullable Throwable cause) {
        super(message, cause);
    }

    /** It was not begun, because there is no room for it. */
    static DiskTrouble full(long freeMb) {
        return new DiskTrouble(
                "Not kept: the disk that holds the shop has " + freeMb + " MB left, and " + Disk.LEAST_MB
                        + " MB are wanted. Make room; what you typed stays here and can be kept then.",
                null);
    }

    /**
     * {@return whether the database is closed, or its file cannot be written, by what went wrong with it}
     *
     * @param fault the failure
     */
    public static boolean isClosedDatabase(Throwable fault) {
        for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && CLOSED.contains(sql.getErrorCode())) {
                return true;
            }
        }
        return false;
    }

    /**
     * {@return the database is closed, and is being opened again}
     *
     * @param cause the failure
     */
    public static DiskTrouble closed(Throwable cause) {
        return new DiskTrouble(
                "The shop's database closed itself, as it does when the disk is full. It is opened again as soon as there is room: make room, wait a few seconds, then load the page again.",
                cause);
    }

    /** It was made, and nobody knows whether the disk has it. */
    static DiskTrouble unsure(Throwable cause) {
        return new DiskTrouble(
                "The disk did not take this change for certain. Load the page again and see what it holds.", cause);
    }
}
