package vastarc.web.store.disk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.concurrent.atomic.AtomicLong;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Import;
import org.springframework.context.annotation.Primary;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import tools.jackson.databind.json.JsonMapper;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** A full disk: everything can be read, nothing is begun, and it goes on by itself once there is room. */
@Tag("program")
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:full;DB_CLOSE_DELAY=-1")
@AutoConfigureMockMvc
@ActiveProfiles("test")
@Import(DiskFullTest.Room.class)
class DiskFullTest {

    private static final long MB = 1024 * 1024;
    private static final AtomicLong FREE = new AtomicLong(1000 * MB);

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @TestConfiguration
    static class Room {
        @Bean
        @Primary
        Disk told() {
            return new Disk(FREE::get);
        }
    }

    @AfterEach
    void makeRoom() {
        FREE.set(1000 * MB);
    }

    private MockHttpServletResponse answer(MockHttpServletRequestBuilder request) throws Exception {
        return http.perform(request).andReturn().getResponse();
    }

    @Test
    void nothingIsBegunOnAFullDiskAndItGoesOnByItself() throws Exception {
        Job job = jobs.newest(1000).get(0);
        String sheet = "/jobs/" + job.id() + "/sheet";
        MockHttpServletRequestBuilder change = post(sheet)
                .with(csrf())
                .param("version", String.valueOf(job.version()))
                .param("name", "Typed on a full disk");
        for (int round = 0; round < 3; round++) {
            FREE.set(3 * MB);
            MockHttpServletResponse refused = answer(change);
            assertThat(refused.getStatus()).isEqualTo(507);
            assertThat(refused.getContentAsString())
                    .isEqualTo("Not kept: the disk that holds the shop has 3 MB left, and 64 MB are wanted. "
                            + "Make room; what you typed stays here and can be kept then.");
            assertThat(jobs.find(job.id()).orElseThrow().name()).isEqualTo(job.name());
            assertThat(answer(get(sheet)).getContentAsString()).contains("id=\"disk-notice\"");
            FREE.set(64 * MB);
            assertThat(answer(get(sheet)).getContentAsString()).doesNotContain("id=\"disk-notice\"");
        }

        assertThat(answer(change).getStatus()).isEqualTo(200);
        assertThat(jobs.find(job.id()).orElseThrow().name()).isEqualTo("Typed on a full disk");
    }

    @Test
    void aFormSentByTheBrowserItselfGetsAPageWithWords() throws Exception {
        FREE.set(0);

        MockHttpServletResponse page =
                answer(post("/jobs").with(csrf()).header("Accept", "text/html,application/xhtml+xml"));
        assertThat(page.getStatus()).isEqualTo(507);
        assertThat(page.getContentAsString()).contains("<h1", "The disk is full", "0 MB left");
    }

    @ParameterizedTest
    @ValueSource(strings = {"/", "/machines", "/shop", "/chart", "/reference", "/search.json", "/api/v1/machines"})
    void everyPageCanBeRead(String address) throws Exception {
        FREE.set(0);
        assertThat(answer(get(address)).getStatus()).isEqualTo(200);
    }

    @Test
    void aScriptThatWritesIsToldInAProblem() throws Exception {
        String profile = JsonMapper.shared()
                .readTree(answer(get("/api/v1/machines")).getContentAsString())
                .at("/0/profile")
                .toString();
        FREE.set(0);

        MockHttpServletResponse refused =
                answer(post("/api/v1/machines").contentType("application/json").content(profile));
        assertThat(refused.getStatus()).isEqualTo(507);
        assertThat(refused.getContentType()).isEqualTo("application/problem+json");
        assertThat(refused.getContentAsString()).contains("0 MB left");
    }
}
