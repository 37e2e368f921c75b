package vastarc.web.rehearse;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import jakarta.servlet.http.Cookie;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import javax.sql.DataSource;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.input.WeldFields;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.document.Document;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.simulation.SimulationRecord;
import vastarc.web.store.simulation.SimulationStore;
import vastarc.web.work.Work;
import vastarc.web.work.WorkRoom;

@SpringTest
class RehearsePagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private SimulationStore kept;

    @Autowired
    private WorkRoom works;

    private JdbcClient database;

    /** Past the stores and their transactions, as nothing of the program does. */
    @Autowired
    void openDatabase(DataSource source) {
        database = JdbcClient.create(source);
    }

    private final JsonMapper json = JsonMapper.builder().build();
    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create(
                "Rehearsed job",
                "",
                Jobs.typed(Map.of("material", "STAINLESS_304L", "joint", "SQUARE_BUTT", Jobs.BASE, "1.5")));
    }

    private String address(String more) {
        return "/jobs/" + job.id() + "/rehearse" + more;
    }

    private List<String> begun(String... pairs) throws Exception {
        JsonNode answer = json.readTree(send(http, post(address("/run")), pairs).getContentAsString());
        assertThat(answer.get("problems")).isEmpty();
        List<String> ids =
                answer.get("ids").valueStream().map(JsonNode::asString).toList();
        ids.forEach(this::awaitEnd);
        return ids;
    }

    private void awaitEnd(String id) {
        Awaitility.await()
                .atMost(Duration.ofMinutes(2))
                .until(() -> works.find(UUID.fromString(id))
                        .map(Work::state)
                        .orElseThrow()
                        .isOver());
    }

    @Test
    void aPulsedWeldIsNamedByItsPeak() throws Exception {
        assertThat(send(http, get(address(""))).getContentAsString()).doesNotContain("A pulse peak");
        Job pulsed = jobs.create(
                "Pulsed job",
                "",
                Jobs.typed(Map.of(
                        "material", "STAINLESS_304L", "joint", "SQUARE_BUTT", Jobs.BASE, "1.5", "pulse", "HEAT")));
        assertThat(send(http, get("/jobs/" + pulsed.id() + "/rehearse")).getContentAsString())
                .containsPattern("\\d A pulse peak, \\d+ mm/min");
    }

    /** The same weld asked for again after others: its frames are gone, so it is welded again rather than shown blank. */
    @Test
    void aRehearsalWhoseFilmIsForgottenIsBegunAnew() throws Exception {
        String first = begun("seamMm", "16").get(0);
        for (int i = 0; i < 9; i++) {
            begun("seamMm", String.valueOf(17 + i));
        }
        String again = begun("seamMm", "16").get(0);
        assertThat(again).isNotEqualTo(first);
        JsonNode film = json.readTree(
                send(http, get(address("/film/" + again)), "from", "0").getContentAsString());
        assertThat(film.get("frames").size()).isPositive();
    }

    /** One that was kept can be watched once more, set up exactly as it was then: as long as its frames are there, it is found by that. */
    @Test
    void aKeptRehearsalIsRunAgainAsItWasSetUp() throws Exception {
        String text = begun("seamMm", "20", "steadiness", "UNSTEADY").get(0);
        send(http, post(address("/keep")), "seamMm", "20", "one", text);
        String own = kept.of(job.id()).get(0).getId().toString();
        JsonNode answer =
                json.readTree(send(http, post(address("/again")), "one", own).getContentAsString());
        assertThat(answer.at("/ids/0").asString()).isEqualTo(text);
        assertThat(send(http, post(address("/again")), "one", "none").getStatus())
                .isEqualTo(404);
    }

    /** Whatever a later program records more, a simulation kept before opens, and says what it does not know. */
    @Test
    void aKeptRehearsalThatLacksAFieldOpensAndSaysSo() throws Exception {
        String text = begun("seamMm", "20").get(0);
        send(http, post(address("/keep")), "seamMm", "20", "one", text);
        String whole = kept.of(job.id()).get(0).record().text();
        UUID own = kept.of(job.id()).get(0).getId();
        for (String field : List.of(
                "/content/outcome/touchS",
                "/content/outcome/warping",
                "/content/outcome/widths/backSpread",
                "/content/outcome/numerics/kernel",
                "/content/asked",
                "/content/weld/practice/hoseBoreMm")) {
            ObjectNode document = (ObjectNode) json.readTree(whole);
            int at = field.lastIndexOf('/');
            ((ObjectNode) document.at(field.substring(0, at))).remove(field.substring(at + 1));
            Document<SimulationRecord> old = SimulationRecord.FORMAT.read(document.toString());
            assertThat(old.fault()).as(field).isEmpty();
            assertThat(old.value().orElseThrow().missing())
                    .as(field)
                    .containsExactly(field.substring("/content/".length()).replace('/', '.'));
        }
        ObjectNode old = (ObjectNode) json.readTree(whole);
        ((ObjectNode) old.at("/content/outcome")).remove("touchS");
        database.sql("update rehearsal set record = ? where id = ?")
                .params(old.toString(), own)
                .update();
        assertThat(send(http, get(address(""))).getContentAsString()).contains("did not record: touch");
        assertThat(send(http, get(address("/kept")), "one", own.toString()).getContentAsString())
                .contains("Face width");
    }

    @Test
    void theJointStandsThereBeforeAnythingIsSimulated() throws Exception {
        JsonNode scene = json.readTree(send(http, get(address("/scene"))).getContentAsString());
        assertThat(scene.get("problems")).isEmpty();
        assertThat(scene.at("/scene/form").asString()).isEqualTo("SQUARE_BUTT");
        assertThat(scene.at("/scene/members").size()).isEqualTo(2);
        assertThat(scene.at("/scene/lengthMm").asDouble()).isGreaterThan(100);
        assertThat(scene.at("/scene/attitude/upZ").asDouble()).isEqualTo(-1);
        assertThat(scene.at("/soon").asBoolean()).isTrue();
        JsonNode odd = json.readTree(
                send(http, get(address("/scene")), "seamMm", "a long one").getContentAsString());
        assertThat(odd.at("/problems/0").asString()).contains("“a long one”");
        assertThat(odd.get("scene").isNull()).isTrue();
    }

    @Test
    void theSurfaceIsSentOnceAndAPlaceOnItIsTold() throws Exception {
        String id = begun("seamMm", "24").get(0);
        JsonNode film = json.readTree(send(http, get(address("/film/" + id)), "from", "0", "drawn", "0")
                .getContentAsString());
        JsonNode surface = film.get("surface");
        int lines = surface.get("lines").asInt();
        int across = surface.at("/front/across").asInt();
        assertThat(lines).isBetween(50, 600);
        assertThat(Base64.getDecoder().decode(surface.at("/front/y").asString()))
                .hasSize(2 * lines * across);
        assertThat(surface.get("addedMm3").asDouble())
                .isCloseTo(
                        surface.get("laidMm3").asDouble(),
                        within(0.02 * surface.get("laidMm3").asDouble()));
        assertThat(film.at("/scene/form").asString()).isEqualTo("SQUARE_BUTT");
        String drawn = film.get("surfaces").asString();
        JsonNode next = json.readTree(send(http, get(address("/film/" + id)), "from", "5", "drawn", drawn)
                .getContentAsString());
        assertThat(next.get("surface").isNull()).isTrue();
        assertThat(next.get("scene").isNull()).isTrue();

        String place = address("/film/" + id + "/place");
        String middle = send(http, get(place), "face", "front", "xMm", "14", "placeMm", "0")
                .getContentAsString();
        assertThat(middle).contains("bead", "wide", "froze", "hottest", "colour");
        assertThat(send(http, get(place), "face", "front", "xMm", "14", "placeMm", "9")
                        .getContentAsString())
                .doesNotContain("froze")
                .contains("hottest");
        assertThat(send(http, get(place), "face", "back", "xMm", "far", "placeMm", "-1e9")
                        .getStatus())
                .isEqualTo(200);
    }

    /** Nothing is missing behind a fillet. */
    @Test
    void aFilletIsNotToldThatItHasNotGoneThrough() throws Exception {
        String butt = begun("seamMm", "20").get(0);
        assertThat(send(http, get(address("/film/" + butt))).getContentAsString())
                .contains("not melted through");
        job = jobs.create(
                "Fillet", "", Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "T_FILLET", Jobs.BASE, "3")));
        String fillet = begun("seamMm", "20").get(0);
        assertThat(send(http, get(address("/film/" + fillet))).getContentAsString())
                .contains("pool")
                .doesNotContain("not melted through");
    }

    @Test
    void oneThatIsOnlyToldIsNotKept() throws Exception {
        String id = begun("seamMm", "20").get(0);
        assertThat(send(http, get(address("/told")), "seamMm", "20", "one", id).getContentAsString())
                .contains("As on the sheet", "Face width");
        assertThat(kept.of(job.id())).isEmpty();
        assertThat(send(http, get(address("/told")), "one", "none").getStatus()).isEqualTo(404);
    }

    @Test
    void aFaultIsShownBesideWhatItShouldBe() throws Exception {
        JsonNode answer = json.readTree(
                send(http, post(address("/exhibit")), "exhibit", "TOO_FAST").getContentAsString());
        List<String> ids =
                answer.get("ids").valueStream().map(JsonNode::asString).toList();
        assertThat(ids).hasSize(2);
        ids.forEach(this::awaitEnd);
        assertThat(send(http, get(address("/told")), "exhibit", "TOO_FAST", "one", ids.get(0), "other", ids.get(1))
                        .getContentAsString())
                .contains("As it should be", "Too fast", "the back never melts", "Difference");
        assertThat(kept.of(job.id())).isEmpty();
        assertThat(send(http, post(address("/exhibit")), "exhibit", "TOO_LOUD").getStatus())
                .isEqualTo(400);
        assertThat(send(http, get(address("/told")), "exhibit", "TOO_LOUD", "one", ids.get(0))
                        .getStatus())
                .isEqualTo(400);
    }

    @Test
    void twoAreRunSideBySideToldAndKept() throws Exception {
        List<String> ids = begun("seamMm", "30", "change", "CURRENT", "amount", "12");
        assertThat(ids).hasSize(2);
        JsonNode film = json.readTree(
                send(http, get(address("/film/" + ids.get(0))), "from", "0").getContentAsString());
        assertThat(film.get("state").asString()).isEqualTo("DONE");
        assertThat(film.get("frames").size()).isBetween(10, 40);
        assertThat(film.at("/layout/columns").asInt()).isPositive();

        String[] sent = {"seamMm", "30", "change", "CURRENT", "amount", "12", "one", ids.get(0), "other", ids.get(1)};
        String entered = send(http, post(address("/keep")), sent).getContentAsString();
        assertThat(entered).contains("As on the sheet", "current +12 %", "Face width", "Limits of the simulation");
        send(http, post(address("/keep")), sent);
        assertThat(kept.of(job.id())).hasSize(2);
        assertThat(send(http, get(address(""))).getContentAsString()).contains("current +12 %");

        String text = kept.of(job.id()).get(0).getId().toString();
        String other = kept.of(job.id()).get(1).getId().toString();
        assertThat(send(http, get(address("/kept")), "one", text, "other", other)
                        .getContentAsString())
                .contains("Difference");
        assertThat(send(http, get(address("/" + text + ".csv"))).getContentAsString())
                .startsWith("x_mm,front_mm,back_mm");
        assertThat(send(http, get(address("/" + text + ".json"))).getContentAsString())
                .contains("\"engine\":\"rules");
        send(http, post(address("/forget")), "one", text);
        assertThat(kept.of(job.id())).hasSize(1);
        assertThat(send(http, get(address("/" + text + ".csv"))).getStatus()).isEqualTo(404);
    }

    @Test
    void oneThatCannotBeReadTakesNoPageDown() throws Exception {
        String id = begun("seamMm", "20").get(0);
        send(http, post(address("/keep")), "seamMm", "20", "one", id);
        String own = kept.of(job.id()).get(0).getId().toString();
        database.sql("update rehearsal set record = '{\"format\":9}' where job_id = ?")
                .param(job.id())
                .update();
        assertThat(send(http, get(address(""))).getContentAsString()).contains("written by a later program");
        assertThat(send(http, get(address("/kept")), "one", own).getStatus()).isEqualTo(404);
    }

    @Test
    void aSettingIsFoundAndPutOnTheSheet() throws Exception {
        String id = json.readTree(send(
                                http,
                                post(address("/find")),
                                "seamMm",
                                "20",
                                "knob",
                                "CURRENT",
                                "goal",
                                "BACK_BEAD",
                                "targetMm",
                                "2.5")
                        .getContentAsString())
                .at("/ids/0")
                .asString();
        awaitEnd(id);
        String found = send(http, get(address("/found/" + id))).getContentAsString();
        assertThat(found).contains("data-take=\"CURRENT\"", "root bead");
        String value = found.replaceAll("(?s).*data-value=\"([0-9.]+)\".*", "$1");

        send(http, post(address("/take")), "knob", "CURRENT", "value", value);
        Job now = jobs.find(job.id()).orElseThrow();
        assertThat(now.content().own().of(CycleKey.WORKING_CURRENT).orElseThrow())
                .isCloseTo(Double.parseDouble(value), within(0.06));

        send(http, post(address("/take")), "knob", "TRAVEL", "value", "120.5");
        send(http, post(address("/take")), "knob", "PULSE", "value", "1.5");
        now = jobs.find(job.id()).orElseThrow();
        assertThat(now.content().joint().texts().get(WeldFields.TRAVEL.name())).isEqualTo("121 mm/min");
        assertThat(now.content().joint().texts().get(WeldFields.PULSE.name())).isEqualTo("HEAT");
        assertThat(now.content().own().of(CycleKey.PULSE_RATE)).hasValue(1.5);
        assertThat(send(http, get("/jobs/" + job.id() + "/sheet")).getContentAsString())
                .contains("121 mm/min");
        send(http, post(address("/undo")), "version", String.valueOf(now.version()));
        assertThat(jobs.find(job.id()).orElseThrow().content().own().of(CycleKey.PULSE_RATE))
                .isEmpty();
    }

    @Test
    void theMostForgivingSettingNeedsNoWidthAndSaysWhatMaySlip() throws Exception {
        String id = json.readTree(
                        send(http, post(address("/find")), "seamMm", "20", "knob", "CURRENT", "goal", "MOST_FORGIVING")
                                .getContentAsString())
                .at("/ids/0")
                .asString();
        awaitEnd(id);

        assertThat(send(http, get(address("/found/" + id))).getContentAsString())
                .contains("forgives most. Right with", "travel ±", "data-take=\"CURRENT\"");
    }

    @Test
    void whatCannotBeDoneIsSaidInWords() throws Exception {
        assertThat(send(http, post(address("/run")), "seamMm", "long").getContentAsString())
                .contains("long");
        assertThat(send(http, post(address("/run")), "seamMm", "4").getContentAsString())
                .contains("\"ids\":[]");
        assertThat(send(http, post(address("/find")), "goal", "BACK_BEAD", "targetMm", "99")
                        .getContentAsString())
                .contains("\"ids\":[]");
        assertThat(send(http, post(address("/keep")), "one", "no id").getStatus())
                .isEqualTo(404);
        assertThat(send(http, get(address("/film/" + UUID.randomUUID()))).getStatus())
                .isEqualTo(404);
        assertThat(send(http, post(address("/take")), "knob", "CURRENT", "value", "x")
                        .getStatus())
                .isEqualTo(404);
        Job refused = jobs.create(
                "Refused",
                "",
                Jobs.typed(Map.of("material", "STAINLESS_304L", "joint", "SQUARE_BUTT", Jobs.BASE, "9")));
        assertThat(send(http, get("/jobs/" + refused.id() + "/rehearse")).getContentAsString())
                .contains("Nothing to rehearse without a sheet");
        assertThat(send(http, post("/jobs/" + refused.id() + "/rehearse/run")).getContentAsString())
                .contains("\"ids\":[]");
    }

    @Test
    void lengthsAreTypedAndToldAsTheShopWritesThem() throws Exception {
        String inches = json.readTree(
                        send(http, post(address("/run")), "seamMm", "1 in").getContentAsString())
                .at("/ids/0")
                .asString();
        String millimetres = json.readTree(
                        send(http, post(address("/run")), "seamMm", "25.4").getContentAsString())
                .at("/ids/0")
                .asString();
        assertThat(millimetres).isEqualTo(inches);
        awaitEnd(inches);
        Cookie inch = new Cookie("units", "inch");
        String film = send(http, get(address("/film/" + inches)).cookie(inch)).getContentAsString();
        assertThat(film).contains(" in behind").doesNotContain(" mm behind");
        String entered =
                send(http, post(address("/keep")).cookie(inch), "one", inches).getContentAsString();
        assertThat(entered).contains("in along the seam").doesNotContain("mm along the seam");
    }

    @Test
    void onlyTheLastTwelveStay() throws Exception {
        String id = begun("seamMm", "20").get(0);
        send(http, post(address("/keep")), "seamMm", "20", "one", id);
        var record = kept.of(job.id()).get(0).record().value().orElseThrow();
        for (int i = 0; i < 14; i++) {
            kept.keep(UUID.randomUUID(), job.id(), record);
        }
        assertThat(kept.of(job.id())).hasSize(SimulationStore.MOST);
    }
}
