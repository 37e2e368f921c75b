package vastarc.web.error;

/** What was asked for is not here: the error page says where to go instead. */
public class NotFound extends RuntimeException {

    private static final long serialVersionUID = 1L;

    /**
     * Says what is not there.
     *
     * @param what what was asked for
     */
    public NotFound(String what) {
        super(what, null, false, false);
    }
}
