package vastarc.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.base.progress.Progress;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.simulation.SettingSearch.SearchGoal;
import vastarc.core.simulation.SettingSearch.SearchQuery;
import vastarc.core.simulation.SettingSearch.SearchResult;
import vastarc.core.simulation.SettingSearch.SearchTrial;
import vastarc.core.simulation.SettingSearch.SearchVariable;
import vastarc.core.simulation.mesh.MeshDetail;
import vastarc.core.simulation.observe.FrameRecorder;
import vastarc.core.simulation.observe.FrameRecorder.FrameLayout;
import vastarc.core.simulation.request.SimulationRequest;
import vastarc.core.simulation.result.SimulationResult;
import vastarc.core.simulation.result.SimulationResult.BeadColour;
import vastarc.core.simulation.result.SimulationResult.BeadWidth;
import vastarc.core.simulation.source.TorchAim;
import vastarc.core.simulation.source.TorchOperator;

/** Whole welds on simulated metal: what a welder would expect of each change, and the sheet's own widths. */
@Tag("slow")
class SimulationResultTest {

    private static final Map<String, SimulationResult> MADE = new ConcurrentHashMap<>();

    private static SimulationSetup setup(Material material, JointForm form, double mm, WeldingConditions conditions) {
        Joint joint = Joint.of(material, form, mm);
        Joint sized = form.isTube() ? joint.tubeOd(25.4) : joint;
        return SimulationSetup.of(PlanRequest.of(new Weld(sized, conditions), ShopDefaults.usual()), MeshDetail.LIVE)
                .own(CycleKey.SEAM_LENGTH, form.isTube() ? Math.PI * 25.4 : 50);
    }

    private static SimulationSetup switched(Material material, double mm) {
        return setup(
                material,
                JointForm.SQUARE_BUTT,
                mm,
                WeldingConditions.usual().with(draft -> draft.control = ControlDevice.TRIGGER_4T));
    }

    private static SimulationResult of(SimulationSetup setup) {
        return MADE.computeIfAbsent(
                setup.toString(), key -> WeldSimulation.of(setup.ask().value().orElseThrow()));
    }

    @ParameterizedTest
    @CsvSource({
        "CARBON_STEEL, SQUARE_BUTT, 2",
        "CARBON_STEEL, SQUARE_BUTT, 3",
        "CHROMOLY_4130, SQUARE_BUTT, 1.6",
        "STAINLESS_304L, SQUARE_BUTT, 1.65",
        "STAINLESS_304L, SQUARE_BUTT, 3",
        "STAINLESS_316L, SQUARE_BUTT, 2",
        "TITANIUM_GR2, SQUARE_BUTT, 1.5",
        "TITANIUM_GR5, SQUARE_BUTT, 3.2",
        "CARBON_STEEL, T_FILLET, 3",
        "CARBON_STEEL, T_FILLET, 1",
        "STAINLESS_304L, T_FILLET, 2",
        "STAINLESS_316L, LAP, 2",
        "TITANIUM_GR2, LAP, 3",
        "CHROMOLY_4130, TUBE_SADDLE, 1.2",
        "CARBON_STEEL, EDGE, 3",
        "CARBON_STEEL, INSIDE_CORNER, 2",
        "CARBON_STEEL, OUTSIDE_CORNER, 2",
        "STAINLESS_304L, EDGE, 1.5",
        "STAINLESS_316L, TUBE_BUTT, 1.5"
    })
    void theBeadIsAsWideAsTheSheetCalculates(Material material, JointForm form, double mm) {
        SimulationResult made = of(setup(material, form, mm, WeldingConditions.usual()));
        assertThat(SimulationVerdict.agrees(made.widths()))
                .as(
                        "%.2f mm here, %.2f mm on the sheet",
                        made.widths().frontMm(), made.widths().sheetFrontMm())
                .isTrue();
    }

