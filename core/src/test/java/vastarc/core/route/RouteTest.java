package vastarc.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Position;
import vastarc.core.joint.Practice;
import vastarc.core.joint.Technique;
import vastarc.core.joint.Weld;
import vastarc.core.machine.DutyPoint;
import vastarc.core.material.Material;
import vastarc.core.plan.WeldPlan;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.route.Route.End;
import vastarc.core.route.Route.Kind;
import vastarc.core.route.Route.Run;
import vastarc.core.route.Route.Wait;
import vastarc.core.sheet.ShopWays;
import vastarc.core.wording.Phrasebook;

/** Ways through whole jobs: worked by hand, and what holds of all of them. */
class RouteTest {

    private static final List<DutyPoint> SMALL_MACHINE = List.of(new DutyPoint(200, 35));
    private static final List<DutyPoint> SMALL_TORCH = List.of(new DutyPoint(125, 35));

    static RouteAsk ask(Joint joint, Practice practice, Work work, List<DutyPoint> machine, List<DutyPoint> torch) {
        return RouteAsk.of(WeldPlan.of(new Weld(joint, practice), ShopWays.usual()), work, machine, torch, 20)
                .value()
                .orElseThrow();
    }

    static Route route(Joint joint, Practice practice, Work work) {
        return RoutePlanner.plan(ask(joint, practice, work, List.of(), List.of()));
    }

    private static List<Run> welds(Route route) {
        return route.runs().stream().filter(run -> run.kind() == Kind.WELD).toList();
    }

    @Test
    void aTubeStandingStillIsWeldedInOppositeQuadrants() {
        Joint tube = Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.5).tubeOd(60);
        Work quarter = new Work(1, OptionalDouble.empty(), "", OptionalDouble.of(0.30), 20, OptionalDouble.empty());
        Route route = route(tube, Practice.usual(), quarter);
        double girth = Math.PI * 60;

