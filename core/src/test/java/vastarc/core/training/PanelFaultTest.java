package vastarc.core.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.cycle.CycleHandle;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.equipment.Machines;
import vastarc.core.equipment.PanelElement;
import vastarc.core.equipment.PanelElement.ControlKind;
import vastarc.core.equipment.PanelPlan.ControlTarget;
import vastarc.core.equipment.PanelSetting;
import vastarc.core.equipment.Scale;
import vastarc.core.equipment.ScaleUnit;
import vastarc.core.training.PanelExercise.MarkedControl;
import vastarc.core.training.TrainingShop.TrainingJob;
import vastarc.core.training.TrainingShop.TrainingMachine;

/** Fronts put in disorder: what is wrong is clearly wrong, says what it would have done, and can be set right. */
class PanelFaultTest {

    private static final int SEEDS = 200;
    private static final TrainingShop SHOP = new TrainingShop(
            List.of(
                    new TrainingMachine(
                            "Knobs",
                            Machines.knobs(
                                    Machines.display(
                                            "first-share",
                                            PanelSetting.START_CURRENT,
                                            Scale.display(ScaleUnit.PERCENT_OF_MAIN, 5, 100, 1)),
                                    Machines.display(
                                            "after-menu",
                                            PanelSetting.POST_FLOW,
                                            Scale.display(ScaleUnit.SECOND, 0, 60, 0.5)))),
                    new TrainingMachine("Set", Machines.generator())),
            List.of(
                    new TrainingJob("Thin", Machines.score(ControlDevice.TRIGGER_4T, 1.2)),
                    new TrainingJob("Thick", Machines.score(ControlDevice.TRIGGER_4T, 3)),
                    new TrainingJob("Foot", Machines.score(ControlDevice.PEDAL, 2))));

    private static Optional<Double> figure(ControlTarget placed, TrainingJob job) {
        return placed.element()
                .setting()
                .key()
                .map(job.score().handles()::get)
                .map(handle -> handle.value()
                        * placed.element().valueAt(placed.now().orElseThrow())
                        / placed.element().valueAt(placed.target().orElseThrow()));
    }

    @Test
    void aFigureThatIsPutWrongLeavesItsWindowClearly() {
        int figures = 0;
        for (long seed = 1; seed <= SEEDS; seed++) {
            PanelExercise task = PanelExercise.of(seed, 3, SHOP).orElseThrow();
            for (ControlTarget placed : task.asSet(Map.of()).controls()) {
                Optional<Double> figure = placed.differs() ? figure(placed, task.job()) : Optional.empty();
                if (figure.isPresent()) {
                    CycleHandle handle = task.job()
                            .score()
                            .handles()
                            .get(placed.element().setting().key().orElseThrow());
                    assertThat(figure.get() < handle.window().low()
                                    || figure.get() > handle.window().high())
                            .as(seed + " " + placed.element().id() + " " + figure.get())
                            .isTrue();
                    figures++;
                }
            }
        }
        assertThat(figures).isGreaterThan(SEEDS / 2);
    }

    @Test
    void displaysAreFoundWrongAsOftenAsKnobs() {
        Set<ControlKind> wrong = new HashSet<>();
        for (long seed = 1; seed <= SEEDS; seed++) {
            PanelExercise task = PanelExercise.of(seed, 3, SHOP).orElseThrow();
            task.asSet(Map.of()).controls().stream()
                    .filter(ControlTarget::differs)
                    .forEach(placed -> wrong.add(placed.element().kind()));
        }
        assertThat(wrong).contains(ControlKind.DISPLAY, ControlKind.KNOB, ControlKind.TOGGLE, ControlKind.SELECTOR);
    }

    @Test
    void aTaskIsTheSameForItsSeedAndMarksWhatWasMoved() {
        for (long seed = 1; seed <= SEEDS; seed++) {
            PanelExercise task = PanelExercise.of(seed, 1, SHOP).orElseThrow();
            assertThat(PanelExercise.of(seed, 1, SHOP)).contains(task);
            assertThat(task.mark(Map.of())).noneMatch(MarkedControl::moved);
            Map<String, Double> set = new HashMap<>();
            List<String> moved = new ArrayList<>();
            task.asSet(Map.of()).controls().stream()
                    .filter(ControlTarget::differs)
                    .limit(1)
                    .forEach(placed -> {
                        set.put(placed.element().id(), placed.target().orElseThrow());
                        moved.add(placed.element().id());
                    });
            assertThat(task.mark(set))
                    .filteredOn(MarkedControl::moved)
                    .extracting(markedControl -> markedControl.element().id())
                    .containsExactlyElementsOf(moved);
            assertThat(task.mark(Map.of("no such control", 1.0))).isEqualTo(task.mark(Map.of()));
        }
        assertThat(PanelExercise.of(1, 1, new TrainingShop(List.of(), SHOP.jobs())))
                .isEmpty();
        assertThat(PanelExercise.of(1, 1, new TrainingShop(SHOP.machines(), List.of())))
                .isEmpty();
    }

    /** Every setting of a panel that can are set wrong has words for what that does, and figures have them both ways. */
    @ParameterizedTest
    @EnumSource(PanelSetting.class)
    void whatHarmASettingDoesIsSaid(PanelSetting setting) {
        List<String> options = setting.isFigure()
                ? List.of(".low", ".high")
                : switch (setting) {
                    case START -> List.of(".HF", ".LIFT", ".OFF");
                    case PULSE -> List.of(".ON", ".OFF");
                    default -> List.of("");
                };
        options.forEach(way -> assertThat(Phrasebook.find("harm." + setting.name() + way))
                .as(setting + way)
                .isPresent());
    }

    @ParameterizedTest
    @CsvSource({"0.02, cold", "0.98, burn-through"})
    void aMainCurrentTooLowIsColdAndTooHighBurnsThrough(double place, String says) {
        TrainingJob job = SHOP.jobs().get(0);
        PanelElement amps =
                Machines.knob("amps", PanelSetting.MAIN_CURRENT, Scale.knob(ScaleUnit.AMPERE, 5, 200, 10, false));
        assertThat(PanelFaultEffect.of(amps, place, job.score())).containsIgnoringCase(says);
    }

    @ParameterizedTest
    @CsvSource({"8, wander", "99, burnt away"})
    void aShareOfTheMainCurrentIsHeldAgainstTheShareThatIsWanted(double percent, String says) {
        TrainingJob job = SHOP.jobs().get(1);
        PanelElement start = Machines.display(
                "first-share", PanelSetting.START_CURRENT, Scale.display(ScaleUnit.PERCENT_OF_MAIN, 5, 100, 1));
        assertThat(PanelFaultEffect.of(start, percent, job.score())).contains(says);
    }
}
