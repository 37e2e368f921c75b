package vastarc.web.store.archive;

/** An archive cannot be taken; the message says why. */
public final class ArchiveRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /**
     * Refuses an archive.
     *
     * @param why what is wrong with it, as the reader sees it
     */
    public ArchiveRefused(String why) {
        super("This backup cannot be restored: " + why + ".", null, false, false);
    }
}
