package vastarc.web.kept;

import java.io.IOException;

/** A part of the demo shop, laid into an empty shop in the order of the parts. */
public interface DemoPart {

    /** Does nothing where there is something of its kind already. */
    void lay() throws IOException;
}
