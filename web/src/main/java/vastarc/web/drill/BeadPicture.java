package vastarc.web.drill;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import vastarc.core.training.Question;

/** Pictures of simulated welds that the drill asks about, as addresses that hold the picture itself: paper takes them as a page does. */
final class BeadPicture {

    private static final Map<String, String> READ = new ConcurrentHashMap<>();

    private BeadPicture() {}

    /** {@return the picture of a question; empty where it shows none} */
    static Optional<String> of(Question question) {
        return question.picture()
                .filter(picture -> picture.kind() == Question.Picture.Kind.BEAD)
                .map(picture -> picture.words().getOrDefault("bead", "0"))
                .map(number -> READ.computeIfAbsent(number, BeadPicture::read));
    }

    private static String read(String number) {
        try (InputStream picture = BeadPicture.class.getResourceAsStream("/beads/" + number + ".png")) {
            if (picture == null) {
                throw new IllegalStateException("no picture of bead " + number);
            }
            return "data:image/png;base64," + Base64.getEncoder().encodeToString(picture.readAllBytes());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
