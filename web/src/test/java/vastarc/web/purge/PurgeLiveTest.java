package vastarc.web.purge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.MvcResult;
import vastarc.core.physics.purge.OxygenMeter.MeterFault;
import vastarc.core.physics.purge.PurgePlan;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.request.PurgeReader;
import vastarc.web.service.JobPlanner;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.job.PurgeText;
import vastarc.web.store.run.MeterKeys;
import vastarc.web.stream.Measurement;
import vastarc.web.stream.MeasurementHub;

/** A meter listened to while a purge fills. */
@SpringTest
class PurgeLiveTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private JobPlanner planner;

    @Autowired
    private PurgeMeters meters;

    @Autowired
    private MeterKeys keys;

    @Autowired
    private MeasurementHub room;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("Listened job", "", Jobs.purgedTube("101.6"));
    }

    private PurgeText now() {
        return jobs.find(job.id()).orElseThrow().content().purge();
    }

    private PurgePlan plan() {
        Job stored = jobs.find(job.id()).orElseThrow();
        return PurgeReader.read(
                        stored.content().purge(),
                        planner.plan(stored).sheet().value().orElseThrow())
                .plan()
                .orElseThrow();
    }

    private String tell(String path, String... pairs) throws Exception {
        MockHttpServletResponse response = send(http, post("/jobs/" + job.id() + "/purge" + path), pairs);
        assertThat(response.getStatus()).isEqualTo(200);
        return response.getContentAsString();
    }

    private Instant filledSince(Duration ago) {
        Instant started = Instant.now().minus(ago);
        jobs.edit(
                job.id(),
                OptionalLong.empty(),
                before -> before.content()
                        .with(before.content().purge().with(PurgeText.STARTED, Optional.of(started.toString()))));
        return started;
    }

    private void readAlong(MeterFault fault, Instant started) {
        meters.read(job.id(), plan(), fault, started);
        meters.beat();
    }

    private double last(MeasuredQuantity kind) {
        var read = room.recent(PurgeMeters.simulatedChannel(job.id(), kind));
        return read.get(read.size() - 1).value();
    }

    @Test
    void listeningOpensTheClockAndIsSaidOnThePage() throws Exception {
        String page = tell("/listen", "meter", "simulated NONE");
        assertThat(page).contains("Listening to a simulated meter, with: nothing wrong.", "Stop listening");
        assertThat(now().text(PurgeText.STARTED)).isPresent();
        Optional<String> started = now().text(PurgeText.STARTED);
        tell("/listen", "meter", "simulated VENT_BLOCKED");
        assertThat(now().text(PurgeText.STARTED)).isEqualTo(started);
        assertThat(tell("/listen")).doesNotContain("Stop listening");
        assertThat(tell("/listen", "meter", "a meter that nobody made")).doesNotContain("Stop listening");
        tell("/listen", "meter", "simulated NONE");
        assertThat(tell("/start", "open", "true")).contains("Stop listening");
        assertThat(tell("", "purge.flow", "9")).doesNotContain("Stop listening");
    }

    @Test
    void aSoundPurgeIsReadDownToItsTargetAndWhatWasReadIsKept() throws Exception {
        tell("/listen", "meter", "simulated NONE");
        double waits = plan().waitS().orElseThrow();
        Instant started = filledSince(Duration.ofSeconds((long) (3 * waits)));
        readAlong(MeterFault.NONE, started);
        assertThat(last(MeasuredQuantity.OXYGEN))
                .isLessThanOrEqualTo(plan().ask().targetPpm());
        assertThat(last(MeasuredQuantity.GAS_FLOW) / plan().ask().flow()).isBetween(0.85, 1.15);

        String page = tell("/keep");
        assertThat(now().readings()).hasSizeGreaterThan(30).hasSizeLessThanOrEqualTo(100);
        assertThat(page).contains("Simulated, with: nothing wrong.", "id=\"meter-lines\"");
        assertThat(send(http, get("/jobs/" + job.id() + "/purge.json")).getContentAsString())
                .contains("purge.reading.0", "purge.listen");
    }

    private void confirm() throws Exception {
        String version = String.valueOf(jobs.find(job.id()).orElseThrow().version());
        tell("", "version", version, "purge.felt", "true");
        assertThat(now().text(PurgeText.CONFIRMED)).isPresent();
    }

    @Test
    void whatWasReadIsKeptWithItsClockAsSoonAsThePurgeIsConfirmed() throws Exception {
        tell("/listen", "meter", "simulated NONE");
        Instant started =
                filledSince(Duration.ofSeconds((long) (3 * plan().waitS().orElseThrow())));
        readAlong(MeterFault.NONE, started);

        confirm();
        assertThat(now().texts())
                .containsKey("purge.confirmed")
                .isEqualTo(meters.logged(job.id(), now()).texts());

        List<String> lines = send(http, get("/jobs/" + job.id() + "/purge.csv"))
                .getContentAsString()
                .lines()
                .toList();
        assertThat(lines.get(0)).isEqualTo("time UTC,s,oxygen ppm,meter");
        assertThat(lines).hasSize(1 + now().readings().size()).hasSizeGreaterThan(30);
        String[] cells = lines.get(lines.size() - 1).split(",");
        double s = Double.parseDouble(cells[1]);
        assertThat(Instant.parse(cells[0])).isEqualTo(started.plusMillis(Math.round(1000 * s)));
        assertThat(send(http, get("/jobs/" + job.id() + "/purge.json")).getContentAsString())
                .contains("\"at\":\"" + cells[0] + "\"");
    }

    @Test
    void readingsKeptByHandStayWhenThePurgeIsConfirmed() throws Exception {
        tell("/listen", "meter", "simulated NONE");
        Instant started =
                filledSince(Duration.ofSeconds((long) (3 * plan().waitS().orElseThrow())));
        tell("/readings", "readings", "1 9000\n2 5000\n3 900\n4 300\n5 90");
        readAlong(MeterFault.NONE, started);

        confirm();

        assertThat(now().readings()).hasSize(5);
    }

    @Test
    void anEmptyBottleIsSeenByTheFlowAndNamedFromWhatIsKept() throws Exception {
        tell("/listen", "meter", "simulated EMPTY_BOTTLE");
        double waits = plan().waitS().orElseThrow();
        Instant started = filledSince(Duration.ofSeconds(Math.min(590, (long) (2 * waits))));
        readAlong(MeterFault.EMPTY_BOTTLE, started);
        assertThat(last(MeasuredQuantity.OXYGEN)).isGreaterThan(plan().ask().targetPpm());
        assertThat(last(MeasuredQuantity.GAS_FLOW))
                .isLessThan(0.1 * plan().ask().flow());
        assertThat(tell("/keep")).contains("the cylinder ran empty");
    }

    @Test
    void aMeterOfTheShopIsListenedToByItsName() throws Exception {
        String name = "oxygen " + UUID.randomUUID().toString().substring(0, 8);
        keys.make(name);
        assertThat(tell("/listen", "meter", name)).contains("Listening to " + name + ".");
        Instant started = Instant.parse(now().text(PurgeText.STARTED).orElseThrow());
        for (int i = 1; i <= 40; i++) {
            room.publish(new Measurement(
                    name + ".OXYGEN", started.plusSeconds(5L * i), 2e5 * Math.exp(-i / 4.0) + 9, false));
        }
        tell("/keep");
        assertThat(now().readings()).hasSize(40);
        assertThat(now().text(PurgeText.SIMULATED)).isEmpty();
    }

    @Test
    void theLineIsOpenWhileAMeterIsListenedToAndNotOtherwise() throws Exception {
        assertThat(send(http, get("/jobs/" + job.id() + "/purge/live")).getStatus())
                .isEqualTo(404);
        assertThat(send(http, post("/jobs/" + job.id() + "/purge/keep")).getStatus())
                .isEqualTo(404);
        tell("/listen", "meter", "simulated NONE");
        MvcResult open = http.perform(get("/jobs/" + job.id() + "/purge/live")).andReturn();
        assertThat(open.getRequest().isAsyncStarted()).isTrue();
    }

    @Test
    void ofTooManyTheFirstBegunStops() {
        PurgePlan plan = plan();
        Instant begun = Instant.now().minusSeconds(3600);
        List<UUID> purges =
                Stream.generate(UUID::randomUUID).limit(PurgeMeters.MOST + 1).toList();
        for (int i = 0; i < purges.size(); i++) {
            meters.read(purges.get(i), plan, MeterFault.NONE, begun.plusSeconds(i));
        }
        meters.beat();
        assertThat(room.recent(PurgeMeters.simulatedChannel(purges.get(0), MeasuredQuantity.OXYGEN)))
                .isEmpty();
        assertThat(room.recent(PurgeMeters.simulatedChannel(purges.get(PurgeMeters.MOST), MeasuredQuantity.OXYGEN)))
                .isNotEmpty();
        purges.forEach(meters::forget);
    }
}
