package vastarc.web.store.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.web.store.diagnosis.BeadObservations;
import vastarc.web.store.drill.PracticalResult;
import vastarc.web.store.job.JobFormat;
import vastarc.web.store.machine.CheckAnswers;
import vastarc.web.store.machine.ControlPlaces;
import vastarc.web.store.machine.ProfileReader;
import vastarc.web.store.register.BatchReader;
import vastarc.web.store.register.InstrumentReader;
import vastarc.web.store.register.ProcedureReader;
import vastarc.web.store.register.WelderReader;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.shop.ShopSettings;
import vastarc.web.store.simulation.SimulationRecord;

/**
 * Every format that a document was ever stored in has a file under {@code kept/}, which opens for ever. The file of today's format also fixes its shape:
 * a field that is added to a stored record, or leaves it, fails here until there is a step from the old format and a file of the new one.
 */
class KeptFormatsTest {

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final Path FOLDER = Path.of("src/test/resources/kept");

    private static final Map<String, DocumentFormat<?>> FORMATS = Map.ofEntries(
            Map.entry("batch", BatchReader.KIND.format()),
            Map.entry("instrument", InstrumentReader.KIND.format()),
            Map.entry("bead-observations", BeadObservations.FORMAT),
            Map.entry("check-answers", CheckAnswers.FORMAT),
            Map.entry("control-places", ControlPlaces.FORMAT),
            Map.entry("job", JobFormat.FORMAT),
            Map.entry("machine-profile", ProfileReader.FORMAT),
            Map.entry("practical-test", PracticalResult.FORMAT),
            Map.entry("procedure", ProcedureReader.KIND.format()),
            Map.entry("run", RunRecord.FORMAT),
            Map.entry("sheet", SheetDocuments.FORMAT),
            Map.entry("shop-settings", ShopSettings.FORMAT),
            Map.entry("simulation", SimulationRecord.FORMAT),
            Map.entry("welder", WelderReader.KIND.format()));

    /** A format by the name of its files, and a number that it was once written with. */
    private record Kept(String name, int number) {

        DocumentFormat<?> format() {
            return FORMATS.get(name);
        }

        String text() throws IOException {
            String file = "/kept/" + name + "-" + number + ".json";
            try (InputStream in = KeptFormatsTest.class.getResourceAsStream(file)) {
                assertThat(in).as("the file " + file).isNotNull();
                return new String(in.readAllBytes(), StandardCharsets.UTF_8);
            }
        }

        @Override
        public String toString() {
            return name + "-" + number;
        }
    }

    static Stream<Kept> all() {
        return FORMATS.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .flatMap(entry -> IntStream.rangeClosed(1, entry.getValue().today())
                        .mapToObj(number -> new Kept(entry.getKey(), number)));
    }

    static Stream<Kept> today() {
        return all().filter(kept -> kept.number() == kept.format().today());
    }

    @ParameterizedTest
    @MethodSource("all")
    void everyFormatEverWrittenOpens(Kept kept) throws IOException {
        assertThat(JSON.readTree(kept.text()).path("format").asInt()).isEqualTo(kept.number());
        assertThat(kept.format().read(kept.text()).fault()).isEmpty();
    }

    @ParameterizedTest
    @MethodSource("all")
    void whatIsOpenedIsWrittenAsTodayWithTheSameValues(Kept kept) throws IOException {
        String once = rewritten(kept.format(), kept.text());

        assertThat(JSON.readTree(once).path("format").asInt())
                .isEqualTo(kept.format().today());
        assertThat(rewritten(kept.format(), once)).isEqualTo(once);
    }

    @ParameterizedTest
    @MethodSource("today")
    void theShapeOfTodaysFormatIsFixedByItsFile(Kept kept) throws IOException {
        assertThat(JSON.readTree(rewritten(kept.format(), kept.text())))
                .as(
                        "a stored record has other fields than %s.json: add a step to its DocumentFormat and a file of the new format",
                        kept)
                .isEqualTo(JSON.readTree(kept.text()));
    }

    private static <T> String rewritten(DocumentFormat<T> format, String text) {
        return format.write(format.read(text).orThrow());
    }

    /** Makes the file of each next format from the one before, where it is missing; the one of a first format is made by hand. */
    @Test
    @EnabledIfSystemProperty(named = "vastarc.record", matches = "true")
    void record() throws IOException {
        for (Kept kept : all().filter(one -> one.number() > 1).toList()) {
            Path file = FOLDER.resolve(kept + ".json");
            if (!Files.exists(file)) {
                JsonNode before = JSON.readTree(
                        Files.readString(FOLDER.resolve(new Kept(kept.name(), kept.number() - 1) + ".json")));
                ObjectNode next = JSON.createObjectNode().put("format", kept.number());
                next.set("content", kept.format().next(before.get("content"), kept.number() - 1));
                Files.writeString(file, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(next) + "\n");
            }
        }
    }
}
