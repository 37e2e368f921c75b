package vastarc.core.advice.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.sequence.JobCost.CostItem;
import vastarc.core.advice.sequence.JobCost.CostShare;
import vastarc.core.advice.sequence.RemainingHeat.CooledPass;
import vastarc.core.advice.sequence.WeldSequence.SequenceTotals;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.heat.CoolingTime;

/** What a job costs, and how the heat leaves it. */
class JobCostTest {

    private static final Joint TEE = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3);

    private static SequenceRequest ask(Joint joint, WeldingConditions conditions) {
        return WeldSequenceTest.ask(joint, conditions, WeldQuantity.usual().of(4, 300), List.of(), List.of());
    }

    private static Prices prices(double argon, double wire, double tungsten, double hour) {
        return new Prices(
                OptionalDouble.of(argon),
                Map.of("ER70S-2", wire),
                OptionalDouble.of(tungsten),
                OptionalDouble.of(hour));
    }

    private static double share(JobCost cost, CostItem item) {
        return cost.shares().stream()
                .filter(share -> share.item() == item)
                .mapToDouble(CostShare::money)
                .sum();
    }

    @Test
    void everyShareIsItsAmountTimesItsPrice() {
        SequenceRequest request = ask(TEE, WeldingConditions.usual());
        WeldSequence sequence = SequencePlanner.plan(request);
        JobCost cost = JobCost.of(request, sequence, prices(10, 14, 6, 48));

        SequenceTotals totals = sequence.totals();
        assertThat(share(cost, CostItem.ARGON)).isCloseTo(totals.torchArgonL() / 100, within(1e-9));
        assertThat(share(cost, CostItem.WIRE)).isCloseTo(totals.wireG() * 0.014, within(1e-9));
        assertThat(share(cost, CostItem.TUNGSTEN)).isCloseTo(6 * (1 + totals.grinds()) / 24.0, within(1e-9));
        assertThat(share(cost, CostItem.HAND)).isCloseTo(totals.wallS() / 75, within(1e-9));
        assertThat(cost.total())
                .isCloseTo(cost.shares().stream().mapToDouble(CostShare::money).sum(), within(1e-9));
        assertThat(cost.missingPrices()).isEmpty();
    }

    @Test
    void whatNoPriceIsToldForIsNamedAndNotCalculated() {
        SequenceRequest request = ask(TEE, WeldingConditions.usual());
        Prices hourOnly = new Prices(
                OptionalDouble.empty(), Map.of("ERTi-2", 90.0), OptionalDouble.empty(), OptionalDouble.of(48));
        JobCost cost = JobCost.of(request, SequencePlanner.plan(request), hourOnly);
        assertThat(cost.shares()).extracting(CostShare::item).containsExactly(CostItem.HAND);
        assertThat(cost.missingPrices()).containsExactly(CostItem.ARGON, CostItem.WIRE, CostItem.TUNGSTEN);
    }

    @Test
    void aFusionSeamTakesNoWireAndAPurgeCostsItsArgon() {
        SequenceRequest fusion = ask(
                Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.2),
                WeldingConditions.usual().with(draft -> draft.wire = false));
        JobCost cost = JobCost.of(fusion, SequencePlanner.plan(fusion), prices(10, 14, 6, 48));
        assertThat(cost.shares()).extracting(CostShare::item).doesNotContain(CostItem.WIRE);
        assertThat(cost.missingPrices()).isEmpty();

        SequenceRequest purged = ask(
                Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.2),
                WeldingConditions.usual().with(draft -> {
                    draft.wire = false;
                    draft.purged = true;
                }));
        JobCost dearer = JobCost.of(purged, SequencePlanner.plan(purged), prices(10, 14, 6, 48));
        assertThat(share(dearer, CostItem.ARGON)).isGreaterThan(share(cost, CostItem.ARGON));
    }

    @Test
    void aDearerThingNeverMakesAJobCheaper() {
        Random random = new Random(4);
        SequenceRequest request = ask(TEE, WeldingConditions.usual());
        WeldSequence sequence = SequencePlanner.plan(request);
        for (int i = 0; i < 100; i++) {
            double[] price = random.doubles(4, 0, 100).toArray();
            double before = JobCost.of(request, sequence, prices(price[0], price[1], price[2], price[3]))
                    .total();
            price[i % 4] += 1 + random.nextInt(50);
            assertThat(JobCost.of(request, sequence, prices(price[0], price[1], price[2], price[3]))
                            .total())
                    .isGreaterThan(before);
        }
    }

    @Test
    void pricesThatCannotBeAreToldByTheirNames() {
        assertThat(prices(-1, 2_000_000, 6, Double.NaN).problems())
                .extracting(Problem::field)
                .containsExactly("argonPerM3", "wirePerKg.ER70S-2", "hour");
        assertThat(Prices.none().isSet()).isFalse();
        assertThat(FillerAlloy.classes())
                .contains("ER70S-2", "ER308L", "ERTi-2")
                .isSorted();
    }

    @Test
    void heatLeavesStepByStepAndNeverBelowTheWarmthOfThePiece() {
        SequenceRequest cold = ask(TEE, WeldingConditions.usual());
        List<Double> leaves = cold.leavesS(1);
        assertThat(leaves).hasSize(RemainingHeat.STEPS_C.size()).isSorted();
        CoolingTime cooling = cold.passes().get(0).cooling();
        for (int i = 0; i < leaves.size(); i++) {
            if (leaves.get(i) < RemainingHeat.LONGEST_S) {
                assertThat(cooling.temperatureC(leaves.get(i))).isCloseTo(RemainingHeat.STEPS_C.get(i), within(1.0));
            }
        }
        SequenceRequest warm =
                ask(TEE, WeldingConditions.usual().with(draft -> draft.preheatC = OptionalDouble.of(150)));
        assertThat(warm.leavesS(1).subList(2, 4)).containsOnly(RemainingHeat.LONGEST_S);
    }

    @Test
    void onlyAWeldOfSeveralPassesWaitsForTheNext() {
        SequenceRequest single = ask(TEE, WeldingConditions.usual());
        assertThat(RemainingHeat.of(single.sheet(), 20).passS()).isZero();
        SequenceRequest v = WeldSequenceTest.ask(
                Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, 8),
                WeldingConditions.usual(),
                WeldQuantity.usual().of(1, 150),
                List.of(),
                List.of());
        CooledPass cooled = RemainingHeat.of(v.sheet(), 20);
        assertThat(cooled.passS()).isPositive().isLessThan(cooled.touchS());
    }
}
