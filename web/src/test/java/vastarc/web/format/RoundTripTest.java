package vastarc.web.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.request.RecordingTable;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.RunFilter;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunService;

/** What goes out in a published format fits it, and comes in again as it was. */
@SpringTest
class RoundTripTest {

    private static final JsonMapper JSON = JsonMapper.shared();

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private WeldRunService runs;

    @Autowired
    private WeldRunQueries book;

    private String text(String address) throws Exception {
        MvcResult answer = http.perform(get(address)).andReturn();
        MockHttpServletResponse response = answer.getRequest().isAsyncStarted()
                ? http.perform(asyncDispatch(answer)).andReturn().getResponse()
                : answer.getResponse();
        assertThat(response.getStatus()).as(address).isEqualTo(200);
        return response.getContentAsString(StandardCharsets.UTF_8);
    }

    @ParameterizedTest
    @EnumSource(Format.class)
    void everyFormatIsPublished(Format format) throws Exception {
        assertThat(JSON.readTree(text("/api/formats/" + format.file()))).isEqualTo(JSON.readTree(format.text()));
        assertThat(send(http, get("/api/formats/nothing.schema.json")).getStatus())
                .isEqualTo(404);
    }

    @Test
    void aJobGoesOutAndComesInAsItWas() throws Exception {
        for (Job job : jobs.newest(20)) {
            String file = text("/jobs/" + job.id() + "/job.json");
            assertThat(Format.JOB.faults(JSON.readTree(file))).as(job.name()).isEmpty();
            JsonNode sheet = JSON.readTree(file).get("sheet");
            if (!sheet.isNull()) {
                ObjectNode document = JSON.createObjectNode().put("format", 2);
                document.set("content", sheet);
                assertThat(Format.SHEET.faults(document)).isEmpty();
            }
            String page = send(http, post("/joints").param("list", file)).getContentAsString();
            assertThat(page).contains("1 of 1 rows became jobs.");
            String id = page.replaceFirst("(?s).*row-link\"\\s+href=\"/jobs/([0-9a-f-]{36})/.*", "$1");
            assertThat(text("/jobs/" + id + "/job.json")).isEqualTo(file);
            jobs.delete(UUID.fromString(id));
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"format\":\"vast-arc-job\"",
                "{\"format\":\"vast-arc-job\",\"version\":2,\"name\":\"x\",\"notes\":\"\",\"content\":{},\"sheet\":null}",
                "{\"format\":\"vast-arc-job\",\"version\":1,\"name\":7,\"notes\":\"\",\"content\":null,\"sheet\":null}"
            })
    void aFileThatIsNoWholeJobIsRefusedWithWords(String file) throws Exception {
        assertThat(send(http, post("/joints").param("list", file)).getContentAsString())
                .contains("This file says it is a job, but does not fit");
    }

    @Test
    void aMachineThisShopDoesNotHaveIsLeftOut() throws Exception {
        Job job = jobs.create("Far job", "", Jobs.fresh());
        ObjectNode file = (ObjectNode) JSON.readTree(text("/jobs/" + job.id() + "/job.json"));
        ((ObjectNode) file.get("content")).put("machine", UUID.randomUUID().toString());
        String page = send(http, post("/joints").param("list", file.toString())).getContentAsString();
        String id = page.replaceFirst("(?s).*row-link\"\\s+href=\"/jobs/([0-9a-f-]{36})/.*", "$1");
        Job brought = jobs.find(UUID.fromString(id)).orElseThrow();
        assertThat(brought.content().machine()).isEmpty();
        jobs.delete(brought.id());
        jobs.delete(job.id());
    }

    /** A moment that no clock shows, a pass that no joint has: what comes in a file opens on every page. */
    @ParameterizedTest
    @ValueSource(
            strings = {"-999999999-01-01T00:00:00Z", "+999999999-12-31T23:59:59Z", "1970-01-01T00:00:00Z", "yesterday"})
    void whateverAJobOfAFileSaysItsPagesOpen(String moment) throws Exception {
        Job job = jobs.create("Far clock", "", Jobs.purgedTube("50.8"));
        ObjectNode file = (ObjectNode) JSON.readTree(text("/jobs/" + job.id() + "/job.json"));
        ObjectNode content = (ObjectNode) file.get("content");
        content.put("pass", 99);
        ((ObjectNode) content.get("purge").get("texts"))
                .put("purge.started", moment)
                .put("purge.listen", "simulated NONE")
                .put("purge.reading.0", "x");
        String page = send(http, post("/joints").param("list", file.toString())).getContentAsString();
        String id = page.replaceFirst("(?s).*row-link\"\\s+href=\"/jobs/([0-9a-f-]{36})/.*", "$1");
        for (String step : List.of(
                "sheet", "score", "panel", "purge", "rehearse", "route", "run", "read", "purge/live", "job.json")) {
            assertThat(send(http, get("/jobs/" + id + "/" + step)).getStatus())
                    .as(step)
                    .isLessThan(500);
        }
        jobs.delete(UUID.fromString(id));
        jobs.delete(job.id());
    }