        List<Run> runs = welds(route);
        assertThat(runs).hasSize(4);
        assertThat(runs)
                .extracting(run -> Math.round(4 * (run.toMm() - 4.5) / girth))
                .containsExactly(1L, 3L, 2L, 4L);
        assertThat(runs.get(0).end()).isEqualTo(End.TURN);
        assertThat(runs.get(3).toMm()).isCloseTo(girth + 4.5, within(0.01));
        assertThat(runs.get(1).waits()).containsKeys(Wait.POST_FLOW, Wait.HANDLING, Wait.ROTATION);
        assertThat(route.runs().stream().filter(run -> run.kind() == Kind.TACK)).hasSize(4);
        Practice positioner = Practice.usual().with(draft -> draft.technique = Technique.POSITIONER);
        assertThat(welds(route(tube, positioner, Work.usual()))).hasSize(1);
    }

    @Test
    void aLongThinSheetGoesInBackStepsFromEndsAndMiddle() {
        Joint sheet = Joint.of(Material.STAINLESS_304L, JointForm.OUTSIDE_CORNER, 1.2);
        Route route = route(
                sheet,
                Practice.usual().with(draft -> draft.wire = false),
                Work.usual().of(1, 600));

        List<Run> runs = welds(route);
        assertThat(runs).hasSize(9).allSatisfy(run -> {
            assertThat(run.fromMm()).isGreaterThan(run.toMm());
            assertThat(run.lengthMm()).isLessThanOrEqualTo(75 + 0.01);
            assertThat(run.end()).isEqualTo(End.BACK_STEP);
        });
        List<Run> tacks =
                route.runs().stream().filter(run -> run.kind() == Kind.TACK).toList();
        assertThat(tacks).hasSize(20);
        assertThat(tacks.get(0).fromMm()).isCloseTo(10, within(0.01));
        assertThat(tacks.get(1).fromMm()).isGreaterThan(570);
        assertThat(tacks.get(2).fromMm()).isBetween(260.0, 300.0);
    }

    @Test
    void aFrameOfTwelveSaddlesIsTackedWholeBeforeItIsWelded() {
        Joint saddle =
                Joint.of(Material.CHROMOLY_4130, JointForm.TUBE_SADDLE, 1.2).tubeOd(25.4);
        Route route = route(saddle, Practice.usual(), Work.usual().of(12, 80));
        int lastTack = route.runs().stream()
                .filter(run -> run.kind() == Kind.TACK)
                .mapToInt(Run::n)
                .max()
                .orElseThrow();
        assertThat(welds(route).get(0).n()).isEqualTo(lastTack + 1);
        assertThat(welds(route)).extracting(Run::seam).contains(1, 12);
        assertThat(welds(route).get(0).seam()).isNotEqualTo(welds(route).get(1).seam());
    }

    @Test
    void aVInPassesWaitsForTheTemperatureBetween() {
        Joint plate = Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, 8);
        RouteAsk ask = ask(plate, Practice.usual(), Work.usual().of(1, 150), List.of(), List.of());
        Route route = RoutePlanner.plan(ask);
        int passes = ask.passes().size();
        assertThat(passes).isGreaterThanOrEqualTo(3);
        List<Run> second = welds(route).stream().filter(run -> run.pass() == 2).toList();
        Run before = welds(route).stream()
                .filter(run -> run.pass() == 1)
                .reduce((a, b) -> b)
                .orElseThrow();
        assertThat(second.get(0).waitFor()).isEqualTo(Wait.COOLING);
        assertThat(second.get(0).startS())
                .isCloseTo(before.endS() + ask.passes().get(1).coolsS(), within(1e-6));
    }

    @Test
    void titaniumStopsAfterTenToFifteenDipsAndGoesOnWhenTheGasHasRunOut() {
        Joint ring = Joint.of(Material.TITANIUM_GR2, JointForm.TUBE_BUTT, 1.5).tubeOd(38.1);
        Route route = route(ring, Practice.usual().with(draft -> draft.purged = true), Work.usual());
        List<Run> runs = welds(route);
        assertThat(runs.get(0).end()).isEqualTo(End.DIPS);
        assertThat(runs.get(0).lengthMm()).isBetween(25.0, 40.0);
        assertThat(runs)
                .anySatisfy(run -> assertThat(runs.get(0).toMm() - run.fromMm()).isBetween(3.0, 5.0));
        assertThat(runs.get(1).waitFor()).isEqualTo(Wait.POST_FLOW);
        assertThat(runs.get(1).waits()).doesNotContainKey(Wait.HANDLING);
        assertThat(route.runs().get(0).waits()).containsEntry(Wait.PURGE, 180.0);
        assertThat(route.totals().purgeArgonL()).isPositive();
    }

    static Joint pipe(double mm) {
        return Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, mm).tubeOd(60.3);
    }

    static Practice standing(Position position) {
        return Practice.usual().with(draft -> draft.position = position);
    }

    @Test
    void standingPipeGoesUpOneSideAndThenTheOther() {
        Route route = route(pipe(3.9), standing(Position.PH), Work.usual());
        double girth = Math.PI * 60.3;
        List<Run> root = welds(route).stream().filter(run -> run.pass() == 1).toList();
        assertThat(root).hasSize(2);
        assertThat(root.get(0).fromMm()).isZero();
        assertThat(root.get(0).toMm()).isBetween(girth / 2 + 3, girth / 2 + 8);
        assertThat(root.get(1).fromMm()).isBetween(girth + 3, girth + 8);
        assertThat(root.get(1).toMm()).isBetween(girth / 2 - 8, girth / 2 - 3);
        assertThat(route.notes()).extracting(note -> note.key()).contains("route.note.standing");
    }

    @Test
    void standingThinTubeGoesInOppositeQuarters() {
        List<Run> runs = welds(route(pipe(1.6), standing(Position.PH), Work.usual()));
        double girth = Math.PI * 60.3;
        assertThat(runs).hasSize(4);
        assertThat(runs)
                .extracting(run -> (int) Math.floor(4 * (run.fromMm() + run.toMm()) / 2 / girth))
                .containsExactly(0, 2, 1, 3);
    }

    @Test
    void stopsOfPassesLieApart() {
        Joint plate = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, 8);
        List<Run> runs = welds(route(plate, Practice.usual(), Work.usual().of(1, 900)));
        List<Double> first = stops(runs, 1);
        assertThat(first).isNotEmpty();
        assertThat(stops(runs, 2))
                .allSatisfy(stop -> assertThat(first)
                        .allSatisfy(other -> assertThat(Math.abs(stop - other)).isGreaterThanOrEqualTo(10)));
    }

    private static List<Double> stops(List<Run> runs, int pass) {
        return runs.stream()
                .filter(run -> run.pass() == pass && run.toMm() < 899)
                .map(Run::toMm)
                .toList();
    }

    @Test
    void theArcIsOnNoMoreThanItsShareOfTheTime() {
        Joint sheet = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3);
        for (double share : new double[] {0.25, 0.35}) {
            Route route = route(sheet, Practice.usual(), Work.usual().of(1, 300).sharing(share));
            assertThat(route.totals().arcS() / route.totals().wallS()).isLessThanOrEqualTo(share + 1e-9);
        }
    }

    @Test
    void aTorchOverItsDutyRests() {
        Joint plate = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3);
        RouteAsk ask = ask(plate, Practice.usual(), Work.usual().of(6, 300), SMALL_MACHINE, SMALL_TORCH);
        Route route = RoutePlanner.plan(ask);
        double amps = ask.passes().get(0).rmsA();
        double percent = DutyPoint.percentAt(SMALL_TORCH, amps);
        assertThat(welds(route)).extracting(Run::waitFor).contains(Wait.DUTY);
        double busy = welds(route).stream().mapToDouble(Run::arcS).sum();
        double span = route.totals().wallS();
        assertThat(100 * busy / span).isLessThan(percent + 6);
        assertThat(RouteCheck.check(ask, route)).isEmpty();
        RouteAsk hot = RouteAsk.of(
                        WeldPlan.of(new Weld(plate, Practice.usual()), ShopWays.usual()),
                        Work.usual().of(6, 300),
                        SMALL_MACHINE,
                        SMALL_TORCH,
                        40)
                .value()
                .orElseThrow();
        assertThat(RoutePlanner.plan(hot).totals().wallS()).isGreaterThan(span);
    }

    /** Seeded jobs over metals, forms, lengths, plates and torches. */
    @Test
    void whatEveryRouteKeeps() {
        Random random = new Random(15);
        int planned = 0;
        for (int i = 0; i < 2000; i++) {
            Material material = Material.values()[random.nextInt(Material.values().length)];
            JointForm form = JointForm.values()[random.nextInt(JointForm.values().length)];
            double t = form == JointForm.V_BUTT ? 4 + 5 * random.nextDouble() : 0.8 + 2.2 * random.nextDouble();
            Joint joint = Joint.of(material, form, t);
            Joint sized = form.isTube() ? joint.tubeOd(15 + 150 * random.nextDouble()) : joint;
            Practice practice = Practice.usual().with(draft -> {
                draft.wire = random.nextBoolean();
                draft.rotated = random.nextBoolean();
                draft.purged = random.nextBoolean();
            });
            Work work = new Work(
                    1 + random.nextInt(5),
                    random.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(30 + 500 * random.nextDouble()),
                    "",
                    OptionalDouble.empty(),
                    random.nextInt(60),
                    OptionalDouble.empty());
            var found = RouteAsk.of(
                    WeldPlan.of(new Weld(sized, practice), ShopWays.usual()),
                    work,
                    random.nextBoolean() ? SMALL_MACHINE : List.of(),
                    random.nextBoolean() ? SMALL_TORCH : List.of(),
                    10 + 30 * random.nextDouble());
            if (found.value().isPresent()) {
                planned++;
                keeps(found.value().get());
            }
        }
        assertThat(planned).isGreaterThan(1200);
    }

    private static void keeps(RouteAsk ask) {
        Route route = RoutePlanner.plan(ask);
        assertThat(RouteCheck.check(ask, route)).isEmpty();
        assertThat(route.totals().arcS())
                .isCloseTo(route.runs().stream().mapToDouble(Run::arcS).sum(), within(1e-6));
        double end = 0;
        for (Run run : route.runs()) {
            assertThat(run.startS() - end).isCloseTo(run.waitS(), within(1e-6));
            assertThat(run.waits().getOrDefault(Wait.POST_FLOW, 0.0)).isLessThanOrEqualTo(run.waitS() + 1e-6);
            end = run.endS();
        }
        double wire = welds(route).stream()
                .mapToDouble(run -> 1.03e-3
                        * run.lengthMm()
                        * ask.passes().get(run.pass() - 1).wireMmPerMm())
                .sum();
        assertThat(route.totals().wireM()).isCloseTo(wire, within(1e-9));
        route.notes()
                .forEach(note ->
                        assertThat(Phrasebook.say(note, UnitSystem.METRIC)).isNotBlank());
    }

    @Test
    void aHandsOwnOrderIsTimedAndItsBreachesNamed() {
        Joint plate = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, 6);
        RouteAsk ask = ask(plate, Practice.usual(), Work.usual().of(1, 100), List.of(), List.of());
        Route planned = RoutePlanner.plan(ask);
        int count = planned.runs().size();
        List<Integer> upside =
                IntStream.rangeClosed(1, count).map(i -> count + 1 - i).boxed().toList();
        Route turned = RoutePlanner.plan(ask.ordered(upside));
        assertThat(turned.runs()).hasSize(count);
        assertThat(RouteCheck.check(ask, turned))
                .extracting(phrase -> phrase.key())
                .contains("route.broken.tack", "route.broken.pass");
        assertThat(RoutePlanner.plan(ask.ordered(List.of(1, 1, 2))).runs()).isEqualTo(planned.runs());
    }

    @Test
    void workThatCannotBeIsRefusedByName() {
        WeldPlan plan = WeldPlan.of(
                new Weld(Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2), Practice.usual()),
                ShopWays.usual());
        assertThat(RouteAsk.of(plan, Work.usual().of(0, 3), List.of(), List.of(), 20)
                        .problems())
                .extracting(problem -> problem.field())
                .containsExactly("seams", "seamMm");
        assertThat(RouteAsk.of(plan, Work.usual().of(60, 20_000), List.of(), List.of(), 20)
                        .problems())
                .extracting(problem -> problem.field())
                .containsExactly("seamMm");
    }
}
