package vastarc.web.store.run;

import java.time.Instant;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A photograph of a run, without its picture.
 *
 * @param id       its id
 * @param run      id of the run
 * @param kind     what it shows
 * @param madeAt   when it was taken in
 * @param width    pixels
 * @param height   pixels
 * @param measured what was measured in it, as it is kept; null where nothing was
 */
public record Photograph(
        UUID id,
        UUID run,
        PhotographKind kind,
        Instant madeAt,
        int width,
        int height,
        @Nullable String measured) {

    /** {@return what was measured in it; empty where nothing was} */
    public Optional<KeptMeasure> measure() {
        return Optional.ofNullable(KeptMeasure.read(measured));
    }

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
