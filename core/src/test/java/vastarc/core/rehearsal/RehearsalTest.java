package vastarc.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowable;
import static org.assertj.core.data.Percentage.withPercentage;

import java.util.List;
import java.util.Map;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentHashMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.heat.HeatSolution;
import vastarc.core.joint.Control;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Weld;
import vastarc.core.material.Material;
import vastarc.core.plan.WeldPlan;
import vastarc.core.progress.Progress;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.ScoreKey;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrasebook;

/** Whole welds on simulated metal: what a welder would expect of each change, and the sheet's own widths. */
class RehearsalTest {

    private static final Map<String, Rehearsal> MADE = new ConcurrentHashMap<>();

    private static Setup setup(Material material, JointForm form, double mm, Practice practice) {
        Joint joint = Joint.of(material, form, mm);
        Joint sized = form.isTube() ? joint.tubeOd(25.4) : joint;
        return Setup.of(WeldPlan.Ask.of(new Weld(sized, practice), ShopWays.usual()), Quality.LIVE)
                .own(ScoreKey.SEAM_LENGTH, form.isTube() ? Math.PI * 25.4 : 50);
    }

    private static Setup switched(Material material, double mm) {
        return setup(
                material,
                JointForm.SQUARE_BUTT,
                mm,
                Practice.usual().with(draft -> draft.control = Control.TRIGGER_4T));
    }

