package vastarc.web.store.archive;

/** Another archive is being taken just now. */
public final class ArchiveBusy extends RuntimeException {

    private static final long serialVersionUID = 1L;

    ArchiveBusy() {
        super("Another archive is being taken just now. Try again when it is done.", null, false, false);
    }
}
