package vastarc.core.advice.sequence;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** In which order tacks are set along a plate. */
class TackOrderTest {

    @Test
    void thinSheetEndsFirstPlateMiddleFirst() {
        assertThat(SeamSplitter.halving(5, true)).startsWith(0, 4, 2);
        assertThat(SeamSplitter.halving(5, false)).startsWith(2, 0, 4);
        assertThat(SeamSplitter.halving(9, true)).containsExactly(0, 8, 4, 2, 6, 1, 3, 5, 7);
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3, 4, 7, 20, 101})
    void everyTackOnceAndNeverFurtherFromOneThatIsSetThanTheGapsBefore(int count) {
        for (boolean endsFirst : new boolean[] {true, false}) {
            List<Integer> order = SeamSplitter.halving(count, endsFirst);
            assertThat(order)
                    .containsExactlyInAnyOrderElementsOf(
                            IntStream.range(0, count).boxed().toList());
        }
    }
}
