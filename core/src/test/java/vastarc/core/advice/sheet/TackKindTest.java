package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** How a joint is tacked, and what holds its gap. */
class TackKindTest {

    private static SetupSheet sheet(Joint joint, WeldingConditions conditions) {
        return WeldPlan.of(PlanRequest.of(new Weld(joint, conditions), ShopDefaults.usual()))
                .sheet()
                .value()
                .orElseThrow();
    }

    private static String held(SetupSheet sheet) {
        return Phrasebook.say(TackKind.heldBy(sheet), UnitSystem.METRIC);
    }

    @Test
    void thinPartsThatTouchAreSpottedWithoutWire() {
        SetupSheet thin =
                sheet(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.2), WeldingConditions.usual());
        assertThat(TackKind.of(thin)).isEqualTo(TackKind.FUSION);
        assertThat(held(thin)).contains("the parts touch");
    }

    @Test
    void aGapOrThickStockWantsWire() {
        SetupSheet gapped = sheet(
                Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2)
                        .with(draft -> draft.gap = Length.ofMillimetres(1)),
                WeldingConditions.usual());
        assertThat(TackKind.of(gapped)).isEqualTo(TackKind.WIRE);
        assertThat(held(gapped)).contains("1 mm", "feeler");
    }

    @Test
    void anOpenRootIsTackedInTheRootOrBridgedWhereItIsToBeWhole() {
        Joint plate = Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, 4);
        assertThat(TackKind.of(sheet(plate, WeldingConditions.usual()))).isEqualTo(TackKind.ROOT);
        assertThat(held(sheet(plate, WeldingConditions.usual()))).contains("2.4 mm");
        assertThat(TackKind.of(sheet(Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, 8), WeldingConditions.usual())))
                .isEqualTo(TackKind.BRIDGE);
        Joint pipe = Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 3.9)
                .tubeOd(60.3)
                .prepared(EdgePreparation.V);
        WeldingConditions hygienic = WeldingConditions.usual().with(draft -> {
            draft.purged = true;
            draft.finish = FinishRequirement.HYGIENIC;
        });
        assertThat(TackKind.of(sheet(pipe, hygienic))).isEqualTo(TackKind.BRIDGE);
    }

    @Test
    void aCornerIsClampedWithoutAGap() {
        assertThat(held(sheet(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3), WeldingConditions.usual())))
                .contains("clamped");
    }
}
