package vastarc.core.domain.joint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** A position by the number and letter that drawings give it: F on a fillet, G on all else. */
class PositionTest {

    @ParameterizedTest
    @CsvSource({
        "PA, SQUARE_BUTT, 1G, 1G · 1F",
        "PA, LAP, 1F, 1G · 1F",
        "PB, T_FILLET, 2F, 2F",
        "PC, V_BUTT, 2G, 2G",
        "PC, T_FILLET, 2G, 2G",
        "PD, INSIDE_CORNER, 4F, 4F",
        "PE, EDGE, 4G, 4G",
        "PF, T_FILLET, 3F up, 3G · 3F up",
        "PG, SQUARE_BUTT, 3G down, 3G · 3F down",
        "PH, TUBE_BUTT, 5G up, 5G · 5F up",
        "PH, TUBE_TO_PLATE, 5F up, 5G · 5F up",
        "JL045, TUBE_BUTT, 6G down, 6G down"
    })
    void itsNameGoesByTheJoint(Position position, JointForm form, String onTheJoint, String onAny) {
        assertThat(position.numberLetterName(form)).isEqualTo(onTheJoint);
        assertThat(position.numberLetterName()).isEqualTo(onAny);
    }

    @ParameterizedTest
    @CsvSource({
        "T_FILLET, PA PB PD PF PG",
        "LAP, PA PB PD PF PG",
        "SQUARE_BUTT, PA PC PE PF PG",
        "OUTSIDE_CORNER, PA PC PE PF PG",
        "TUBE_BUTT, PA PC PH PJ HL045 JL045",
        "TUBE_TO_PLATE, PA PB PD PH PJ HL045 JL045"
    })
    void aJointIsOfferedThePositionsItIsWeldedIn(JointForm form, String offered) {
        assertThat(Arrays.stream(Position.values())
                        .filter(position -> position.suits(form))
                        .map(Position::name)
                        .collect(Collectors.joining(" ")))
                .isEqualTo(offered);
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void theUsualPositionOfAJointIsAmongThem(JointForm form) {
        assertThat(form.usualPosition().suits(form)).isTrue();
    }
}
