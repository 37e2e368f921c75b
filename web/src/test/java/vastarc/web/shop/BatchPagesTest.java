package vastarc.web.shop;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.web.ShopClient.page;
import static vastarc.web.ShopClient.send;

import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.record.batch.MaterialBatch;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.Register;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;

/** Batches from the register over the job to the run, and back: where did this heat go? */
@SpringTest
class BatchPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private WeldRunService runs;

    @Autowired
    private Register<MaterialBatch> batches;

    private Job job;

    @BeforeEach
    void aLap() {
        job = jobs.create("Held lap", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void away() {
        runs.openRun(job.id()).ifPresent(open -> runs.forget(open.run().id()));
        batches.all().forEach(kept -> batches.delete(kept.number()));
        jobs.delete(job.id());
    }

    private void batch(String number, String kind, String until) throws Exception {
        assertThat(send(
                                http,
                                "/shop/batches",
                                Map.of(
                                        "version", "-1",
                                        "number", number,
                                        "kind", kind,
                                        "what", "the one of " + number,
                                        "until", until))
                        .getRedirectedUrl())
                .isEqualTo("/shop/batches");
    }

    private String papers() {
        return "/jobs/" + job.id() + "/papers";
    }

    private String booth() {
        return "/jobs/" + job.id() + "/run";
    }

    @Test
    void aHeatIsFoundInTheRunThatItWentInto() throws Exception {
        assertThat(page(http, papers()).select("#no-papers")).hasSize(1);
        batch("H-1", "BASE_METAL", "2099-01-01");
        batch("H-2", "BASE_METAL", "2099-01-01");
        send(http, papers(), Map.of("batch", "H-1"));
        assertThat(page(http, papers()).select("[name=batch][checked]").eachAttr("value"))
                .containsExactly("H-1");
        assertThat(page(http, "/shop/batches/where?number=H-1")
                        .select("#used-jobs")
                        .text())
                .isEqualTo("Held lap");

        send(http, booth() + "/event", Map.of("kind", "ARC_ON"));
        WeldRun run = runs.openRun(job.id()).orElseThrow().run();
        send(http, papers(), Map.of("batch", "H-2"));

        assertThat(page(http, "/logbook/" + run.id()).select("#used-batches").text())
                .isEqualTo("Batches: Base metal, the one of H-1 H-1");
        assertThat(page(http, "/logbook/" + run.id() + "/record").text()).contains("the one of H-1");
        assertThat(page(http, "/shop/batches/where?number=H-1")
                        .select("#used-runs li")
                        .text())
                .contains("Held lap");
        assertThat(page(http, "/shop/batches/where?number=H-2").select("#no-runs"))
                .hasSize(1);
    }

    @Test
    void aMissingBatchIsToldAtTheBooth() throws Exception {
        batch("H-1", "BASE_METAL", "2099-01-01");
        batch("T-1", "TUNGSTEN", "2099-01-01");
        assertThat(page(http, booth()).select("#paper-notes li").eachText())
                .containsExactly("Base metal: no batch is chosen for this job.");

        send(http, papers(), Map.of("batch", "H-1"));

        assertThat(page(http, booth()).select("#paper-notes")).isEmpty();
    }

    @Test
    void whatMayNoLongerBeUsedIsNotOffered() throws Exception {
        batch("G-1", "GAS", "2026-01-01");

        assertThat(page(http, papers()).select("[name=batch]")).isEmpty();
    }

    @Test
    void aBatchWithoutAKindIsRefusedAndAllTypedStays() throws Exception {
        MockHttpServletResponse refused =
                send(http, "/shop/batches", Map.of("version", "-1", "number", "H-1", "what", "plate"));

        assertThat(refused.getStatus()).isEqualTo(400);
        Document page = Jsoup.parse(refused.getContentAsString());
        assertThat(page.select("#register-faults li").eachText())
                .containsExactly("Kind: It is not chosen. Choose one.");
        assertThat(page.select("#what").val()).isEqualTo("plate");
    }
}
