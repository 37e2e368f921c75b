package vastarc.web.store.archive;

/** An archive cannot be taken; the message says why. */
public final class ArchiveRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    public ArchiveRefused(String why) {
        super("This backup cannot be restored: " + why + ".", null, false, false);
    }
}
