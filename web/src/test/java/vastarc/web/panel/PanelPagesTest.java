package vastarc.web.panel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.ProfileReader;

/** A job on the demo shop's machines, and the machines' own pages. */
@SpringTest
class PanelPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MachineStore machines;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("Panel job", "", Jobs.lapUnderTheTrigger());
    }

    private Machine machine(String name) {
        return machines.machines().stream()
                .filter(machine -> machine.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }

    private String tell(String path, String... pairs) throws Exception {
        MockHttpServletRequestBuilder request = post("/jobs/" + job.id() + "/panel" + path)
                .with(csrf())
                .param(
                        "version",
                        String.valueOf(jobs.find(job.id()).orElseThrow().version()));
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        MockHttpServletResponse response = send(request);
        assertThat(response.getStatus()).isEqualTo(200);
        return response.getContentAsString();
    }

    @Test
    void thePanelOpensOnTheMachineThatSuitsBest() throws Exception {
        String page = send(get("/jobs/" + job.id() + "/panel")).getContentAsString();

        assertThat(page).contains("Front of Booth 1 inverter", "ramp out", "Best machine", "Yard generator set");
    }

    @Test
    void howItStandsIsKeptAndTheShortestWayIsListed() throws Exception {
        String machine = machine("Bench knob set").id().toString();
        tell("", "machine", machine);
        String page =
                tell("", "machine", machine, "stands.process", "0", "stands.down", "5", "stands.local", "nonsense");

        assertThat(page).contains("“electrode”", "“tungsten”", "dashed: set now", "5 s, ");
        assertThat(send(get("/jobs/" + job.id() + "/panel")).getContentAsString())
                .contains("value=\"5\"");
        assertThat(tell("/done", "element", "process")).doesNotContain("“electrode”");
        assertThat(tell("/done", "element", "")).contains("Nothing to change", "id=\"controls-true\"");
    }

    @Test
    void aPlaceThatIsNoneIsSaidAndStaysAsItWasTyped() throws Exception {
        String machine = machine("Bench knob set").id().toString();
        tell("", "machine", machine);
        String page = tell("", "machine", machine, "stands.down", "twelve", "stands.amps", "11");

        assertThat(page)
                .contains("value=\"twelve\"", "“twelve” is not on this control. Give what it shows, from 0 s to 10 s.")
                .contains("value=\"11\"", "“11” is not on this dial. Count its marks from 0, the lowest, to 10.");
        assertThat(tell("", "machine", machine, "stands.down", "7,5"))
                .contains("value=\"7.5\"")
                .doesNotContain("is not on this");
    }

    @Test
    void aWrongAnswerStopsTheCheckAndTicksAreKept() throws Exception {
        assertThat(tell("/check", "item", "power", "answer", "right")).contains("1 of ");
        String stopped = tell("/check", "item", "polarity", "answer", "positive");
        assertThat(stopped).contains("id=\"stopped\"", "melts within seconds");

        assertThat(tell("/check", "item", "polarity", "answer", "right"))
                .contains("2 of ")
                .doesNotContain("id=\"stopped\"");
        assertThat(send(get("/jobs/" + job.id() + "/panel")).getContentAsString())
                .contains("2 of ");
        assertThat(tell("/check/again")).contains("0 of ");
        assertThat(tell("/check", "item", "nonsense", "answer", "x".repeat(30))).contains("0 of ");
    }

    @Test
    void aSlotRemembersTheSheetAndSaysWhenItHasMoved() throws Exception {
        String stored = tell("/slot", "slot", "3");
        assertThat(stored).contains("Slot 3", "same as this sheet");

        send(post("/jobs/" + job.id() + "/score")
                .with(csrf())
                .param(
                        "version",
                        String.valueOf(jobs.find(job.id()).orElseThrow().version()))
                .param("own.downSlope", "9"));
        assertThat(send(get("/jobs/" + job.id() + "/panel")).getContentAsString())
                .contains("Differs from this sheet: down-slope", "now 9 s");
        String list = send(get("/machines/" + machine("Booth 1 inverter").id())).getContentAsString();
        assertThat(list).contains("Panel job");
        assertThat(tell("/slot", "slot", "999")).doesNotContain("slot 999");
    }

    @ParameterizedTest
    @CsvSource({
        "volume=0.08&drop=1&seconds=60, 200, find it with leak spray",
        "volume=0.08&drop=0&seconds=300, 200, tight enough",
        "volume=-1&drop=x&seconds=0, 400, Volume in litres",
        "'', 400, Time in seconds"
    })
    void theLeakIsCalculatedOrItsFiguresRefusedByName(String query, int status, String words) throws Exception {
        MockHttpServletResponse response = send(get("/jobs/" + job.id() + "/panel/leak?" + query));

        assertThat(response.getStatus()).isEqualTo(status);
        assertThat(response.getContentAsString()).contains(words);
    }

    @Test
    void aJobWithoutASheetOrAnUnknownOneSaysSo() throws Exception {
        Job thick = jobs.create(
                "Too thick",
                "",
                Jobs.typed(Map.of("material", "CARBON_STEEL", "joint", "SQUARE_BUTT", Jobs.BASE, "6")));

        assertThat(send(get("/jobs/" + thick.id() + "/panel")).getContentAsString())
                .contains("Nothing to set without a sheet");
        assertThat(send(get("/jobs/" + UUID.randomUUID() + "/panel")).getStatus())
                .isEqualTo(404);
    }

    // --- the machines' own pages

    private UUID fresh(String pattern) throws Exception {
        String address =
                send(post("/machines").with(csrf()).param("pattern", pattern)).getRedirectedUrl();
        return UUID.fromString(address.substring("/machines/".length()));
    }

    private MockHttpServletResponse edit(UUID id, String path, String... pairs) throws Exception {
        MockHttpServletRequestBuilder request = post("/machines/" + id + path).with(csrf());
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        return send(request);
    }

    @Test
    void aMachineIsBuiltFromNothing() throws Exception {
        UUID id = fresh("nothing");
        for (String setting : new String[] {"MAIN_CURRENT", "DOWN_SLOPE", "POST_FLOW"}) {
            assertThat(edit(id, "/controls", "setting", setting, "kind", "KNOB").getStatus())
                    .isEqualTo(200);
        }
        assertThat(edit(id, "/controls", "setting", "CONTROL", "kind", "SELECTOR")
                        .getStatus())
                .isEqualTo(200);
        assertThat(edit(id, "/controls", "setting", "RANGE", "kind", "SELECTOR").getStatus())
                .isEqualTo(200);
        fadeAndPlate(id);

        var profile = machines.machine(id).orElseThrow().profile();
        assertThat(profile.elements()).hasSize(5);
        assertThat(profile.element("down_slope2")
                        .orElseThrow()
                        .scale()
                        .orElseThrow()
                        .low())
                .isEqualTo(0.5);
        assertThat(profile.plate()).hasSize(2);
        assertThat(edit(id, "/controls/range5/remove").getStatus()).isEqualTo(200);
        assertThat(machines.machine(id).orElseThrow().profile().elements()).hasSize(4);
        edit(id, "/delete");
        assertThat(send(get("/machines?deleted=" + id)).getContentAsString()).contains("Put back");
    }

    private void fadeAndPlate(UUID id) throws Exception {
        String[] fade = {"label", "fade", "low", "0,5", "high", "8", "ticks", "5", "clockwise", "true"};
        assertThat(edit(id, "/controls/down_slope2", fade).getContentAsString()).contains("fade");
        assertThat(edit(id, "/controls/down_slope2/place", "x", "70", "y", "20").getStatus())
                .isEqualTo(200);
        String[] plate = {
            "name", "Back room set", "minA", "10", "maxA", "180", "plate", "180 A 40 %, 140 A 100 %", "shape", "KNOBS",
            "polarity", "FIXED_SOCKETS", "logic.TRIGGER_4T", "true", "start.HF", "true", "slots", "0", "aspect", "1.5"
        };
        assertThat(edit(id, "/about", plate).getContentAsString()).contains("Back room set");
    }

    @Test
    void anEditThatDoesNotFitIsRefusedWithWordsAndTheKeptOneStays() throws Exception {
        UUID id = fresh("knobs");
        var before = machines.machine(id).orElseThrow().profile();

        MockHttpServletResponse inverted =
                edit(id, "/controls/down", "label", "fall", "low", "20", "high", "10", "clockwise", "true");
        assertThat(inverted.getStatus()).isEqualTo(422);
        assertThat(inverted.getContentAsString()).contains("The scale runs from 20.0 to 10.0");
        assertThat(edit(id, "/controls/down", "low", "few").getStatus()).isEqualTo(422);
        assertThat(edit(id, "/about", "name", "", "minA", "5", "maxA", "200").getStatus())
                .isEqualTo(422);
        assertThat(edit(id, "/controls/amps/place", "x", "900", "y", "NaN").getStatus())
                .isEqualTo(422);
        assertThat(edit(id, "/controls/nobody", "label", "x").getStatus()).isEqualTo(404);
        assertThat(edit(id, "/controls", "setting", "WARP", "kind", "KNOB").getStatus())
                .isEqualTo(404);
        assertThat(machines.machine(id).orElseThrow().profile()).isEqualTo(before);
        edit(id, "/delete");
    }

    @Test
    void readingsMakeACurveAndAbsurdOnesAreRefused() throws Exception {
        UUID id = fresh("knobs");
        edit(id, "/readings", "element", "amps", "mark", "0", "amps", "8");
        edit(id, "/readings", "element", "amps", "mark", "10", "amps", "190 A");
        String page = edit(id, "/readings", "element", "amps", "mark", "5", "simulated", "true")
                .getContentAsString();

        assertThat(page).contains("What the dial gives over its turn", "simulated", "Measure next at");
        assertThat(machines.curves(id)).containsKey("amps/0");
        for (String[] bad :
                new String[][] {{"11", "50"}, {"-1", "50"}, {"3", "x"}, {"3", "-5"}, {"3", "1e9"}, {"NaN", "50"}}) {
            assertThat(edit(id, "/readings", "element", "amps", "mark", bad[0], "amps", bad[1])
                            .getStatus())
                    .isEqualTo(422);
        }
        long first = machines.readings(id).get(0).id();
        edit(id, "/readings/" + first + "/forget");
        assertThat(machines.readings(id)).hasSize(2);
        edit(id, "/delete");
    }

    @Test
    void anExportedMachineIsTheSameDocument() throws Exception {
        String exported = send(get("/machines/" + machine("Yard generator set").id() + ".json"))
                .getContentAsString();

        assertThat(ProfileReader.read(exported).value())
                .contains(machine("Yard generator set").profile());
    }

    @Test
    void aTorchWithoutItsFiguresIsRefusedAndKeepsWhatWasTyped() throws Exception {
        int before = machines.torches().size();
        http.perform(post("/torches").with(csrf()).param("name", "Long one").param("ratedA", "many"));
        assertThat(machines.torches()).hasSize(before);
        send(post("/torches")
                .with(csrf())
                .param("name", "Long one")
                .param("ratedA", "120")
                .param("percent", "60")
                .param("leadM", "8")
                .param("boreMm", "5"));
        assertThat(machines.torches()).hasSize(before + 1);
        machines.deleteTorch(machines.torches().get(before).id());
    }
}
