package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.base.validation.Caution;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.FinishRequirement;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** What can kill or burn is said where it matters, and only there. */
class SafetyCautionsTest {

    private static final WeldingConditions USUAL = WeldingConditions.usual();

    private static List<String> cautions(Joint joint, WeldingConditions conditions) {
        return SheetPlanner.plan(joint, conditions).value().orElseThrow().cautions().stream()
                .map(Caution::code)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void aHollowThatMayBeShutUpIsVentedAndProvenFreeOfFuel(JointForm form) {
        Joint joint = Joint.of(Material.CARBON_STEEL, form, 3);
        boolean closes = form == JointForm.TUBE_SADDLE || form == JointForm.TUBE_TO_PLATE;

        assertThat(cautions(joint, USUAL).contains("closedHollow")).isEqualTo(closes);
    }

    @Test
    void coatingsAreNamedWhereSteelMeetsStainless() {
        Joint pair =
                Joint.of(Material.STAINLESS_304L, JointForm.LAP, 2).with(draft -> draft.other = Material.CARBON_STEEL);

        assertThat(cautions(pair, USUAL)).contains("fume.STAINLESS", "coating");
        assertThat(cautions(Joint.of(Material.STAINLESS_304L, JointForm.LAP, 2), USUAL))
                .doesNotContain("coating");
    }

    @Test
    void acidIsNamedWhereColourIsTakenOff() {
        Joint joint = Joint.of(Material.STAINLESS_316L, JointForm.SQUARE_BUTT, 1.5);
        WeldingConditions visible = USUAL.with(draft -> {
            draft.finish = FinishRequirement.VISIBLE;
            draft.purged = true;
        });

        assertThat(cautions(joint, visible)).contains("pickling");
        assertThat(cautions(joint, USUAL)).doesNotContain("pickling");
        assertThat(cautions(Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 1.5), visible))
                .doesNotContain("pickling");
    }

    @Test
    void brightMetalAndBarsReflectTheArc() {
        Joint steel = Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 1.5);

        assertThat(cautions(steel, USUAL)).contains("eyes", "fire");
        assertThat(cautions(steel, USUAL.with(draft -> draft.chill = BackingBar.ALUMINIUM_BAR)))
                .contains("eyesReflected");
        assertThat(cautions(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.5), USUAL))
                .contains("eyesReflected");
    }

    @Test
    void warmMetalIsMarkedBeforeItIsHandedOver() {
        Joint steel = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 6);

        assertThat(cautions(steel, USUAL.with(draft -> draft.preheatC = OptionalDouble.of(150))))
                .contains("fireWarm");
        assertThat(cautions(Joint.of(Material.CHROMOLY_4130, JointForm.T_FILLET, 6), USUAL))
                .contains("fireWarm");
    }
}