    /** Titanium cools under the torch's gas until the post-flow ends: what meets the air later is below its first colour. */
    @Test
    void gasKeepsTheEndFromTheAirUntilPostFlowEnds() {
        SimulationSetup whole = setup(Material.TITANIUM_GR2, JointForm.SQUARE_BUTT, 1.5, WeldingConditions.usual());
        BeadColour covered = of(whole).frontTint();
        BeadColour shutEarly = of(whole.own(ParameterKey.POST_FLOW, 1)).frontTint();
        assertThat(covered.endCelsius()).isLessThan(450);
        assertThat(shutEarly.endCelsius()).isGreaterThan(covered.endCelsius() + 200);
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void everyFormRunsAndItsHeatAddsUp(JointForm form) {
        double mm = form == JointForm.V_BUTT ? 6 : 2;
        SimulationSetup setup = setup(Material.CARBON_STEEL, form, mm, WeldingConditions.usual());
        SimulationResult made = of(setup);
        assertThat(made.energy().error()).isLessThan(0.005);
        assertThat(made.widths().frontMm()).isPositive();
        assertThat(made.ends().endMm()).isPositive();
        assertThat(made.along()).isNotEmpty();
        SimulationRequest request = setup.ask().value().orElseThrow();
        assertThat(SimulationVerdict.of(request, made))
                .isNotEmpty()
                .allSatisfy(phrase ->
                        assertThat(Phrasebook.say(phrase, UnitSystem.METRIC)).isNotBlank());
        assertThat(SimulationVerdict.limits(request))
                .allSatisfy(phrase ->
                        assertThat(Phrasebook.say(phrase, UnitSystem.METRIC)).isNotBlank());
    }

    @Test
    void finerCellsTellTheSame() {
        SimulationSetup setup = setup(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, WeldingConditions.usual());
        SimulationResult live = of(setup);
        SimulationResult fine = of(setup.cut(MeshDetail.FINE));
        assertThat(live.widths().frontMm()).isCloseTo(fine.widths().frontMm(), withPercentage(5));
        assertThat(fine.energy().error()).isLessThan(0.005);
    }

    @Test
    void aPulseOfTheSameMeanPowerKeepsTheWidthMoreEvenWhereHeatBuildsUp() {
        SimulationSetup steady = WeldChange.NARROW.on(switched(Material.STAINLESS_304L, 1.2), 0);
        SimulationResult pulsed = of(WeldChange.PULSE.on(steady, 0));
        SimulationResult plain = of(steady);
        double early = widthBetween(plain, 10, 20);
        double late = widthBetween(plain, 38, 48);
        double earlyPulsed = widthBetween(pulsed, 10, 20);
        double latePulsed = widthBetween(pulsed, 38, 48);
        assertThat(latePulsed / earlyPulsed).isLessThan(late / early);
    }

    private static double widthBetween(SimulationResult made, double from, double to) {
        return made.along().stream()
                .filter(place -> place.xMm() >= from && place.xMm() <= to)
                .mapToDouble(BeadWidth::frontMm)
                .average()
                .orElseThrow();
    }

    @Test
    void thickerWireAtTheSameRhythmLeavesLessInThePlate() {
        SimulationSetup usual = switched(Material.CARBON_STEEL, 2);
        assertThat(of(WeldChange.THICKER_WIRE.on(usual, 0)).energy().absorbedJ())
                .isLessThan(0.98 * of(usual).energy().absorbedJ());
        assertThat(of(WeldChange.THINNER_WIRE.on(usual, 0)).energy().absorbedJ())
                .isGreaterThan(of(usual).energy().absorbedJ());
    }

    @Test
    void aBarWantsMoreCurrent() {
        SimulationSetup bare = switched(Material.STAINLESS_304L, 1.65);
        assertThat(of(WeldChange.BAR.on(bare, 0)).widths().backMm())
                .isLessThan(of(bare).widths().backMm());
    }

    @Test
    void moreCurrentIsWiderAndFasterTravelNarrower() {
        SimulationSetup usual = switched(Material.CARBON_STEEL, 2);
        double width = of(usual).widths().frontMm();
        assertThat(of(WeldChange.CURRENT.on(usual, 10)).widths().frontMm()).isGreaterThan(width);
        assertThat(of(WeldChange.TRAVEL.on(usual, 20)).widths().frontMm()).isLessThan(width);
    }

    @Test
    void anAbruptStopLeavesADeeperCraterThanASlope() {
        SimulationSetup sloped = switched(Material.STAINLESS_304L, 2);
        assertThat(of(WeldChange.NO_SLOPES.on(sloped, 0)).crater().depthMm())
                .isGreaterThan(1.5 * of(sloped).crater().depthMm());
    }

    @Test
    void slopesSpareTheEdgeWhereTheArcStrikes() {
        SimulationSetup sloped = switched(Material.STAINLESS_304L, 1.65);
        var sheet = sloped.sheet().value().orElseThrow();
        double waits = 0.8 + sheet.setting(ParameterKey.UP_SLOPE).value();
        SimulationSetup sudden = sloped.own(
                        ParameterKey.START_CURRENT,
                        sheet.setting(ParameterKey.WORKING_CURRENT).value())
                .own(CycleKey.START_HOLD, waits);
        assertThat(of(sudden).ends().startMm()).isGreaterThan(of(sloped).ends().startMm());
    }

    @Test
    void aNarrowCouponWarmsUp() {
        SimulationSetup wide = switched(Material.CARBON_STEEL, 2);
        SimulationResult narrow = of(WeldChange.NARROW.on(wide, 0));
        assertThat(narrow.meanRiseK()).isGreaterThan(2 * of(wide).meanRiseK());
        assertThat(narrow.widths().frontMm()).isGreaterThan(of(wide).widths().frontMm());
    }

    @Test
    void aTubesTieInIsWiderThanItsStart() {
        SimulationResult tube = of(setup(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.5, WeldingConditions.usual()));
        assertThat(tube.ends().meets()).isTrue();
        assertThat(tube.ends().endMm()).isGreaterThan(1.1 * tube.ends().startMm());
    }

    @Test
    void theHeavyMemberTakesMoreOfTheArc() {
        Joint alike = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 2);
        Joint heavy = alike.with(draft -> draft.base = Length.ofMillimetres(5));
        assertThat(baseShare(heavy)).isGreaterThan(baseShare(alike) + 0.05);
        assertThat(baseShare(alike)).isEqualTo(2 / 3.0);
    }

