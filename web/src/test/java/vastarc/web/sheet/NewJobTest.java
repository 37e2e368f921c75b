package vastarc.web.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.Map;
import java.util.OptionalLong;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A job's name and position follow its joint until a person says otherwise. */
@SpringTest
class NewJobTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore store;

    private UUID id;

    @BeforeEach
    void begin() {
        id = store.create("Untitled job", "", Jobs.fresh()).id();
    }

    private Job job() {
        return store.find(id).orElseThrow();
    }

    private String text(String field) {
        return job().content().joint().texts().get(field);
    }

    /** The whole form as a page sends it, with some fields changed. */
    private void change(String... changed) throws Exception {
        Map<String, String> sent = new TreeMap<>(job().content().joint().texts());
        sent.put("name", job().name());
        for (int i = 0; i < changed.length; i += 2) {
            sent.put(changed[i], changed[i + 1]);
        }
        MockHttpServletRequestBuilder request =
                post("/jobs/" + id + "/sheet").with(csrf()).param("version", String.valueOf(job().version()));
        sent.forEach(request::param);
        assertThat(http.perform(request).andReturn().getResponse().getStatus()).isEqualTo(200);
    }

    @Test
    void itIsNamedByItsJointFromTheFirstChangeOn() throws Exception {
        assertThat(job().name()).isEqualTo("Untitled job");
        change("joint", "T_FILLET");
        assertThat(job().name()).isEqualTo("Carbon steel T fillet 2 mm");
        change(Jobs.BASE, "1/8 in", "material", "STAINLESS_304L");
        assertThat(job().name()).isEqualTo("304L T fillet 3.18 mm");
    }

    @Test
    void aNameThatAPersonGaveStaysAndOneTakenOutFollowsAgain() throws Exception {
        change("name", "Gusset", "joint", "LAP");
        change(Jobs.BASE, "3 mm");
        assertThat(job().name()).isEqualTo("Gusset");
        change("name", "");
        assertThat(job().name()).isEqualTo("Carbon steel lap 3 mm");
        change(Jobs.BASE, "4 mm");
        assertThat(job().name()).isEqualTo("Carbon steel lap 4 mm");
    }

    @Test
    void aJobOfOneLineAndAnUndoFollowToo() throws Exception {
        String made = http.perform(post("/jobs/text").with(csrf()).param("text", "1/8 304 lap"))
                .andReturn()
                .getResponse()
                .getRedirectedUrl();
        id = UUID.fromString(made.split("/")[2]);
        assertThat(job().name()).isEqualTo("304L lap 3.18 mm");
        change("joint", "T_FILLET");
        assertThat(job().name()).isEqualTo("304L T fillet 3.18 mm");
        store.undo(id, OptionalLong.empty());
        assertThat(job().name()).isEqualTo("304L lap 3.18 mm");
    }

    @Test
    void aTStartsWithOnePlateStandingAndAButtFlat() throws Exception {
        assertThat(text("position")).isEqualTo("PA");
        change("joint", "T_FILLET");
        assertThat(text("position")).isEqualTo("PB");
        change("joint", "OUTSIDE_CORNER");
        assertThat(text("position")).isEqualTo("PA");
    }

    @Test
    void aPositionThatAPersonChoseStays() throws Exception {
        change("position", "PF");
        change("joint", "T_FILLET");
        assertThat(text("position")).isEqualTo("PF");
        change("position", "PA");
        change("joint", "LAP");
        assertThat(text("position")).isEqualTo("PA");
    }

    @Test
    void aDecimalInchTypedInMillimetresIsAsked() throws Exception {
        assertThat(asked("0.125")).contains("data-set=\"" + Jobs.BASE + "=0.125 in\"", "Did you mean 0.125 in?");
        assertThat(asked("0.95")).doesNotContain("Did you mean");
        assertThat(asked("0.125 in")).doesNotContain("Did you mean");
    }

    private String asked(String thickness) throws Exception {
        change(Jobs.BASE, thickness);
        return http.perform(get("/jobs/" + id + "/sheet"))
                .andReturn()
                .getResponse()
                .getContentAsString();
    }
}
