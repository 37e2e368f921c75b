package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.plan.RecordedTable;
import vastarc.core.advice.sheet.CornerChoice.CornerWay;
import vastarc.core.advice.sheet.PoolOutline.OutlinePoint;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** Outlines of pools and ways to weld a corner, beside those recorded: what is drawn and offered must not change by itself. */
class RecordedPoolsTest {

    private static final String OUTLINES = "outlines.csv";
    private static final String CORNERS = "corner-ways.csv";
    private static final double[] THICKNESSES = {0.8, 1.6, 3, 6};
    private static final List<Material> MATERIALS =
            List.of(Material.CARBON_STEEL, Material.STAINLESS_304L, Material.TITANIUM_GR2);

    /** Records both anew. */
    @Test
    @EnabledIfSystemProperty(named = "vastarc.record", matches = "true")
    void record() throws IOException {
        RecordedTable.record(OUTLINES, outlines());
        RecordedTable.record(CORNERS, corners());
    }

    @Test
    void outlinesAreAsRecorded() throws IOException {
        RecordedTable.assertNothingMoved(OUTLINES, outlines());
    }

    @Test
    void waysToWeldACornerAreAsRecorded() throws IOException {
        RecordedTable.assertNothingMoved(CORNERS, corners());
    }

    private static Joint joint(Material material, JointForm form, double mm) {
        Joint joint = Joint.of(material, form, mm);
        return form.isTube() ? joint.tubeOd(40) : joint;
    }

    private static List<String> outlines() {
        List<String> lines = new ArrayList<>();
        lines.add("material,form,mm,wire,strikes,back,backAt,points");
        for (Material material : MATERIALS) {
            for (JointForm form : JointForm.values()) {
                for (double mm : THICKNESSES) {
                    for (boolean wire : new boolean[] {true, false}) {
                        Joint joint = joint(material, form, mm);
                        WeldingConditions conditions = WeldingConditions.usual().with(draft -> draft.wire = wire);
                        SheetPlanner.plan(joint, conditions)
                                .value()
                                .ifPresent(sheet -> lines.add(outline(sheet, joint, mm, wire)));
                    }
                }
            }
        }
        return lines;
    }

    private static String outline(SetupSheet sheet, Joint joint, double mm, boolean wire) {
        PoolOutline outline = PoolOutline.of(sheet);
        String points = outline.points().stream()
                .map(point -> text(point.xMm()) + " " + text(point.yMm()))
                .collect(Collectors.joining(";"));
        return String.join(
                ",",
                joint.material().name(),
                joint.form().name(),
                text(mm),
                String.valueOf(wire),
                text(PoolOutline.strikesAtMm(joint)),
                text(outline.backHalfMm()),
                text(outline.backAtMm()),
                points);
    }

    private static List<String> corners() {
        List<String> lines = new ArrayList<>();
        lines.add("material,form,mm,conditions,way,penetration,chosen,change,currentA,legMm,backMm,peakC,back");
        for (Material material : MATERIALS) {
            for (JointForm form : JointForm.values()) {
                for (double mm : THICKNESSES) {
                    Joint joint = joint(material, form, mm);
                    corner(lines, joint, mm, "usual", WeldingConditions.usual());
                    corner(lines, joint, mm, "dry", WeldingConditions.usual().with(draft -> draft.wire = false));
                    corner(lines, joint, mm, "held", WeldingConditions.usual().with(draft -> {
                        draft.chill = BackingBar.COPPER_BAR;
                        draft.purged = true;
                    }));
                    corner(
                            lines,
                            joint,
                            mm,
                            "through",
                            WeldingConditions.usual().melting(Penetration.THROUGH));
                }
            }
        }
        corner(
                lines,
                joint(Material.CARBON_STEEL, JointForm.TUBE_BUTT, 3).prepared(EdgePreparation.SOCKET),
                3,
                "socket",
                WeldingConditions.usual());
        return lines;
    }

    private static void corner(List<String> lines, Joint joint, double mm, String name, WeldingConditions conditions) {
        for (CornerChoice choice : CornerChoice.compare(joint, conditions)) {
            lines.add(String.join(
                    ",",
                    joint.material().name(),
                    joint.form().name(),
                    text(mm),
                    name,
                    choice.way().name(),
                    choice.penetration().name(),
                    String.valueOf(choice.chosen()),
                    choice.change().toString().replace(',', ';'),
                    text(choice.currentA()),
                    text(choice.legMm()),
                    text(choice.backMm()),
                    text(choice.backPeakC()),
                    choice.back().key()));
        }
    }

    private static String text(double value) {
        return String.format(Locale.ROOT, "%.3f", value + 0.0);
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void anOutlineIsClosedAndAsWideAsThePool(JointForm form) {
        SetupSheet sheet = SheetPlanner.plan(joint(Material.CARBON_STEEL, form, 2), WeldingConditions.usual())
                .value()
                .orElseThrow();
        PoolOutline outline = PoolOutline.of(sheet);
        List<OutlinePoint> points = outline.points();
        assertThat(points.get(points.size() - 1)).isEqualTo(points.get(0));
        assertThat(points).hasSizeGreaterThan(5);
        if (outline.backHalfMm() > 0) {
            assertThat(2 * points.get(2).xMm())
                    .isCloseTo(sheet.setting(ParameterKey.POOL_WIDTH).value(), offset(1e-9));
            assertThat(2 * outline.backHalfMm())
                    .isCloseTo(sheet.setting(ParameterKey.BACK_BEAD).value(), offset(1e-9));
        }
    }

    @Test
    void waysOfACornerHaveNamesOfTheirOwn() {
        assertThat(CornerWay.values()).extracting(CornerWay::apiName).doesNotHaveDuplicates();
        assertThat(CornerWay.AS_SET.words()).isEqualTo("corner.asSet");
        assertThat(CornerChoice.compare(
                        joint(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2), WeldingConditions.usual()))
                .isEmpty();
    }
}
