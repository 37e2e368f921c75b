package vastarc.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.sheet.SheetPlanner;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

class JointDrawingTest {

    private static final Pattern FIGURE = Pattern.compile("-?\\d+\\.\\d+");

    private static Drawing draw(JointForm form, double t, Position position) {
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> draft.position = position);
        return JointDrawing.of(
                SheetPlanner.plan(Joint.of(Material.STAINLESS_304L, form, t), conditions)
                        .value()
                        .orElseThrow(),
                UnitSystem.METRIC);
    }

    private static List<String> styled(Drawing drawing, String style) {
        return drawing.paths().stream()
                .filter(path -> path.style().equals(style))
                .map(Drawing.Path::d)
                .toList();
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void everyFormShowsMembersPoolTorchWireAndGravityInEveryPosition(JointForm form) {
        for (Position position : Position.values()) {
            for (double t : new double[] {form == JointForm.V_BUTT ? 2 : 0.3, 3}) {
                Drawing drawing = draw(form, t, position);
                String what = form + " " + position + " " + t;
                assertThat(styled(drawing, "metal")).as(what).hasSize(2);
                for (String style : List.of("pool", "tungsten", "wire", "arc", "mark")) {
                    assertThat(styled(drawing, style)).as(what + " " + style).isNotEmpty();
                }
                assertThat(drawing.labels())
                        .extracting(Drawing.Label::text)
                        .as(what)
                        .anyMatch(text -> text.startsWith("gravity"));
                assertThat(drawing.title()).contains(position.letters());
                drawing.paths()
                        .forEach(path ->
                                assertThat(path.d()).doesNotContain("NaN").doesNotContain("Infinity"));
            }
        }
    }

    /** A plate of thickness t must be t wide in the drawing's own millimetres. */
    @Test
    void platesAreToScale() {
        Matcher figures = FIGURE.matcher(
                styled(draw(JointForm.SQUARE_BUTT, 3, Position.PA), "metal").get(0));
        double[] values = figures.results()
                .mapToDouble(found -> Double.parseDouble(found.group()))
                .toArray();
        double[] y = Arrays.stream(new int[] {1, 3, 5, 7})
                .mapToDouble(i -> values[i])
                .toArray();

        assertThat(Arrays.stream(y).max().orElseThrow() - Arrays.stream(y).min().orElseThrow())
                .isEqualTo(3.0);
    }

    @Test
    void overheadTurnsTheJointUpsideDown() {
        String flat =
                styled(draw(JointForm.SQUARE_BUTT, 3, Position.PA), "metal").get(0);
        String overhead =
                styled(draw(JointForm.SQUARE_BUTT, 3, Position.PE), "metal").get(0);

        assertThat(flat).contains(" 3.0");
        assertThat(overhead).contains(" -3.0");
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void everyFormHasItsPictureToChooseBy(JointForm form) {
        assertThat(JointIcon.metal(form)).startsWith("M");
        assertThat(JointIcon.weld(form)).startsWith("M");
    }
}
