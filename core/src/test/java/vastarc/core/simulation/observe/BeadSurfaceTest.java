package vastarc.core.simulation.observe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Consumer;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.base.progress.Progress;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.joint.WeldingConditions.WeldingConditionsBuilder;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.SimulationSetup;
import vastarc.core.simulation.WeldSimulation;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.result.BeadSurface;
import vastarc.core.simulation.result.SimulationResult;

/** The drawn bead is the metal laid, as wide as was molten, rippled as it was dabbed. */
@Tag("slow")
class BeadSurfaceTest {

    private static final Map<String, Drawn> DRAWN = new ConcurrentHashMap<>();

    private record Drawn(SimulationResult result, BeadSurface surface) {

        float z(int line, int point) {
            return surface.front().zMm().get(line * surface.front().across() + point);
        }

        int line(double share) {
            return (int) (share * surface.lines());
        }

        float middle(int line) {
            return z(line, surface.front().across() / 2);
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
        System.out.println(form + " laid " + surface.laidMm3() + " drawn " + surface.addedMm3() + " lines "
                + surface.lines() + " step " + surface.stepMm() + " " + surface.rippleS());
        assertThat(surface.laidMm3()).isPositive();
        assertThat(surface.addedMm3()).isCloseTo(surface.laidMm3(), withPercentage(2));
    }
}