    private static double baseShare(Joint joint) {
        return TorchAim.baseShare(HeatBalance.of(joint, WeldingConditions.usual()));
    }

    @Test
    void anUnsteadyHandIsLessEvenAndTheSameForTheSameSeed() {
        SimulationSetup steady = switched(Material.STAINLESS_304L, 2);
        SimulationSetup unsteady = WeldChange.UNSTEADY.on(steady, 0);
        SimulationResult strayed = of(unsteady);
        assertThat(strayed.widths().frontSpread())
                .isGreaterThan(1.5 * of(steady).widths().frontSpread());
        SimulationResult again = WeldSimulation.of(unsteady.ask().value().orElseThrow());
        assertThat(again.along()).isEqualTo(strayed.along());
    }

    @Test
    void aFilmShowsThePoolFromTheFirstMomentOn() {
        FrameRecorder recorder = new FrameRecorder();
        WeldSimulation.of(switched(Material.CARBON_STEEL, 2).ask().value().orElseThrow(), Progress.UNWATCHED, recorder);
        FrameLayout layout = recorder.layout();
        assertThat(layout).isNotNull();
        assertThat(recorder.from(0).get(0).s()).isLessThan(0.2);
        assertThat(recorder.from(0))
                .allSatisfy(frame -> assertThat(frame.front().remaining())
                        .isEqualTo(3 * layout.columns() * layout.frontMm().size()));
        assertThat(recorder.from(0))
                .anySatisfy(frame -> assertThat(frame.poolMm()).isGreaterThan(2));
        assertThat(recorder.beads()).hasSize(layout.columns());
    }

