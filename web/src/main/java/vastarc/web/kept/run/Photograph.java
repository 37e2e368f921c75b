package vastarc.web.kept.run;

import java.time.Instant;
import java.util.UUID;

/** A photograph of a run, without its picture. */
public record Photograph(UUID id, UUID run, Kind kind, Instant madeAt, int width, int height) {

    /** What it shows. */
    public enum Kind {
        BEAD("the bead"),
        BACK("the back"),
        TUNGSTEN("the tungsten");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }
}
