package vastarc.web.drill;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.equipment.MachineProfile;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelPlan;
import vastarc.core.equipment.PanelPlan.ControlTarget;
import vastarc.core.equipment.PanelPlan.PanelChange;
import vastarc.core.training.Drill;
import vastarc.core.training.PanelExercise;
import vastarc.core.training.PanelExercise.MarkedControl;
import vastarc.core.training.Question;
import vastarc.core.training.Topic;
import vastarc.core.training.TrainingShop;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.web.Jobs;
import vastarc.web.SpringTest;
import vastarc.web.service.TrainingShops;
import vastarc.web.store.drill.DrillStore;
import vastarc.web.store.drill.DrillStore.DatedAnswer;
import vastarc.web.store.job.Job;
import vastarc.web.store.job.JobStore;

/** Fronts of the demo shop in disorder: what is called wrong is wrong, and what is set right is marked right. */
@SpringTest
class FrontsTest {

    private static final int SEEDS = 300;

    @Autowired
    private MockMvc http;

    @Autowired
    private JobStore jobs;

    @Autowired
    private TrainingShops shops;

    @Autowired
    private DrillStore results;

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request, Map<String, String> fields)
            throws Exception {
        fields.forEach(request::param);
        return http.perform(request.with(csrf())).andReturn().getResponse();
    }

    @Test
    void noFigureInsideItsWindowIsCalledAFault() {
        TrainingShop shop = shops.shop();
        int figures = 0;
        for (long seed = 1; seed <= SEEDS; seed++) {
            Question question = Drill.question(seed, Topic.PANEL_CHECK, 3, shop);
            Map<String, String> words = question.picture().orElseThrow().words();
            Map<String, Double> settings = question.picture().orElseThrow().figures();
            MachineProfile profile = shop.machines().stream()
                    .filter(trainingMachine -> trainingMachine.name().equals(words.get("machine")))
                    .findFirst()
                    .orElseThrow()
                    .profile();
            TrainingJob job = shop.jobs().stream()
                    .filter(trainingJob -> trainingJob.name().equals(words.get("job")))
                    .findFirst()
                    .orElseThrow();
            PanelPlan plan = PanelPlan.of(job.score(), profile, Optional.empty(), Map.of(), settings);
            for (ControlTarget placed : plan.controls()) {
                PanelElement element = placed.element();
                Optional<CycleHandle> handle =
                        element.setting().key().map(job.score().handles()::get);
                if (!placed.differs() || handle.isEmpty()) {
                    continue;
                }
                double share = element.valueAt(placed.now().orElseThrow())
                        / element.valueAt(placed.target().orElseThrow());
                double figure = handle.get().value() * share;
                assertThat(figure >= handle.get().window().low()
                                && figure <= handle.get().window().high())
                        .as("seed " + seed + ", " + words + ", " + element.label() + " at " + figure + ", " + placed
                                + ", " + handle.get())
                        .isFalse();
                figures++;
            }
        }
        assertThat(figures).isGreaterThan(50);
    }

    @Test
    void theShortestWaySetsEveryFrontRightAndEveryWrongControlSaysWhatItWouldHaveDone() {
        for (long seed = 1; seed <= SEEDS; seed++) {
            PanelExercise task =
                    PanelExercise.of(seed, 1 + (int) (seed % 3), shops.shop()).orElseThrow();
            List<String> wrong = task.mark(Map.of()).stream()
                    .filter(control -> !control.right())
                    .peek(control -> assertThat(control.does()).isNotBlank())
                    .map(control -> control.element().id())
                    .toList();
            assertThat(task.shortest().stream().map(PanelChange::elementId))
                    .containsExactlyInAnyOrderElementsOf(wrong)
                    .isNotEmpty();
            Map<String, Double> set = new HashMap<>();
            task.asSet(Map.of()).controls().stream()
                    .filter(ControlTarget::differs)
                    .forEach(target ->
                            set.put(target.element().id(), target.target().orElseThrow()));
            assertThat(task.mark(set)).allMatch(MarkedControl::right);
        }
    }

    @Test
    void aFrontIsSetOverItsPageAndKeptUnderTheLearnersName() throws Exception {
        PanelExercise task = PanelExercise.of(5, 1, shops.shop()).orElseThrow();
        String page =
                send(get("/drill/set?learner=Setter&seed=5&level=1"), Map.of()).getContentAsString();
        assertThat(page).contains("Set it for “" + task.job().name() + "”", "data-turn=");
        Map<String, String> fields = new HashMap<>(Map.of("learner", "Setter", "seed", "5", "level", "1"));
        String untouched = send(post("/drill/set"), fields).getContentAsString();
        assertThat(untouched).contains("Controls you changed: 0", "Needed changes");
        task.asSet(Map.of()).controls().stream()
                .filter(ControlTarget::differs)
                .forEach(target -> fields.put(
                        "stand." + target.element().id(),
                        String.valueOf(target.target().orElseThrow())));
        String set = send(post("/drill/set"), fields).getContentAsString();
        assertThat(set)
                .contains(
                        "All correct",
                        "Controls you changed: " + task.shortest().size());
        assertThat(send(post("/drill/set/front"), fields).getContentAsString()).contains("data-control=");
        fields.replaceAll((name, value) -> name.startsWith("stand.") ? "1e99" : value);
        assertThat(send(post("/drill/set"), fields).getStatus()).isEqualTo(200);
        assertThat(results.of("Setter")).extracting(DatedAnswer::right).containsExactly(false, true, false);
        results.forget("Setter");
    }

    @Test
    void aTryWithThePointerIsReadAndGivenToTheRehearsal() throws Exception {
        StringBuilder samples = new StringBuilder();
        for (int i = 0; i <= 500; i++) {
            double s = i * 0.04;
            samples.append(String.format(Locale.ROOT, "%.3f,%.3f,0.1;", s, 2 * s + 0.3 * Math.sin(2.5 * s)));
        }
        String entered = send(post("/drill/steady"), Map.of("samples", samples.toString()))
                .getContentAsString();
        assertThat(entered).contains("Strayed in travel by", "Simulate this job with this variation", "scatter=");
        assertThat(send(post("/drill/steady"), Map.of("samples", "1,2;x,y,z;;")).getContentAsString())
                .contains("too short to judge");
    }

    @Test
    void aWeldPractisedColdIsReadAgainstItsPlan() throws Exception {
        Job job = jobs.create("Cold lap", "", Jobs.lapUnderTheTrigger());
        String id = job.id().toString();
        String page = send(get("/drill/dry"), Map.of("job", id)).getContentAsString();
        assertThat(page).contains("Weld Cold lap with a cold torch", "EASE_OFF");
        String taps = IntStream.range(0, 12)
                .mapToObj(i -> String.format(Locale.ROOT, "%.3f", 8 + i / 1.5))
                .collect(Collectors.joining(","));
        assertThat(send(post("/drill/dry"), Map.of("job", id, "end", "20", "taps", taps))
                        .getContentAsString())
                .contains("12 dabs over 20 s", "Evenness", "100 %", "early");
        assertThat(send(post("/drill/dry"), Map.of("job", id, "end", "0.2", "taps", "x,,1e99,-3"))
                        .getContentAsString())
                .contains("The weld was ended before 3 s of arc.");
        assertThat(send(post("/drill/dry"), Map.of("job", "nobody", "end", "NaN"))
                        .getStatus())
                .isEqualTo(200);
        jobs.delete(job.id());
    }
}