    @Test
    void itIsLeftOffWhenNobodyWantsIt() {
        Progress unwanted = new Progress() {
            @Override
            public void at(double share) {
                // nobody looks
            }

            @Override
            public boolean isCancelled() {
                return true;
            }
        };
        SimulationRequest request =
                switched(Material.CARBON_STEEL, 2).ask().value().orElseThrow();
        assertThat(catchThrowable(() -> WeldSimulation.of(request, unwanted, new FrameRecorder())))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void aBackBeadIsFoundByTurningTheCurrent() {
        SimulationSetup setup = switched(Material.STAINLESS_304L, 2).own(CycleKey.SEAM_LENGTH, 30);
        double usual = of(setup).widths().backMm();
        SearchResult found = SettingSearch.find(
                        setup,
                        SearchQuery.of(SearchVariable.CURRENT, SearchGoal.BACK_BEAD, 0.85 * usual),
                        Progress.UNWATCHED)
                .value()
                .orElseThrow();
        assertThat(found.met()).isTrue();
        double now = setup.sheet()
                .value()
                .orElseThrow()
                .setting(SearchVariable.CURRENT.key().orElseThrow())
                .value();
        assertThat(found.best().value()).isBetween(0.5 * now, now);
        SimulationResult there = of(
                SettingSearch.turned(setup, SearchVariable.CURRENT, found.best().value()));
        assertThat(there.widths().backMm()).isEqualTo(found.best().backMm());
    }

    private static List<String> says(SimulationSetup setup) {
        return SimulationVerdict.of(setup.ask().value().orElseThrow(), of(setup)).stream()
                .map(phrase -> phrase.key().replace("rehearsal.says.", ""))
                .toList();
    }

    @Test
    void aPartialRunIsJudgedByItsDepthAndATubeByItsTieIn() {
        WeldingConditions partial = WeldingConditions.usual().melting(Penetration.PARTIAL);
        SimulationSetup setup = setup(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 4, partial);
        assertThat(says(setup)).contains("nearlyDeep", "backSolid").doesNotContain("notThrough", "notMolten");
        double current = setup.sheet()
                .value()
                .orElseThrow()
                .setting(ParameterKey.WORKING_CURRENT)
                .value();
        assertThat(says(setup.own(ParameterKey.WORKING_CURRENT, 0.6 * current))).contains("notDeep");
        assertThat(says(setup.own(ParameterKey.WORKING_CURRENT, 1.3 * current))).contains("deep");
        SimulationSetup tube = setup(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.5, WeldingConditions.usual());
        assertThat(says(tube)).containsAnyOf("tieIn", "tieInWide");
        SimulationSetup butt = setup(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2, WeldingConditions.usual());
        assertThat(says(butt)).doesNotContain("deep", "nearlyDeep", "notDeep", "tieIn");
    }

    /** Under a thicker rod the same root bead takes more current; with copper behind, more still. */
    @Test
    void twoAreLookedForAtOnce() {
        SimulationSetup setup = switched(Material.STAINLESS_304L, 2).own(CycleKey.SEAM_LENGTH, 24);
        SearchQuery query =
                new SearchQuery(SearchVariable.CURRENT, Optional.of(SearchVariable.BAR), SearchGoal.BACK_BEAD, 2.5);
        SearchResult found =
                SettingSearch.find(setup, query, Progress.UNWATCHED).value().orElseThrow();
        assertThat(found.tries())
                .extracting(trial -> trial.beside().orElseThrow())
                .contains(0.0, 1.0);
        double bare = nearest(found, 0);
        double barred = nearest(found, 1);
        assertThat(barred).isGreaterThan(bare);

        SearchResult rods = SettingSearch.find(
                        setup, SearchQuery.of(SearchVariable.ROD, SearchGoal.BACK_BEAD, 2.5), Progress.UNWATCHED)
                .value()
                .orElseThrow();
        assertThat(rods.tries())
                .hasSizeBetween(2, 3)
                .isSortedAccordingTo((one, other) -> Double.compare(other.backMm(), one.backMm()));
    }

    private static double nearest(SearchResult found, double beside) {
        return found.tries().stream()
                .filter(trial -> trial.beside().orElseThrow() == beside)
                .min(Comparator.comparingDouble(trial -> Math.abs(trial.backMm() - 2.5)))
                .map(SearchTrial::value)
                .orElseThrow();
    }

    @Test
    void whatCannotBeRehearsedIsSaidSo() {
        SimulationSetup setup = switched(Material.CARBON_STEEL, 2);
        assertThat(setup.own(CycleKey.SEAM_LENGTH, 5).ask().problems())
                .extracting(problem -> problem.field())
                .containsExactly("seamMm");
        assertThat(setup.by(TorchOperator.steady().travelling(5)).ask().problems())
                .extracting(problem -> problem.field())
                .containsExactly("travelMmPerMin");
        assertThat(SettingSearch.find(
                                setup(Material.CARBON_STEEL, JointForm.EDGE, 2, WeldingConditions.usual()),
                                SearchQuery.of(SearchVariable.CURRENT, SearchGoal.BACK_BEAD, 2),
                                Progress.UNWATCHED)
                        .problems())
                .extracting(problem -> problem.field())
                .containsExactly("goal");
        List<String> tooFine = setup(Material.STAINLESS_304L, JointForm.T_FILLET, 8, WeldingConditions.usual())
                .own(CycleKey.SEAM_LENGTH, 200)
                .cut(MeshDetail.PROOF)
                .ask()
                .problems()
                .stream()
                .map(problem -> problem.field())
                .toList();
        assertThat(tooFine).containsExactly("quality");
    }
}
