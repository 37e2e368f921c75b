package vastarc.web.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static vastarc.web.ShopClient.send;

import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.training.Drill;
import vastarc.core.training.Exam;
import vastarc.core.training.Question;
import vastarc.core.training.Question.CorrectAnswer;
import vastarc.core.training.Topic;
import vastarc.web.SpringTest;
import vastarc.web.service.TrainingShops;
import vastarc.web.store.drill.DrillStore;
import vastarc.web.store.drill.DrillStore.DatedAnswer;

/** Asked, answered, explained, remembered; the key on paper is the key that marks. */
@SpringTest
class DrillPagesTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private TrainingShops shops;

    @Autowired
    private DrillStore results;

    /** Answers the question of words numbered 11 as the learner Pupil. */
    private String answer(int choice) throws Exception {
        return send(
                        http,
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
                        String.valueOf(choice))
                .getContentAsString();
    }

    @Test
    void whatCannotBeReadOfAnExamIsPutRightAndNothingFails() throws Exception {
        ExamPaper most = ExamPaper.of("7", "9999", "9999", List.of("GHOST"), shops.shop());
        assertThat(most.lines()).hasSize(Exam.MOST);
        assertThat(most.minutes()).isEqualTo(240);
        assertThat(most.topics()).containsExactly(Topic.values());
        ExamPaper least = ExamPaper.of("x", "-4", "-5", List.of("AMPS", "AMPS", ""), shops.shop());
        assertThat(least.lines()).hasSize(1);
        assertThat(least.minutes()).isZero();
        assertThat(least.seed()).isEqualTo(1);
        assertThat(least.topics()).containsExactly(Topic.AMPS);
        assertThat(least.at("/drill/sit")).isEqualTo("/drill/sit?seed=1&n=1&minutes=0&topic=AMPS");
        for (String begun : List.of("", "-1", "99999999999999999999", "now", "1e9")) {
            assertThat(send(
                                    http,
                                    post("/drill/sit"),
                                    "begun",
                                    begun,
                                    "n",
                                    "2",
                                    "choice0",
                                    "99",
                                    "figure0",
                                    "∞",
                                    "fault1",
                                    "none")
                            .getStatus())
                    .as(begun)
                    .isEqualTo(200);
        }
    }

    @Test
    void aRightAnswerIsKeptAndAWrongOneExplained() throws Exception {
        Question question = Drill.question(11, Topic.WORDS, 1, shops.shop());
        int right = question.answer().choice().orElseThrow();
        String entered = answer(right);
        assertThat(entered).contains("id=\"mark\" role=\"status\">Right");
        String wrong = answer((right + 1) % 4);
        assertThat(wrong).contains("Wrong", "(your answer)");
        assertThat(results.of("Pupil")).extracting(DatedAnswer::right).containsExactly(true, false);
        assertThat(send(http, get("/drill?learner=Pupil")).getContentAsString()).contains("1 of 2 right");
        assertThat(send(http, get("/drill.csv?learner=Pupil")).getContentAsString())
                .contains("WORDS,true", "WORDS,false");
        send(http, post("/drill/forget"), "learner", "Pupil");
        assertThat(results.of("Pupil")).isEmpty();
    }

    @Test
    void aFigureThatIsNoneIsAskedForAgainAndEveryTopicHasItsPage() throws Exception {
        assertThat(send(http, post("/drill/answer"), "topic", "AMPS", "seed", "3", "figure", "many")
                        .getContentAsString())
                .contains("Type a number", "value=\"many\"");
        for (Topic topic : Topic.values()) {
            assertThat(send(http, get("/drill/ask?seed=4&topic=" + topic)).getStatus())
                    .as(topic + "")
                    .isEqualTo(200);
        }
        assertThat(send(http, get("/drill/ask?learner=A B&topic=GHOST")).getRedirectedUrl())
                .startsWith("/drill/ask?learner=A+B&topic=");
    }

    @Test
    void theKeyOnPaperIsTheKeyThatMarks() throws Exception {
        String paper =
                send(http, get("/drill/exam?seed=9&topic=ORDER&topic=AMPS&n=6")).getContentAsString();
        Question first = Exam.of(9, List.of(Topic.ORDER, Topic.AMPS), 6, shops.shop())
                .questions()
                .get(0);
        String key = first.choices().get(first.answer().choice().orElseThrow()).text();
        assertThat(paper).contains("Key to exam 9", "<b>" + key + "</b>");
        assertThat(send(http, get("/drill/exam?seed=x&n=many&topic=GHOST")).getStatus())
                .isEqualTo(200);
    }

    private static String text(byte[] pdf) throws Exception {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
        }
    }

    @Test
    void thePdfAsksWhatTheCallAsksAndItsKeyIsTheKey() throws Exception {
        List<Topic> topics = List.of(Topic.PANEL_CHECK, Topic.SCORE, Topic.AMPS, Topic.SYMPTOMS);
        MockHttpServletResponse answer = send(
                http,
                get("/drill/exam.pdf?seed=21&n=8&topic=PANEL_CHECK&topic=SCORE&topic=AMPS&topic=SYMPTOMS&minutes=20"));
        assertThat(answer.getContentType()).isEqualTo("application/pdf");
        String paper = text(answer.getContentAsByteArray());
        String questions = paper.substring(0, paper.indexOf("Key to exam 21"));
        String key = paper.substring(paper.indexOf("Key to exam 21"));
        for (Question question : Exam.of(21, topics, 8, shops.shop()).questions()) {
            assertThat(questions).contains(question.prompt().replaceAll("\\s+", " "));
            question.choices().forEach(choice -> assertThat(questions).contains(choice.text()));
            assertThat(key).contains(QuestionView.right(question, shops.shop()).replaceAll("\\s+", " "));
        }
    }

    @Test
    void anExamHandedInIsMarkedByItsKeyAndSaysWhatToRepeat() throws Exception {
        List<Topic> topics = List.of(Topic.ORDER, Topic.AMPS, Topic.PANEL_CHECK);
        Exam exam = Exam.of(33, topics, 6, shops.shop());
        MockHttpServletRequestBuilder request = post("/drill/sit");
        topics.forEach(topic -> request.param("topic", topic.name()));
        for (int i = 0; i < 6; i++) {
            CorrectAnswer answer = exam.questions().get(i).answer();
            int at = i;
            answer.choice().ifPresent(place -> request.param("choice" + at, String.valueOf(place)));
            answer.figure()
                    .ifPresent(figure -> request.param(
                            "figure" + at, at == 1 ? "1" : String.format(Locale.ROOT, "%.1f A", figure.value())));
            answer.faults().ifPresent(faults -> faults.forEach(id -> request.param("fault" + at, id)));
        }
        String marked = send(http, request, "seed", "33", "n", "6", "learner", "Sitter", "minutes", "10", "begun", "1")
                .getContentAsString();
        assertThat(marked).contains("5 of 6 right", "Guess the amps: 1 wrong");
        assertThat(results.of("Sitter"))
                .hasSize(6)
                .filteredOn(datedAnswer -> !datedAnswer.right())
                .hasSize(1);
        results.forget("Sitter");
        String nothing = send(http, post("/drill/sit"), "seed", "33", "n", "3", "topic", "AMPS")
                .getContentAsString();
        assertThat(nothing).contains("0 of 3 right", "nothing");
        assertThat(send(http, get("/drill/sit?seed=33&n=6&minutes=5")).getContentAsString())
                .contains("data-minutes=\"5\"", "Hand in");
    }
}
