package vastarc.core.physics.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.assertj.core.data.Percentage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.aggregator.ArgumentsAccessor;
import org.junit.jupiter.params.provider.CsvFileSource;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.domain.material.MaterialProperties;

/** The single functions of the model, beside figures worked outside this program: starts, pulses, cooling. */
class HeatFunctionsTest {

    private static final Percentage CLOSE = Percentage.withPercentage(0.5);

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/bessel.csv", useHeadersInDisplayName = true)
    void scaledBesselFunctionMatchesTheTable(double x, double expected) {
        assertThat(SpecialFunctions.scaledK0(x)).isCloseTo(expected, Percentage.withPercentage(0.001));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/green-function.csv", useHeadersInDisplayName = true)
    void temperatureRiseMatchesTheTable(
            Material material, double xi, double y, double z, double t, double v, double h, double g, double gmax) {
        MovingSourcePlate plate = new MovingSourcePlate(material.properties(), t * 1e-3, v * 1e-3, h);

        assertThat(plate.risePerWatt(xi * 1e-3, y * 1e-3, z * 1e-3)).isCloseTo(g, Percentage.withPercentage(0.01));
        assertThat(plate.peakRisePerWatt(y * 1e-3, z * 1e-3)).isCloseTo(gmax, Percentage.withPercentage(0.01));
    }

    @Test
    void goldenSectionFindsWhatABruteForceSearchFinds() {
        MovingSourcePlate plate = new MovingSourcePlate(Material.CARBON_STEEL.properties(), 0.004, 0.0018, 100);
        double best = 0;
        for (double xi = 0; xi > -0.02; xi -= 1e-6) {
            best = Math.max(best, plate.risePerWatt(xi, 0.0015, 0.002));
        }

        assertThat(plate.peakRisePerWatt(0.0015, 0.002)).isCloseTo(best, Percentage.withPercentage(0.001));
    }

    /** e^x K1(x) by its integral, ∫ e^(−x(cosh u − 1)) cosh u du from 0. */
    private static double scaledK1(double x) {
        double step = 1e-3;
        double sum = 0.5;
        for (double u = step; x * (Math.cosh(u) - 1) < 50; u += step) {
            sum += Math.exp(-x * (Math.cosh(u) - 1)) * Math.cosh(u);
        }
        return sum * step;
    }

    /** In thin plate the finite plate must come down to the plane solution 2πk t ΔT/(K0(R) e^(R K0/K1)). */
    @Test
    void thinPlateAgreesWithThePlaneSolution() {
        MaterialProperties metal = Material.STAINLESS_304L.properties();
        double t = 0.0002;
        double v = 0.002;
        double y = 0.0025;
        double lambda = v / (2 * metal.diffusivityM2PerS());
        double radius = NumericSearch.root(
                r -> r * Math.sqrt(1 - Math.pow(SpecialFunctions.scaledK0(r) / scaledK1(r), 2)) - lambda * y,
                1e-3,
                10,
                1e-9);
        double ratio = SpecialFunctions.scaledK0(radius) / scaledK1(radius);
        double plane = 2
                * Math.PI
                * metal.conductivityWPerMK()
                * t
                * (metal.meltC() - 20)
                / (SpecialFunctions.scaledK0(radius) * Math.exp(-radius) * Math.exp(radius * ratio));
        double finite = (metal.meltC() - 20) / new MovingSourcePlate(metal, t, v, 0).peakRisePerWatt(y, t);

        assertThat(finite).isCloseTo(plane, Percentage.withPercentage(0.1));
    }

    @Test
    void exponentialIntegralMatchesTheTable() {
        assertThat(SpecialFunctions.e1(0.1)).isCloseTo(1.82292, CLOSE);
        assertThat(SpecialFunctions.e1(1)).isCloseTo(0.219384, CLOSE);
        assertThat(SpecialFunctions.e1(3)).isCloseTo(0.0130484, CLOSE);
    }

    @Test
    void arcMatchesTheSingleValues() {
        assertThat(new ArcModel(2).currentA(955.818)).isCloseTo(125.849, CLOSE);
        assertThat(new ArcModel(2).voltageV(100)).isCloseTo(10.55, CLOSE);
    }

    @Test
    void puddleTimeMatchesTheSingleValue() {
        assertThat(StationaryArc.puddleTimeS(Material.CARBON_STEEL.properties(), 2, 450, 1.9, false, 20))
                .isCloseTo(5.13734, CLOSE);
    }

    @Test
    void freezingMatchesTheSingleValues() {
        WeldPool pool = new WeldPool(4.82, 4.82, 7.83, 3);

        assertThat(pool.freezeTimeS(Material.STAINLESS_304L.properties(), 589, 0))
                .isCloseTo(0.846035, CLOSE);
        assertThat(WeldPool.frozenFraction(0.25, 1.189)).isCloseTo(0.376312, CLOSE);
        assertThat(WeldPool.frozenFraction(2, 1.189)).isEqualTo(1);
    }

    @Test
    void coolingMatchesTheSingleValues() {
        MaterialProperties grade5 = Material.TITANIUM_GR5.properties();
        CoolingTime still = new CoolingTime(grade5, 3.2, 488, 1.689, 4.65, 40, CoolingTime.STILL_AIR, 20);
        CoolingTime underGas = new CoolingTime(grade5, 3.2, 488, 1.689, 4.65, 40, CoolingTime.UNDER_GAS, 20);
        CoolingTime snapped =
                new CoolingTime(Material.STAINLESS_304L.properties(), 1.65, 292, 2, 0, 40, CoolingTime.STILL_AIR, 20);

        assertThat(still.timeToS(425)).isCloseTo(27.133, CLOSE);
        assertThat(underGas.timeToS(425)).isCloseTo(18.5907, CLOSE);
        assertThat(underGas.timeToS(600)).isCloseTo(11.0226, CLOSE);
        assertThat(snapped.timeToS(430)).isCloseTo(12.2914, CLOSE);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/post-flow.csv", useHeadersInDisplayName = true)
    void coolingMatchesTheTable(
            Material material,
            double t,
            double current,
            double slope,
            double still,
            double gas,
            double shortBead,
            double to600) {
        HeatBalance heat = HeatBalance.of(Joint.of(material, JointForm.SQUARE_BUTT, t), WeldingConditions.usual());
        double pale = material.isTitanium() ? 425 : 430;
        CoolingTime underGas = heat.cooling(slope, CoolingTime.UNDER_GAS);
        CoolingTime shortRun = new CoolingTime(
                heat.metal(), t, heat.platePowerW(), heat.demand().speedMmPerS(), slope, 15, CoolingTime.UNDER_GAS, 20);

        assertThat(heat.currentA()).isCloseTo(current, CLOSE);
        assertThat(heat.cooling(slope, CoolingTime.STILL_AIR).timeToS(pale)).isCloseTo(still, CLOSE);
        assertThat(underGas.timeToS(pale)).isCloseTo(gas, CLOSE);
        assertThat(shortRun.timeToS(pale)).isCloseTo(shortBead, CLOSE);
        assertThat(underGas.timeToS(600)).isCloseTo(to600, CLOSE);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/start.csv", useHeadersInDisplayName = true)
    void startsMatchTheTable(ArgumentsAccessor row) {
        Material material = Material.valueOf(row.getString(0));
        double t = row.getDouble(1);
        HeatBalance heat = HeatBalance.of(Joint.of(material, JointForm.SQUARE_BUTT, t), WeldingConditions.usual());
        double v = heat.demand().speedMmPerS();
        double halfWidth = row.getDouble(3) / 2;
        double q = heat.platePowerW();
        double halfCurrentPower = ArcModel.EFFICIENCY * heat.arc().powerW(heat.currentA() / 2);

        assertThat(heat.pool().meanWidthMm()).isCloseTo(row.getDouble(3), CLOSE);
        assertThat(heat.pool().lengthMm()).isCloseTo(row.getDouble(4), CLOSE);
        assertThat(StationaryArc.puddleTimeS(material.properties(), t, q, halfWidth, false, 20))
                .isCloseTo(row.getDouble(5), CLOSE);
        assertThat(StationaryArc.puddleTimeS(material.properties(), t, q, halfWidth, true, 20))
                .isCloseTo(row.getDouble(6), CLOSE);
        assertThat(StationaryArc.puddleTimeS(material.properties(), t, q / 2, halfWidth, true, 20))
                .as("half the power at the edge is full power inside")
                .isCloseTo(row.getDouble(7), CLOSE);
        assertThat(halfCurrentPower).isLessThan(heat.arcHeatW());
        assertThat(material.properties().diffusivityM2PerS() * 1e6 / (v * v)).isCloseTo(row.getDouble(8), CLOSE);
        assertThat(heat.pool().freezeTimeS(material.properties(), q, 0)).isCloseTo(row.getDouble(9), CLOSE);
        assertThat(heat.pool().lengthMm() / v).isCloseTo(row.getDouble(10), CLOSE);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/pulse.csv", useHeadersInDisplayName = true)
    void pulsesMatchTheTable(ArgumentsAccessor row) {
        HeatBalance heat = HeatBalance.of(
                Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, row.getDouble(0)), WeldingConditions.usual());
        double on = row.getDouble(1);
        double ratio = row.getDouble(2);
        Pulse pulse = new Pulse(2, on, ratio, heat.arc().peakCurrentA(heat.arcHeatW(), on, ratio));
        double freeze = heat.pool()
                .freezeTimeS(
                        heat.metal(),
                        heat.arcHeatW(),
                        ArcModel.EFFICIENCY * heat.arc().powerW(pulse.backgroundA()));

        assertThat(pulse.peakA()).isCloseTo(row.getDouble(3), CLOSE);
        assertThat(pulse.backgroundA()).isCloseTo(row.getDouble(4), CLOSE);
        assertThat(pulse.averageA()).isCloseTo(row.getDouble(5), CLOSE);
        assertThat(pulse.rmsA()).isCloseTo(row.getDouble(6), CLOSE);
        assertThat(pulse.meanPowerW(heat.arc())).isCloseTo(row.getDouble(7), CLOSE);
        assertThat(freeze).isCloseTo(row.getDouble(8), CLOSE);
        assertThat(pulse.offTimeS() / freeze).isCloseTo(row.getDouble(10), CLOSE);
        assertThat(pulse.ripplePitchMm(heat.demand().speedMmPerS())).isCloseTo(row.getDouble(13), CLOSE);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/wrap.csv", useHeadersInDisplayName = true)
    void wrapAroundHeatMatchesTheTable(double odMm, double t, double riseK) {
        WeldingConditions walked = WeldingConditions.usual().with(draft -> {
            draft.technique = Technique.CUP_WALK;
            draft.wire = false;
        });
        HeatBalance heat = HeatBalance.of(Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, t), walked);

        assertThat(heat.wrapRiseK(odMm)).isCloseTo(riseK, within(riseK * 0.005));
    }
}
