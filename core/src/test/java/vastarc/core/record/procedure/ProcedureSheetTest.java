package vastarc.core.record.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.RandomJoints;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.record.procedure.ProcedureSheet.LineValue;
import vastarc.core.record.procedure.ProcedureSheet.MeasureValue;
import vastarc.core.record.procedure.ProcedureSheet.NamedValue;
import vastarc.core.record.procedure.ProcedureSheet.ProcedureHeading;
import vastarc.core.record.procedure.ProcedureSheet.ProcedureLine;
import vastarc.core.record.procedure.ProcedureSheet.ProcedurePass;

/** A sheet under the headings of a procedure says what the sheet says, and nothing else. */
class ProcedureSheetTest {

    private static final WeldingConditions USUAL = WeldingConditions.usual();

    private static SetupSheet sheet(Joint joint, WeldingConditions conditions) {
        return SheetPlanner.plan(joint, conditions).value().orElseThrow();
    }

    private static Optional<LineValue> line(ProcedureSheet sheet, ProcedureHeading heading, String field) {
        return sheet.sections().stream()
                .filter(section -> section.heading() == heading)
                .flatMap(section -> section.lines().stream())
                .filter(line -> line.field().equals(field))
                .map(ProcedureLine::value)
                .findFirst();
    }

    private static String named(ProcedureSheet sheet, ProcedureHeading heading, String field) {
        return ((NamedValue) line(sheet, heading, field).orElseThrow()).apiName();
    }

    private static double measured(ProcedureSheet sheet, ProcedureHeading heading, String field) {
        return ((MeasureValue) line(sheet, heading, field).orElseThrow()).value();
    }

    @Test
    void onePassCarriesTheSheetsOwnFigures() {
        SetupSheet sheet = sheet(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2), USUAL);
        ProcedureSheet procedure = ProcedureSheetWriter.of(sheet);

        assertThat(procedure.passes()).singleElement().satisfies(pass -> {
            assertThat(pass.currentA())
                    .isEqualTo(sheet.setting(ParameterKey.WORKING_CURRENT).value());
            assertThat(pass.voltageV().orElseThrow())
                    .isEqualTo(sheet.setting(ParameterKey.ARC_VOLTAGE).value());
            assertThat(pass.heatInputKjPerMm())
                    .isEqualTo(sheet.setting(ParameterKey.HEAT_INPUT).value());
        });
        assertThat(named(procedure, ProcedureHeading.JOINT, "form")).isEqualTo("SQUARE_BUTT");
        assertThat(named(procedure, ProcedureHeading.BASE_METALS, "abutting")).isEqualTo("STAINLESS_304L");
        assertThat(named(procedure, ProcedureHeading.FILLER, "class")).isEqualTo("ER308L");
        assertThat(named(procedure, ProcedureHeading.ELECTRICAL, "polarity")).isEqualTo("ELECTRODE_NEGATIVE");
        assertThat(measured(procedure, ProcedureHeading.GAS, "flowLPerMin"))
                .isEqualTo(sheet.setting(ParameterKey.GAS_FLOW).value());
        assertThat(line(procedure, ProcedureHeading.ELECTRICAL, "pulseHz")).isEmpty();
        assertThat(line(procedure, ProcedureHeading.JOINT, "grooveAngleDeg")).isEmpty();
        assertThat(named(procedure, ProcedureHeading.GAS, "backingGas")).isEqualTo("NONE");
    }

    @Test
    void everyPassOfAGrooveHasItsRow() {
        SetupSheet sheet =
                sheet(Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 9).prepared(EdgePreparation.V), USUAL);
        ProcedureSheet procedure = ProcedureSheetWriter.of(sheet);

        List<ProcedurePass> passes = procedure.passes();
        assertThat(passes).hasSameSizeAs(sheet.passes().orElseThrow().passes());
        assertThat(passes.stream().map(ProcedurePass::number)).first().isEqualTo(1);
        // Heat input by EN 1011-1, from what stands in the row.
        assertThat(passes)
                .allSatisfy(pass -> assertThat(0.6
                                * pass.voltageV().orElseThrow()
                                * pass.currentA()
                                * 60
                                / pass.travelMmPerMin()
                                / 1000)
                        .isCloseTo(pass.heatInputKjPerMm(), within(0.01 * pass.heatInputKjPerMm())));
        assertThat(measured(procedure, ProcedureHeading.JOINT, "grooveAngleDeg"))
                .isEqualTo(60);
        assertThat(measured(procedure, ProcedureHeading.JOINT, "gapMm")).isEqualTo(2.4);
        assertThat(measured(procedure, ProcedureHeading.TECHNIQUE, "passes")).isEqualTo(passes.size());
    }

    @Test
    void whatHasNoEffectIsLeftOut() {
        SetupSheet purged =
                sheet(Joint.of(Material.TITANIUM_GR2, JointForm.TUBE_BUTT, 1.5).tubeOd(38), USUAL.with(draft -> {
                    draft.purged = true;
                    draft.rotated = true;
                    draft.wire = false;
                    draft.control = ControlDevice.TRIGGER_4T;
                    draft.pulse = PulsePurpose.HEAT;
                }));
        ProcedureSheet procedure = ProcedureSheetWriter.of(purged);

        assertThat(named(procedure, ProcedureHeading.GAS, "backingGas")).isEqualTo("ARGON");
        assertThat(measured(procedure, ProcedureHeading.GAS, "backingFlowLPerMin"))
                .isPositive();
        assertThat(named(procedure, ProcedureHeading.POSITION, "tube")).isEqualTo("TURNED");
        assertThat(named(procedure, ProcedureHeading.FILLER, "class")).isEqualTo("NONE");
        assertThat(measured(procedure, ProcedureHeading.ELECTRICAL, "pulseHz")).isPositive();
        assertThat(procedure.passes().get(0).wireMm()).isZero();
    }

    @Test
    void everyLineOfAnySheetHasItsWords() {
        RandomJoints random = new RandomJoints(41);
        for (int draw = 0; draw < 200; draw++) {
            Joint joint = random.joint();
            SheetPlanner.plan(joint, random.practiceFor(joint)).value().ifPresent(sheet -> {
                ProcedureSheet procedure = ProcedureSheetWriter.of(sheet);
                assertThat(procedure.sections()).hasSize(ProcedureHeading.values().length);
                procedure.sections().forEach(section -> {
                    assertThat(Phrasebook.say(section.heading().words(), UnitSystem.METRIC))
                            .isNotBlank();
                    section.lines()
                            .forEach(line -> assertThat(Phrasebook.say(line.words(), UnitSystem.METRIC))
                                    .isNotBlank());
                });
            });
        }
    }
}
