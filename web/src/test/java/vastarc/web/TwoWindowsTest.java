package vastarc.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CyclicBarrier;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.StartingProfiles;
import vastarc.web.store.shop.ShopSettings;
import vastarc.web.store.shop.ShopStore;

/** Two windows change the same thing: what differs is merged, what collides is given, nothing is written over in silence. */
@OwnShopTest
class TwoWindowsTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private ShopStore shop;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MachineStore machines;

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request, Object... fields) throws Exception {
        request.with(csrf());
        for (int i = 0; i < fields.length; i += 2) {
            request.param(fields[i].toString(), fields[i + 1].toString());
        }
        return http.perform(request).andReturn().getResponse();
    }

    @AfterEach
    void usualHabits() {
        shop.change(settings -> ShopSettings.usual());
    }

    @Test
    void ticksOfTheShelfAreMergedTickByTick() throws Exception {
        shop.change(settings -> settings.stocked(List.of(1.6), List.of(8), List.of()));

        send(
                post("/shop/stock"),
                "was.tungsten",
                "1.6",
                "tungsten",
                "1.6",
                "tungsten",
                "2.4",
                "was.cup",
                "8",
                "cup",
                "8");
        send(
                post("/shop/stock"),
                "was.tungsten",
                "1.6",
                "tungsten",
                "1.6",
                "was.cup",
                "8",
                "was.wire",
                "",
                "wire",
                "1.2");

        ShopSettings settings = shop.habits();
        assertThat(settings.tungstensMm()).containsExactly(1.6, 2.4);
        assertThat(settings.cups()).isEmpty();
        assertThat(settings.wiresMm()).containsExactly(1.2);
    }

    @Test
    void whatANewJobStartsWithIsMergedFieldByField() throws Exception {
        String[] seen = {"was.control", "PEDAL", "was.technique", "FREEHAND", "was.pulse", "NONE"};
        send(post("/shop/start"), with(seen, "control", "TRIGGER_4T", "technique", "FREEHAND", "pulse", "NONE"));
        send(post("/shop/start"), with(seen, "control", "PEDAL", "technique", "FREEHAND", "pulse", "HEAT"));

        assertThat(shop.habits().newJob())
                .containsEntry("control", "TRIGGER_4T")
                .containsEntry("pulse", "HEAT");
    }

    private static Object[] with(String[] seen, String... sent) {
        return Stream.of(seen, sent).flatMap(Arrays::stream).toArray();
    }

    @Test
    void howAPanelStandsIsMergedControlByControl() throws Exception {
        Machine machine =
                machines.create(StartingProfiles.of("knobs").orElseThrow()).orElseThrow();
        Job job = jobs.create("Two windows", "", Jobs.lapUnderTheTrigger());
        send(post("/jobs/" + job.id() + "/panel"), "machine", machine.id(), "version", "0");
        String version = String.valueOf(jobs.find(job.id()).orElseThrow().version());
        List<PanelElement> knobs = machine.profile().elements().stream()
                .filter(element -> element.kind() == ControlKind.KNOB)
                .limit(2)
                .toList();
        for (PanelElement turned : knobs) {
            MockHttpServletRequestBuilder window = post("/jobs/" + job.id() + "/panel");
            window.param("machine", machine.id().toString()).param("version", version);
            for (PanelElement knob : knobs) {
                double low = knob.scale().orElseThrow().low();
                window.param("was.stands." + knob.id(), "");
                window.param("stands." + knob.id(), knob.equals(turned) ? String.valueOf(low) : "");
            }
            send(window);
        }

        Map<String, Double> settings = machines.panel(job.id(), machine.id()).stands();
        assertThat(settings).containsOnlyKeys(knobs.get(0).id(), knobs.get(1).id());
        machines.delete(machine.id());
    }

    @Test
    void twoControlsOfOneMachineChangedAtOnceAreBothKept() throws Exception {
        Machine machine =
                machines.create(StartingProfiles.of("knobs").orElseThrow()).orElseThrow();
        List<PanelElement> elements = machine.profile().elements();
        ExecutorService threads = Executors.newFixedThreadPool(2);
        try {
            for (int round = 0; round < 40; round++) {
                CyclicBarrier together = new CyclicBarrier(2);
                String x = String.valueOf(10 + round);
                Future<?> left = threads.submit(
                        () -> move(together, machine.id(), elements.get(0).id(), x));
                Future<?> right = threads.submit(
                        () -> move(together, machine.id(), elements.get(1).id(), x));
                left.get(20, TimeUnit.SECONDS);
                right.get(20, TimeUnit.SECONDS);
                MachineProfile kept =
                        machines.machine(machine.id()).orElseThrow().profile();
                assertThat(kept.elements().get(0).x()).isEqualTo(10 + round);
                assertThat(kept.elements().get(1).x()).isEqualTo(10 + round);
            }
        } finally {
            threads.shutdownNow();
        }
        machines.delete(machine.id());
    }

    private Void move(CyclicBarrier together, UUID machine, String control, String x) throws Exception {
        together.await(10, TimeUnit.SECONDS);
        assertThat(send(post("/machines/" + machine + "/controls/" + control + "/place"), "x", x, "y", "50")
                        .getStatus())
                .isEqualTo(200);
        return null;
    }

    @Test
    void theSameControlInTwoWindowsIsToldAndKept() throws Exception {
        Machine machine =
                machines.create(StartingProfiles.of("knobs").orElseThrow()).orElseThrow();
        String address = "/machines/" + machine.id();
        String id = machine.profile().elements().get(0).id();
        Matcher mark = Pattern.compile("data-post=\"/controls/" + id
                        + "\"\\s*>\\s*<input\\s+type=\"hidden\"\\s+name=\"seen\"\\s+value=\"([0-9a-f]+)\"")
                .matcher(send(get(address)).getContentAsString());
        assertThat(mark.find()).isTrue();

        assertThat(send(post(address + "/controls/" + id), "seen", mark.group(1), "label", "First")
                        .getStatus())
                .isEqualTo(200);
        MockHttpServletResponse response =
                send(post(address + "/controls/" + id), "seen", mark.group(1), "label", "Second");
        assertThat(response.getStatus()).isEqualTo(422);
        assertThat(response.getContentAsString()).startsWith("This was changed in another window");
        assertThat(machines.machine(machine.id())
                        .orElseThrow()
                        .profile()
                        .elements()
                        .get(0)
                        .label())
                .isEqualTo("First");
        machines.delete(machine.id());
    }

    @Test
    void aScriptThatSaysWhichMachineItReadWritesOverNoOther() throws Exception {
        Machine machine =
                machines.create(StartingProfiles.of("nothing").orElseThrow()).orElseThrow();
        String address = "/api/v1/machines/" + machine.id();
        MockHttpServletResponse read = send(get(address));
        String profile = JsonMapper.shared()
                .readTree(read.getContentAsString())
                .get("profile")
                .toString();

        MockHttpServletResponse first = send(put(address)
                .contentType("application/json")
                .header("If-Match", read.getHeader("ETag"))
                .content(profile.replace("New machine", "Yard")));
        assertThat(first.getStatus()).isEqualTo(200);
        MockHttpServletResponse second = send(put(address)
                .contentType("application/json")
                .header("If-Match", read.getHeader("ETag"))
                .content(profile));
        assertThat(second.getStatus()).isEqualTo(412);
        assertThat(second.getContentAsString()).contains("It was changed since it was read.");
        assertThat(machines.machine(machine.id()).orElseThrow().name()).isEqualTo("Yard");
        machines.delete(machine.id());
    }

    @Test
    void aStaleWindowProvesNoFiguresItHasNotShown() throws Exception {
        Job job = jobs.create("Proof", "", Jobs.lapUnderTheTrigger());
        send(post("/jobs/" + job.id() + "/sheet"), "version", "0", "material", "STAINLESS_316L");

        assertThat(send(post("/jobs/" + job.id() + "/sheet/proven"), "version", "0")
                        .getContentAsString())
                .contains("so nothing was done");
        assertThat(jobs.find(job.id()).orElseThrow().content().proof()).isEmpty();
        send(post("/jobs/" + job.id() + "/sheet/proven"), "version", "1");
        assertThat(jobs.find(job.id()).orElseThrow().content().proof()).isPresent();
        jobs.delete(job.id());
    }
}
