package vastarc.web.store;

import java.io.IOException;
import java.util.List;

/** A part of the demo shop, laid into an empty shop in the order of the parts. */
public interface DemoPart {

    /** {@return what it lays, as the database knows it: tables, each with the condition under which a row counts} */
    List<String> kinds();

    /**
     * Lays it; asked only where there is nothing of its kinds yet.
     *
     * @throws java.io.IOException if the disk fails
     */
    void lay() throws IOException;
}