    private static Rehearsal of(Setup setup) {
        return MADE.computeIfAbsent(
                setup.toString(), key -> RehearsalRun.of(setup.ask().value().orElseThrow()));
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
    void theBeadIsAsWideAsTheSheetReckons(Material material, JointForm form, double mm) {
        Rehearsal made = of(setup(material, form, mm, Practice.usual()));
        assertThat(Verdict.agrees(made.widths()))
                .as(
                        "%.2f mm here, %.2f mm on the sheet",
                        made.widths().frontMm(), made.widths().sheetFrontMm())
                .isTrue();
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void everyFormRunsAndItsHeatAddsUp(JointForm form) {
        double mm = form == JointForm.V_BUTT ? 6 : 2;
        Setup setup = setup(Material.CARBON_STEEL, form, mm, Practice.usual());
        Rehearsal made = of(setup);
        assertThat(made.energy().error()).isLessThan(0.005);
        assertThat(made.widths().frontMm()).isPositive();
        assertThat(made.ends().endMm()).isPositive();
        assertThat(made.along()).isNotEmpty();
        RehearsalAsk ask = setup.ask().value().orElseThrow();
        assertThat(Verdict.of(ask, made))
                .isNotEmpty()
                .allSatisfy(phrase ->
                        assertThat(Phrasebook.say(phrase, UnitSystem.METRIC)).isNotBlank());
        assertThat(Verdict.limits(ask))
                .allSatisfy(phrase ->
                        assertThat(Phrasebook.say(phrase, UnitSystem.METRIC)).isNotBlank());
    }

    @Test
    void finerCellsTellTheSame() {
        Setup setup = setup(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, Practice.usual());
        Rehearsal live = of(setup);
        Rehearsal fine = of(setup.cut(Quality.FINE));
        assertThat(live.widths().frontMm()).isCloseTo(fine.widths().frontMm(), withPercentage(5));
        assertThat(fine.energy().error()).isLessThan(0.005);
    }

    @Test
    void aPulseOfTheSameMeanPowerKeepsTheWidthMoreEvenWhereHeatBuildsUp() {
        Setup steady = Change.NARROW.on(switched(Material.STAINLESS_304L, 1.2), 0);
        Rehearsal pulsed = of(Change.PULSE.on(steady, 0));
        Rehearsal plain = of(steady);
        double early = widthBetween(plain, 10, 20);
        double late = widthBetween(plain, 38, 48);
        double earlyPulsed = widthBetween(pulsed, 10, 20);
        double latePulsed = widthBetween(pulsed, 38, 48);
        assertThat(latePulsed / earlyPulsed).isLessThan(late / early);
    }

    private static double widthBetween(Rehearsal made, double from, double to) {
        return made.along().stream()
                .filter(place -> place.xMm() >= from && place.xMm() <= to)
                .mapToDouble(Rehearsal.Along::frontMm)
                .average()
                .orElseThrow();
    }

    @Test
    void thickerWireAtTheSameRhythmLeavesLessInThePlate() {
        Setup usual = switched(Material.CARBON_STEEL, 2);
        assertThat(of(Change.THICKER_WIRE.on(usual, 0)).energy().absorbedJ())
                .isLessThan(0.98 * of(usual).energy().absorbedJ());
        assertThat(of(Change.THINNER_WIRE.on(usual, 0)).energy().absorbedJ())
                .isGreaterThan(of(usual).energy().absorbedJ());
    }

    @Test
    void aBarWantsMoreCurrent() {
        Setup bare = switched(Material.STAINLESS_304L, 1.65);
        assertThat(of(Change.BAR.on(bare, 0)).widths().backMm())
                .isLessThan(of(bare).widths().backMm());
    }

    @Test
    void moreCurrentIsWiderAndFasterTravelNarrower() {
        Setup usual = switched(Material.CARBON_STEEL, 2);
        double width = of(usual).widths().frontMm();
        assertThat(of(Change.CURRENT.on(usual, 10)).widths().frontMm()).isGreaterThan(width);
        assertThat(of(Change.TRAVEL.on(usual, 20)).widths().frontMm()).isLessThan(width);
    }

    @Test
    void anAbruptStopLeavesADeeperCraterThanASlope() {
        Setup sloped = switched(Material.STAINLESS_304L, 2);
        assertThat(of(Change.NO_SLOPES.on(sloped, 0)).crater().depthMm())
                .isGreaterThan(1.5 * of(sloped).crater().depthMm());
    }

    @Test
    void slopesSpareTheEdgeWhereTheArcStrikes() {
        Setup sloped = switched(Material.STAINLESS_304L, 1.65);
        var sheet = sloped.sheet().value().orElseThrow();
        double waits = 0.8 + sheet.setting(SettingKey.UP_SLOPE).value();
        Setup sudden = sloped.own(
                        SettingKey.START_CURRENT,
                        sheet.setting(SettingKey.WORKING_CURRENT).value())
                .own(ScoreKey.START_HOLD, waits);
        assertThat(of(sudden).ends().startMm()).isGreaterThan(of(sloped).ends().startMm());
    }

    @Test
    void aNarrowCouponWarmsUp() {
        Setup wide = switched(Material.CARBON_STEEL, 2);
        Rehearsal narrow = of(Change.NARROW.on(wide, 0));
        assertThat(narrow.meanRiseK()).isGreaterThan(2 * of(wide).meanRiseK());
        assertThat(narrow.widths().frontMm()).isGreaterThan(of(wide).widths().frontMm());
    }

    @Test
    void aTubesTieInIsWiderThanItsStart() {
        Rehearsal tube = of(setup(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.5, Practice.usual()));
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
        return Aim.baseShare(HeatSolution.of(joint, Practice.usual()));
    }

    @Test
    void anUnsteadyHandIsLessEvenAndTheSameForTheSameSeed() {
        Setup steady = switched(Material.STAINLESS_304L, 2);
        Setup unsteady = Change.UNSTEADY.on(steady, 0);
        Rehearsal strayed = of(unsteady);
        assertThat(strayed.widths().frontSpread())
                .isGreaterThan(1.5 * of(steady).widths().frontSpread());
        Rehearsal again = RehearsalRun.of(unsteady.ask().value().orElseThrow());
        assertThat(again.along()).isEqualTo(strayed.along());
    }

    @Test
    void aFilmShowsThePoolFromTheFirstMomentOn() {
        Film film = new Film();
        RehearsalRun.of(switched(Material.CARBON_STEEL, 2).ask().value().orElseThrow(), Progress.UNWATCHED, film);
        Film.Layout layout = film.layout();
        assertThat(layout).isNotNull();
        assertThat(film.from(0).get(0).s()).isLessThan(0.2);
        assertThat(film.from(0))
                .allSatisfy(frame -> assertThat(frame.front()).hasSize(3 * layout.columns() * layout.frontMm().length));
        assertThat(film.from(0)).anySatisfy(frame -> assertThat(frame.poolMm()).isGreaterThan(2));
        assertThat(film.beads()).hasSize(layout.columns());
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
        RehearsalAsk ask = switched(Material.CARBON_STEEL, 2).ask().value().orElseThrow();
        assertThat(catchThrowable(() -> RehearsalRun.of(ask, unwanted, new Film())))
                .isInstanceOf(CancellationException.class);
    }

    @Test
    void aBackBeadIsFoundByTurningTheCurrent() {
        Setup setup = switched(Material.STAINLESS_304L, 2).own(ScoreKey.SEAM_LENGTH, 30);
        double usual = of(setup).widths().backMm();
        Finder.Found found = Finder.find(
                        setup, Finder.Knob.CURRENT, Finder.Goal.BACK_BEAD, 0.85 * usual, Progress.UNWATCHED)
                .value()
                .orElseThrow();
        assertThat(found.met()).isTrue();
        double now = setup.sheet()
                .value()
                .orElseThrow()
                .setting(Finder.Knob.CURRENT.key())
                .value();
        assertThat(found.best().value()).isBetween(found.window().low(), now);
        Rehearsal there =
                of(Finder.turned(setup, Finder.Knob.CURRENT, found.best().value()));
        assertThat(there.widths().backMm()).isEqualTo(found.best().backMm());
    }

    @Test
    void whatCannotBeRehearsedIsSaidSo() {
        Setup setup = switched(Material.CARBON_STEEL, 2);
        assertThat(setup.own(ScoreKey.SEAM_LENGTH, 5).ask().problems())
                .extracting(problem -> problem.field())
                .containsExactly("seamMm");
        assertThat(setup.by(Hand.steady().travelling(5)).ask().problems())
                .extracting(problem -> problem.field())
                .containsExactly("travelMmPerMin");
        assertThat(Finder.find(
                                setup(Material.CARBON_STEEL, JointForm.EDGE, 2, Practice.usual()),
                                Finder.Knob.CURRENT,
                                Finder.Goal.BACK_BEAD,
                                2,
                                Progress.UNWATCHED)
                        .problems())
                .extracting(problem -> problem.field())
                .containsExactly("goal");
        List<String> tooFine = setup(Material.STAINLESS_304L, JointForm.T_FILLET, 8, Practice.usual())
                .cut(Quality.PROOF)
                .ask()
                .problems()
                .stream()
                .map(problem -> problem.field())
                .toList();
        assertThat(tooFine).containsExactly("quality");
    }
}
