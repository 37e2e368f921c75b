package vastarc.web.search;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;

import java.net.URI;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.reference.Glossary;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** What people type into the search, and what has to come first. */
@SpringTest
class SearchTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    private List<JsonNode> found(String typed, String job) throws Exception {
        MockHttpServletResponse answer = http.perform(
                        get("/search.json").param("find", typed).param("job", job))
                .andReturn()
                .getResponse();
        assertThat(answer.getStatus()).isEqualTo(200);
        return JsonMapper.shared()
                .readTree(answer.getContentAsString())
                .valueStream()
                .toList();
    }

    private static String text(JsonNode entry, String field) {
        return entry.get(field).asString();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "porosity              | symptom  | /reference/symptoms#symptom-POROSITY",
                "porosty               | symptom  | /reference/symptoms#symptom-POROSITY",
                "4G                    | position | /reference/positions#position-PE",
                "overhead              | position | /reference/positions#position-PE",
                "post-flow             | setting  | /reference/settings#setting-postFlow",
                "post flow             | setting  | /reference/settings#setting-postFlow",
                "crater                | term     | /reference/terms#word-crater",
                "crater time           | term     | /reference/terms#word-down-slope",
                "print                 | act      | /day",
                "pritn exam            | act      | /drill/exam",
                "back up               | act      | /shop#backup",
                "backup                | act      | /shop#backup",
                "restore               | act      | /shop#restore-file",
                "export logbook        | act      | /logbook",
                "import                | act      | /logbook",
                "wall chart            | place    | /chart",
                "wallchart poster      | place    | /chart",
                "logbok                | place    | /logbook",
                "schedule              | place    | /day",
                "tube to plate         | joint    | /line?text=tube+to+plate",
                "titanium grade 2      | metal    | /line?text=titanium+grade+2",
                "2 mm 304 lap          | new job  | /line?text=2+mm+304+lap",
                "1/8 mild steel tee 2F | new job  | /line?text=1%2F8+mild+steel+tee+2F",
            })
    void whatWasMeantComesFirst(String typed, String kind, String href) throws Exception {
        List<JsonNode> found = found(typed, "");

        assertThat(found).as("found for " + typed).isNotEmpty();
        assertThat(text(found.get(0), "kind") + " " + text(found.get(0), "href"))
                .isEqualTo(kind + " " + href);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "   ", "zzqx", "porosity zzqx", "%", "…"})
    void whereNothingFitsNothingIsOffered(String typed) throws Exception {
        assertThat(found(typed, "")).isEmpty();
    }

    @Test
    void everyTermIsFoundByItsNameAndByEveryOtherWordForIt() throws Exception {
        for (Glossary.GlossaryEntry entry : Glossary.entries()) {
            for (String word : Stream.concat(Stream.of(entry.term()), entry.aliases().stream())
                    .toList()) {
                assertThat(found(word, "").stream().map(one -> text(one, "name")))
                        .as(word)
                        .contains(entry.term());
            }
        }
    }

    @Test
    void aJobIsFoundByAnyPartOfItsName() throws Exception {
        Job job = jobs.create("Quay ladder 17", "for the north quay", Jobs.lapUnderTheTrigger());

        assertThat(text(found("LADDER 17", "").get(0), "href")).isEqualTo("/jobs/" + job.id() + "/sheet");
        jobs.delete(job.id());
    }

    @Test
    void atAJobWhatCanBeDoneWithItIsFoundToo() throws Exception {
        Job job = jobs.create("Quay ladder 18", "", Jobs.lapUnderTheTrigger());

        assertThat(text(found("setup card", job.id().toString()).get(0), "href"))
                .isEqualTo("/jobs/" + job.id() + "/card");
        assertThat(found("print", job.id().toString()).stream().map(one -> text(one, "href")))
                .contains("/jobs/" + job.id() + "/card", "/jobs/" + job.id() + "/route.pdf");
        assertThat(found("setup card", "nonsense").stream().map(one -> text(one, "kind")))
                .doesNotContain("act");
        jobs.delete(job.id());
    }

    @Test
    void whereEverythingFixedOpensThereIsSomething() throws Exception {
        Map<String, String> pages = new HashMap<>();
        for (SearchEntry entry : FixedEntries.ALL) {
            String[] address = entry.href().split("#");
            if (address[0].startsWith("/reference/") && address.length > 1) {
                if (!pages.containsKey(address[0])) {
                    pages.put(
                            address[0],
                            http.perform(get(address[0]))
                                    .andReturn()
                                    .getResponse()
                                    .getContentAsString());
                }
                assertThat(pages.get(address[0])).contains("id=\"" + address[1] + "\"");
            } else {
                assertThat(http.perform(get(URI.create(entry.href())))
                                .andReturn()
                                .getResponse()
                                .getStatus())
                        .as(entry.href())
                        .isEqualTo(200);
            }
        }
    }
}
