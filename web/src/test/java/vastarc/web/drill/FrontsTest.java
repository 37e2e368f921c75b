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
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import vastarc.core.drill.Drill;
import vastarc.core.drill.DrillShop;
import vastarc.core.drill.Question;
import vastarc.core.drill.SetYourself;
import vastarc.core.drill.Topic;
import vastarc.core.machine.MachineProfile;
import vastarc.core.machine.PanelElement;
import vastarc.core.machine.PanelPlan;
import vastarc.core.score.Handle;
import vastarc.web.SpringTest;
import vastarc.web.kept.drill.DrillStore;
import vastarc.web.request.DrillShops;

/** Fronts of the demo shop in disorder: what is called wrong is wrong, and what is set right is marked right. */
@SpringTest
class FrontsTest {

    private static final int SEEDS = 300;

    @Autowired
    private MockMvc http;

    @Autowired
    private DrillShops shops;

    @Autowired
    private DrillStore results;

    private MockHttpServletResponse send(MockHttpServletRequestBuilder request, Map<String, String> fields)
            throws Exception {
        fields.forEach(request::param);
        return http.perform(request.with(csrf())).andReturn().getResponse();
    }

    @Test
    void noFigureInsideItsWindowIsCalledAFault() {
        DrillShop shop = shops.shop();
        int figures = 0;
        for (long seed = 1; seed <= SEEDS; seed++) {
            Question question = Drill.question(seed, Topic.PANEL_CHECK, 3, shop);
            Map<String, String> words = question.picture().orElseThrow().words();
            Map<String, Double> stands = question.picture().orElseThrow().figures();
            MachineProfile profile = shop.machines().stream()
                    .filter(one -> one.name().equals(words.get("machine")))
                    .findFirst()
                    .orElseThrow()
                    .profile();
            DrillShop.Job job = shop.jobs().stream()
                    .filter(one -> one.name().equals(words.get("job")))
                    .findFirst()
                    .orElseThrow();
            PanelPlan plan = PanelPlan.of(job.score(), profile, Optional.empty(), Map.of(), stands);
            for (PanelPlan.Placed placed : plan.controls()) {
                PanelElement element = placed.element();
                Optional<Handle> handle =
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
            SetYourself task =
                    SetYourself.of(seed, 1 + (int) (seed % 3), shops.shop()).orElseThrow();
            List<String> wrong = task.mark(Map.of()).stream()
                    .filter(one -> !one.right())
                    .peek(one -> assertThat(one.does()).isNotBlank())
                    .map(one -> one.element().id())
                    .toList();
            assertThat(task.shortest().stream().map(PanelPlan.Change::elementId))
                    .containsExactlyInAnyOrderElementsOf(wrong)
                    .isNotEmpty();
            Map<String, Double> set = new HashMap<>();
            task.standing(Map.of()).controls().stream()
                    .filter(PanelPlan.Placed::differs)
                    .forEach(one -> set.put(one.element().id(), one.target().orElseThrow()));
            assertThat(task.mark(set)).allMatch(SetYourself.Marked::right);
        }
    }

    @Test
    void aFrontIsSetOverItsPageAndKeptUnderTheLearnersName() throws Exception {
        SetYourself task = SetYourself.of(5, 1, shops.shop()).orElseThrow();
        String page =
                send(get("/drill/set?learner=Setter&seed=5&level=1"), Map.of()).getContentAsString();
        assertThat(page).contains("Set it for “" + task.job().name() + "”", "data-turn=");
        Map<String, String> fields = new HashMap<>(Map.of("learner", "Setter", "seed", "5", "level", "1"));
        String untouched = send(post("/drill/set"), fields).getContentAsString();
        assertThat(untouched).contains("You moved 0", "the shortest way");
        task.standing(Map.of()).controls().stream()
                .filter(PanelPlan.Placed::differs)
                .forEach(one -> fields.put(
                        "stand." + one.element().id(),
                        String.valueOf(one.target().orElseThrow())));
        String set = send(post("/drill/set"), fields).getContentAsString();
        assertThat(set).contains("all correct", "You moved " + task.shortest().size());
        assertThat(send(post("/drill/set/front"), fields).getContentAsString()).contains("data-control=");
        fields.replaceAll((name, value) -> name.startsWith("stand.") ? "1e99" : value);
        assertThat(send(post("/drill/set"), fields).getStatus()).isEqualTo(200);
        assertThat(results.of("Setter")).extracting(DrillStore.Answered::right).containsExactly(false, true, false);
        results.forget("Setter");
    }

    @Test
    void aTryWithThePointerIsReadAndGivenToTheRehearsal() throws Exception {
        StringBuilder samples = new StringBuilder();
        for (int i = 0; i <= 500; i++) {
            double s = i * 0.04;
            samples.append(String.format(Locale.ROOT, "%.3f,%.3f,0.1;", s, 2 * s + 0.3 * Math.sin(2.5 * s)));
        }
        String told = send(post("/drill/steady"), Map.of("samples", samples.toString()))
                .getContentAsString();
        assertThat(told).contains("strayed in travel by", "rehearse this job with this hand", "scatter=");
        assertThat(send(post("/drill/steady"), Map.of("samples", "1,2;x,y,z;;")).getContentAsString())
                .contains("too short to say anything");
    }
}
