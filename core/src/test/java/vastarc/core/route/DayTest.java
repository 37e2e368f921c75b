package vastarc.core.route;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vastarc.core.route.Route.Kind.TACK;
import static vastarc.core.route.Route.Kind.WELD;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import vastarc.core.joint.Joint;
import vastarc.core.joint.JointForm;
import vastarc.core.joint.Practice;
import vastarc.core.machine.DutyPoint;
import vastarc.core.material.Material;
import vastarc.core.route.Day.Doing;
import vastarc.core.route.Day.Span;

/** One pair of hands over several jobs. */
class DayTest {

    private static RouteAsk v(double mm, double length) {
        Work work = new Work(1, OptionalDouble.of(length), "", OptionalDouble.empty(), 20, OptionalDouble.empty());
        return RouteTest.ask(
                Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, mm), Practice.usual(), work, List.of(), List.of());
    }

    private static RouteAsk sheet(Material material, double length) {
        Work work = new Work(1, OptionalDouble.of(length), "", OptionalDouble.empty(), 20, OptionalDouble.empty());
        return RouteTest.ask(
                Joint.of(material, JointForm.SQUARE_BUTT, 2), Practice.usual(), work, List.of(), List.of());
    }

    @Test
    void whileOneCoolsAnotherIsWelded() {
        Day day = DayPlanner.plan(List.of(v(8, 60), v(8, 60)), Day.Changes.USUAL);
        assertThat(day.makespanS()).isLessThan(0.97 * day.oneAfterAnotherS());
        assertThat(day.makespanS()).isGreaterThanOrEqualTo(day.lowerBoundS() - 1e-6);
        holds(day, List.of(v(8, 60), v(8, 60)));
    }

    @Test
    void whatADayKeepsOverSeededJobs() {
        Random random = new Random(3);
        for (int i = 0; i < 60; i++) {
            List<RouteAsk> asks = jobs(random, 1 + random.nextInt(4));
            Day day = DayPlanner.plan(asks, Day.Changes.USUAL);
            assertThat(day.makespanS()).isLessThanOrEqualTo(day.oneAfterAnotherS() + 1e-6);
            assertThat(day.makespanS()).isGreaterThanOrEqualTo(day.lowerBoundS() - 1e-6);
            holds(day, asks);
        }
    }

    private static List<RouteAsk> jobs(Random random, int count) {
        List<RouteAsk> asks = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            asks.add(
                    random.nextBoolean()
                            ? v(4 + 5 * random.nextDouble(), 40 + 200 * random.nextDouble())
                            : sheet(
                                    random.nextBoolean() ? Material.CARBON_STEEL : Material.STAINLESS_304L,
                                    40 + 100 * random.nextDouble()));
        }
        return asks;
    }

    /** No gap, no two things at once, every run once and in its order, every cooling kept. */
    private static void holds(Day day, List<RouteAsk> asks) {
        double now = 0;
        Map<Integer, Integer> last = new HashMap<>();
        for (Span span : day.timeline()) {
            assertThat(span.startS()).isCloseTo(now, within(1e-6));
            now = span.endS();
            if (span.doing() == Doing.ARC) {
                assertThat(span.run()).isEqualTo(last.getOrDefault(span.job(), 0) + 1);
                last.put(span.job(), span.run());
            }
        }
        assertThat(now).isCloseTo(day.makespanS(), within(1e-6));
        for (int job = 0; job < asks.size(); job++) {
            assertThat(last.get(job))
                    .isEqualTo(RoutePlanner.plan(asks.get(job)).runs().size());
            cooled(day, job, asks.get(job));
        }
    }

    private static void cooled(Day day, int job, RouteAsk ask) {
        Route route = RoutePlanner.plan(ask);
        List<Span> arcs = day.timeline().stream()
                .filter(span -> span.job() == job && span.doing() == Doing.ARC)
                .toList();
        for (int i = 1; i < arcs.size(); i++) {
            Route.Run run = route.runs().get(i);
            Route.Run before = route.runs().get(i - 1);
            if (run.pass() > 1 && before.pass() != run.pass()) {
                assertThat(arcs.get(i).startS())
                        .isGreaterThanOrEqualTo(arcs.get(i - 1).endS()
                                + ask.passes().get(run.pass() - 1).coolsS()
                                - 1e-6);
            }
        }
    }

    /**
     * Two jobs calculated by hand, run by run. A V of chromoly in two passes, warmed for five minutes before its first tack; a butt of thin steel. Between
     * them metal, tungsten and panel change, and the cup stays.
     */
    @Test
    void aDayIsTimedAsOnPaper() {
        RouteAsk warm = v(4, 60);
        RouteAsk thin = sheet(Material.CARBON_STEEL, 60);
        List<Route.Run> v = RoutePlanner.plan(warm).runs();
        List<Route.Run> butt = RoutePlanner.plan(thin).runs();
        assertThat(v).extracting(Route.Run::kind).containsExactly(TACK, TACK, WELD, WELD);
        assertThat(butt).extracting(Route.Run::kind).containsExactly(TACK, TACK, WELD);
        PassFigures root = warm.passes().get(0);
        PassFigures cap = warm.passes().get(1);
        double tackGas = warm.sheet().tacks().postFlowS();

        double secondTack = 300 + v.get(0).arcS() + tackGas + root.preFlowS();
        double rootOut = secondTack
                + v.get(1).arcS()
                + tackGas
                + 20
                + 25
                + root.preFlowS()
                + v.get(2).arcS();
        double capStruck = Math.max(rootOut + root.postFlowS() + 20 + cap.preFlowS(), rootOut + cap.coolsS());
        double alone = capStruck + v.get(3).arcS() + cap.postFlowS();
        assertThat(capStruck).as("the cap waits for the root to cool").isEqualTo(rootOut + cap.coolsS());
        assertThat(DayPlanner.makespanS(List.of(warm), Day.Changes.USUAL, new int[] {0, 0, 0, 0}))
                .isCloseTo(alone, within(1e-6));

        double both = timedWithTheButt(warm, thin, alone);
        assertThat(DayPlanner.makespanS(List.of(warm, thin), Day.Changes.USUAL, new int[] {0, 0, 0, 0, 1, 1, 1}))
                .isCloseTo(alone + 450 + both, within(1e-6));
    }

    /** The butt first: the V is long warm when its turn comes. How long the butt takes. */
    private static double timedWithTheButt(RouteAsk warm, RouteAsk thin, double alone) {
        List<Route.Run> butt = RoutePlanner.plan(thin).runs();
        PassFigures bead = thin.passes().get(0);
        double buttGas = thin.sheet().tacks().postFlowS();
        double buttDone = 90
                + 3 * bead.preFlowS()
                + 2 * butt.get(0).arcS()
                + 2 * buttGas
                + 20
                + 25
                + butt.get(2).arcS()
                + bead.postFlowS();
        double changed = buttDone + 300 + 60 + 90;
        double both = changed + 90 + warm.passes().get(0).preFlowS() + (alone - 300);
        assertThat(DayPlanner.makespanS(List.of(warm, thin), Day.Changes.USUAL, new int[] {1, 1, 1, 0, 0, 0, 0}))
                .as("the V is long warm when its turn comes")
                .isCloseTo(both, within(1e-6));
        return buttDone;
    }

    /** Small days are searched whole; that search is held against every interleaving. */
    @Test
    void smallDaysAreAsShortAsCanBe() {
        Random random = new Random(8);
        int exact = 0;
        int compared = 0;
        for (int i = 0; i < 300; i++) {
            List<RouteAsk> asks = List.of(v(4 + random.nextDouble(), 15 + 10 * random.nextDouble()), tiny(random));
            int runs = asks.stream()
                    .mapToInt(ask -> RoutePlanner.plan(ask).runs().size())
                    .sum();
            if (runs <= 9) {
                compared++;
                double best = BruteDay.shortest(asks, Day.Changes.USUAL);
                double found = DayPlanner.plan(asks, Day.Changes.USUAL).makespanS();
                assertThat(found).isLessThanOrEqualTo(1.05 * best + 1e-6);
                exact += Math.abs(found - best) < 1e-6 ? 1 : 0;
            }
        }
        assertThat(compared).isGreaterThan(200);
        assertThat(exact).isGreaterThanOrEqualTo((int) (0.95 * compared));
    }

    /** Larger days: the bound is loose where cooling rules, so they are held against a long search: orders drawn that mostly stay at a job. */
    @Test
    void largerDaysAreAsShortAsALongSearchFinds() {
        Random random = new Random(21);
        for (int i = 0; i < 20; i++) {
            List<RouteAsk> asks = jobs(random, 3 + random.nextInt(3));
            Day day = DayPlanner.plan(asks, Day.Changes.USUAL);
            assertThat(day.makespanS()).isLessThanOrEqualTo(1.02 * drawn(asks, random));
        }
    }

    private static double drawn(List<RouteAsk> asks, Random random) {
        int[] counts = asks.stream()
                .mapToInt(ask -> RoutePlanner.plan(ask).runs().size())
                .toArray();
        double best = Double.MAX_VALUE;
        for (int i = 0; i < 1500; i++) {
            int[] order = sticky(counts, 0.5 + 0.5 * random.nextDouble(), random);
            best = Math.min(best, DayPlanner.makespanS(asks, Day.Changes.USUAL, order));
        }
        return best;
    }

    private static int[] sticky(int[] counts, double stays, Random random) {
        int[] left = counts.clone();
        int[] order = new int[IntStream.of(counts).sum()];
        int job = random.nextInt(counts.length);
        for (int i = 0; i < order.length; i++) {
            while (left[job] == 0 || random.nextDouble() > stays) {
                job = random.nextInt(counts.length);
                if (left[job] > 0) {
                    break;
                }
            }
            order[i] = job;
            left[job]--;
        }
        return order;
    }

    private static RouteAsk tiny(Random random) {
        return sheet(
                random.nextBoolean() ? Material.CHROMOLY_4130 : Material.CARBON_STEEL, 20 + 10 * random.nextDouble());
    }

    @Test
    void aHandsOwnTurnsAreTimedByTheSameRules() {
        List<RouteAsk> asks = List.of(v(8, 150), sheet(Material.CARBON_STEEL, 90));
        Day planned = DayPlanner.plan(asks, Day.Changes.USUAL);
        Day again = own(asks, planned.turns()).orElseThrow();
        assertThat(again.makespanS()).isCloseTo(planned.makespanS(), within(1e-6));
        assertThat(again.timeline()).isEqualTo(planned.timeline());

        int first = RoutePlanner.plan(asks.get(0)).runs().size();
        int second = RoutePlanner.plan(asks.get(1)).runs().size();
        Day inTurn = own(asks, List.of(new Day.Turn(0, first), new Day.Turn(1, second)))
                .orElseThrow();
        assertThat(inTurn.makespanS()).isCloseTo(planned.oneAfterAnotherS(), within(1e-6));
        Day turned = own(asks, List.of(new Day.Turn(1, second), new Day.Turn(0, first)))
                .orElseThrow();
        holds(turned, asks);
        assertThat(turned.turns()).extracting(Day.Turn::job).containsExactly(1, 0);
    }

    @Test
    void turnsThatDoNotWeldEveryRunOnceAreNone() {
        List<RouteAsk> asks = List.of(v(8, 150), sheet(Material.CARBON_STEEL, 90));
        List<Day.Turn> turns = DayPlanner.plan(asks, Day.Changes.USUAL).turns();
        assertThat(own(asks, turns.subList(1, turns.size()))).isEmpty();
        assertThat(own(asks, List.of())).isEmpty();
        List<Day.Turn> more = new ArrayList<>(turns);
        more.add(new Day.Turn(0, 1));
        assertThat(own(asks, more)).isEmpty();
    }

    private static Optional<Day> own(List<RouteAsk> asks, List<Day.Turn> turns) {
        return DayPlanner.of(asks, Day.Changes.USUAL, turns);
    }

    @Test
    void aTorchOverItsDutyRestsOverAllJobs() {
        List<DutyPoint> torch = List.of(new DutyPoint(100, 35));
        Work work = new Work(3, OptionalDouble.of(250), "", OptionalDouble.empty(), 5, OptionalDouble.empty());
        RouteAsk one = RouteTest.ask(
                Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3), Practice.usual(), work, List.of(), torch);
        Day day = DayPlanner.plan(List.of(one, one), Day.Changes.USUAL);
        Duty duty = new Duty();
        day.timeline().stream()
                .filter(span -> span.doing() == Doing.ARC)
                .forEach(span -> duty.burn(
                        span.startS(),
                        span.lengthS(),
                        one.dutyPerS(RoutePlanner.plan(one)
                                .runs()
                                .get(span.run() - 1)
                                .rmsA())));
        assertThat(duty.most()).isLessThanOrEqualTo(Duty.WINDOW_S + 1e-3);
    }
}
