package vastarc.core.simulation.solver;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.distortion.DistortionIndex;
import vastarc.core.simulation.SimulationComparison;
import vastarc.core.simulation.mesh.ColumnLayout;
import vastarc.core.simulation.mesh.GradedMesh;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.JointSection;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.mesh.SectionMesh;
import vastarc.core.simulation.result.PlateResult;
import vastarc.core.simulation.result.PlateResult.PlateEnergy;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.result.SimulationResult.BeadColour;
import vastarc.core.simulation.result.SimulationResult.EndWidths;
import vastarc.core.simulation.result.SimulationResult.MiddleWidths;
import vastarc.core.simulation.source.GaussianSource;
import vastarc.core.simulation.source.OperatorVariation;

/** Metals, cells, sections and spots: what the solver is put together from. */
class SolverPartsTest {

    @ParameterizedTest
    @EnumSource(Material.class)
    void aMetalIsTheSameFromWhicheverSideItIsRead(Material material) {
        MeltingTable metal = MeltingTable.of(material);
        EnthalpyCurves curves = metal.melt();
        double before = -1;
        for (double celsius = 0; celsius <= 3000; celsius += 37) {
            double heat = curves.enthalpy().at(celsius);
            assertThat(curves.temperature().at(heat)).isCloseTo(celsius, within(1e-6));
            assertThat(curves.celsiusOf().at(curves.potential().at(heat))).isCloseTo(celsius, within(1e-6));
            assertThat(heat).isGreaterThan(before);
            before = heat;
        }
        assertThat(metal.liquidusC()).isGreaterThan(metal.solidusC());
        double latent =
                curves.enthalpy().at(metal.liquidusC()) - curves.enthalpy().at(metal.solidusC());
        double density = material.properties().densityKgPerM3() * 1e-6;
        assertThat(latent / density).isBetween(250.0, 345.0);
        assertThat(material.properties().meltC()).isBetween(metal.solidusC(), metal.liquidusC());
    }

