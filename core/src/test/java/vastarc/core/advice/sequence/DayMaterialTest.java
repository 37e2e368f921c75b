package vastarc.core.advice.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.Stock;
import vastarc.core.advice.sequence.DayMaterial.MaterialNeed;
import vastarc.core.advice.sequence.DayMaterial.NeedKind;
import vastarc.core.advice.sequence.DayMaterial.StockAnswer;
import vastarc.core.advice.sequence.WeldSequence.SequenceTotals;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** What jobs take together, and what the shop lacks of it. */
class DayMaterialTest {

    private static SequenceRequest ask(Material material, double t, WeldingConditions conditions) {
        return WeldSequenceTest.ask(
                Joint.of(material, JointForm.T_FILLET, t),
                conditions,
                WeldQuantity.usual().of(4, 300),
                List.of(),
                List.of());
    }

    private static final SequenceRequest STEEL = ask(Material.CARBON_STEEL, 3, WeldingConditions.usual());
    private static final SequenceRequest THICKER = ask(Material.CARBON_STEEL, 4, WeldingConditions.usual());
    private static final SequenceRequest STAINLESS = ask(
            Material.STAINLESS_304L, 3, WeldingConditions.usual().with(draft -> draft.chill = BackingBar.COPPER_BAR));

    private static List<MaterialNeed> of(DayMaterial material, NeedKind kind) {
        return material.needs().stream().filter(need -> need.kind() == kind).toList();
    }

    private static SequenceTotals totals(SequenceRequest request) {
        return SequencePlanner.plan(request).totals();
    }

    @Test
    void whatTwoJobsTakeAlikeIsOneLine() {
        DayMaterial material = DayMaterial.of(List.of(STEEL, STEEL), Stock.everything());

        assertThat(of(material, NeedKind.ROD)).singleElement().satisfies(rod -> {
            assertThat(rod.name()).isEqualTo("ER70S-2");
            assertThat(rod.grams()).isCloseTo(2 * totals(STEEL).wireG(), within(1e-9));
            assertThat(rod.count()).isEqualTo(2 * totals(STEEL).rods());
            assertThat(rod.jobs()).containsExactly(0, 1);
            assertThat(rod.stock()).isEqualTo(StockAnswer.NOT_LISTED);
        });
        assertThat(of(material, NeedKind.CUP)).hasSize(1);
        assertThat(of(material, NeedKind.BAR)).isEmpty();
        assertThat(material.torchArgonL()).isCloseTo(2 * totals(STEEL).torchArgonL(), within(1e-9));
    }

    @Test
    void rodsOfAnotherClassAreAnotherLine() {
        DayMaterial material = DayMaterial.of(List.of(STEEL, STAINLESS), Stock.everything());

        assertThat(of(material, NeedKind.ROD))
                .extracting(MaterialNeed::name)
                .containsExactlyInAnyOrder("ER70S-2", "ER308L");
        assertThat(of(material, NeedKind.BAR)).singleElement().satisfies(bar -> {
            assertThat(bar.name()).isEqualTo("COPPER_BAR");
            assertThat(bar.jobs()).containsExactly(1);
        });
        double grams = of(material, NeedKind.ROD).stream()
                .mapToDouble(MaterialNeed::grams)
                .sum();
        assertThat(grams).isCloseTo(totals(STEEL).wireG() + totals(STAINLESS).wireG(), within(1e-9));
    }

    /** The sheet goes on with what the shop has; what nothing can stand in for is lacking, and comes first. */
    @Test
    void whatTheShopLacksComesFirst() {
        Stock without = new Stock(Set.of(), Set.of(4), Set.of());
        DayMaterial material = DayMaterial.of(List.of(STEEL, THICKER), without);

        assertThat(material.needs().get(0).kind()).isEqualTo(NeedKind.CUP);
        assertThat(material.needs().get(0).stock()).isEqualTo(StockAnswer.LACKING);
        assertThat(material.needs().stream().skip(of(material, NeedKind.CUP).size()))
                .allMatch(need -> need.stock() == StockAnswer.NOT_LISTED);
        int cup = STEEL.sheet().cup().number();
        assertThat(of(DayMaterial.of(List.of(STEEL), new Stock(Set.of(), Set.of(4, cup), Set.of())), NeedKind.CUP))
                .extracting(MaterialNeed::stock)
                .containsExactly(StockAnswer.LISTED);
    }

    @Test
    void aWeldWithoutWireTakesNoRods() {
        SequenceRequest dry = WeldSequenceTest.ask(
                Joint.of(Material.STAINLESS_304L, JointForm.EDGE, 1.5),
                WeldingConditions.usual().with(draft -> draft.wire = false),
                WeldQuantity.usual().of(4, 300),
                List.of(),
                List.of());

        assertThat(of(DayMaterial.of(List.of(dry), Stock.everything()), NeedKind.ROD))
                .isEmpty();
        assertThat(DayMaterial.of(List.of(), Stock.everything()).needs()).isEmpty();
    }
}
