package vastarc.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import vastarc.core.consumable.WireAlloy;
import vastarc.core.finding.Problem;
import vastarc.core.heat.Cooling;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.material.Material;
import vastarc.core.route.Cost.Item;
import vastarc.core.route.Cost.Share;

/** What a job costs, and how the heat leaves it. */
class CostTest {

    private static final Joint TEE = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3);

    private static RouteAsk ask(Joint joint, Practice practice) {
        return RouteTest.ask(joint, practice, Work.usual().of(4, 300), List.of(), List.of());
    }

    private static Prices prices(double argon, double wire, double tungsten, double hour) {
        return new Prices(
                OptionalDouble.of(argon),
                Map.of("ER70S-2", wire),
                OptionalDouble.of(tungsten),
                OptionalDouble.of(hour));
    }

    private static double share(Cost cost, Item item) {
        return cost.shares().stream()
                .filter(share -> share.item() == item)
                .mapToDouble(Share::money)
                .sum();
    }

    @Test
    void everyShareIsItsAmountTimesItsPrice() {
        RouteAsk ask = ask(TEE, Practice.usual());
        Route route = RoutePlanner.plan(ask);
        Cost cost = Cost.of(ask, route, prices(10, 14, 6, 48));

        Route.Totals totals = route.totals();
        assertThat(share(cost, Item.ARGON)).isCloseTo(totals.torchArgonL() / 100, within(1e-9));
        assertThat(share(cost, Item.WIRE)).isCloseTo(totals.wireG() * 0.014, within(1e-9));
        assertThat(share(cost, Item.TUNGSTEN)).isCloseTo(6 * (1 + totals.grinds()) / 24.0, within(1e-9));
        assertThat(share(cost, Item.HAND)).isCloseTo(totals.wallS() / 75, within(1e-9));
        assertThat(cost.total())
                .isCloseTo(cost.shares().stream().mapToDouble(Share::money).sum(), within(1e-9));
        assertThat(cost.untold()).isEmpty();
    }

    @Test
    void whatNoPriceIsToldForIsNamedAndNotReckoned() {
        RouteAsk ask = ask(TEE, Practice.usual());
        Prices hourOnly = new Prices(
                OptionalDouble.empty(), Map.of("ERTi-2", 90.0), OptionalDouble.empty(), OptionalDouble.of(48));
        Cost cost = Cost.of(ask, RoutePlanner.plan(ask), hourOnly);
        assertThat(cost.shares()).extracting(Share::item).containsExactly(Item.HAND);
        assertThat(cost.untold()).containsExactly(Item.ARGON, Item.WIRE, Item.TUNGSTEN);
    }

    @Test
    void aFusionSeamTakesNoWireAndAPurgeCostsItsArgon() {
        RouteAsk fusion = ask(
                Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.2),
                Practice.usual().with(draft -> draft.wire = false));
        Cost cost = Cost.of(fusion, RoutePlanner.plan(fusion), prices(10, 14, 6, 48));
        assertThat(cost.shares()).extracting(Share::item).doesNotContain(Item.WIRE);
        assertThat(cost.untold()).isEmpty();

        RouteAsk purged = ask(
                Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.2),
                Practice.usual().with(draft -> {
                    draft.wire = false;
                    draft.purged = true;
                }));
        Cost dearer = Cost.of(purged, RoutePlanner.plan(purged), prices(10, 14, 6, 48));
        assertThat(share(dearer, Item.ARGON)).isGreaterThan(share(cost, Item.ARGON));
    }

    @Test
    void aDearerThingNeverMakesAJobCheaper() {
        Random random = new Random(4);
        RouteAsk ask = ask(TEE, Practice.usual());
        Route route = RoutePlanner.plan(ask);
        for (int i = 0; i < 100; i++) {
            double[] price = random.doubles(4, 0, 100).toArray();
            double before = Cost.of(ask, route, prices(price[0], price[1], price[2], price[3]))
                    .total();
            price[i % 4] += 1 + random.nextInt(50);
            assertThat(Cost.of(ask, route, prices(price[0], price[1], price[2], price[3]))
                            .total())
                    .isGreaterThan(before);
        }
    }

    @Test
    void pricesThatCannotBeAreToldByTheirNames() {
        assertThat(prices(-1, 2_000_000, 6, Double.NaN).problems())
                .extracting(Problem::field)
                .containsExactly("argonPerM3", "wirePerKg.ER70S-2", "hour");
        assertThat(Prices.untold().isTold()).isFalse();
        assertThat(WireAlloy.classes()).contains("ER70S-2", "ER308L", "ERTi-2").isSorted();
    }

    @Test
    void heatLeavesStepByStepAndNeverBelowTheWarmthOfThePiece() {
        RouteAsk cold = ask(TEE, Practice.usual());
        List<Double> leaves = cold.leavesS(1);
        assertThat(leaves).hasSize(HeatLeft.STEPS_C.size()).isSorted();
        Cooling cooling = cold.passes().get(0).cooling();
        for (int i = 0; i < leaves.size(); i++) {
            if (leaves.get(i) < HeatLeft.LONGEST_S) {
                assertThat(cooling.temperatureC(leaves.get(i))).isCloseTo(HeatLeft.STEPS_C.get(i), within(1.0));
            }
        }
        RouteAsk warm = ask(TEE, Practice.usual().with(draft -> draft.preheatC = OptionalDouble.of(150)));
        assertThat(warm.leavesS(1).subList(2, 4)).containsOnly(HeatLeft.LONGEST_S);
    }

    @Test
    void onlyAWeldOfSeveralPassesWaitsForTheNext() {
        RouteAsk single = ask(TEE, Practice.usual());
        assertThat(HeatLeft.of(single.sheet(), 20).passS()).isZero();
        RouteAsk v = RouteTest.ask(
                Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, 8),
                Practice.usual(),
                Work.usual().of(1, 150),
                List.of(),
                List.of());
        HeatLeft.Cooled cooled = HeatLeft.of(v.sheet(), 20);
        assertThat(cooled.passS()).isPositive().isLessThan(cooled.touchS());
    }
}
