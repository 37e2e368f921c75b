package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.sheet.CornerChoice.CornerWay;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.heat.HeatBalance;

/** What would change the back of a corner: which ways are offered, and what each does to it. */
class CornerChoiceTest {

    private static final WeldingConditions ROOT = WeldingConditions.usual().melting(Penetration.ROOT);

    private static Joint tee(Material material, double t) {
        return Joint.of(material, JointForm.T_FILLET, t);
    }

    private static List<CornerWay> ways(List<CornerChoice> choices) {
        return choices.stream().map(CornerChoice::way).toList();
    }

    private static CornerChoice way(List<CornerChoice> choices, CornerWay way) {
        return choices.stream()
                .filter(choice -> choice.way() == way)
                .findFirst()
                .orElseThrow();
    }

    private static boolean isMolten(CornerChoice choice) {
        return choice.back().key().contains("molten");
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void onlyACornerHasThem(JointForm form) {
        Joint joint = Joint.of(Material.CARBON_STEEL, form, 2);

        assertThat(CornerChoice.compare(joint, WeldingConditions.usual()).isEmpty())
                .isEqualTo(!joint.isCorner());
    }

    @ParameterizedTest
    @CsvSource({"1, CARBON_STEEL", "1, STAINLESS_304L", "1, TITANIUM_GR2", "6, CARBON_STEEL", "6, STAINLESS_304L"})
    void whatIsOfferedFollowsFromTheBack(double t, Material material) {
        Joint joint = tee(material, t);
        List<CornerChoice> choices = CornerChoice.compare(joint, ROOT);
        CornerChoice set = choices.get(0);

        assertThat(set.way()).isEqualTo(CornerWay.AS_SET);
        assertThat(set.chosen()).isTrue();
        assertThat(set.change()).isEmpty();
        assertThat(choices.stream().skip(1))
                .allSatisfy(choice -> assertThat(choice.chosen()).isFalse());
        assertThat(ways(choices)).contains(CornerWay.BAR).endsWith(CornerWay.THROUGH);
        assertThat(ways(choices).contains(CornerWay.PURGE)).isEqualTo(material.wantsPurge());
        assertThat(isMolten(set)).isEqualTo(set.backMm() > 0);
        if (set.backMm() == 0) {
            assertThat(ways(choices)).doesNotContain(CornerWay.SMALLER_LEG);
        }
    }

    @Test
    void theBackThatMeltsIsThinAndTheOneThatStaysSolidIsThick() {
        assertThat(CornerChoice.compare(tee(Material.STAINLESS_304L, 1), ROOT)
                        .get(0)
                        .backMm())
                .isPositive();
        assertThat(CornerChoice.compare(tee(Material.STAINLESS_304L, 6), ROOT)
                        .get(0)
                        .backMm())
                .isZero();
    }

    /** Each figure is that of the sheet one would get by making the change. */
    @ParameterizedTest
    @EnumSource(
            value = Material.class,
            names = {"CARBON_STEEL", "STAINLESS_316L", "TITANIUM_GR2"})
    void everyWaysFiguresAreThoseOfTheWeldItLeadsTo(Material material) {
        Joint joint = tee(material, 1.5);
        for (CornerChoice choice : CornerChoice.compare(joint, ROOT)) {
            HeatBalance heat = HeatBalance.of(changed(joint, choice), changed(ROOT, choice));
            assertThat(choice.currentA()).as(choice.way().name()).isEqualTo(heat.currentA());
            assertThat(choice.backMm()).isEqualTo(heat.pool().backWidthMm());
            assertThat(choice.legMm()).isEqualTo(changed(joint, choice).legMm());
            assertThat(choice.backPeakC())
                    .isEqualTo(Math.min(heat.backPeakC(), heat.metal().meltC()));
        }
    }

    private static Joint changed(Joint joint, CornerChoice choice) {
        Object leg = choice.change().get("legMm");
        return leg == null ? joint : joint.with(draft -> draft.leg = Optional.of(Length.ofMillimetres((Double) leg)));
    }

    private static WeldingConditions changed(WeldingConditions conditions, CornerChoice choice) {
        Map<String, Object> change = choice.change();
        WeldingConditions other = change.containsKey("penetration")
                ? conditions.melting(Penetration.valueOf((String) change.get("penetration")))
                : conditions;
        return other.with(draft -> {
            draft.chill = change.containsKey("chill") ? BackingBar.valueOf((String) change.get("chill")) : draft.chill;
            draft.purged = change.containsKey("purged") || draft.purged;
        });
    }

    @ParameterizedTest
    @CsvSource({"CARBON_STEEL, 2.0", "CARBON_STEEL, 2.2", "STAINLESS_304L, 2.0", "STAINLESS_304L, 2.5"})
    void theSmallerLegIsTheLargestThatLeavesTheBackSolid(Material material, double t) {
        Joint joint = tee(material, t);
        List<CornerChoice> choices = CornerChoice.compare(joint, ROOT);
        if (choices.get(0).backMm() == 0) {
            assertThat(HeatBalance.leavesBackSolid(joint, ROOT)).isTrue();
            return;
        }
        double largest = 0;
        for (int tenths = 1; tenths < 10 * joint.legMm(); tenths++) {
            double leg = tenths / 10.0;
            Joint smaller = joint.with(draft -> draft.leg = Optional.of(Length.ofMillimetres(leg)));
            if (leg >= 0.6 * joint.legMm() && HeatBalance.leavesBackSolid(smaller, ROOT)) {
                largest = leg;
            }
        }
        if (largest == 0) {
            assertThat(ways(choices)).doesNotContain(CornerWay.SMALLER_LEG);
        } else {
            CornerChoice smaller = way(choices, CornerWay.SMALLER_LEG);
            assertThat(smaller.legMm()).isCloseTo(largest, within(1e-9));
            assertThat((Double) smaller.change().get("legMm")).isCloseTo(largest, within(1e-9));
            assertThat(isMolten(smaller)).isFalse();
        }
    }

    @Test
    void whatIsThereAlreadyIsNotOffered() {
        Joint joint = tee(Material.STAINLESS_304L, 1.5);
        WeldingConditions all = ROOT.with(draft -> {
            draft.chill = BackingBar.COPPER_BAR;
            draft.purged = true;
        });

        assertThat(ways(CornerChoice.compare(joint, all))).doesNotContain(CornerWay.BAR, CornerWay.PURGE);
        assertThat(ways(CornerChoice.compare(joint, ROOT.melting(Penetration.THROUGH))))
                .doesNotContain(CornerWay.SMALLER_LEG, CornerWay.THROUGH)
                .endsWith(CornerWay.BY_LEG);
        assertThat(ways(CornerChoice.compare(joint, ROOT.with(draft -> draft.wire = false))))
                .doesNotContain(CornerWay.SMALLER_LEG);
        assertThat(CornerChoice.compare(joint, ROOT.with(draft -> draft.wire = false)))
                .allSatisfy(choice -> assertThat(choice.legMm()).isZero());
    }

    @ParameterizedTest
    @CsvSource({
        "CARBON_STEEL, 1, false, back.steel.molten",
        "CARBON_STEEL, 6, false, back.steel.solid",
        "CARBON_STEEL, 1, true, back.steel.molten",
        "STAINLESS_304L, 1, false, back.stainless.molten",
        "STAINLESS_304L, 1, true, back.stainless.molten.purged",
        "STAINLESS_304L, 6, true, back.stainless.solid.purged",
        "TITANIUM_GR2, 1, false, back.titanium.molten",
        "TITANIUM_GR2, 6, false, back.titanium.solid"
    })
    void theBackIsNamedByItsMetalAndItsGas(Material material, double t, boolean purged, String words) {
        WeldingConditions conditions = ROOT.with(draft -> draft.purged = purged);

        assertThat(CornerChoice.compare(tee(material, t), conditions)
                        .get(0)
                        .back()
                        .key())
                .isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"TUBE_TO_PLATE, SOCKET, 2", "T_FILLET, BEVEL_ONE_SIDE, 10"})
    void aBackThatNobodySeesIsSaidToBeHiddenAndNotHelped(JointForm form, EdgePreparation preparation, double t) {
        Joint hidden = Joint.of(Material.STAINLESS_304L, form, t).prepared(preparation);
        List<CornerChoice> choices = CornerChoice.compare(hidden, ROOT);

        assertThat(choices.get(0).back().key()).isEqualTo("back.hidden");
        assertThat(choices.get(0).backMm()).isZero();
        assertThat(ways(choices)).containsExactly(CornerWay.AS_SET, CornerWay.THROUGH);
    }

    @Test
    void waysHaveTheirNamesInCalls() {
        assertThat(CornerWay.SMALLER_LEG.apiName()).isEqualTo("smallerLeg");
        assertThat(CornerWay.SMALLER_LEG.words()).isEqualTo("corner.smallerLeg");
    }
}
