package vastarc.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.WeldMap.SettingTolerance;
import vastarc.core.advice.map.WeldZone;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.progress.Progress;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.simulation.SettingSearch.SearchGoal;
import vastarc.core.simulation.SettingSearch.SearchQuery;
import vastarc.core.simulation.SettingSearch.SearchResult;
import vastarc.core.simulation.SettingSearch.SearchVariable;
import vastarc.core.simulation.SimulationComparison.ComparedFigure;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;

/** A sheet's own setting in the simulation, and how far it may be left. */
@Tag("slow")
class OwnSettingTest {

    private static final String[] FAULTS = {
        "noFusion", "rootNotFused", "cornerNotFused", "notDeep", "notThrough", "notMolten", "falls"
    };

    private static SimulationSetup setup(Material material, JointForm form, double mm) {
        Joint joint = Joint.of(material, form, mm);
        PlanRequest plan = PlanRequest.of(
                new Weld(
                        form.isTube() ? joint.tubeOd(25.4) : joint,
                        WeldingConditions.usual().with(draft -> draft.purged = true)),
                ShopDefaults.usual());
        return SimulationSetup.of(plan, MeshDetail.LIVE).own(CycleKey.SEAM_LENGTH, form.isTube() ? Math.PI * 25.4 : 50);
    }

    private static SimulationRequest asked(SimulationSetup setup) {
        return setup.ask().value().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource({
        "CARBON_STEEL, OUTSIDE_CORNER, 1",
        "CARBON_STEEL, OUTSIDE_CORNER, 2",
        "CARBON_STEEL, OUTSIDE_CORNER, 3",
        "STAINLESS_304L, OUTSIDE_CORNER, 1.5",
        "STAINLESS_304L, OUTSIDE_CORNER, 3",
        "TITANIUM_GR2, OUTSIDE_CORNER, 1",
        "TITANIUM_GR2, OUTSIDE_CORNER, 2",
        "CARBON_STEEL, TUBE_BUTT, 3",
        "TITANIUM_GR2, TUBE_BUTT, 3",
        "STAINLESS_316L, TUBE_BUTT, 1.5",
        "CARBON_STEEL, SQUARE_BUTT, 3",
        "TITANIUM_GR2, SQUARE_BUTT, 3",
        "STAINLESS_304L, T_FILLET, 2",
        "TITANIUM_GR2, T_FILLET, 1.5",
        "CARBON_STEEL, LAP, 2",
        "CARBON_STEEL, INSIDE_CORNER, 2",
        "STAINLESS_304L, EDGE, 1.5",
        "TITANIUM_GR2, EDGE, 3",
        "STAINLESS_304L, TUBE_TO_PLATE, 2"
    })
    void theSimulationFindsNoFaultWithTheSheetsOwnSetting(Material material, JointForm form, double mm) {
        SimulationRequest request = asked(setup(material, form, mm));
        List<String> says = SimulationVerdict.of(request, WeldSimulation.of(request)).stream()
                .map(phrase -> phrase.key().replace("rehearsal.says.", ""))
                .toList();

        assertThat(says).doesNotContain(FAULTS);
    }

    @ParameterizedTest
    @CsvSource({"CARBON_STEEL, OUTSIDE_CORNER, 2", "TITANIUM_GR2, OUTSIDE_CORNER, 1.5"})
    void anOutsideCornerThatIsTooColdIsNotFused(Material material, JointForm form, double mm) {
        SimulationSetup setup = setup(material, form, mm);
        SimulationRequest cold =
                asked(setup.own(ParameterKey.WORKING_CURRENT, 0.6 * asked(setup).currentA()));

        assertThat(SimulationVerdict.of(cold, WeldSimulation.of(cold)))
                .extracting(phrase -> phrase.key().replace("rehearsal.says.", ""))
                .contains("cornerNotFused");
    }

    @Test
    void theMostForgivingCurrentIsRightAndForgivesMoreThanTheOthersTried() {
        SimulationSetup setup =
                setup(Material.STAINLESS_304L, JointForm.LAP, 1.5).own(CycleKey.SEAM_LENGTH, 30);
        SearchResult found = SettingSearch.find(
                        setup, SearchQuery.of(SearchVariable.CURRENT, SearchGoal.MOST_FORGIVING, 0), Progress.UNWATCHED)
                .value()
                .orElseThrow();

        assertThat(found.met()).isTrue();
        assertThat(found.tries())
                .hasSizeGreaterThan(5)
                .allSatisfy(trial -> assertThat(trial.forgiveness())
                        .isLessThanOrEqualTo(found.best().forgiveness()));
        SimulationRequest best =
                asked(setup.own(ParameterKey.WORKING_CURRENT, found.best().value()));
        SimulationResult made = WeldSimulation.of(best);
        assertThat(SimulatedZone.of(best.score().sheet(), best.currentA(), made).side())
                .isEqualTo(WeldZone.Side.RIGHT);
        assertThat(best.tolerance()).isEqualTo(found.best().tolerance());
    }

    @Test
    void aSettingThatIsNotRightForgivesNothing() {
        SimulationRequest own = asked(setup(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2));
        SimulationRequest cold = asked(setup(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2)
                .own(ParameterKey.WORKING_CURRENT, own.currentA())
                .travelling(400));

        assertThat(cold.tolerance()).isEqualTo(SettingTolerance.NONE);
        List<ComparedFigure> slips = SimulationComparison.slips(own, cold);
        assertThat(slips).extracting(ComparedFigure::name).containsExactly("currentSlip", "travelSlip");
        assertThat(slips)
                .allSatisfy(line -> assertThat(line.difference().orElseThrow()).isNegative());
    }

    @Test
    void aThickerRodTakesHeatAndLeavesLessRoomForLessCurrent() {
        SimulationRequest own = asked(setup(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2));
        SimulationRequest thick = asked(setup(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2)
                .wire(1.3
                        * own.score()
                                .sheet()
                                .setting(ParameterKey.WIRE_DIAMETER)
                                .value()));

        assertThat(thick.tolerance().currentDownA()).isLessThan(own.tolerance().currentDownA());
        assertThat(thick.tolerance().currentUpA()).isGreaterThan(own.tolerance().currentUpA());
    }

    @Test
    void aPointsFiguresStandBesideTheSheets() {
        SetupSheet sheet = asked(setup(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2))
                .score()
                .sheet();
        double current = sheet.setting(ParameterKey.WORKING_CURRENT).value();
        double travel = sheet.setting(ParameterKey.TRAVEL_SPEED).value();

        assertThat(MapPlanner.at(sheet, current, travel).figures().distortion()).isCloseTo(1, within(1e-9));
        assertThat(MapPlanner.at(sheet, current, 0.8 * travel).figures().kjPerMm())
                .isGreaterThan(MapPlanner.at(sheet, current, travel).figures().kjPerMm());
    }
}
