package vastarc.web.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import vastarc.core.input.WeldFields;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A new job asks what joint it is, in one line, before it answers. */
@SpringTest
class LineOnSheetTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    private String sheet = "";
    private UUID id = UUID.randomUUID();

    @BeforeEach
    void aNewJob() throws Exception {
        sheet = http.perform(post("/jobs").with(csrf()))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        id = UUID.fromString(sheet.split("/")[2]);
    }

    @AfterEach
    void gone() {
        jobs.delete(id);
    }

    private Job job() {
        return jobs.find(id).orElseThrow();
    }

    private String page(String address) throws Exception {
        return http.perform(get(address)).andReturn().getResponse().getContentAsString();
    }

    private MockHttpServletResponse say(String line) throws Exception {
        return http.perform(post(sheet + "/line")
                        .with(csrf())
                        .param("text", line)
                        .param("version", String.valueOf(job().version())))
                .andReturn()
                .getResponse();
    }

    @Test
    void aNewJobAsksForItsJointAndSaysNoCurrentAtItsTop() throws Exception {
        String page = page(sheet);
        String strip = page.substring(page.indexOf("id=\"job-strip\""), page.indexOf("id=\"ask-the-line\""));
        assertThat(page).contains("autofocus=\"autofocus\"", "Set the joint");
        assertThat(strip).contains(Job.UNTITLED).doesNotContain(" A</b>");
    }

    @Test
    void theLineSetsTheJointNamesTheJobAndIsGone() throws Exception {
        assertThat(say("1/8 304 lap, 4T, pulse").getRedirectedUrl()).isEqualTo(sheet);
        assertThat(job().content().joint().text(WeldFields.JOINT)).contains("LAP");
        assertThat(job().content().joint().text(WeldFields.MATERIAL)).contains("STAINLESS_304L");
        assertThat(job().name()).isNotEqualTo(Job.UNTITLED).contains("lap");
        assertThat(job().notes()).as("what was doubtful").contains("pulse");
        assertThat(page(sheet)).doesNotContain("id=\"ask-the-line\"").contains(" A</b>");
    }

    @Test
    void whereSomethingIsMissingTheLineComesBackAndNothingIsChanged() throws Exception {
        String back = say("3 mm <tee>").getRedirectedUrl();
        assertThat(back).startsWith(sheet + "?line=3");
        assertThat(job().name()).isEqualTo(Job.UNTITLED);
        assertThat(http.perform(get(sheet).param("line", "3 mm <tee>"))
                        .andReturn()
                        .getResponse()
                        .getContentAsString())
                .contains("value=\"3 mm &lt;tee&gt;\"");
    }

    @Test
    void aLineForNoJobIsRefused() throws Exception {
        assertThat(http.perform(post("/jobs/" + UUID.randomUUID() + "/sheet/line")
                                .with(csrf())
                                .param("text", "3 mm mild steel tee"))
                        .andReturn()
                        .getResponse()
                        .getStatus())
                .isEqualTo(404);
    }
}
