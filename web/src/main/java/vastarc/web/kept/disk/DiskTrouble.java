package vastarc.web.kept.disk;

import org.jspecify.annotations.Nullable;

/** A change could not be brought onto the disk. */
public final class DiskTrouble extends RuntimeException {

    private static final long serialVersionUID = 1L;

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

    /** The database is closed, and is being opened again. */
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
