package vastarc.core.training;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.record.procedure.OpenRange;
import vastarc.core.training.PracticalTest.BeadLevel;
import vastarc.core.training.PracticalTest.BeadMeasure;

class PracticalTestTest {

    private static BeadLevel level(BeadMeasure measure, double low, double high, OptionalDouble measured) {
        return new BeadLevel(measure, new OpenRange(OptionalDouble.of(low), OptionalDouble.of(high)), measured);
    }

    @ParameterizedTest
    @CsvSource({"4.9, false", "5, true", "6.2, true", "7, true", "7.01, false"})
    void aMeasureOnItsLevelIsHeld(double widthMm, boolean held) {
        assertThat(level(BeadMeasure.WIDTH, 5, 7, OptionalDouble.of(widthMm)).isHeld())
                .isEqualTo(held);
    }

    @Test
    void passedIsWhatIsMeasuredInFullAndHeldInFull() {
        BeadLevel width = level(BeadMeasure.WIDTH, 5, 7, OptionalDouble.of(6));
        BeadLevel pores = level(BeadMeasure.PORES, 0, 0, OptionalDouble.of(1));
        BeadLevel undercut = level(BeadMeasure.UNDERCUT, 0, 0.3, OptionalDouble.empty());

        PracticalTest half = new PracticalTest(List.of(width, undercut));
        assertThat(half.held()).isEqualTo(1);
        assertThat(half.isComplete()).isFalse();
        assertThat(half.isPassed()).isFalse();
        assertThat(new PracticalTest(List.of(width, pores)).isComplete()).isTrue();
        assertThat(new PracticalTest(List.of(width, pores)).isPassed()).isFalse();
        assertThat(new PracticalTest(List.of(width)).isPassed()).isTrue();
    }
}
