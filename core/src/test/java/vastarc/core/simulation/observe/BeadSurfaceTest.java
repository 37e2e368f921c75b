package vastarc.core.simulation.observe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.base.progress.Progress;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.joint.WeldingConditions.WeldingConditionsBuilder;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.WeldSimulation;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.result.BeadSurface;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.source.TorchOperator;

/** The drawn bead is the metal laid, as wide as was molten, rippled as it was dabbed. */
@Tag("slow")
class BeadSurfaceTest {

    private static final Map<String, Drawn> DRAWN = new ConcurrentHashMap<>();

    private record Drawn(SimulationResult result, BeadSurface surface) {

        int line(double share) {
            return (int) (share * surface.lines());
        }

        float middle(int line) {
            int across = surface.front().across();
            return surface.front().zMm().get(line * across + across / 2);
        }
    }

    private static SimulationSetup setup(
            Material material, JointForm form, double mm, Consumer<WeldingConditionsBuilder> practice) {
        Joint joint = Joint.of(material, form, mm);
        Joint sized = form.isTube() ? joint.tubeOd(25.4) : joint;
        WeldingConditions conditions = WeldingConditions.usual().with(practice);
        return SimulationSetup.of(PlanRequest.of(new Weld(sized, conditions), ShopDefaults.usual()), MeshDetail.LIVE)
                .own(CycleKey.SEAM_LENGTH, form.isTube() ? Math.PI * 25.4 : 50);
    }

    private static Drawn drawn(SimulationSetup setup) {
        return DRAWN.computeIfAbsent(setup.toString(), key -> {
            FrameRecorder recorder = new FrameRecorder();
            SimulationResult result =
                    WeldSimulation.of(setup.ask().value().orElseThrow(), Progress.UNWATCHED, recorder);
            return new Drawn(result, recorder.surface());
        });
    }

    private static Drawn drawn(Material material, JointForm form, double mm) {
        return drawn(setup(material, form, mm, draft -> draft.position = form.usualPosition()));
    }

    @ParameterizedTest
    @CsvSource({
        "CARBON_STEEL, SQUARE_BUTT, 2",
        "STAINLESS_304L, SQUARE_BUTT, 1.65",
        "CARBON_STEEL, V_BUTT, 6",
        "CARBON_STEEL, T_FILLET, 3",
        "STAINLESS_304L, T_FILLET, 2",
        "STAINLESS_316L, LAP, 2",
        "CARBON_STEEL, INSIDE_CORNER, 2",
        "CARBON_STEEL, OUTSIDE_CORNER, 2",
        "CARBON_STEEL, EDGE, 3",
        "STAINLESS_316L, TUBE_BUTT, 1.5",
        "CHROMOLY_4130, TUBE_SADDLE, 1.2",
        "CARBON_STEEL, TUBE_TO_PLATE, 2"
    })
    void theDrawnBeadHoldsTheMetalLaid(Material material, JointForm form, double mm) {
        BeadSurface surface = drawn(material, form, mm).surface();
        assertThat(surface.laidMm3()).isPositive();
        assertThat(surface.addedMm3()).isCloseTo(surface.laidMm3(), withPercentage(2));
    }

    /** Places along the middle of the bead at which the pool began to swell anew when they froze. */
    private static List<Double> ripples(BeadSurface surface) {
        double every = surface.rippleS().orElseThrow();
        List<Double> places = new ArrayList<>();
        double before = Double.NaN;
        for (int line = surface.lines() / 4; line < surface.lines() * 3 / 4; line++) {
            double beats = surface.front()
                            .frozenS()
                            .get(line * surface.front().across()
                                    + surface.front().across() / 2)
                    / every;
            if (Math.floor(beats) > Math.floor(before)) {
                places.add((line + 0.5 - (beats - Math.floor(beats)) / (beats - before)) * surface.stepMm());
            }
            before = beats;
        }
        return places;
    }

    private static double meanGap(List<Double> places) {
        return (places.get(places.size() - 1) - places.get(0)) / (places.size() - 1);
    }

