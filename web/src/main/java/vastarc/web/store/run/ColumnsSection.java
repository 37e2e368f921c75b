package vastarc.web.store.run;

import java.time.Instant;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/** What an archive remembers of the columns of meters' tables. */
@Component
class ColumnsSection implements ArchiveSection {

    private static final int SINCE = 8;
    private static final JsonMapper JSON = CoreJson.kept();

    private final ChosenColumnsRepository stored;
    private final TraceColumns columns;

    ColumnsSection(ChosenColumnsRepository stored, TraceColumns columns) {
        this.stored = stored;
        this.columns = columns;
    }

    @Override
    public String file() {
        return "trace-columns.json";
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        stored.findAllByOrderByHeading()
                .forEach(columns -> out.accept(JSON.createObjectNode()
                        .put("heading", columns.heading())
                        .put("chosen", columns.chosen())
                        .put("used", columns.usedAt().toString())));
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        return new ColumnsItem(
                stored,
                new ChosenColumns(
                        element.path("heading").asString(),
                        element.path("chosen").asString(),
                        Instant.parse(element.path("used").asString())));
    }

    @Override
    public void makeRoom() {
        columns.makeRoom();
    }

    private record ColumnsItem(ChosenColumnsRepository stored, ChosenColumns columns) implements ArchiveElement {

        private boolean isStored() {
            return stored.findById(columns.heading())
                    .filter(known -> known.chosen().equals(columns.chosen()))
                    .isPresent();
        }

        @Override
        public Optional<String> change() {
            return isStored() ? Optional.empty() : Optional.of("the columns of a meter’s table come in");
        }

        @Override
        public void take() {
            if (!isStored()) {
                stored.save(columns);
            }
        }
    }
}
