package vastarc.web.store.document;

/** A document was wanted and cannot be read. */
public final class UnreadableDocument extends RuntimeException {

    private static final long serialVersionUID = 1L;

    UnreadableDocument(String name, String fault) {
        super("The " + name + " that is kept here cannot be read. " + fault, null, false, false);
    }
}