    private static double spread(List<Double> places) {
        double mean = meanGap(places);
        double square = 0;
        for (int i = 1; i < places.size(); i++) {
            square += Math.pow(places.get(i) - places.get(i - 1) - mean, 2);
        }
        return Math.sqrt(square / (places.size() - 1)) / mean;
    }

    @ParameterizedTest
    @CsvSource({"CARBON_STEEL, SQUARE_BUTT, 2", "CARBON_STEEL, T_FILLET, 3", "STAINLESS_316L, TUBE_BUTT, 1.5"})
    void ripplesAreAsFarApartAsTravelOverDabs(Material material, JointForm form, double mm) {
        Drawn drawn = drawn(material, form, mm);
        assertThat(meanGap(ripples(drawn.surface())))
                .isCloseTo(drawn.result().rippleMm().orElseThrow(), withPercentage(3));
    }

    @Test
    void anUnsteadyWelderLeavesUnevenRipples() {
        SimulationSetup steady = setup(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2, draft -> {});
        SimulationSetup unsteady = new SimulationSetup(
                steady.plan(),
                TorchOperator.steady().unsteady(25, 7),
                steady.quality(),
                steady.legMm(),
                steady.wireMm(),
                false);
        assertThat(spread(ripples(drawn(unsteady).surface())))
                .isGreaterThan(2 * spread(ripples(drawn(steady).surface())));
    }

    @Test
    void theDrawnWidthIsTheSolvers() {
        Drawn drawn = drawn(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2);
        double sum = 0;
        int from = drawn.line(0.45);
        int to = drawn.line(0.7);
        for (int line = from; line < to; line++) {
            sum += drawn.surface().widthMm().get(line);
        }
        assertThat(sum / (to - from)).isCloseTo(drawn.result().widths().frontMm(), withPercentage(2));
    }

    /** The same weld without wire: flat its root sags and its cap sinks, overhead the root is sucked in and the cap hangs. */
    @Test
    void overheadThePoolHangsTheOtherWay() {
        Drawn flat = drawn(setup(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, draft -> draft.wire = false));
        Drawn overhead = drawn(setup(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, draft -> {
            draft.wire = false;
            draft.position = Position.PE;
        }));
        assertThat(flat.middle(flat.line(0.6))).isPositive();
        assertThat(overhead.middle(overhead.line(0.6))).isNegative();
    }

    @Test
    void aBackWiderThanItsSurfaceHoldsIsAHole() {
        SimulationSetup usual = setup(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1, draft -> {});
        assertThat(holes(drawn(usual))).isZero();
        double current = usual.ask()
                .value()
                .orElseThrow()
                .score()
                .sheet()
                .setting(ParameterKey.WORKING_CURRENT)
                .value();
        assertThat(holes(drawn(usual.own(ParameterKey.WORKING_CURRENT, 1.9 * current))))
                .isPositive();
    }

    private static int holes(Drawn drawn) {
        int holes = 0;
        for (int line = 0; line < drawn.surface().lines(); line++) {
            holes += drawn.surface().holes().get(line);
        }
        return holes;
    }

    @Test
    void aPlaceIsToldAsItWasRecorded() {
        SimulationSetup setup = setup(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 1.65, draft -> {});
        FrameRecorder recorder = new FrameRecorder();
        SimulationResult result = WeldSimulation.of(setup.ask().value().orElseThrow(), Progress.UNWATCHED, recorder);
        SeenPlace middle = SeenPlace.of(recorder, true, 30, 0.1).orElseThrow();
        assertThat(middle.widthMm()).isCloseTo(result.widths().frontMm(), withPercentage(10));
        assertThat(middle.peakC()).isGreaterThan(1400);
        assertThat(middle.frozenS()).isPresent();
        SeenPlace beside = SeenPlace.of(recorder, true, 30, 9).orElseThrow();
        assertThat(beside.peakC()).isLessThan(middle.peakC());
        assertThat(beside.frozenS()).isEmpty();
        assertThat(SeenPlace.of(new FrameRecorder(), true, 30, 0)).isEmpty();
    }
}
