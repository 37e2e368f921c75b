package vastarc.web.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.page;

import java.time.Instant;
import java.util.Map;
import java.util.OptionalInt;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.core.record.weldlog.SyntheticRecording;
import vastarc.core.record.weldlog.SyntheticRecording.OperatorFault;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.service.RunSetups;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.Register;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunQueries.CompleteRun;
import vastarc.web.store.run.WeldRunService;

@SpringTest
class ProcedurePagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Register<WeldProcedure> procedures;

    @Autowired
    private JobStore jobs;

    @Autowired
    private RunSetups setups;

    @Autowired
    private WeldRunQueries book;

    @Autowired
    private WeldRunService runs;

    @AfterEach
    void away() {
        procedures.all().forEach(kept -> procedures.delete(kept.number()));
    }

    private MockHttpServletResponse send(Map<String, String> fields, String... metals) throws Exception {
        MockHttpServletRequestBuilder request =
                post("/shop/procedures").with(csrf()).param("materials", metals);
        fields.forEach(request::param);
        return http.perform(request).andReturn().getResponse();
    }

    @Test
    void aProcedureIsWrittenDownChangedAndDeleted() throws Exception {
        assertThat(page(http, "/shop/procedures").select("#no-papers")).hasSize(1);
        send(Map.of("version", "-1", "number", "P-7", "currentA.high", "140", "until", "2028-05-04"), "CARBON_STEEL");
        assertThat(page(http, "/shop/procedures").select("#papers tbody tr").text())
                .contains("P-7", "2028-05-04");

        Document opened = page(http, "/shop/procedures?number=P-7");
        assertThat(opened.select("[name='currentA.high']").val()).isEqualTo("140");
        assertThat(opened.select("[name=materials][checked]").eachAttr("value")).containsExactly("CARBON_STEEL");
        String version = opened.select("#register-form [name=version]").val();
        send(Map.of("version", version, "number", "P-7", "currentA.high", "150"), "CARBON_STEEL");
        assertThat(page(http, "/shop/procedures?number=P-7")
                        .select("[name='currentA.high']")
                        .val())
                .isEqualTo("150");
        MockHttpServletResponse late =
                send(Map.of("version", version, "number", "P-7", "currentA.high", "90"), "CARBON_STEEL");
        assertThat(late.getStatus()).isEqualTo(400);
        assertThat(late.getContentAsString()).contains("changed in another window");

        http.perform(post("/shop/procedures/delete").param("number", "P-7").with(csrf()));
        assertThat(procedures.all()).isEmpty();
    }

    @Test
    void aRunKeepsTheProceduresItsSheetWasInside() throws Exception {
        send(Map.of("version", "-1", "number", "P-7", "currentA.high", "500"));
        send(Map.of("version", "-1", "number", "P-8", "currentA.high", "20"));
        Job job = jobs.newest(1).get(0);
        RunSetups.Setup setup = setups.of(job, OptionalInt.empty()).value().orElseThrow();
        CompleteRun run = setups.whole(
                job,
                setup,
                "Korvin",
                SyntheticRecording.weld(setup.score(), OperatorFault.NONE, 1),
                Instant.parse("2026-11-20T08:15:00Z"));
        book.take(run);
        http.perform(post("/shop/procedures/delete").param("number", "P-7").with(csrf()));

        assertThat(page(http, "/logbook/" + run.id()).select("#procedures").text())
                .contains("P-7")
                .doesNotContain("P-8");
        assertThat(page(http, "/logbook/" + run.id() + "/record").text()).contains("procedure P-7");
        runs.forget(run.id());
    }

    @Test
    void whatDoesNotFitIsNamedAndAllTypedStays() throws Exception {
        MockHttpServletResponse response = send(
                Map.of("version", "-1", "number", "P/7", "currentA.low", "hot", "fillers", "ER70S-2, ER308L"),
                "TITANIUM_GR2");
        Document page = Jsoup.parse(response.getContentAsString());

        assertThat(response.getStatus()).isEqualTo(400);
        assertThat(page.select("#register-faults li").eachText())
                .anySatisfy(line -> assertThat(line).startsWith("Number:"))
                .anySatisfy(line -> assertThat(line).startsWith("Current of every pass, A:"));
        assertThat(page.select("[name=number]").last().val()).isEqualTo("P/7");
        assertThat(page.select("[name='currentA.low']").val()).isEqualTo("hot");
        assertThat(page.select("[name=fillers]").val()).isEqualTo("ER70S-2, ER308L");
        assertThat(page.select("[name=materials][checked]").eachAttr("value")).containsExactly("TITANIUM_GR2");
        assertThat(procedures.all()).isEmpty();
    }

    @Test
    void everyPlaceOfAJobSaysWhetherItKeepsWithinOne() throws Exception {
        Job job = jobs.create("Held lap", "", Jobs.lapUnderTheTrigger());
        String sheet = "/jobs/" + job.id() + "/sheet";
        assertThat(page(http, sheet).select("#sheet-procedures, .strip-procedure"))
                .isEmpty();

        send(Map.of("version", "-1", "number", "P-1", "currentA.high", "5"), "CARBON_STEEL", "STAINLESS_304L");
        assertThat(page(http, sheet).select(".strip-procedure").text()).isEqualTo("outside all procedures");
        assertThat(page(http, sheet).select("#sheet-procedures li").text()).startsWith("P-1 is left: Current ");
        send(Map.of("version", "-1", "number", "P-2", "currentA.high", "500"), "CARBON_STEEL", "STAINLESS_304L");
        assertThat(page(http, sheet).select("#sheet-procedures li").eachText().get(0))
                .isEqualTo("inside P-2");
        assertThat(page(http, "/jobs/" + job.id() + "/run")
                        .select(".strip-procedure")
                        .text())
                .isEqualTo("inside P-2");
        assertThat(page(http, "/jobs/" + job.id() + "/panel")
                        .select(".strip-procedure")
                        .text())
                .isEqualTo("inside P-2");
        jobs.delete(job.id());
    }
}
