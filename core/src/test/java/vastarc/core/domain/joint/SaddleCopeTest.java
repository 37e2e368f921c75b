package vastarc.core.domain.joint;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.base.units.UnitSystem;

/** The curve of a cope against what is known of it in closed form, and against the two cylinders themselves. */
class SaddleCopeTest {

    private static SaddleCope cope(double branch, double run, double angle, double offset) {
        return SaddleCope.of(branch, run, angle, offset).value().orElseThrow();
    }

    /** Square and in line: the depth is the sagitta of the branch on the run, R − √(R² − r²). */
    @ParameterizedTest
    @CsvSource({
        "25, 25",
        "25, 38",
        "33.7, 48.3",
        "38, 50.8",
        "42.4, 60.3",
        "48.3, 48.3",
        "50.8, 76.1",
        "60.3, 88.9",
        "76.1, 114.3",
        "88.9, 219.1"
    })
    void aSquareCopeIsAsDeepAsTheSagitta(double branch, double run) {
        SaddleCope cope = cope(branch, run, 90, 0);
        double sagitta = run / 2 - Math.sqrt(run * run / 4 - branch * branch / 4);
        assertThat(cope.deepestMm()).isCloseTo(sagitta, within(1e-9));
        assertThat(cope.depthMm(90)).isCloseTo(0, within(1e-9));
        assertThat(cope.depthMm(0)).isCloseTo(cope.depthMm(180), within(1e-9));
    }

    /** Every place of the curve lies on both outsides, for ten pairs of tubes at any angle and offset. */
    @ParameterizedTest
    @CsvSource({
        "25, 38, 45, 0", "25, 38, 30, 4", "33.7, 48.3, 60, -3", "38, 50.8, 75, 6", "42.4, 60.3, 90, 8",
        "48.3, 48.3, 45, 0", "50.8, 76.1, 35, 10", "60.3, 88.9, 55, -12", "76.1, 114.3, 50, 15", "88.9, 219.1, 25, 60"
    })
    void theCurveLiesOnBothTubes(double branch, double run, double angle, double offset) {
        SaddleCope cope = cope(branch, run, angle, offset);
        double theta = Math.toRadians(angle);
        for (int degree = 0; degree < 360; degree += 7) {
            double phi = Math.toRadians(degree);
            double s = cope.reachMm(degree);
            double y = offset + branch / 2 * Math.sin(phi);
            double z = s * Math.sin(theta) + branch / 2 * Math.cos(phi) * Math.cos(theta);
            assertThat(Math.hypot(y, z)).as(degree + "°").isCloseTo(run / 2, within(1e-9));
            assertThat(cope.depthMm(degree)).isBetween(-1e-9, cope.deepestMm() + 1e-9);
        }
    }

    @Test
    void aBranchWiderThanTheRunIsRefusedWithWhatWouldWork() {
        assertThat(SaddleCope.of(60, 48, 90, 0).problems())
                .singleElement()
                .satisfies(problem ->
                        assertThat(problem.message(UnitSystem.METRIC)).contains("60 mm", "48 mm"));
        assertThat(SaddleCope.of(40, 48, 90, 10).value()).isEmpty();
        assertThat(SaddleCope.of(40, 48, 5, 0).problems()).hasSize(1);
    }
}
