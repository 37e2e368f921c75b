package vastarc.core.simulation.solver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.assertj.core.api.Assertions.withinPercentage;

import org.junit.jupiter.api.Test;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.JointSection;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.mesh.SectionMesh;
import vastarc.core.simulation.source.GaussianSource;

/** How long the steps in time are, and that long steps come to what short ones come to. */
class TimeStepsTest {

    private static final double PERIOD_S = 0.7;

    @Test
    void stepsEndAtEachJumpBeginShortAfterItAndStayWithinTheirBound() {
        TimeSteps steps = new TimeSteps();
        double s = 0;
        double jump = PERIOD_S;
        double afterJump = 0;
        int jumps = 0;
        while (jumps < 5) {
            double step = steps.next(s, jump, 100, 2);
            assertThat(step).isPositive().isLessThanOrEqualTo(TimeSteps.LONGEST_S);
            assertThat(s + step).isLessThanOrEqualTo(jump + 1e-9);
            if (afterJump == 0) {
                afterJump = step;
                assertThat(step).isLessThanOrEqualTo(TimeSteps.LONGEST_S / 3);
            }
            s += step;
            if (Math.abs(s - jump) < 1e-9) {
                jump += PERIOD_S;
                afterJump = 0;
                jumps++;
            }
        }
        assertThat(s).isCloseTo(5 * PERIOD_S, within(1e-6));
        assertThat(steps.longestS()).isEqualTo(TimeSteps.LONGEST_S);
    }

    @Test
    void aFastArcTakesStepsInWhichItDoesNotGoFar() {
        TimeSteps steps = new TimeSteps();
        for (double s = 0; s < 1; ) {
            double step = steps.next(s, Double.POSITIVE_INFINITY, 1, 20);
            assertThat(20 * step).isLessThanOrEqualTo(0.25 + 1e-9);
            s += step;
        }
    }

    @Test
    void aStepInStagesComesToWhatShortStepsComeTo() {
        SectionMesh mesh =
                JointSection.of(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2), MeshDetail.FINE, 0, 40);
        Grid grid = new Grid(mesh, 30, 0.5, false);
        EnthalpyCurves curves = MeltingTable.of(Material.STAINLESS_304L).melt();
        TemperatureField staged = new TemperatureField(grid, curves, 20, FaceHeatLoss.linear(20, 0), new PlainKernel());
        TemperatureField stepped =
                new TemperatureField(grid, curves, 20, FaceHeatLoss.linear(20, 0), new PlainKernel());
        GaussianSource spot = new GaussianSource(grid, false, 0);
        spot.open(2.5);
        spot.aim(15);
        TimeSteps steps = new TimeSteps();
        double endS = 0.7;
        for (double s = 0; s < endS - 1e-9; ) {
            double step = steps.next(s, Double.POSITIVE_INFINITY, endS, 0);
            staged.step(step, spot, 700 * step);
            s += step;
        }
        int parts = 300;
        for (int part = 0; part < parts; part++) {
            stepped.step(endS / parts, spot, 700 * endS / parts);
        }
        assertThat(staged.steps()).isLessThan(stepped.steps() / 10);
        assertThat(staged.updates()).isLessThan(stepped.updates() * 2 / 3);
        assertThat(staged.storedJ()).isCloseTo(stepped.storedJ(), withinPercentage(1e-6));
        double hottest = stepped.celsius(30, 0, 0);
        assertThat(hottest).isGreaterThan(1500);
        for (int column = 0; column < grid.columns; column++) {
            for (int row = 0; row < grid.rows; row++) {
                double celsius = stepped.celsius(column, row, 0);
                assertThat(staged.celsius(column, row, 0))
                        .isCloseTo(celsius, within(0.002 * hottest + 0.003 * celsius));
            }
        }
    }
}
