package vastarc.web.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.service.JobPlan;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.shop.ShopSettings;
import vastarc.web.store.shop.ShopStore;

/** Shop defaults, stock, proven jobs. */
@SpringTest
class ShopPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private ShopStore shop;

    @Autowired
    private JobStore jobs;

    private Job job;

    @BeforeEach
    void aJob() {
        job = jobs.create("Habit job", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void theShopAsItWas() {
        shop.change(settings -> ShopSettings.usual());
        jobs.delete(job.id());
    }

    private double value(ParameterKey key) {
        return JobPlan.of(jobs.find(job.id()).orElseThrow().content(), shop.defaults())
                .sheet()
                .value()
                .orElseThrow()
                .setting(key)
                .value();
    }

    private String sheet() throws Exception {
        return http.perform(get("/jobs/" + job.id() + "/sheet"))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }

    @Test
    void aHabitTellsWhichOpenJobsItMovesBeforeItIsKept() throws Exception {
        double before = value(ParameterKey.GAS_FLOW);
        String requested = send(http, post("/shop/habit/ask").param("school", "GAS_GENEROUS"))
                .getContentAsString();

        assertThat(requested).contains("id=\"pending\"", "Habit job", "gas flow", "→");
        assertThat(value(ParameterKey.GAS_FLOW)).isEqualTo(before);
        send(http, post("/shop/habit").param("school", "GAS_GENEROUS"));
        assertThat(value(ParameterKey.GAS_FLOW)).isGreaterThan(before);
        assertThat(sheet()).contains("generous");
        assertThat(send(http, post("/shop/habit").param("school", "NO_SUCH")).getStatus())
                .isEqualTo(404);
    }

    @ParameterizedTest
    @EnumSource(Method.class)
    void aDefaultTellsWhatItDoesToThreeJointsEveryoneKnows(Method method) throws Exception {
        if (method.matter() == null) {
            return;
        }
        String asked = send(http, post("/shop/habit/ask").param("school", method.name()))
                .getContentAsString();
        String common = asked.substring(asked.indexOf("id=\"common-joints\""));
        common = common.substring(0, common.indexOf("</ul>"));
        assertThat(common)
                .contains("Carbon steel T fillet 3 mm", "316L tube butt 1.65 mm", "Titanium grade 2 lap 1.5 mm");
        boolean today = ShopDefaults.usual().methods().of(method.matter()) == method;
        if (today) {
            assertThat(common).as("as it is today").doesNotContain("→");
        }
    }

    @Test
    void aProvenJobKeepsItsFiguresIsMarkedAndOpensWhenItsJointChanges() throws Exception {
        double before = value(ParameterKey.GAS_FLOW);
        assertThat(send(http, post("/jobs/" + job.id() + "/sheet/proven")).getContentAsString())
                .contains("<b>proven 2");

        assertThat(send(http, post("/shop/habit/ask").param("school", "GAS_GENEROUS"))
                        .getContentAsString())
                .contains("proven job keeps its figures")
                .doesNotContain("Habit job");
        send(http, post("/shop/habit").param("school", "GAS_GENEROUS"));
        assertThat(value(ParameterKey.GAS_FLOW)).isEqualTo(before);

        send(
                http,
                post("/jobs/" + job.id() + "/sheet")
                        .param(
                                "version",
                                String.valueOf(jobs.find(job.id()).orElseThrow().version()))
                        .param("material", "CARBON_STEEL")
                        .param("joint", "LAP")
                        .param(Jobs.BASE, "2.5")
                        .param("control", "TRIGGER_4T"));
        assertThat(sheet()).contains("Mark as proven");
        assertThat(value(ParameterKey.GAS_FLOW)).isGreaterThan(before);
    }

    @Test
    void aProvenJobCanBeOpenedAgain() throws Exception {
        send(http, post("/jobs/" + job.id() + "/sheet/proven"));
        send(http, post("/jobs/" + job.id() + "/sheet/proven").param("proven", "false"));

        assertThat(jobs.find(job.id()).orElseThrow().content()).isEqualTo(job.content());
    }

    @Test
    void aJobMayGoAnotherWayThanTheShop() throws Exception {
        send(
                http,
                post("/jobs/" + job.id() + "/sheet")
                        .param("version", String.valueOf(job.version()))
                        .param("material", "CARBON_STEEL")
                        .param("joint", "LAP")
                        .param(Jobs.BASE, "2")
                        .param("control", "TRIGGER_4T")
                        .param("school.PRE_FLOW", "PRE_FLOW_NONE"));

        assertThat(value(ParameterKey.PRE_FLOW)).isZero();
        assertThat(sheet()).contains("Shop default: from hose length");
    }

    @Test
    void theShelfIsProposedFirstAndWhatItCostIsSaid() throws Exception {
        String page = send(
                        http,
                        post("/shop/stock")
                                .param("tungsten", "3.2", "77", "x")
                                .param("cup", "12", "-1")
                                .param("wire", "1.2"))
                .getContentAsString();
        assertThat(page).contains("checked=\"checked\"");
        assertThat(shop.habits().tungstensMm()).containsExactly(3.2);

        assertThat(value(ParameterKey.TUNGSTEN_DIAMETER)).isEqualTo(3.2);
        assertThat(sheet()).contains("id=\"shelf\"", "not in stock");
    }

    @Test
    void aNewJobStartsAsTheShopLikesIt() throws Exception {
        send(
                http,
                post("/shop/start")
                        .param("control", "TRIGGER_2T")
                        .param("technique", "WALK_THE_DOG")
                        .param("pulse", "HEAT"));
        String address = send(http, post("/jobs")).getRedirectedUrl();

        Document sheet =
                Jsoup.parse(http.perform(get(address)).andReturn().getResponse().getContentAsString());
        assertThat(sheet.select("option[selected]").eachAttr("value")).contains("TRIGGER_2T", "HEAT");
    }
}
