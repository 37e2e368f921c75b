package vastarc.web.store.run;

/** A picture cannot be taken; the message says why. */
public final class PictureRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /**
     * A refusal.
     *
     * @param why the end of a sentence, without its point
     */
    public PictureRefused(String why) {
        super("This picture cannot be taken: " + why + ".", null, false, false);
    }
}
