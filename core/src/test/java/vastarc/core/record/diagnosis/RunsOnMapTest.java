package vastarc.core.record.diagnosis;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.map.MapAxis;
import vastarc.core.advice.map.MapPlanner;
import vastarc.core.advice.map.MapRequest;
import vastarc.core.advice.map.WeldMap;
import vastarc.core.advice.parameters.CalibrationRuns;
import vastarc.core.advice.parameters.MachineCalibration.ProvenRun;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.record.diagnosis.RunsOnMap.ReadRun;
import vastarc.core.record.weldlog.RunVerdict;

class RunsOnMapTest {

    private static final String MACHINE = "Booth one";

    private final SetupSheet sheet = WeldPlan.of(
                    new Weld(Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2), WeldingConditions.usual()),
                    ShopDefaults.usual())
            .sheet()
            .value()
            .orElseThrow();

    private WeldMap map(MapAxis axis) {
        return MapPlanner.of(sheet, new MapRequest(axis, 11, 11, Optional.empty(), Optional.empty()))
                .value()
                .orElseThrow();
    }

    private static ReadRun run(String metal, String form, double mm, double ratio, double pace, RunVerdict verdict) {
        return new ReadRun(new ProvenRun(metal, form, "PA", mm, MACHINE, ratio), pace, verdict);
    }

    @Test
    void aRunOfAnotherPositionDoesNotLieOnTheMap() {
        ReadRun vertical = new ReadRun(new ProvenRun("CARBON_STEEL", "LAP", "PF", 2, MACHINE, 1.1), 1, RunVerdict.GOOD);
        ReadRun notKept = new ReadRun(new ProvenRun("CARBON_STEEL", "LAP", "", 2, MACHINE, 1.1), 1, RunVerdict.GOOD);

        assertThat(on(MapAxis.TRAVEL, List.of(vertical)).runs()).isEmpty();
        assertThat(on(MapAxis.TRAVEL, List.of(notKept)).runs()).hasSize(1);
    }

    private RunsOnMap on(MapAxis axis, List<ReadRun> all) {
        List<ProvenRun> good = all.stream()
                .filter(run -> run.verdict() == RunVerdict.GOOD)
                .map(ReadRun::proven)
                .toList();
        return RunsOnMap.of(sheet, map(axis), new CalibrationRuns(MACHINE, good), all);
    }

    @Test
    void likeRunsLieWhereTheirShareOfCurrentAndTravelLies() {
        RunsOnMap runs = on(
                MapAxis.TRAVEL,
                List.of(
                        run("CARBON_STEEL", "LAP", 2.2, 1.1, 0.8, RunVerdict.GOOD),
                        run("CARBON_STEEL", "LAP", 2, 1.2, 1, RunVerdict.REJECTED),
                        run("CARBON_STEEL", "LAP", 8, 1.1, 1, RunVerdict.GOOD),
                        run("TITANIUM_GR2", "LAP", 2, 1.1, 1, RunVerdict.GOOD),
                        run("CARBON_STEEL", "T_FILLET", 2, 1.1, 1, RunVerdict.GOOD),
                        run("CARBON_STEEL", "LAP", 2, 1.1, 0, RunVerdict.GOOD)));

        assertThat(runs.runs())
                .extracting(RunsOnMap.RunDot::verdict)
                .containsExactly(RunVerdict.GOOD, RunVerdict.REJECTED);
        assertThat(runs.runs().get(0).x()).isCloseTo(1.1 * sheet.balanceA(), within(1e-9));
        assertThat(runs.runs().get(0).y())
                .isCloseTo(0.8 * sheet.setting(ParameterKey.TRAVEL_SPEED).value(), within(1e-9));
        assertThat(runs.chance()).isEmpty();
        assertThat(runs.known().runs()).isEqualTo(3);
        assertThat(runs.known().low()).isGreaterThan(1);
    }

    @Test
    void overAnotherAxisThereAreNoDotsAndTheMachineIsKnownAsWell() {
        RunsOnMap runs = on(MapAxis.GAP, List.of(run("CARBON_STEEL", "LAP", 2, 1.1, 1, RunVerdict.GOOD)));

        assertThat(runs.runs()).isEmpty();
        assertThat(runs.known().runs()).isEqualTo(1);
    }

    @Test
    void withoutRunsTheEnginesOwnSpreadStands() {
        RunsOnMap runs = on(MapAxis.TRAVEL, List.of());

        assertThat(runs.known().ratio()).isEqualTo(1);
        assertThat(runs.known().low()).isBetween(0.75, 0.85);
        assertThat(runs.known().runs()).isZero();
        assertThat(runs.drifted()).isFalse();
    }

    @Test
    void enoughJudgedRunsMakeAChanceThatFallsAwayFromWhereTheyPassed() {
        List<ReadRun> all = new ArrayList<>();
        for (int i = 0; i < 30; i++) {
            boolean hot = i % 3 == 0;
            all.add(run("CARBON_STEEL", "LAP", 2, hot ? 1.3 : 1, 1, hot ? RunVerdict.FAULTY : RunVerdict.GOOD));
        }
        RunsOnMap runs = on(MapAxis.TRAVEL, all);
        WeldMap.MapPoint here = map(MapAxis.TRAVEL).point();
        WeldMap.MapPoint hotter = new WeldMap.MapPoint(1.3 * here.x(), here.y(), here.zone());

        assertThat(runs.chanceAt(sheet, here).chance()).isGreaterThan(0.85);
        assertThat(runs.chanceAt(sheet, hotter).chance()).isLessThan(0.3);
    }

    @Test
    void aMachineThatHasChangedSaysSo() {
        List<ReadRun> all = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            all.add(run("CARBON_STEEL", "LAP", 2, (i < 8 ? 1.2 : 1) + 0.02 * Math.cos(i), 1, RunVerdict.GOOD));
        }
        RunsOnMap runs = on(MapAxis.TRAVEL, all);

        assertThat(runs.drifted()).isTrue();
        assertThat(runs.known().runs()).isEqualTo(8);
        assertThat(runs.known().ratio()).isCloseTo(1.2, within(0.04));
    }
}
