package vastarc.web.store;

import java.io.IOException;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;

/** Lays the demo shop: at the start where {@code vastarc.demo=true}, and when a welder on an empty bench asks for it. */
@Component
public class DemoLoad implements ApplicationRunner {

    private final List<DemoPart> parts;
    private final boolean atStart;

    DemoLoad(List<DemoPart> parts, @Value("${vastarc.demo:false}") boolean atStart) {
        this.parts = List.copyOf(parts);
        this.atStart = atStart;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        if (atStart) {
            lay();
        }
    }

    /**
     * Lays every part that has nothing of its kind yet.
     *
     * @throws java.io.IOException if the disk fails
     */
    public synchronized void lay() throws IOException {
        for (DemoPart part : parts) {
            if (part.isBare()) {
                part.lay();
            }
        }
    }
}
