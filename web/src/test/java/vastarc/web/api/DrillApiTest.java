package vastarc.web.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import tools.jackson.databind.json.JsonMapper;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelPlan.PanelChange;
import vastarc.core.training.Drill;
import vastarc.core.training.Question;
import vastarc.core.training.Topic;
import vastarc.core.training.TrainingShop;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.core.training.TrainingShop.TrainingMachine;
import vastarc.web.SpringTest;
import vastarc.web.format.Format;
import vastarc.web.service.TrainingShops;

@SpringTest
class DrillApiTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private TrainingShops shops;

    private MockHttpServletResponse get(String address) throws Exception {
        return http.perform(MockMvcRequestBuilders.get(address)).andReturn().getResponse();
    }

    @Test
    void anExamFitsItsPublishedFormat() throws Exception {
        for (int seed = 1; seed <= 5; seed++) {
            var exam = JsonMapper.shared()
                    .readTree(get("/api/v1/drill/exam?seed=" + seed + "&n=100").getContentAsByteArray());
            assertThat(Format.EXAM.faults(exam)).isEmpty();
        }
    }

    @Test
    void theSameSeedIsTheSameExamToTheByteAndBadInputIsNamed() throws Exception {
        String address = "/api/v1/drill/exam?seed=7&topics=PANEL_CHECK,AMPS&n=20";
        MockHttpServletResponse exam = get(address);
        assertThat(exam.getStatus()).isEqualTo(200);
        assertThat(get(address).getContentAsByteArray()).isEqualTo(exam.getContentAsByteArray());
        var json = JsonMapper.shared().readTree(exam.getContentAsByteArray());
        assertThat(json.get("questions")).hasSize(20);
        assertThat(json.at("/questions/0/answer/faults").isArray()).isTrue();
        assertThat(json.at("/questions/1/answer/low").asDouble()).isPositive();
        MockHttpServletResponse wrong = get("/api/v1/drill/exam?seed=x&topics=LUCK&n=0");
        assertThat(wrong.getStatus()).isEqualTo(400);
        assertThat(wrong.getContentAsString()).contains("seed", "topics", "\"n\"");
    }

    /** What a question calls wrong is just what the panel's own plan would change; one front in four is rightly set. */
    @Test
    void thePanelsOwnPlanFindsTheFaultsOfFiveHundredFronts() {
        TrainingShop shop = shops.shop();
        int rightly = 0;
        Set<Integer> counts = new HashSet<>();
        for (long seed = 1; seed <= 500; seed++) {
            Question question = Drill.question(seed, Topic.PANEL_CHECK, 1 + (int) (seed % 3), shop);
            Question.Picture picture = question.picture().orElseThrow();
            TrainingMachine machine = shop.machines().stream()
                    .filter(trainingMachine ->
                            trainingMachine.name().equals(picture.words().get("machine")))
                    .findFirst()
                    .orElseThrow();
            TrainingJob job = shop.jobs().stream()
                    .filter(trainingJob ->
                            trainingJob.name().equals(picture.words().get("job")))
                    .findFirst()
                    .orElseThrow();
            List<String> faults = question.answer().faults().orElseThrow();
            PanelPlan plan =
                    PanelPlan.of(job.score(), machine.profile(), Optional.empty(), Map.of(), picture.figures());
            assertThat(plan.changes().stream().map(PanelChange::elementId))
                    .as("seed " + seed)
                    .containsExactlyElementsOf(faults);
            rightly += faults.isEmpty() ? 1 : 0;
            counts.add(faults.size());
        }
        assertThat(rightly / 500.0).isBetween(0.17, 0.36);
        assertThat(counts).contains(0, 1, 2, 3);
    }
}
