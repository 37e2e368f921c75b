package vastarc.web.store.run;

import java.time.Instant;
import java.util.Base64;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;
import vastarc.web.store.run.Photograph.PhotographKind;

/** The photographs of an archive. */
@Component
class PhotoSection implements ArchiveSection {

    private static final int SINCE = 6;
    private static final String MEASURED = "measured";
    private static final JsonMapper JSON = CoreJson.kept();

    private final PhotoStore store;

    PhotoSection(PhotoStore store) {
        this.store = store;
    }

    @Override
    public String file() {
        return "run-photos.json";
    }

    @Override
    public Set<String> needs() {
        return Set.of(ArchiveIds.RUNS);
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        store.forEach(photo -> out.accept(element(photo, store.jpeg(photo.id()).orElse(new byte[0]))));
    }

    private static ObjectNode element(Photograph photo, byte[] jpeg) {
        ObjectNode element = JSON.createObjectNode()
                .put("id", photo.id().toString())
                .put("run", photo.run().toString())
                .put("kind", photo.kind().name())
                .put("made", photo.madeAt().toString())
                .put("width", photo.width())
                .put("height", photo.height())
                .put("jpeg", Base64.getEncoder().encodeToString(jpeg));
        photo.measure().ifPresent(measure -> element.set(MEASURED, JSON.valueToTree(measure)));
        return element;
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        UUID id = known.fresh(file(), element);
        UUID run = known.pointed(ArchiveIds.RUNS, element, "run");
        byte[] jpeg = Base64.getDecoder().decode(element.path("jpeg").asString());
        if (!Pictures.isSmallJpeg(jpeg)) {
            throw new IllegalArgumentException("its picture is no photograph as this program keeps them");
        }
        Photograph photo = new Photograph(
                id,
                run,
                PhotographKind.valueOf(element.path("kind").asString()),
                Instant.parse(element.path("made").asString()),
                element.path("width").asInt(),
                element.path("height").asInt(),
                measured(element));
        return new PhotoItem(store, photo, jpeg);
    }

    private static @Nullable String measured(JsonNode element) {
        if (!element.hasNonNull(MEASURED)) {
            return null;
        }
        KeptMeasure measure = KeptMeasure.read(element.path(MEASURED).toString());
        if (measure == null) {
            throw new IllegalArgumentException("what was measured in a photograph cannot be read");
        }
        String kept = measure.json();
        if (kept.length() > KeptMeasure.MOST) {
            throw new IllegalArgumentException("what was measured in a photograph is longer than this program keeps");
        }
        return kept;
    }

    private record PhotoItem(PhotoStore store, Photograph photo, byte[] jpeg) implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return store.find(photo.id()).isPresent() ? Optional.empty() : Optional.of("a photograph comes in");
        }

        @Override
        public void take() {
            if (store.find(photo.id()).isEmpty()) {
                store.put(photo, jpeg);
            }
        }
    }
}
