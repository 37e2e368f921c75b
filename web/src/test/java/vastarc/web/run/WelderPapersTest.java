package vastarc.web.run;

import static org.assertj.core.api.Assertions.assertThat;
import static vastarc.web.ShopClient.page;
import static vastarc.web.ShopClient.send;

import jakarta.servlet.http.Cookie;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.record.procedure.PaperNote;
import vastarc.core.record.procedure.WelderQualification;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.register.Register;
import vastarc.web.store.run.RunRecord;
import vastarc.web.store.run.WeldRunService;

/** What a welder's papers cover, told at the booth before the strike, signed for, and kept with the run. */
@SpringTest
class WelderPapersTest {

    private static final Cookie ORSA = new Cookie("welder", "Orsa");

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private WeldRunService runs;

    @Autowired
    private Register<WelderQualification> welders;

    @Autowired
    private Clock clock;

    private Job job;

    @BeforeEach
    void aLap() {
        job = jobs.create("Held lap", "", Jobs.lapUnderTheTrigger());
    }

    @AfterEach
    void away() {
        runs.openRun(job.id()).ifPresent(open -> runs.forget(open.run().id()));
        welders.all().forEach(kept -> welders.delete(kept.number()));
        jobs.delete(job.id());
    }

    private void paper(String number, String thickestMm, String until) throws Exception {
        MockHttpServletResponse kept = send(
                http,
                "/shop/welders",
                Map.of(
                        "version", "-1",
                        "number", number,
                        "welder", "Orsa",
                        "thicknessMm.high", thickestMm,
                        "until", until),
                ORSA);
        assertThat(kept.getRedirectedUrl()).isEqualTo("/shop/welders");
    }

    private String inDays(int days) {
        return LocalDate.ofInstant(clock.instant(), ZoneId.systemDefault())
                .plusDays(days)
                .toString();
    }

    private String booth() {
        return "/jobs/" + job.id() + "/run";
    }

    @Test
    void aShopWithoutPapersHearsNothing() throws Exception {
        assertThat(page(http, booth(), ORSA).select("#papers")).isEmpty();
        assertThat(page(http, "/").select("#papers-end")).isEmpty();
    }

    @Test
    void whatCoversAndWhatDoesNotIsToldBeforeTheStrike() throws Exception {
        paper("W-1", "30", inDays(400));
        assertThat(page(http, booth(), ORSA).select("#covered").text())
                .isEqualTo("Orsa: paper W-1 covers this weld, until " + inDays(400) + ".");
        Document other = page(http, booth(), new Cookie("welder", "Teun"));
        assertThat(other.select("#paper-notes li").eachText()).containsExactly("No paper of Teun is written down.");

        welders.delete("W-1");
        paper("W-2", "0.5", inDays(400));
        assertThat(page(http, booth(), ORSA).select("#paper-notes li").text())
                .startsWith("Orsa, paper W-2: Thickness is ")
                .endsWith("covered is at most 0.5 mm.");
    }

    @Test
    void whoWeldsAllTheSameSignsAndTheRunKeepsIt() throws Exception {
        paper("W-2", "30", inDays(-1));
        String says = "Orsa, paper W-2: It held until " + inDays(-1) + ".";
        assertThat(page(http, booth(), ORSA).select("#paper-notes li").eachText())
                .containsExactly(says);

        send(http, booth() + "/sign", Map.of("by", " Foreman Lisk "), ORSA);

        Document signed = page(http, booth(), ORSA);
        assertThat(signed.select("#paper-notes li").text()).isEqualTo(says + " Signed by Foreman Lisk.");
        assertThat(signed.select("#sign")).isEmpty();
        send(http, booth() + "/event", Map.of("kind", "ARC_ON"), ORSA);
        var run = runs.openRun(job.id()).orElseThrow().run();
        assertThat(run.head().hand()).isEqualTo("Orsa");
        assertThat(runs.record(run.id()).flatMap(kept -> kept.value()).map(RunRecord::papers))
                .contains(List.of(new PaperNote(says, "Foreman Lisk")));
        assertThat(page(http, "/logbook/" + run.id()).select("#papers").text())
                .contains(says, "Signed by Foreman Lisk.");
        assertThat(page(http, "/logbook/" + run.id() + "/record").text()).contains("Signed by Foreman Lisk.");
    }

    @Test
    void aStrikeIsNeverHeldUpAndSaysThatNobodySigned() throws Exception {
        paper("W-2", "0.5", inDays(400));

        assertThat(send(http, booth() + "/event", Map.of("kind", "ARC_ON"), ORSA)
                        .getStatus())
                .isEqualTo(200);

        var run = runs.openRun(job.id()).orElseThrow().run();
        assertThat(page(http, "/logbook/" + run.id()).select("#papers").text()).contains("Not signed.");
    }

    @Test
    void theBoothRemembersWhoStandsAtIt() throws Exception {
        MockHttpServletResponse taken = send(http, booth() + "/welder", Map.of("welder", "Åse Ölund"), ORSA);

        assertThat(taken.getStatus()).isEqualTo(303);
        Cookie kept = taken.getCookie("welder");
        paper("W-1", "30", inDays(400));
        assertThat(page(http, booth(), kept).select("#booth-welder").val()).isEqualTo("Åse Ölund");
        assertThat(page(http, booth(), new Cookie("welder", "%")).select("#papers"))
                .hasSize(1);
    }

    @Test
    void papersThatEndAreToldOnTheBenchWeeksBefore() throws Exception {
        paper("W-1", "30", inDays(400));
        paper("W-2", "30", inDays(20));
        paper("W-3", "30", inDays(-3));

        assertThat(page(http, "/").select("#papers-end li").eachText())
                .containsExactly(
                        "Orsa: paper W-3 ended on " + inDays(-3) + ".", "Orsa: paper W-2 ends on " + inDays(20) + ".");
    }

    @Test
    void aPaperWithoutANameIsRefusedAndAllTypedStays() throws Exception {
        MockHttpServletResponse refused =
                send(http, "/shop/welders", Map.of("version", "-1", "number", "W-9", "until", "2027-02-30"), ORSA);

        assertThat(refused.getStatus()).isEqualTo(400);
        Document page = Jsoup.parse(refused.getContentAsString());
        assertThat(page.select("#register-faults li").eachText())
                .anySatisfy(line -> assertThat(line).startsWith("Welder: The name of the welder is missing."))
                .anySatisfy(line -> assertThat(line).startsWith("Until: It is no day."));
        assertThat(page.select("#number").val()).isEqualTo("W-9");
    }
}
