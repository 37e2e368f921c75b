package vastarc.web.store.run;

import java.time.Instant;
import java.util.UUID;

/** A photograph of a run, without its picture. */
public record Photograph(UUID id, UUID run, PhotographKind kind, Instant madeAt, int width, int height) {

    /** What it shows. */
    public enum PhotographKind {
        /** The face of the bead. */
        BEAD("the bead"),
        /** The root side. */
        BACK("the back"),
        /** The tungsten. */
        TUNGSTEN("the tungsten");

        private final String label;

        PhotographKind(String label) {
            this.label = label;
        }

        /** {@return its name as it is shown} */
        public String label() {
            return label;
        }
    }
}
