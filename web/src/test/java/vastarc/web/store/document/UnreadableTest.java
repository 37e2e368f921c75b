package vastarc.web.store.document;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.Set;
import java.util.UUID;
import javax.sql.DataSource;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobFormat;
import vastarc.web.store.job.JobStore;
import vastarc.web.store.machine.Machine;
import vastarc.web.store.machine.MachineStore;
import vastarc.web.store.machine.StartingProfiles;

/** A document broken on purpose: it is shown as such, alone, and can be exported and mended. */
@SpringTest
class UnreadableTest {

    private static final String BROKEN = "{\"format\":2,\"content\":{\"joint\":7}}";

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private MachineStore machines;

    private JdbcClient database;

    /** Past the stores and their transactions, as nothing of the program does. */
    @Autowired
    void openDatabase(DataSource source) {
        database = JdbcClient.create(source);
    }

    private Job job;
    private Machine machine;

    private MockHttpServletResponse page(String address) throws Exception {
        return http.perform(get(address)).andReturn().getResponse();
    }

    private MockHttpServletResponse mend(String address, String text) throws Exception {
        return http.perform(post(address).param("text", text).with(csrf()))
                .andReturn()
                .getResponse();
    }

    private void breakJob(String text) {
        job = jobs.create("Broken bracket", "", Jobs.lapUnderTheTrigger());
        database.sql("update job set form = ? where id = ?")
                .params(text, job.id())
                .update();
    }

    private void breakMachine(String text) {
        machine = machines.create(StartingProfiles.of("knobs").orElseThrow()).orElseThrow();
        database.sql("update machine set profile = ? where id = ?")
                .params(text, machine.id())
                .update();
    }

    @AfterEach
    void putAway() {
        if (job != null) {
            jobs.delete(job.id());
        }
        if (machine != null) {
            machines.delete(machine.id());
        }
    }

    private void everyOtherPageOpens() throws Exception {
        for (String address : Set.of("/", "/machines", "/shop", "/chart", "/search.json", "/shop/backup.zip")) {
            assertThat(page(address).getStatus()).as(address).isEqualTo(200);
        }
    }

    @Test
    void aJobThatCannotBeReadStandsOnTheBenchAsSuchAndNothingElseFalls() throws Exception {
        breakJob(BROKEN);

        assertThat(page("/").getContentAsString())
                .contains("Broken bracket", "cannot be read", "/mend/job/" + job.id());
        everyOtherPageOpens();
    }

    @Test
    void whatWasJustWeldedOfItIsCountedDownOnlyWhileItCanBeRead() throws Exception {
        job = jobs.create("Warm bracket", "", Jobs.lapUnderTheTrigger());
        for (String event : new String[] {"ARC_ON", "ARC_OFF"}) {
            http.perform(post("/jobs/" + job.id() + "/run/event")
                    .param("kind", event)
                    .with(csrf()));
        }
        assertThat(page("/").getContentAsString()).contains("id=\"cooling\"", "data-name=\"Warm bracket\"");
        database.sql("update job set form = ? where id = ?")
                .params(BROKEN, job.id())
                .update();
        assertThat(page("/").getStatus()).isEqualTo(200);
        assertThat(page("/").getContentAsString()).doesNotContain("data-name=\"Warm bracket\"");
    }

    @Test
    void itsOwnPagesSaySoAndWhereToMendIt() throws Exception {
        breakJob(BROKEN);

        for (String step : Set.of("sheet", "score", "panel")) {
            MockHttpServletResponse answer = page("/jobs/" + job.id() + "/" + step);
            assertThat(answer.getStatus()).isEqualTo(409);
            assertThat(answer.getContentAsString()).contains("/mend/job/" + job.id());
        }
    }

    @Test
    void itIsTakenOutLetterForLetter() throws Exception {
        breakJob(BROKEN);

        assertThat(page("/mend/job/" + job.id() + ".json").getContentAsString()).isEqualTo(BROKEN);
    }

    @Test
    void mendedItIsAJobAgain() throws Exception {
        String whole = Document.of(JobFormat.FORMAT, Jobs.lapUnderTheTrigger()).text();
        breakJob(whole.substring(0, whole.length() / 2));
        assertThat(page("/mend/job/" + job.id()).getContentAsString()).contains("It is not whole");

        MockHttpServletResponse worse = mend("/mend/job/" + job.id(), "{\"format\":99,\"content\":{}}");
        assertThat(worse.getContentAsString()).contains("written by a later program", "&quot;format&quot;:99");
        assertThat(mend("/mend/job/" + job.id(), whole).getRedirectedUrl()).isEqualTo("/jobs/" + job.id() + "/sheet");
        assertThat(jobs.find(job.id()).orElseThrow().content()).isEqualTo(Jobs.lapUnderTheTrigger());
    }

    @Test
    void aMachineThatCannotBeReadOrNoLongerKeepsTheRulesIsListedApart() throws Exception {
        breakMachine("{\"format\":1,\"content\":{\"name\":\"Half a machine\"}}");

        assertThat(page("/machines").getContentAsString()).contains("/mend/machine/" + machine.id());
        assertThat(page("/machines/" + machine.id()).getStatus()).isEqualTo(404);
        assertThat(machines.machines()).extracting(Machine::id).doesNotContain(machine.id());
        everyOtherPageOpens();
        for (Job other : jobs.newest(1000)) {
            assertThat(page("/jobs/" + other.id() + "/panel").getStatus()).isEqualTo(200);
        }
    }

    @Test
    void aPanelThatCannotBeReadStandsUntold() throws Exception {
        machine = machines.create(StartingProfiles.of("knobs").orElseThrow()).orElseThrow();
        job = jobs.create("On a broken panel", "", Jobs.lapUnderTheTrigger());
        machines.panel(job.id(), machine.id(), panel -> panel.answer("power", "right"));
        database.sql("update job_panel set stands = 'rubbish' where job_id = ?")
                .param(job.id())
                .update();

        assertThat(page("/jobs/" + job.id() + "/panel").getStatus()).isEqualTo(200);
        assertThat(machines.panel(job.id(), machine.id()).fault()).contains("It is not whole");
    }

    @Test
    void whatIsNoDocumentIsNotHere() throws Exception {
        for (String address : Set.of("/mend/job/" + UUID.randomUUID(), "/mend/job/7", "/mend/soup/1", "/mend/shop/x")) {
            assertThat(page(address).getStatus()).as(address).isEqualTo(404);
        }
    }
}
