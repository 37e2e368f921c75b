package vastarc.web.request;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import vastarc.core.finding.Outcome;
import vastarc.core.finding.Problem;
import vastarc.core.joint.Chill;
import vastarc.core.quantity.UnitSystem;

class TypedFormTest {

    private static Outcome<SheetInput> read(TypedForm form) {
        return JobReader.read(new FormFields(form));
    }

    private static double baseMm(TypedForm form) {
        return read(form).value().orElseThrow().joint().base().inMillimetres();
    }

    @Test
    void aFreshJobHasAFullSheetAtOnce() {
        assertThat(read(TypedForm.fresh()).problems()).isEmpty();
    }

    @Test
    void aBareNumberKeepsTheUnitsItWasTypedInWhenUnitsAreTurned() {
        Map<String, String> sent = Map.of("material", "CARBON_STEEL", "joint", "LAP", TypedForm.BASE, "2");
        TypedForm metric = TypedForm.fresh().changedTo(sent, TypedForm.JOINT_FIELDS, UnitSystem.METRIC);
        TypedForm turned = metric.changedTo(sent, TypedForm.JOINT_FIELDS, UnitSystem.INCH);
        TypedForm retyped = turned.changedTo(
                Map.of("material", "CARBON_STEEL", "joint", "LAP", TypedForm.BASE, "0.1"),
                TypedForm.JOINT_FIELDS,
                UnitSystem.INCH);

        assertThat(baseMm(turned)).isEqualTo(2);
        assertThat(baseMm(retyped)).isEqualTo(2.54);
    }

    @Test
    void unknownFieldsAreDroppedAndLongTextsCut() {
        TypedForm form = TypedForm.fresh()
                .changedTo(
                        Map.of("evil", "x", TypedForm.BASE, "9".repeat(5000)),
                        TypedForm.JOINT_FIELDS,
                        UnitSystem.METRIC);

        assertThat(form.texts()).doesNotContainKey("evil");
        assertThat(form.text(TypedForm.BASE).orElseThrow()).hasSize(TypedForm.MAX_CHARACTERS);
        assertThat(read(form).problems()).isNotEmpty();
    }

    @Test
    void gaugeFollowsTheMetal() {
        Map<String, String> steel = Map.of("material", "CARBON_STEEL", "joint", "LAP", TypedForm.BASE, "16 ga");
        Map<String, String> stainless = Map.of("material", "STAINLESS_304L", "joint", "LAP", TypedForm.BASE, "16 ga");

        assertThat(baseMm(TypedForm.fresh().changedTo(steel, TypedForm.JOINT_FIELDS, UnitSystem.METRIC)))
                .isEqualTo(0.0598 * 25.4);
        assertThat(baseMm(TypedForm.fresh().changedTo(stainless, TypedForm.JOINT_FIELDS, UnitSystem.METRIC)))
                .isEqualTo(0.0625 * 25.4);
    }

    @Test
    void everyFieldReachesTheJointOrThePractice() {
        TypedForm form = TypedForm.fresh()
                .changedTo(
                        Map.of(
                                "material",
                                "STAINLESS_304L",
                                "joint",
                                "SQUARE_BUTT",
                                TypedForm.BASE,
                                "1.5",
                                TypedForm.ABUTTING,
                                "2",
                                "gapMm",
                                "0.3",
                                "travelMmPerMin",
                                "5 in/min",
                                "preheatC",
                                "60 °C",
                                "chill",
                                "COPPER_BAR",
                                "bothSides",
                                "true",
                                "smallTab",
                                "true"),
                        TypedForm.JOINT_FIELDS,
                        UnitSystem.METRIC);
        SheetInput input = read(form).value().orElseThrow();

        assertThat(input.joint().abutting().inMillimetres()).isEqualTo(2);
        assertThat(input.joint().gap().inMillimetres()).isEqualTo(0.3);
        assertThat(input.joint().smallTab()).isTrue();
        assertThat(input.practice().travelMmPerS().orElseThrow()).isEqualTo(127.0 / 60);
        assertThat(input.practice().preheatC()).isEqualTo(60);
        assertThat(input.practice().chill()).isEqualTo(Chill.COPPER_BAR);
        assertThat(input.practice().bothSides()).isTrue();
    }

    @Test
    void everyProblemIsFoundAtOnce() {
        TypedForm form = TypedForm.fresh()
                .changedTo(
                        Map.of(
                                "material",
                                "LEAD",
                                "joint",
                                "LAP",
                                TypedForm.BASE,
                                "thick",
                                "position",
                                "ZZ",
                                "gapMm",
                                "50"),
                        TypedForm.JOINT_FIELDS,
                        UnitSystem.METRIC);

        assertThat(read(form).problems())
                .extracting(Problem::field)
                .contains("material", TypedForm.BASE, "position", "gapMm");
    }
}
