package vastarc.core.physics.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class NumericSearchTest {

    @Test
    void findsTheTopOfAHumpWhereverItStands() {
        Random random = new Random(7);
        for (int i = 0; i < 500; i++) {
            double top = random.nextDouble();
            double height = 1 + random.nextDouble();
            double steep = 0.5 + 40 * random.nextDouble();
            double found = NumericSearch.maximum(x -> height / (1 + steep * Math.abs(x - top)), 0, 1, 1e-7);
            assertThat(found).as("seed 7, draw " + i + ", top " + top).isCloseTo(height, within(1e-4));
        }
    }

    @Test
    void findsATopThatStandsAtTheEdge() {
        assertThat(NumericSearch.maximum(x -> x, 0, 1, 1e-7)).isCloseTo(1, within(1e-6));
        assertThat(NumericSearch.maximum(x -> -x, 0, 1, 1e-7)).isCloseTo(0, within(1e-6));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.06, 0.5, 2, 9.5})
    void findsARootFromAGuessOnEitherSide(double root) {
        for (double guess : new double[] {0.01, 0.05, 1, 3, 10, 50}) {
            assertThat(NumericSearch.rootNear(x -> x * x - root * root, guess, 0.05, 10, 1e-9))
                    .as("guess " + guess)
                    .isCloseTo(root, within(1e-7));
        }
    }

    @Test
    void aRootBeyondTheLimitsAnswersWithTheNearerLimit() {
        assertThat(NumericSearch.rootNear(x -> x - 20, 1, 0.05, 10, 1e-9)).isEqualTo(10);
        assertThat(NumericSearch.rootNear(x -> x + 1, 1, 0.05, 10, 1e-9)).isEqualTo(0.05);
        assertThat(NumericSearch.root(x -> x - 20, 0, 10, 1e-9)).isEqualTo(10);
    }
}
