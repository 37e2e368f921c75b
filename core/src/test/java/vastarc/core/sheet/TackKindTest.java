package vastarc.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import vastarc.core.joint.Finish;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Preparation;
import vastarc.core.joint.Weld;
import vastarc.core.material.Material;
import vastarc.core.plan.WeldPlan;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.wording.Phrasebook;

/** How a joint is tacked, and what holds its gap. */
class TackKindTest {

    private static Sheet sheet(Joint joint, Practice practice) {
        return WeldPlan.of(WeldPlan.Ask.of(new Weld(joint, practice), ShopWays.usual()))
                .sheet()
                .value()
                .orElseThrow();
    }

    private static String held(Sheet sheet) {
        return Phrasebook.say(TackKind.heldBy(sheet), UnitSystem.METRIC);
    }

    @Test
    void thinPartsThatTouchAreSpottedWithoutWire() {
        Sheet thin = sheet(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.2), Practice.usual());
        assertThat(TackKind.of(thin)).isEqualTo(TackKind.FUSION);
        assertThat(held(thin)).contains("the parts touch");
    }

    @Test
    void aGapOrThickStockWantsWire() {
        Sheet gapped = sheet(
                Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2)
                        .with(draft -> draft.gap = Length.ofMillimetres(1)),
                Practice.usual());
        assertThat(TackKind.of(gapped)).isEqualTo(TackKind.WIRE);
        assertThat(held(gapped)).contains("1 mm", "feeler");
    }

    @Test
    void anOpenRootIsTackedInTheRootOrBridgedWhereItIsToBeWhole() {
        Joint plate = Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, 4);
        assertThat(TackKind.of(sheet(plate, Practice.usual()))).isEqualTo(TackKind.ROOT);
        assertThat(held(sheet(plate, Practice.usual()))).contains("2.4 mm");
        assertThat(TackKind.of(sheet(Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, 8), Practice.usual())))
                .isEqualTo(TackKind.BRIDGE);
        Joint pipe = Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 3.9)
                .tubeOd(60.3)
                .prepared(Preparation.V);
        Practice hygienic = Practice.usual().with(draft -> {
            draft.purged = true;
            draft.finish = Finish.HYGIENIC;
        });
        assertThat(TackKind.of(sheet(pipe, hygienic))).isEqualTo(TackKind.BRIDGE);
    }

    @Test
    void aCornerIsClampedWithoutAGap() {
        assertThat(held(sheet(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3), Practice.usual())))
                .contains("clamped");
    }
}
