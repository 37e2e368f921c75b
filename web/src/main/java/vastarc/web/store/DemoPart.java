package vastarc.web.store;

import java.io.IOException;

/** A part of the demo shop, laid into an empty shop in the order of the parts. */
public interface DemoPart {

    /** {@return whether there is nothing of its kind yet} */
    boolean isBare();

    /**
     * Lays it; asked only where there is nothing of its kind yet.
     *
     * @throws java.io.IOException if the disk fails
     */
    void lay() throws IOException;
}