    @Test
    void bendsPassThroughTheirPointsAndGoOnStraight() {
        PiecewiseLinear bends = PiecewiseLinear.through(new double[] {0, 1, 3, 6}, new double[] {0, 4, 5, 11});
        assertThat(new double[] {
                    bends.at(0), bends.at(1), bends.at(3), bends.at(6), bends.at(2), bends.at(7), bends.at(-1)
                })
                .containsExactly(new double[] {0, 4, 5, 11, 4.5, 13, -4}, within(1e-12));
        assertThat(bends.steepest()).isCloseTo(4, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({"LIVE, 40, 0.5", "FINE, 12, 1", "PROOF, 40, 0.25", "LIVE, 3, 0.9"})
    void cellsGrowEvenlyAndEndWhereTheyShould(MeshDetail detail, double length, double cell) {
        double[] growing = GradedMesh.from(detail, 0).growing(length, cell).edges();
        double[] shrinking = GradedMesh.from(detail, -length).shrinking(0, cell).edges();
        assertThat(growing[growing.length - 1]).isCloseTo(length, within(1e-9));
        assertThat(shrinking[0]).isEqualTo(-length);
        for (int i = 2; i < growing.length; i++) {
            double ratio = (growing[i] - growing[i - 1]) / (growing[i - 1] - growing[i - 2]);
            assertThat(ratio).isBetween(1 - 1e-9, detail.growth() + 1e-6);
            assertThat(-shrinking[growing.length - 1 - i]).isCloseTo(growing[i], within(1e-9));
        }
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void aSectionHoldsItsMetalAndNoMore(JointForm form) {
        Joint joint = Joint.of(Material.CARBON_STEEL, form, 4);
        SectionMesh mesh = JointSection.of(joint, MeshDetail.FINE, 0, 40);
        double area = 0;
        for (int row = 0; row < mesh.rows(); row++) {
            for (int layer = 0; layer < mesh.layers(); layer++) {
                double width = mesh.acrossMm(row + 1) - mesh.acrossMm(row);
                double height = mesh.downMm(layer + 1) - mesh.downMm(layer);
                area += mesh.isMetal(row, layer) ? width * height * mesh.whole() : 0;
            }
        }
        double legs = (joint.baseLegs() + 1) * 4 * 40;
        assertThat(area).isBetween(0.9 * legs, 1.1 * legs);
        assertThat(mesh.front()).isNotEmpty();
        assertThat(mesh.bare()).containsAll(mesh.front()).containsAll(mesh.back());
        assertThat(mesh.back().isEmpty()).isEqualTo(form == JointForm.EDGE);
    }

    @Test
    void aVIsFilledUpToTheLevelOfItsPasses() {
        double land = 1.5;
        double tangent = Math.tan(Math.toRadians(30));
        double level = JointSection.level(6, land, 2.4, tangent, 20);
        double height = 6 - land - level;
        assertThat(2.4 * (land + height) + tangent * height * height).isCloseTo(20, within(1e-9));
        assertThat(JointSection.level(6, land, 2.4, tangent, 0)).isEqualTo(6 - land);
        assertThat(JointSection.level(6, land, 2.4, tangent, 500)).isZero();
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void whatASpotGivesIsWhatTheJointTakes(JointForm form) {
        Joint joint = Joint.of(Material.CARBON_STEEL, form, 3)
                .with(draft -> draft.base = Length.ofMillimetres(form == JointForm.V_BUTT ? 3 : 4));
        SectionMesh mesh = JointSection.of(joint, MeshDetail.LIVE, 0, 40);
        Grid grid = new Grid(mesh, 60, 1, false);
        EnthalpyCurves curves = MeltingTable.of(Material.CARBON_STEEL).melt();
        TemperatureField field = new TemperatureField(grid, curves, 20, FaceHeatLoss.linear(20, 0), new PlainKernel());
        GaussianSource spot = new GaussianSource(grid, false, 0.2);
        spot.open(2.2);
        double used = 100 * spot.aim(30);
        field.reach(spot.ends());
        spot.heat(field.enthalpy(), field.pad, 100);
        assertThat(used).isCloseTo(100, within(1e-4));
        field.step(field.usualStepS());
        assertThat(field.storedJ()).isCloseTo(used, within(1e-6));
        double lost = 100 * (1 - spot.aim(0));
        assertThat(lost).isCloseTo(50, within(0.1));
    }

    @Test
    void aRingHasNoEnds() {
        SectionMesh mesh =
                JointSection.of(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2), MeshDetail.LIVE, 0, 40);
        Grid grid = new Grid(mesh, 60, 1, true);
        TemperatureField field = new TemperatureField(
                grid,
                MeltingTable.of(Material.STAINLESS_304L).melt(),
                20,
                FaceHeatLoss.linear(20, 0),
                new PlainKernel());
        GaussianSource spot = new GaussianSource(grid, false, 0);
        spot.open(2);
        assertThat(spot.aim(60)).isCloseTo(1, within(1e-6));
        spot.heat(field.enthalpy(), field.pad, 100);
        for (int i = 0; i < 50; i++) {
            field.step(field.usualStepS());
        }
        int last = grid.columns - 1;
        assertThat(field.celsius(0, 0, 0))
                .isCloseTo(field.celsius(last, 0, 0), within(1e-6))
                .isGreaterThan(30);
        assertThat(field.storedJ()).isCloseTo(100, within(1e-3));
    }

    @Test
    void aSecondKernelAnswersAlikeOnAJointWithGapsInItsRows() {
        SectionMesh mesh =
                JointSection.of(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 2), MeshDetail.LIVE, 0, 40);
        Grid grid = new Grid(mesh, 20, 1, false);
        EnthalpyCurves curves = MeltingTable.of(Material.CARBON_STEEL).melt();
        TemperatureField plain = new TemperatureField(grid, curves, 20, FaceHeatLoss.linear(20, 30), new PlainKernel());
        TemperatureField wide = new TemperatureField(grid, curves, 20, FaceHeatLoss.linear(20, 30), Kernel.best());
        GaussianSource spot = new GaussianSource(grid, false, 0);
        spot.open(2);
        for (TemperatureField field : new TemperatureField[] {plain, wide}) {
            for (int i = 0; i < 60; i++) {
                spot.aim(10);
                field.step(field.usualStepS(), spot, 5);
            }
        }
        for (int i = 0; i < plain.enthalpy().length; i++) {
            assertThat(wide.enthalpy()[i]).isCloseTo(plain.enthalpy()[i], within(1e-8));
        }
        assertThat(wide.lostJ()).isCloseTo(plain.lostJ(), within(1e-8)).isPositive();
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void everyCellOfMetalStandsAloneAndKnowsItsNeighbours(JointForm form) {
        Joint joint = Joint.of(Material.CARBON_STEEL, form, form == JointForm.V_BUTT ? 6 : 2);
        SectionMesh mesh = JointSection.of(joint, MeshDetail.FINE, 0, 40);
        ColumnLayout layout = new ColumnLayout(mesh);
        Set<Integer> metal = new HashSet<>();
        for (int layer = 0; layer < mesh.layers(); layer++) {
            for (int row = 0; row < mesh.rows(); row++) {
                if (mesh.isMetal(row, layer)) {
                    assertThat(metal.add(layout.place(row, layer))).isTrue();
                } else {
                    assertThat(layout.place(row, layer)).isEqualTo(ColumnLayout.NONE);
                }
            }
        }
        for (int lanes : new int[] {1, 2, 4, 8}) {
            ColumnLayout.Blocks blocks = layout.blocks(lanes);
            Map<Integer, Integer> below = new HashMap<>();
            Map<Integer, Integer> above = new HashMap<>();
            for (int i = 0; i < blocks.count(); i++) {
                for (int cell = blocks.start(i); cell < blocks.start(i) + lanes; cell++) {
                    assertThat(below.put(cell, cell + blocks.below(i))).isNull();
                    above.put(cell, cell + blocks.above(i));
                }
            }
            assertThat(below.keySet()).containsAll(metal).allMatch(cell -> cell < layout.length());
            for (int layer = 1; layer < mesh.layers(); layer++) {
                for (int row = 0; row < mesh.rows(); row++) {
                    if (mesh.isMetal(row, layer) && mesh.isMetal(row, layer - 1)) {
                        assertThat(above).containsEntry(layout.place(row, layer), layout.place(row, layer - 1));
                        assertThat(below).containsEntry(layout.place(row, layer - 1), layout.place(row, layer));
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1, 2, 3, 4, 7, 12})
    void stagesShareOutAStepAndStayWithinItsBounds(int count) {
        RungeKuttaLegendre stages = RungeKuttaLegendre.within(count * (count + 1) / 2.0);
        assertThat(stages.count()).isEqualTo(count);
        assertThat(RungeKuttaLegendre.over(stages.reach()).count()).isEqualTo(count);
        for (double rate = 0; rate <= 2; rate += 0.01) {
            double last = 1;
            double before = 1;
            double given = 0;
            double givenBefore = 0;
            for (int stage = 1; stage <= count; stage++) {
                double next = stages.last(stage) * last
                        + stages.beforeLast(stage) * before
                        - stages.gain(stage) * stages.reach() * rate * last;
                double next2 = stages.last(stage) * given + stages.beforeLast(stage) * givenBefore + stages.gain(stage);
                before = last;
                last = next;
                givenBefore = given;
                given = next2;
            }
            assertThat(last).isBetween(-1.0, 1.0);
            assertThat(given).isCloseTo(1, within(1e-12));
        }
    }

    @Test
    void anUnsteadyHandStraysAsFarAsTold() {
        OperatorVariation hand = new OperatorVariation(4, 0.15);
        double[] shares = new double[4000];
        for (int i = 0; i < shares.length; i++) {
            shares[i] = hand.at(0.05 * i);
        }
        double mean = Arrays.stream(shares).average().orElseThrow();
        double spread = Math.sqrt(Arrays.stream(shares)
                .map(share -> (share - mean) * (share - mean))
                .average()
                .orElseThrow());
        assertThat(mean).isCloseTo(0, within(0.05));
        assertThat(spread).isCloseTo(0.15, within(0.03));
        assertThat(Arrays.stream(shares).map(Math::abs).max().orElseThrow()).isLessThanOrEqualTo(0.75);
    }

    @Test
    void twoRehearsalsAreSetFigureBesideFigure() {
        Random random = new Random(2);
        SimulationResult result = made(4 + random.nextDouble(), OptionalDouble.of(1.2));
        SimulationResult other = made(5 + random.nextDouble(), OptionalDouble.empty());
        var lines = SimulationComparison.of(result, other);
        assertThat(lines.get(0).difference().orElseThrow())
                .isCloseTo(other.widths().frontMm() - result.widths().frontMm(), within(1e-12));
        assertThat(lines).filteredOn(line -> line.name().equals("ripple")).allSatisfy(line -> {
            assertThat(line.one()).isPresent();
            assertThat(line.other()).isEmpty();
            assertThat(line.difference()).isEmpty();
        });
        assertThat(SimulationComparison.figures(result))
                .allSatisfy(line -> assertThat(line.difference().orElse(0)).isZero());
    }

    private static SimulationResult made(double frontMm, OptionalDouble ripple) {
        return new SimulationResult(
                List.of(),
                new MiddleWidths(frontMm, 3, 2, 2, frontMm, 3, 0),
                90,
                OptionalDouble.of(2),
                3,
                new EndWidths(4, 5, 3, 3, false),
                new SimulationResult.Crater(0.1, 4, 4),
                ripple,
                BeadColour.NOT_JUDGED,
                BeadColour.NOT_JUDGED,
                30,
                200,
                40,
                60,
                new DistortionIndex(200, 0.2, 30),
                new PlateEnergy(1000, 900, 100),
                new PlateResult.Numerics(1000, 100, 0.01, 100_000, 0.1, "plain"));
    }
}
