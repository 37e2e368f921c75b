package vastarc.web.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.web.ShopClient.page;
import static vastarc.web.ShopClient.send;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.record.instrument.MeasuringInstrument;
import vastarc.core.record.procedure.WeldProcedure;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.assembly.AssemblyStore;
import vastarc.web.store.assembly.Seam.SeamText;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.Register;
import vastarc.web.store.run.MeterKeys;
import vastarc.web.store.run.WeldRun;
import vastarc.web.store.run.WeldRunService;

/** The procedure named for a job and the meters it is measured with: on its papers, on the sheet, at the booth, in the run. */
@SpringTest
class JobPapersTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private WeldRunService runs;

    @Autowired
    private Register<WeldProcedure> procedures;

    @Autowired
    private Register<MeasuringInstrument> instruments;

    @Autowired
    private AssemblyStore assemblies;

    @Autowired
    private MeterKeys keys;

    private Job job;

    @BeforeEach
    void aLap() {
        job = jobs.create("Named lap", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void away() {
        runs.openRun(job.id()).ifPresent(open -> runs.forget(open.run().id()));
        procedures.all().forEach(kept -> procedures.delete(kept.number()));
        instruments.all().forEach(kept -> instruments.delete(kept.number()));
        jobs.delete(job.id());
    }

    private String of(String place) {
        return "/jobs/" + job.id() + "/" + place;
    }

    private void procedure(String number, String highestA) throws Exception {
        assertThat(send(http, "/shop/procedures", Map.of("version", "-1", "number", number, "currentA.high", highestA))
                        .getRedirectedUrl())
                .isEqualTo("/shop/procedures");
    }

    private void meter(String number, String feed, String until) throws Exception {
        assertThat(send(
                                http,
                                "/shop/instruments",
                                Map.of(
                                        "version", "-1",
                                        "number", number,
                                        "what", "clamp of booth 2",
                                        "measures", "CURRENT",
                                        "meter", feed,
                                        "from", "2026-03-01",
                                        "until", until))
                        .getRedirectedUrl())
                .isEqualTo("/shop/instruments");
    }

    private WeldRun struck() throws Exception {
        send(http, of("run") + "/event", Map.of("kind", "ARC_ON"));
        return runs.openRun(job.id()).orElseThrow().run();
    }

    @Test
    void aSheetIsComparedWithTheProcedureNamedForItsJobAlone() throws Exception {
        procedure("P-1", "400");
        procedure("P-2", "10");
        assertThat(page(http, of("sheet")).select(".strip-procedure").text()).isEqualTo("inside P-1");
        assertThat(page(http, of("run")).select("#paper-notes")).isEmpty();

        send(http, of("papers"), Map.of("procedure", "P-2"));

        assertThat(page(http, of("papers"))
                        .select("#procedure option[selected]")
                        .val())
                .isEqualTo("P-2");
        assertThat(page(http, of("sheet")).select(".strip-procedure").text()).isEqualTo("outside P-2");
        Document beside = page(http, of("sheet"));
        assertThat(beside.select("#sheet-procedures li").first().text())
                .startsWith("P-2 is left: Current is ")
                .endsWith("named for this job");
        assertThat(page(http, of("run")).select("#paper-notes li").text())
                .startsWith("Outside procedure P-2, which is named for this job: Current is ");
    }

    @Test
    void theProcedureOfASeamCountsAsNamedAndOneThatIsGoneIsSaid() throws Exception {
        var frame = assemblies.create("Frame of a lap").orElseThrow().id();
        assemblies.add(frame, List.of(new SeamText("S1", "foot", Optional.of(job.id()), "P-9", "")));

        assertThat(page(http, of("sheet")).select("#sheet-procedures li").text())
                .isEqualTo("P-9 is left: It is not on the shop’s register. named for this job");

        procedure("P-9", "400");
        assertThat(page(http, of("sheet")).select(".strip-procedure").text()).isEqualTo("inside P-9");
        assemblies.delete(frame);
    }

    @Test
    void whatHasLeftItsRegisterStaysChosenWhenThePapersAreSavedAgain() throws Exception {
        procedure("P-1", "400");
        meter("CL-2", "", "2099-01-01");
        send(http, of("papers"), Map.of("procedure", "P-1", "meter", "CL-2"));
        procedures.delete("P-1");
        instruments.delete("CL-2");

        Document papers = page(http, of("papers"));
        assertThat(papers.select("#procedure option[selected]").val()).isEqualTo("P-1");
        assertThat(papers.select("[name=meter][checked]").eachAttr("value")).containsExactly("CL-2");
        send(http, of("papers"), Map.of("procedure", "P-1", "meter", "CL-2"));

        assertThat(page(http, of("papers")).select("[name=meter][checked]").eachAttr("value"))
                .containsExactly("CL-2");
    }

    @Test
    void theNamedProcedureIsKeptWithTheRunAsItWasAtTheStrike() throws Exception {
        procedure("P-1", "400");
        send(http, of("papers"), Map.of("procedure", "P-1"));
        WeldRun run = struck();
        send(http, of("papers"), Map.of("procedure", ""));

        assertThat(page(http, "/logbook/" + run.id()).select("#used-procedures").text())
                .isEqualTo("Procedure named for the job: P-1");
        assertThat(page(http, "/shop/procedures/where?number=P-1")
                        .select("#used-runs li")
                        .text())
                .contains("Named lap");
    }

    @Test
    void aMeterGoesIntoTheRunWithItsCalibrationAndAnOverdueOneIsSaidAtTheBooth() throws Exception {
        meter("CL-2", "", "2026-04-01");
        send(http, of("papers"), Map.of("meter", "CL-2"));

        assertThat(page(http, of("run")).select("#paper-notes li").eachText())
                .containsExactly("Meter CL-2, clamp of booth 2: calibration ended on 2026-04-01.");
        assertThat(page(http, "/").select("#papers-end").text()).contains("CL-2");
        WeldRun run = struck();
        assertThat(page(http, "/logbook/" + run.id() + "/record").text())
                .contains("Meters: clamp of booth 2, current, calibrated on 2026-03-01, valid until 2026-04-01 CL-2");
    }

    @Test
    void aMeterWhoseReadingsComeInGoesIntoTheRunByItself() throws Exception {
        keys.make("clamp-of-two");
        meter("CL-3", "clamp-of-two", "2099-01-01");
        send(http, of("run") + "/meter", Map.of("meter", "clamp-of-two"));
        WeldRun run = struck();

        assertThat(page(http, "/logbook/" + run.id())
                        .select("#used-instruments")
                        .text())
                .contains("CL-3");
    }

    @Test
    void aMeterThatMeasuresNothingIsRefused() throws Exception {
        MockHttpServletResponse refused =
                send(http, "/shop/instruments", Map.of("version", "-1", "number", "CL-4", "what", "a box"));

        assertThat(refused.getStatus()).isEqualTo(400);
        assertThat(Jsoup.parse(refused.getContentAsString())
                        .select("#register-faults li")
                        .eachText())
                .containsExactly("Measures: Nothing is chosen. Choose at least one quantity that the meter reads.");
    }
}
