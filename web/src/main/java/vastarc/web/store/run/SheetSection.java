package vastarc.web.store.run;

import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.format.CoreJson;
import vastarc.web.store.archive.ArchiveIds;
import vastarc.web.store.archive.ArchiveSection;
import vastarc.web.store.archive.ArchiveSection.ArchiveElement;

/** The sheets that the runs of an archive were welded by. */
@Component
class SheetSection implements ArchiveSection {

    private static final int SINCE = 6;
    private static final JsonMapper JSON = CoreJson.kept();

    private final WeldRunData data;

    SheetSection(WeldRunData data) {
        this.data = data;
    }

    @Override
    public String file() {
        return "run-sheets.json";
    }

    @Override
    public int since() {
        return SINCE;
    }

    @Override
    public void write(Consumer<JsonNode> out) {
        data.sheets((id, text) ->
                out.accept(JSON.createObjectNode().put("id", id.toString()).put("sheet", text)));
    }

    @Override
    public ArchiveElement read(JsonNode element, ArchiveIds known) {
        return new SheetItem(
                data, known.fresh(file(), element), element.path("sheet").asString());
    }

    /** The same sheet has the same id: it is there, or it comes. It is no change by itself. */
    private record SheetItem(WeldRunData data, UUID id, String text) implements ArchiveElement {

        @Override
        public Optional<String> change() {
            return Optional.empty();
        }

        @Override
        public void take() {
            data.put(id, text);
        }
    }
}
