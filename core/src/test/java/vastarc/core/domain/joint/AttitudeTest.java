package vastarc.core.domain.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Offset.offset;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.domain.material.Material;

/** Which way is up for a joint as it lies. */
class AttitudeTest {

    private static Attitude of(JointForm form, Position position) {
        Joint joint = Joint.of(Material.CARBON_STEEL, form, 2);
        Joint sized = form.isTube() ? joint.tubeOd(40) : joint;
        return Attitude.of(sized, WeldingConditions.usual().with(draft -> draft.position = position));
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void upIsADirection(JointForm form) {
        for (Position position : Position.values()) {
            Attitude attitude = of(form, position);
            assertThat(Math.hypot(Math.hypot(attitude.upX(), attitude.upY()), attitude.upZ()))
                    .as("%s %s", form, position)
                    .isCloseTo(1, offset(1e-9));
        }
    }

    @ParameterizedTest
    @CsvSource({
        "SQUARE_BUTT, PA, 1",
        "SQUARE_BUTT, PC, 0",
        "SQUARE_BUTT, PE, -1",
        "SQUARE_BUTT, PF, 0",
        "T_FILLET, PB, 1",
        "T_FILLET, PD, -1",
        "LAP, PB, 1",
        "TUBE_TO_PLATE, PB, 1",
        "TUBE_TO_PLATE, PD, -1",
        "TUBE_BUTT, PC, 0"
    })
    void thePoolsWeightPullsAsTheJointLies(JointForm form, Position position, double pull) {
        for (double turns : new double[] {0, 0.25, 0.7}) {
            assertThat(of(form, position).pullInto(turns)).isCloseTo(pull, offset(1e-9));
        }
    }

    /** Fixed level and welded upwards it starts at the bottom, overhead; half a turn on it lies flat. */
    @Test
    void roundAFixedTubeThePullTurns() {
        Attitude fixed = of(JointForm.TUBE_BUTT, Position.PH);
        assertThat(fixed.pullInto(0)).isCloseTo(-1, offset(1e-9));
        assertThat(fixed.pullInto(0.25)).isCloseTo(0, offset(1e-9));
        assertThat(fixed.pullInto(0.5)).isCloseTo(1, offset(1e-9));
        assertThat(of(JointForm.TUBE_BUTT, Position.PJ).pullInto(0)).isCloseTo(1, offset(1e-9));
    }

    @Test
    void aTubeThatTurnsIsAlwaysWeldedFromAbove() {
        Attitude turned = of(JointForm.TUBE_BUTT, Position.PA);
        assertThat(turned.turned()).isTrue();
        assertThat(turned.pullInto(0.6)).isCloseTo(1, offset(1e-9));
    }
}
