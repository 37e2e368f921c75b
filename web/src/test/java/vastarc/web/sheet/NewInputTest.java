package vastarc.web.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.input.InputAliases;
import vastarc.core.input.InputField;
import vastarc.core.input.WeldFields;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/**
 * What a new input costs: its line in {@code WeldFields}, the component of the record that keeps it (with its limits, where it has any),
 * and its words. Form, calls, lists, jobs and archives take it from there.
 */
@SpringTest
class NewInputTest {

    private static final List<Path> SOURCES = List.of(Path.of("../core/src/main"), Path.of("src/main"));

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore store;

    /** The two members share one list in calls, and both sides of a weld are a penetration today. */
    @Test
    void everyInputIsOnTheForm() throws Exception {
        List<InputField<?>> inputs = new ArrayList<>(WeldFields.ALL);
        inputs.remove(WeldFields.BOTH_SIDES);
        for (JointForm form : JointForm.values()) {
            Job job = store.create(
                    "Inputs of " + form,
                    "",
                    Jobs.typed(Map.of("joint", form.name(), Jobs.BASE, "3", "penetration", "PARTIAL")));
            String page = http.perform(get("/jobs/" + job.id() + "/sheet"))
                    .andReturn()
                    .getResponse()
                    .getContentAsString();
            inputs.removeIf(field -> page.contains("name=\"" + field.name() + "\""));
        }
        assertThat(inputs).extracting(InputField::name).isEmpty();
    }

    @Test
    void everyInputIsInTheDescriptionOfTheCallsAndInLists() throws Exception {
        String description =
                http.perform(get("/api/openapi.json")).andReturn().getResponse().getContentAsString();
        assertThat(WeldFields.ALL).allSatisfy(field -> {
            assertThat(description).contains("\"" + field.name().replaceFirst("\\[\\d]", "") + "\"");
            assertThat(InputAliases.field(field.name())).contains(field);
        });
    }

    /** Those of the last kind that were added: the places that name them are the three edits. */
    @ParameterizedTest
    @CsvSource({
        "HOSE_LENGTH, hoseLengthM, JointLimits.java",
        "HOSE_BORE, hoseBoreMm, JointLimits.java",
        "ACCESS, access, ''",
        "BACK_ACCESS, backAccess, ''"
    })
    void anInputIsNamedWhereItIsDeclaredKeptAndSpokenOnly(String constant, String name, String limits)
            throws IOException {
        Pattern named = Pattern.compile("(WeldFields|JointLimits)\\." + constant + "\\b|[\"'`]" + name + "[\"'`]");
        List<String> places = new ArrayList<>();
        for (Path root : SOURCES) {
            try (Stream<Path> files = Files.walk(root)) {
                for (Path file : files.filter(path -> path.toString().matches(".*\\.(java|html|js|properties)"))
                        .toList()) {
                    String text = Files.readString(file);
                    if (named.matcher(text).find() || text.contains("\nfield." + name + "=")) {
                        places.add(file.getFileName().toString());
                    }
                }
            }
        }
        List<String> expected = new ArrayList<>(List.of("WeldFields.java", "words.properties"));
        if (!limits.isEmpty()) {
            expected.add(limits);
        }
        assertThat(places).containsExactlyInAnyOrderElementsOf(expected);
    }
}
