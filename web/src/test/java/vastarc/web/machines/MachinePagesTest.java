package vastarc.web.machines;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelElement.SwitchStop;
import vastarc.core.equipment.PanelSetting;
import vastarc.core.physics.duty.DutyPoint;
import vastarc.web.SpringTest;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.ProfileReader;
import vastarc.web.store.machine.StartingProfiles;
import vastarc.web.store.machine.Torch;

/** A machine made from a pattern and described control by control; its dial measured; its torches. */
@SpringTest
class MachinePagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private MachineStore store;

    private UUID id;

    @BeforeEach
    void aMachine() {
        id = store.create(StartingProfiles.of("knobs").orElseThrow())
                .orElseThrow()
                .id();
    }

    @AfterEach
    void putAway() {
        store.delete(id);
    }

    private MachineProfile profile() {
        return store.machine(id).orElseThrow().profile();
    }

    private MockHttpServletResponse tell(String path, String... pairs) throws Exception {
        return send(http, post("/machines/" + id + path), pairs);
    }

    private void isKept(MockHttpServletResponse response) throws Exception {
        assertThat(response.getStatus()).as(response.getContentAsString()).isEqualTo(200);
        assertThat(response.getContentAsString()).contains("id=\"workspace\"");
    }

    private String isRefused(MockHttpServletResponse response) throws Exception {
        assertThat(response.getStatus()).isEqualTo(422);
        return response.getContentAsString();
    }

    /** What the plate's form holds as it is shown. */
    private Map<String, String> plate() {
        MachineProfile now = profile();
        Map<String, String> form = new HashMap<>(Map.of(
                "name",
                now.name(),
                "minA",
                String.valueOf(now.minA()),
                "maxA",
                String.valueOf(now.maxA()),
                "plate",
                "",
                "remote",
                "true",
                "start.HF",
                "true"));
        now.logics().forEach(offer -> form.put("logic." + offer.logic(), "true"));
        return form;
    }

    private String[] with(Map<String, String> form, String... pairs) {
        for (int i = 0; i < pairs.length; i += 2) {
            form.put(pairs[i], pairs[i + 1]);
        }
        return form.entrySet().stream()
                .flatMap(entry -> List.of(entry.getKey(), entry.getValue()).stream())
                .toArray(String[]::new);
    }

    @Test
    void everyPatternMakesAMachineThatOpensAndGoesOutAsADocument() throws Exception {
        for (String pattern : StartingProfiles.NAMES) {
            MockHttpServletResponse made = send(http, post("/machines"), "pattern", pattern);
            String address = made.getRedirectedUrl();
            assertThat(address).startsWith("/machines/");
            assertThat(send(http, get(address)).getContentAsString()).contains("id=\"workspace\"");
            String document = send(http, get(address + ".json")).getContentAsString();
            UUID fresh = UUID.fromString(address.substring("/machines/".length()));
            assertThat(document)
                    .isEqualTo(ProfileReader.text(
                            store.machine(fresh).orElseThrow().profile()));
            send(http, post(address + "/delete"));
            assertThat(send(http, get(address)).getStatus()).isEqualTo(404);
            assertThat(send(http, get("/machines?deleted=" + fresh)).getContentAsString())
                    .contains(address + "/restore");
            assertThat(send(http, post(address + "/restore")).getRedirectedUrl())
                    .isEqualTo("/machines");
            assertThat(send(http, get(address)).getStatus()).isEqualTo(200);
            store.delete(fresh);
        }
        assertThat(send(http, post("/machines"), "pattern", "a kettle").getStatus())
                .isEqualTo(404);
    }

    @Test
    void thePlateIsTypedAsPlatesAreWritten() throws Exception {
        isKept(tell("/about", with(plate(), "name", "Slip 3", "maxA", "220", "plate", "220 A @ 35 %; 160A 60%")));
        assertThat(profile().name()).isEqualTo("Slip 3");
        assertThat(profile().plate()).containsExactly(new DutyPoint(220, 35), new DutyPoint(160, 60));
        assertThat(send(http, get("/machines/" + id)).getContentAsString()).contains("value=\"Slip 3\"");
    }

    @ParameterizedTest
    @CsvSource({
        "maxA, lots",
        "maxA, -5",
        "minA, 900",
        "name, ''",
        "plate, 200 A",
        "plate, two hundred at 35 %",
        "aspect, 0",
        "shape, BOX"
    })
    void aPlateThatCannotBeIsRefusedAndTheOldOneStays(String field, String text) throws Exception {
        MachineProfile before = profile();
        String said = isRefused(tell("/about", with(plate(), field, text)));
        assertThat(said).isNotBlank();
        assertThat(profile()).isEqualTo(before);
    }

    @Test
    void twoWindowsOnOnePlateAreToldOfEachOther() throws Exception {
        String page = send(http, get("/machines/" + id)).getContentAsString();
        Matcher mark = Pattern.compile("name=\"seen\"\\s+value=\"([0-9a-f]+)\"").matcher(page);
        assertThat(mark.find()).isTrue();
        isKept(tell("/about", with(plate(), "name", "First", "seen", mark.group(1))));
        String text = isRefused(tell("/about", with(plate(), "name", "Second", "seen", mark.group(1))));
        assertThat(text).contains("changed in another window");
        assertThat(profile().name()).isEqualTo("First");
    }

    /** A panel with nothing on it yet. */
    private void bare() {
        store.delete(id);
        id = store.create(StartingProfiles.of("nothing").orElseThrow())
                .orElseThrow()
                .id();
    }

    private PanelElement added(PanelSetting setting, ControlKind kind) throws Exception {
        int before = profile().elements().size();
        isKept(tell("/controls", "setting", setting.name(), "kind", kind.name()));
        assertThat(profile().elements()).hasSize(before + 1);
        return profile().elements().get(before);
    }

    @ParameterizedTest
    @EnumSource(ControlKind.class)
    void aControlIsAddedNamedMovedAndTakenOff(ControlKind kind) throws Exception {
        bare();
        PanelElement control = added(PanelSetting.POST_FLOW, kind);
        String path = "/controls/" + control.id();
        isKept(tell(path, "label", "gas after", "x", "42", "y", "61.5", "size", "18"));
        assertThat(profile().element(control.id()).orElseThrow().label()).isEqualTo("gas after");
        isKept(tell(path + "/place", "x", "12", "y", "13"));
        assertThat(profile().element(control.id()).orElseThrow().x()).isEqualTo(12);
        assertThat(send(http, get("/machines/" + id)).getContentAsString()).contains("gas after");
        isKept(tell(path + "/remove"));
        assertThat(profile().element(control.id())).isEmpty();
        assertThat(tell(path, "label", "ghost").getStatus()).isEqualTo(404);
        assertThat(tell(path + "/remove").getStatus()).isEqualTo(404);
    }

    @Test
    void stopsAreTypedAsWordsFiguresAndBands() throws Exception {
        bare();
        String range =
                "/controls/" + added(PanelSetting.RANGE, ControlKind.SELECTOR).id();
        isKept(tell(range, "stops", "A = 5..60, B = 50–200"));
        assertThat(profile()
                        .element(range.substring("/controls/".length()))
                        .orElseThrow()
                        .stops())
                .extracting(SwitchStop::label)
                .containsExactly("A", "B");
        String text = isRefused(tell(range, "stops", "A = 5.., B"));
        assertThat(text).isNotBlank();
        assertThat(profile()
                        .element(range.substring("/controls/".length()))
                        .orElseThrow()
                        .stops())
                .hasSize(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"x=far", "size=0", "low=60|high=5", "unit=FURLONG", "sweepDeg=-1e9"})
    void aControlThatCannotBeIsRefusedByItsOwnName(String text) throws Exception {
        bare();
        PanelElement control = added(PanelSetting.MAIN_CURRENT, ControlKind.KNOB);
        String[] pairs = text.replace('|', '=').split("=");
        assertThat(isRefused(tell("/controls/" + control.id(), pairs))).doesNotContain("elements[");
        assertThat(profile().element(control.id())).contains(control);
    }

    @Test
    void twoControlsOfOneSettingAreRefusedInWords() throws Exception {
        int before = profile().elements().size();
        assertThat(isRefused(tell("/controls", "setting", "MAIN_CURRENT", "kind", "KNOB")))
                .startsWith("setting: Two controls set");
        assertThat(profile().elements()).hasSize(before);
    }

    @Test
    void whatNoPanelHasIsNotFound() throws Exception {
        assertThat(tell("/controls", "setting", "BEER", "kind", "KNOB").getStatus())
                .isEqualTo(404);
        assertThat(tell("/controls", "setting", "PULSE", "kind", "LEVER").getStatus())
                .isEqualTo(404);
        assertThat(send(http, post("/machines/" + UUID.randomUUID() + "/about"), "name", "x")
                        .getStatus())
                .isEqualTo(404);
        assertThat(send(http, get("/machines/" + UUID.randomUUID())).getStatus())
                .isEqualTo(404);
    }

    private String dial() {
        return profile().control(PanelSetting.MAIN_CURRENT).orElseThrow().id();
    }

    @Test
    void theDialIsMeasuredByHandAndByTheSimulatedMeter() throws Exception {
        isKept(tell("/readings", "element", dial(), "mark", "2", "amps", "38,5 A"));
        isKept(tell("/readings", "element", dial(), "mark", "8", "simulated", "true"));
        var readings = store.readings(id);
        assertThat(readings).hasSize(2);
        assertThat(readings.get(0).reading().amps()).isEqualTo(38.5);
        assertThat(readings.get(1).reading().amps())
                .isBetween(profile().minA(), profile().maxA());
        assertThat(send(http, get("/machines/" + id)).getContentAsString()).contains("39 A", "simulated");
        isKept(tell("/readings/" + readings.get(0).id() + "/forget"));
        assertThat(store.readings(id)).hasSize(1);
    }

    @ParameterizedTest
    @CsvSource({"2, much", "2, 0", "2, 4000", "-1, 50", "99, 50", "x, 50", "2, ''"})
    void aReadingThatCannotBeIsRefusedAndNotKept(String mark, String amps) throws Exception {
        assertThat(isRefused(tell("/readings", "element", dial(), "mark", mark, "amps", amps)))
                .isNotBlank();
        assertThat(store.readings(id)).isEmpty();
    }

    @Test
    void aTorchIsKeptOrToldWhatItWants() throws Exception {
        String name = "Torch " + UUID.randomUUID();
        send(
                http,
                post("/torches"),
                "name",
                name,
                "cooling",
                "WATER",
                "ratedA",
                "250 A",
                "percent",
                "100",
                "leadM",
                "8",
                "boreMm",
                "5");
        Torch made = store.torches().stream()
                .filter(torch -> torch.name().equals(name))
                .findFirst()
                .orElseThrow();
        assertThat(send(http, get("/machines")).getContentAsString()).contains(name);
        assertThat(made.profile().plate()).isNotEmpty();
        send(http, post("/torches/" + made.id() + "/delete"));
        assertThat(store.torches()).noneMatch(torch -> torch.name().equals(name));

        MockHttpServletRequestBuilder wrong =
                post("/torches").param("name", name).param("ratedA", "hot");
        var answer = http.perform(wrong.with(csrf())).andReturn();
        assertThat(answer.getFlashMap().get("torchProblem")).asString().contains("A torch wants a name");
        assertThat(answer.getFlashMap().get("torchTyped")).asString().contains("hot");
    }
}
