package vastarc.web.store.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.io.InputStream;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Set;
import java.util.UUID;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.web.Jobs;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.shop.ShopStore;

/** A shop as the release before this one left it: its database, written by that program, is migrated and opened; its archive is taken. */
@Tag("program")
@SpringBootTest(
        properties = {
            "spring.datasource.url=jdbc:h2:mem:release;DB_CLOSE_DELAY=-1;"
                    + "INIT=RUNSCRIPT FROM 'classpath:last-release/once.sql'",
            "vastarc.demo=false"
        })
@AutoConfigureMockMvc
class LastReleaseTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MachineStore machines;

    @Autowired
    private ShopStore shop;

    private static JsonNode ids() throws Exception {
        try (InputStream in = LastReleaseTest.class.getResourceAsStream("/last-release/ids.json")) {
            return JsonMapper.shared().readTree(in);
        }
    }

    private Job job(String name) throws Exception {
        return jobs.find(UUID.fromString(ids().get(name).asString())).orElseThrow();
    }

    private MockHttpServletResponse page(String address) throws Exception {
        return http.perform(get(address)).andReturn().getResponse();
    }

    @Test
    void whatWasTypedInOneMapOfTextsIsTyped() throws Exception {
        Job gusset = job("gusset");

        assertThat(Jobs.held(gusset.content(), Jobs.BASE)).contains("3/16");
        assertThat(gusset.content().logic()).contains(TriggerModeName.TRIGGER_4T_SECOND);
        assertThat(gusset.content().own().values())
                .containsExactlyInAnyOrderEntriesOf(
                        Map.of(CycleKey.DOWN_SLOPE, 5.0, CycleKey.WORKING_CURRENT, 150.0, CycleKey.SEAM_LENGTH, 120.0));
        assertThat(gusset.content().own().unread()).containsEntry(CycleKey.START_HOLD, "plenty");
        assertThat(job("brace").content().schools())
                .containsExactlyInAnyOrderEntriesOf(Map.of(
                        ParameterTopic.POST_FLOW,
                        Method.POST_FLOW_FIXED,
                        ParameterTopic.WORKING_CURRENT,
                        Method.AMPS_PER_MM));
        assertThat(Jobs.held(job("unread").content(), Jobs.BASE)).contains("thick");
    }

    @Test
    void aStepOfTheHistoryThatWasTakenBackCanBeDoneAgain() throws Exception {
        Job gusset = job("gusset");
        assertThat(jobs.redo(gusset.id(), OptionalLong.empty())).isPresent();

        assertThat(job("gusset").content().machine().map(UUID::toString))
                .contains(ids().at("/machines/1").asString());
        assertThat(job("gusset").content().torch().map(UUID::toString))
                .contains(ids().at("/torches/0").asString());
        jobs.undo(gusset.id(), OptionalLong.empty());
    }

    @Test
    void aProofKeepsItsDayItsWaysAndItsShelf() throws Exception {
        var proof = job("stilling").content().proof().orElseThrow();

        assertThat(proof.day()).hasToString("2026-11-25");
        assertThat(proof.schools()).containsEntry(ParameterTopic.POST_FLOW, Method.POST_FLOW_BY_CURRENT);
        assertThat(proof.cups()).isEqualTo(Set.of(6, 8, 12));
        assertThat(proof.sheet()).isEmpty();
        assertThat(page("/jobs/" + job("stilling").id() + "/sheet").getContentAsString())
                .contains("Proven before sheets were saved");
    }

    @Test
    void howPanelsStandWhatIsInMemoryAndWhatMetersSaidIsStillThere() throws Exception {
        UUID knobs = UUID.fromString(ids().at("/machines/1").asString());
        UUID menu = UUID.fromString(ids().at("/machines/0").asString());

        assertThat(machines.panel(job("gusset").id(), knobs).stands()).isNotEmpty();
        assertThat(machines.panel(job("gusset").id(), knobs).answers()).containsEntry("power", "right");
        assertThat(machines.slots(menu))
                .hasSize(2)
                .allMatch(slot -> !slot.figures().isEmpty());
        assertThat(machines.readings(knobs)).hasSize(3);
        assertThat(shop.habits().tungstensMm()).containsExactly(1.6, 2.4);
        assertThat(shop.fault()).isEmpty();
    }

    @Test
    void everyPageOfItOpens() throws Exception {
        for (String name : Set.of("cage", "door", "brace", "gusset", "stilling", "unread")) {
            for (String step : Set.of("sheet", "score", "panel")) {
                assertThat(page("/jobs/" + job(name).id() + "/" + step).getStatus())
                        .as(name + " " + step)
                        .isEqualTo(200);
            }
        }
        for (String address : Set.of("/", "/machines", "/shop", "/reference", "/chart", "/search.json")) {
            assertThat(page(address).getStatus()).as(address).isEqualTo(200);
        }
        for (JsonNode machine : ids().get("machines")) {
            assertThat(page("/machines/" + machine.asString()).getStatus()).isEqualTo(200);
        }
    }

    @Test
    void itsArchiveIsTakenAndChangesNothing() throws Exception {
        byte[] archive;
        try (InputStream in = LastReleaseTest.class.getResourceAsStream("/last-release/shop-1.zip")) {
            archive = in.readAllBytes();
        }
        MockHttpServletResponse answer = http.perform(post("/shop/restore")
                        .content(archive)
                        .contentType("application/octet-stream")
                        .with(csrf()))
                .andReturn()
                .getResponse();

        assertThat(answer.getStatus()).as(answer.getContentAsString()).isEqualTo(200);
        assertThat(JsonMapper.shared().readTree(answer.getContentAsString()).get("changes"))
                .isEmpty();
    }
}
