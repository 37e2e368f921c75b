package vastarc.web.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.drill.Drill;
import vastarc.core.drill.Exam;
import vastarc.core.drill.Question;
import vastarc.core.drill.Topic;
import vastarc.web.SpringTest;
import vastarc.web.kept.drill.DrillStore;
import vastarc.web.request.DrillShops;

/** Asked, answered, explained, remembered; the key on paper is the key that marks. */
@SpringTest
class DrillPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private DrillShops shops;

    @Autowired
    private DrillStore results;

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request, String... pairs) throws Exception {
        for (int i = 0; i < pairs.length; i += 2) {
            request.param(pairs[i], pairs[i + 1]);
        }
        return http.perform(request.with(csrf())).andReturn().getResponse();
    }

    @Test
    void aRightAnswerIsKeptAndAWrongOneExplained() throws Exception {
        Question question = Drill.question(11, Topic.WORDS, 1, shops.shop());
        int right = question.answer().choice().orElseThrow();
        String told = send(
                        post("/drill/answer"),
                        "learner",
                        "Pupil",
                        "topic",
                        "WORDS",
                        "seed",
                        "11",
                        "level",
                        "1",
                        "choice",
                        String.valueOf(right))
                .getContentAsString();
        assertThat(told).contains("id=\"mark\" role=\"status\">right");
        String wrong = send(
                        post("/drill/answer"),
                        "learner",
                        "Pupil",
                        "topic",
                        "WORDS",
                        "seed",
                        "11",
                        "level",
                        "1",
                        "choice",
                        String.valueOf((right + 1) % 4))
                .getContentAsString();
        assertThat(wrong).contains("not so", "(your answer)");
        assertThat(results.of("Pupil")).extracting(DrillStore.Answered::right).containsExactly(true, false);
        assertThat(send(get("/drill?learner=Pupil")).getContentAsString()).contains("1 of 2 right");
        assertThat(send(get("/drill.csv?learner=Pupil")).getContentAsString()).contains("WORDS,true", "WORDS,false");
        send(post("/drill/forget"), "learner", "Pupil");
        assertThat(results.of("Pupil")).isEmpty();
    }

    @Test
    void aFigureThatIsNoneIsAskedForAgainAndEveryTopicHasItsPage() throws Exception {
        assertThat(send(post("/drill/answer"), "topic", "AMPS", "seed", "3", "figure", "many")
                        .getContentAsString())
                .contains("Type a number", "value=\"many\"");
        for (Topic topic : Topic.values()) {
            assertThat(send(get("/drill/ask?seed=4&topic=" + topic)).getStatus())
                    .as(topic + "")
                    .isEqualTo(200);
        }
        assertThat(send(get("/drill/ask?learner=A B&topic=GHOST")).getRedirectedUrl())
                .startsWith("/drill/ask?learner=A%20B&topic=");
    }

    @Test
    void theKeyOnPaperIsTheKeyThatMarks() throws Exception {
        String paper =
                send(get("/drill/exam?seed=9&topic=ORDER&topic=AMPS&n=6")).getContentAsString();
        Question first = Exam.of(9, List.of(Topic.ORDER, Topic.AMPS), 6, shops.shop())
                .questions()
                .get(0);
        String key = first.choices().get(first.answer().choice().orElseThrow()).text();
        assertThat(paper).contains("Key to exam 9", "<b>" + key + "</b>");
        assertThat(send(get("/drill/exam?seed=x&n=many&topic=GHOST")).getStatus())
                .isEqualTo(200);
    }
}
