package vastarc.web.service;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.Collections;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.CalibrationRuns;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.web.Jobs;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.shop.ShopStore;

/** A plan is stored for as long as all that it depends on is the same, and no longer. */
class JobPlannerTest {

    private static final UUID MACHINE = new UUID(0, 1);
    private static final ShopDefaults PROVEN = ShopDefaults.usual().with(Method.AS_PROVEN_HERE);

    private final ShopStore shop = mock(ShopStore.class);
    private final ProvenRuns proven = mock(ProvenRuns.class);
    private final JobPlanner planner = new JobPlanner(shop, proven);

    private static JobContent lap(String mm) {
        Map<String, String> typed = Map.of("material", "CARBON_STEEL", "joint", "LAP", Jobs.BASE, mm);
        return Jobs.typed(typed).on(Optional.of(MACHINE), Optional.empty());
    }

    private static CalibrationRuns runs(double ratio) {
        return new CalibrationRuns(
                "Bench", Collections.nCopies(5, new ProvenRun("CARBON_STEEL", "LAP", "", 2, "Bench", ratio)));
    }

    private static double figure(JobPlan plan, ParameterKey key) {
        SetupSheet sheet = plan.sheet().value().orElseThrow();
        return sheet.setting(key).value();
    }

    @BeforeEach
    void aShop() {
        when(shop.defaults()).thenReturn(ShopDefaults.usual());
        when(proven.at(any(UUID.class))).thenReturn(CalibrationRuns.nothing());
    }

    @Test
    void whatSaysTheSameIsNotPlannedTwice() {
        assertThat(planner.plan(lap("2 mm"))).isSameAs(planner.plan(lap("2 mm")));
        assertThat(planner.plan(lap("2 mm"))).isNotSameAs(planner.plan(lap("2.1 mm")));
    }

    @Test
    void aShopOfOtherWaysHasItsOwnPlan() {
        JobPlan usual = planner.plan(lap("2 mm"));
        ShopDefaults generous = ShopDefaults.usual().with(Method.GAS_GENEROUS);
        when(shop.defaults()).thenReturn(generous);
        JobPlan other = planner.plan(lap("2 mm"));

        assertThat(figure(other, ParameterKey.GAS_FLOW)).isGreaterThan(figure(usual, ParameterKey.GAS_FLOW));
        assertThat(usual.in(generous).sheet()).isEqualTo(other.sheet());
        when(shop.defaults()).thenReturn(ShopDefaults.usual());
        assertThat(planner.plan(lap("2 mm")).sheet()).isEqualTo(usual.sheet());
    }

    @Test
    void everyGoodRunOfTheMachineCounts() {
        when(shop.defaults()).thenReturn(PROVEN);
        when(proven.at(MACHINE)).thenReturn(runs(1.1));
        JobPlan hot = planner.plan(lap("2 mm"));
        when(proven.at(MACHINE)).thenReturn(runs(0.9));
        JobPlan cold = planner.plan(lap("2 mm"));

        assertThat(figure(hot, ParameterKey.WORKING_CURRENT))
                .isGreaterThan(1.05 * figure(cold, ParameterKey.WORKING_CURRENT));
        assertThat(cold.in(PROVEN.with(Method.GAS_GENEROUS))
                        .sheet()
                        .value()
                        .orElseThrow()
                        .setting(ParameterKey.WORKING_CURRENT))
                .isEqualTo(cold.sheet().value().orElseThrow().setting(ParameterKey.WORKING_CURRENT));
    }
}