    @Test
    void theRecordOfAPurgeFitsAndTheCallCalculatesTheSameFromIt() throws Exception {
        int purged = 0;
        for (Job job : jobs.newest(20)) {
            MockHttpServletResponse response = send(http, get("/jobs/" + job.id() + "/purge.json"));
            if (response.getStatus() == 404) {
                continue;
            }
            JsonNode record = JSON.readTree(response.getContentAsByteArray());
            assertThat(Format.PURGE.faults(record)).as(job.name()).isEmpty();
            if (record.has("mixedS") && !record.get("told").has("purge.leak")) {
                ObjectNode ask = (ObjectNode) JSON.readTree("{\"vent\":{\"diameterMm\":4},\"root\":"
                        + "{\"material\":\"STAINLESS_316L\",\"thicknessMm\":1.5,\"backWidthMm\":3}}");
                ask.set("parts", record.get("parts"));
                ask.set("flowLPerMin", record.get("flowLPerMin"));
                ask.set("targetPpm", record.get("targetPpm"));
                JsonNode answer = JSON.readTree(send(
                                http,
                                post("/api/v1/purge")
                                        .contentType("application/json")
                                        .content(ask.toString()))
                        .getContentAsByteArray());
                assertThat(answer.get("volumeL").asDouble())
                        .isCloseTo(record.get("volumeL").asDouble(), within(1e-3));
                purged++;
            }
        }
        assertThat(purged).isPositive();
    }

    @Test
    void aRouteFitsWithAndWithoutPrices() throws Exception {
        for (String prices : List.of("", ",\"prices\":{\"hour\":40}")) {
            String ask =
                    "{\"material\":\"CARBON_STEEL\",\"joint\":\"T_FILLET\",\"thicknessMm\":[3],\"work\":{\"seams\":2}"
                            + prices + "}";
            JsonNode route = JSON.readTree(send(
                            http,
                            post("/api/v1/route")
                                    .contentType("application/json")
                                    .content(ask))
                    .getContentAsByteArray());
            assertThat(Format.ROUTE.faults(route)).isEmpty();
        }
    }

    private static Recording drawn(Random random) {
        Map<MeasuredQuantity, Channel> channels = new EnumMap<>(MeasuredQuantity.class);
        for (MeasuredQuantity kind : MeasuredQuantity.values()) {
            int size = random.nextInt(4) == 0 ? 0 : 1 + random.nextInt(200);
            double[] s = new double[size];
            double[] value = new double[size];
            double at = 0;
            for (int i = 0; i < size; i++) {
                at += random.nextInt(3) * 0.02;
                s[i] = Math.round(1000 * at) / 1000.0;
                value[i] = CoreJson.rounded(kind.range().low()
                        + random.nextDouble()
                                * (kind.range().high() - kind.range().low()));
            }
            channels.put(kind, Channel.of(s, value));
        }
        return new Recording(channels);
    }

    private static void isSame(Recording read, Recording written) {
        assertThat(read.channels().keySet()).isEqualTo(written.channels().keySet());
        written.channels().forEach((kind, channel) -> {
            Channel other = read.channel(kind);
            assertThat(other.size()).isEqualTo(channel.size());
            for (int i = 0; i < channel.size(); i++) {
                assertThat(other.s(i)).isEqualTo(channel.s(i));
                assertThat(other.value(i)).isEqualTo(channel.value(i));
            }
        });
    }

    @Test
    void tracesGoOutAndComeInAsTheyWereAsATableAndAsJson() throws Exception {
        Random random = new Random(12);
        for (int i = 0; i < 60; i++) {
            Recording recording = drawn(random);
            if (recording.channels().isEmpty()) {
                continue;
            }
            JsonNode json = RecordingFile.json(recording);
            assertThat(Format.TRACE.faults(json)).isEmpty();
            isSame(RecordingFile.read(json).value().orElseThrow(), recording);

            StringWriter out = new StringWriter();
            RecordingFile.csv(recording, out);
            RecordingTable table = RecordingTable.read(out.toString()).value().orElseThrow();
            isSame(table.trace(table.guessed()).value().orElseThrow(), recording);
        }
    }

    @Test
    void readingsOfARunAreTakenFromItsOwnFiles() throws Exception {
        WeldRun run = book.newest(RunFilter.all(), 60).stream()
                .filter(weldRun -> weldRun.endedAt().isPresent()
                        && !runs.trace(weldRun.id()).channels().isEmpty())
                .findFirst()
                .orElseThrow();
        String address = "/logbook/" + run.id() + "/trace";
        String table = text(address + ".csv");
        String file = text(address + ".json");
        assertThat(send(http, post(address).content(file)).getContentAsString()).contains("\"wrong\":\"\"");
        assertThat(text(address + ".csv")).isEqualTo(table);
        assertThat(send(http, post(address).content(table)).getContentAsString())
                .contains("\"wrong\":\"\"");
        assertThat(text(address + ".json")).isEqualTo(file);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{",
                "{\"format\":\"vast-arc-trace\",\"version\":1,\"readings\":{}}",
                "{\"format\":\"vast-arc-trace\",\"version\":1,\"readings\":{\"CURRENT\":[[1,5],[0,5]]}}",
                "{\"format\":\"vast-arc-trace\",\"version\":1,\"readings\":{\"CURRENT\":[[0,-5]]}}",
                "{\"format\":\"vast-arc-trace\",\"version\":1,\"readings\":{\"BEER\":[[0,5]]}}"
            })
    void readingsThatCannotBeAreRefusedWithWords(String file) throws Exception {
        WeldRun run = book.newest(RunFilter.all(), 1).get(0);
        int before = runs.trace(run.id()).channels().size();
        assertThat(JSON.readTree(send(
                                        http,
                                        post("/logbook/" + run.id() + "/trace").content(file))
                                .getContentAsByteArray())
                        .get("wrong")
                        .asString())
                .isNotBlank();
        assertThat(runs.trace(run.id()).channels()).hasSize(before);
    }
}
