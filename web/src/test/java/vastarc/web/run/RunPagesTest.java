package vastarc.web.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.asyncDispatch;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.coach.CoachLevel;
import vastarc.core.record.weldlog.Channel;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.SyntheticRecording;
import vastarc.core.record.weldlog.SyntheticRecording.OperatorFault;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.service.RunSetups;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.run.PhotoStore;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;
import vastarc.web.store.run.WeldRunService.OpenRun;
import vastarc.web.stream.RunFeed;
import vastarc.web.stream.RunFeed.RunMeasurement;

/** A run from its first arc into the logbook, by hand and by meter. */
@SpringTest
class RunPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private WeldRunService runs;

    @Autowired
    private RunSetups setups;

    @Autowired
    private RunFeed feed;

    @Autowired
    private PhotoStore photos;

    private final JsonMapper json = JsonMapper.builder().build();
    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("=Booth job", "", Jobs.lapUnderTheTrigger());
    }

    private JsonNode ask(String what, String... pairs) throws Exception {
        return json.readTree(
                send(http, post("/jobs/" + job.id() + "/run/" + what), pairs).getContentAsByteArray());
    }

    @Test
    void boothsThatStrikeAtTheSameMomentBeginOneRun() throws Exception {
        RunSetups.Setup setup = setups.of(job, OptionalInt.empty()).value().orElseThrow();
        ExecutorService booths = Executors.newFixedThreadPool(4);
        Callable<UUID> strike = () -> setups.begin(job, setup, "Isk", "").run().id();
        Set<UUID> begun = new HashSet<>();
        for (Future<UUID> future : booths.invokeAll(Collections.nCopies(8, strike))) {
            begun.add(future.get());
        }
        booths.shutdown();
        assertThat(begun).hasSize(1);
    }

    /** Of two booths that close one run at the same moment one is given, and no verdict is lost. */
    @Test
    void boothsThatCloseOneRunAreToldAndBothVerdictsAreKept() throws Exception {
        for (int round = 0; round < 10; round++) {
            ask("event", "kind", "ARC_ON");
            String run = runs.openRun(job.id()).orElseThrow().run().id().toString();
            ExecutorService booths = Executors.newFixedThreadPool(2);
            List<Callable<Integer>> closings =
                    List.of(() -> close(run, "GOOD", "Isk"), () -> close(run, "REJECTED", "Oda"));
            List<Integer> statuses = new ArrayList<>();
            for (Future<Integer> future : booths.invokeAll(closings)) {
                statuses.add(future.get());
            }
            booths.shutdown();
            assertThat(statuses).containsExactlyInAnyOrder(200, 409);
            WeldRun stored = runs.find(UUID.fromString(run)).orElseThrow();
            String both = stored.head().hand() + " " + stored.note();
            assertThat(both).contains("Isk", "Oda");
            assertThat(stored.note()).contains("In another window:");
        }
    }

    private int close(String run, String verdict, String who) throws Exception {
        return send(http, post("/jobs/" + job.id() + "/run/close"), "run", run, "verdict", verdict, "hand", who)
                .getStatus();
    }

    @Test
    void aRunIsNotJudgedUntilSomebodyJudgesIt() throws Exception {
        String page = send(http, get("/jobs/" + job.id() + "/run")).getContentAsString();
        assertThat(page).containsPattern("value=\"UNJUDGED\"[^>]*checked");
        assertThat(page).doesNotContainPattern("value=\"GOOD\"[^>]*checked");
    }

    @Test
    void whatWasHeardOfTheCoachIsKeptAndSaidWithWhatFollowed() throws Exception {
        ask("event", "kind", "ARC_ON", "ago", "20");
        ask("event", "kind", "ARC_OFF", "ago", "5");
        String heard =
                "{\"level\":\"PACE\",\"beats\":18,\"cues\":[[13,\"EASE_OFF\"],[2,\"HALFWAY\"],[-1,\"LIFT\"],[3,\"LUCK\"]]}";
        UUID run = runs.openRun(job.id()).orElseThrow().run().id();
        String to = ask("close", "verdict", "GOOD", "heard", heard).get("to").asString();
        assertThat(runs.find(run).orElseThrow().head().coach()).contains(CoachLevel.PACE);
        Document page = Jsoup.parse(send(http, get(to)).getContentAsString());
        assertThat(page.select("#heard tbody tr").eachText()).hasSize(2);
        assertThat(page.select("#heard tbody tr").get(0).text()).contains("Halfway");
        assertThat(page.select("#heard tbody tr").get(1).text()).containsPattern("Ease off arc out 2(\\.\\d)? s later");
        // Judged anew from the logbook, it keeps what was heard.
        send(http, post(to), "verdict", "FAULTY");
        assertThat(runs.find(run).orElseThrow().head().coach()).contains(CoachLevel.PACE);
        assertThat(runs.record(run)
                        .flatMap(document -> document.value())
                        .orElseThrow()
                        .heard())
                .isPresent();
        assertThat(send(http, get("/logbook/trends")).getContentAsString()).contains("Runs with the coach");
    }

    @Test
    void whatABoothSaysOfTheCoachThatCannotBeReadKeepsNoRunOpen() throws Exception {
        for (String heard :
                List.of("{", "[]", "{\"level\":\"LOUD\",\"beats\":1}", "{\"level\":\"PACE\",\"beats\":1e99}")) {
            ask("event", "kind", "ARC_ON");
            assertThat(ask("close", "verdict", "GOOD", "heard", heard).has("to"))
                    .isTrue();
        }
    }

    @Test
    void byHandEveryEventIsKeptAndTheRunGoesIntoTheLogbook() throws Exception {
        assertThat(send(http, get("/jobs/" + job.id() + "/run")).getContentAsString())
                .contains("data-stage=\"READY\"", "Not checked yet", "Press: opens the gas");
        assertThat(ask("event", "kind", "ARC_ON").get("stage").asString()).isEqualTo("ARC");
        ask("event", "kind", "ARC_ON");
        ask("event", "kind", "GUST");
        assertThat(ask("event", "kind", "ARC_OFF").get("stage").asString()).isEqualTo("POST_FLOW");
        OpenRun under = runs.openRun(job.id()).orElseThrow();
        assertThat(under.events())
                .extracting(event -> event.kind().name())
                .containsExactly("ARC_ON", "GUST", "ARC_OFF");
        assertThat(send(http, get("/")).getContentAsString()).contains("A run of “=Booth job” is under way");
        assertThat(send(http, get("/booth")).getRedirectedUrl()).isEqualTo("/jobs/" + job.id() + "/run");

        JsonNode wrong = ask("close", "seam", "long", "amps", "many", "verdict", "GOOD");
        assertThat(wrong.propertyNames()).contains("seam", "amps");
        assertThat(runs.openRun(job.id())).isPresent();
        String to = ask("close", "seam", "12 cm", "amps", "71", "hand", "Isk", "verdict", "GOOD", "note", "clean")
                .get("to")
                .asString();
        assertThat(runs.openRun(job.id())).isEmpty();
        String page = send(http, get(to)).getContentAsString();
        assertThat(page).contains("71 A", "120 mm", "clean", "draught", "Prove the job with this sheet");
        send(http, post(to + "/proven"));
        assertThat(jobs.find(job.id()).orElseThrow().content().proof()).isPresent();
        assertThat(send(http, get(to)).getContentAsString()).contains("The job is proven with this sheet");
    }

    @Test
    void aMeterBeginsAndEndsTheArcsAndItsTraceIsRead() throws Exception {
        RunSetups.Setup setup = setups.of(job, OptionalInt.empty()).value().orElseThrow();
        OpenRun under = setups.begin(job, setup, "Isk", "");
        Recording recording = SyntheticRecording.weld(setup.score(), OperatorFault.EARLY_RELEASE, 7);
        Instant begun = under.run().startedAt();
        List<RunMeasurement> heard = new ArrayList<>();
        Channel current = recording.current();
        for (int i = 0; i < current.size(); i++) {
            heard.add(new RunMeasurement(
                    begun.plusMillis(Math.round(1000 * current.s(i))), MeasuredQuantity.CURRENT, current.value(i)));
            if (heard.size() == 40 || i == current.size() - 1) {
                feed.accept(under.run(), List.copyOf(heard), true);
                heard.clear();
            }
        }
        assertThat(runs.events(under.run().id())).hasSize(2);
        assertThat(runs.trace(under.run().id()).current().size()).isEqualTo(current.size());
        String to = ask("close", "seam", "60", "hand", "Isk", "verdict", "FAULTY")
                .get("to")
                .asString();
        String page = send(http, get(to)).getContentAsString();
        assertThat(page).contains("Released early", "simulated", "Readings of meters");
        MvcResult started = http.perform(get(to + "/trace.csv")).andReturn();
        assertThat(http.perform(asyncDispatch(started))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .startsWith("s,A");
    }

    /** Tacks are runs of a route as well: spots where the stock is thin, laid like the first pass where it is not. */
    @Test
    void everyRunOfARouteCanBeTakenToTheBoothTacksAmongThem() throws Exception {
        for (String mm : new String[] {"1.2", "5"}) {
            Job other = jobs.create(
                    "Tacked job",
                    "",
                    Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "T_FILLET", Jobs.BASE, mm)));
            String route = send(http, get("/jobs/" + other.id() + "/route")).getContentAsString();
            int count = route.split("data-n=\"", -1).length - 1;
            assertThat(count).isGreaterThan(2);
            for (int n = 1; n <= count; n++) {
                assertThat(send(http, get("/jobs/" + other.id() + "/run?n=" + n))
                                .getContentAsString())
                        .as(mm + " mm, run " + n)
                        .contains("data-stage=\"READY\"");
            }
            send(http, post("/jobs/" + other.id() + "/run/event"), "kind", "ARC_ON", "n", "1");
            assertThat(runs.openRun(other.id())).isPresent();
            send(http, post("/jobs/" + other.id() + "/run/close"), "hand", "Isk");
            jobs.delete(other.id());
        }
    }

    private String closed() throws Exception {
        ask("event", "kind", "ARC_ON");
        ask("event", "kind", "ARC_OFF");
        return ask("close", "hand", "Isk").get("to").asString();
    }

    @Test
    void aTableOfAMeterIsAskedForItsColumnsOnce() throws Exception {
        String to = closed();
        StringBuilder table = new StringBuilder("tick;clamp\n");
        for (int i = 0; i < 300; i++) {
            table.append(i * 100).append(';').append(i > 20 && i < 280 ? 70 : 0).append('\n');
        }
        byte[] body = table.toString().getBytes(StandardCharsets.UTF_8);
        JsonNode asked =
                json.readTree(send(http, post(to + "/trace").content(body)).getContentAsByteArray());
        assertThat(asked.get("columns")).hasSize(2);
        JsonNode taken =
                json.readTree(send(http, post(to + "/trace").content(body), "column", "TIME_MS", "column", "CURRENT")
                        .getContentAsByteArray());
        assertThat(taken.get("to").asString()).isEqualTo(to);
        UUID id = UUID.fromString(to.substring(to.lastIndexOf('/') + 1));
        assertThat(runs.find(id).orElseThrow().figures().currentA().getAsDouble())
                .isCloseTo(70, within(0.5));
        String again = closed();
        assertThat(json.readTree(
                                send(http, post(again + "/trace").content(body)).getContentAsByteArray())
                        .get("to")
                        .asString())
                .isEqualTo(again);
        assertThat(json.readTree(send(http, post(again + "/trace").content("no table".getBytes(StandardCharsets.UTF_8)))
                                .getContentAsByteArray())
                        .get("wrong")
                        .asString())
                .contains("not a table");
    }

    @Test
    void aPictureIsMadeSmallerAndAHostileOneIsRefusedWithWords() throws Exception {
        String to = closed();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(2400, 1200, BufferedImage.TYPE_INT_RGB), "png", png);
        send(http, post(to + "/photo").content(png.toByteArray()), "kind", "BACK");
        UUID id = UUID.fromString(to.substring(to.lastIndexOf('/') + 1));
        assertThat(photos.of(id)).singleElement().satisfies(photo -> {
            assertThat(photo.width()).isEqualTo(1600);
            assertThat(photo.height()).isEqualTo(800);
        });
        for (Map.Entry<String, byte[]> hostile : Map.of(
                        "no photograph", "<svg onload='alert(1)'/>".getBytes(StandardCharsets.UTF_8),
                        "megapixels", enormous(),
                        "damaged", Arrays.copyOf(png.toByteArray(), 60),
                        "gif", gif())
                .entrySet()) {
            JsonNode told = json.readTree(
                    send(http, post(to + "/photo").content(hostile.getValue())).getContentAsByteArray());
            assertThat(told.get("wrong").asString()).contains(hostile.getKey());
        }
        assertThat(photos.of(id)).hasSize(1);
    }

    /** A few bytes that claim to be 20,000 by 10,000 pixels. */
    private static byte[] enormous() throws Exception {
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(2, 1, BufferedImage.TYPE_INT_RGB), "png", png);
        byte[] bytes = png.toByteArray();
        ByteBuffer.wrap(bytes).putInt(16, 20_000).putInt(20, 10_000);
        CRC32 sum = new CRC32();
        sum.update(bytes, 12, 17);
        ByteBuffer.wrap(bytes).putInt(29, (int) sum.getValue());
        return bytes;
    }

    private static byte[] gif() throws Exception {
        ByteArrayOutputStream gif = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(20, 10, BufferedImage.TYPE_INT_RGB), "gif", gif);
        return gif.toByteArray();
    }
}
