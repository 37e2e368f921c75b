package vastarc.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.result.SimulationResult;

/** Far from its edges the map says what the simulation says; all forms, at fine cells, are held by a program of the benchmarks. */
class SimulatedZoneTest {

    private static SimulationSetup setup(JointForm form) {
        PlanRequest plan = PlanRequest.of(
                new Weld(
                        Joint.of(Material.STAINLESS_304L, form, 1.5),
                        WeldingConditions.usual().with(draft -> draft.purged = true)),
                ShopDefaults.usual());
        return SimulationSetup.of(plan, MeshDetail.LIVE).own(CycleKey.SEAM_LENGTH, 40);
    }

    @ParameterizedTest
    @CsvSource({
        "SQUARE_BUTT, 0.6, 1.3, COLD",
        "SQUARE_BUTT, 1.05, 1, RIGHT",
        "SQUARE_BUTT, 1.6, 0.7, HOT",
        "LAP, 0.55, 1.3, COLD",
        "LAP, 1, 1, RIGHT",
        "LAP, 1.7, 0.7, HOT",
    })
    void mapAndSimulationAgreeAwayFromEdges(JointForm form, double current, double travel, WeldZone.Side side) {
        SimulationSetup setup = setup(form);
        SetupSheet sheet = setup.ask().value().orElseThrow().score().sheet();
        double currentA = current * sheet.setting(ParameterKey.WORKING_CURRENT).value();
        double mmPerMin = travel * sheet.setting(ParameterKey.TRAVEL_SPEED).value();

        SimulationResult made = WeldSimulation.of(setup.own(ParameterKey.WORKING_CURRENT, currentA)
                .travelling(mmPerMin)
                .ask()
                .value()
                .orElseThrow());

        assertThat(SimulatedZone.ofMiddle(sheet, currentA, made).side()).isEqualTo(side);
        assertThat(MapPlanner.at(sheet, currentA, mmPerMin).zone().side()).isEqualTo(side);
    }

    @Test
    void aWeldOfWhichNothingIsKnownHasNotFused() {
        SetupSheet sheet =
                setup(JointForm.LAP).ask().value().orElseThrow().score().sheet();

        assertThat(SimulatedZone.of(sheet, 50, SimulationResult.nothing())).isEqualTo(WeldZone.NO_FUSION);
    }
}
