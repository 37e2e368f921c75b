package vastarc.core.advice.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static vastarc.core.advice.sequence.WeldSequence.SegmentKind.TACK;
import static vastarc.core.advice.sequence.WeldSequence.SegmentKind.WELD;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.sequence.DaySchedule.Block;
import vastarc.core.advice.sequence.DaySchedule.ChangeoverTimes;
import vastarc.core.advice.sequence.DaySchedule.DayActivity;
import vastarc.core.advice.sequence.DaySchedule.DaySpan;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.duty.DutyPoint;

/** One welder over several jobs. */
@Tag("slow")
class DayScheduleTest {

    private static SequenceRequest v(double mm, double length) {
        WeldQuantity work =
                new WeldQuantity(1, OptionalDouble.of(length), "", OptionalDouble.empty(), 20, OptionalDouble.empty());
        return WeldSequenceTest.ask(
                Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, mm),
                WeldingConditions.usual(),
                work,
                List.of(),
                List.of());
    }

    private static SequenceRequest sheet(Material material, double length) {
        WeldQuantity work =
                new WeldQuantity(1, OptionalDouble.of(length), "", OptionalDouble.empty(), 20, OptionalDouble.empty());
        return WeldSequenceTest.ask(
                Joint.of(material, JointForm.SQUARE_BUTT, 2), WeldingConditions.usual(), work, List.of(), List.of());
    }

    @Test
    void whileOneCoolsAnotherIsWelded() {
        DaySchedule schedule = DayPlanner.plan(List.of(v(8, 60), v(8, 60)), ChangeoverTimes.USUAL);
        assertThat(schedule.makespanS()).isLessThan(0.97 * schedule.oneAfterAnotherS());
        assertThat(schedule.makespanS()).isGreaterThanOrEqualTo(schedule.lowerBoundS() - 1e-6);
        holds(schedule, List.of(v(8, 60), v(8, 60)));
    }

    @Test
    void whatADayKeepsOverSeededJobs() {
        Random random = new Random(3);
        for (int i = 0; i < 60; i++) {
            List<SequenceRequest> asks = jobs(random, 1 + random.nextInt(4));
            DaySchedule schedule = DayPlanner.plan(asks, ChangeoverTimes.USUAL);
            assertThat(schedule.makespanS()).isLessThanOrEqualTo(schedule.oneAfterAnotherS() + 1e-6);
            assertThat(schedule.makespanS()).isGreaterThanOrEqualTo(schedule.lowerBoundS() - 1e-6);
            holds(schedule, asks);
        }
    }

    private static List<SequenceRequest> jobs(Random random, int count) {
        List<SequenceRequest> asks = new ArrayList<>();
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
    private static void holds(DaySchedule schedule, List<SequenceRequest> asks) {
        double now = 0;
        Map<Integer, Integer> last = new HashMap<>();
        for (DaySpan span : schedule.timeline()) {
            assertThat(span.startS()).isCloseTo(now, within(1e-6));
            now = span.endS();
            if (span.doing() == DayActivity.ARC) {
                assertThat(span.run()).isEqualTo(last.getOrDefault(span.job(), 0) + 1);
                last.put(span.job(), span.run());
            }
        }
        assertThat(now).isCloseTo(schedule.makespanS(), within(1e-6));
        for (int job = 0; job < asks.size(); job++) {
            assertThat(last.get(job))
                    .isEqualTo(SequencePlanner.plan(asks.get(job)).runs().size());
            cooled(schedule, job, asks.get(job));
        }
    }

    private static void cooled(DaySchedule schedule, int job, SequenceRequest request) {
        WeldSequence sequence = SequencePlanner.plan(request);
        List<DaySpan> arcs = schedule.timeline().stream()
                .filter(span -> span.job() == job && span.doing() == DayActivity.ARC)
                .toList();
        for (int i = 1; i < arcs.size(); i++) {
            WeldSegment segment = sequence.runs().get(i);
            WeldSegment before = sequence.runs().get(i - 1);
            if (segment.pass() > 1 && before.pass() != segment.pass()) {
                assertThat(arcs.get(i).startS())
                        .isGreaterThanOrEqualTo(arcs.get(i - 1).endS()
                                + request.passes().get(segment.pass() - 1).coolsS()
                                - 1e-6);
            }
        }
    }

    /**
     * Two jobs calculated by hand, run by run. A V of chromoly in two passes, warmed for five minutes before its first tack; a butt of thin steel. Between
     * them metal, tungsten, cup and panel change.
     */
    @Test
    void aDayIsTimedAsOnPaper() {
        SequenceRequest warm = v(4, 60);
        SequenceRequest thin = sheet(Material.CARBON_STEEL, 60);
        List<WeldSegment> v = SequencePlanner.plan(warm).runs();
        List<WeldSegment> butt = SequencePlanner.plan(thin).runs();
        assertThat(v).extracting(WeldSegment::kind).containsExactly(TACK, TACK, WELD, WELD);
        assertThat(butt).extracting(WeldSegment::kind).containsExactly(TACK, TACK, WELD);
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
        assertThat(DayPlanner.makespanS(List.of(warm), ChangeoverTimes.USUAL, new int[] {0, 0, 0, 0}))
                .isCloseTo(alone, within(1e-6));

        double both = timedWithTheButt(warm, thin, alone);
        assertThat(DayPlanner.makespanS(List.of(warm, thin), ChangeoverTimes.USUAL, new int[] {0, 0, 0, 0, 1, 1, 1}))
                .isCloseTo(alone + 510 + both, within(1e-6));
    }

    /** The butt first: the V is long warm when its turn comes. How long the butt takes. */
    private static double timedWithTheButt(SequenceRequest warm, SequenceRequest thin, double alone) {
        List<WeldSegment> butt = SequencePlanner.plan(thin).runs();
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
        double changed = buttDone + 300 + 60 + 60 + 90;
        double both = changed + 90 + warm.passes().get(0).preFlowS() + (alone - 300);
        assertThat(DayPlanner.makespanS(List.of(warm, thin), ChangeoverTimes.USUAL, new int[] {1, 1, 1, 0, 0, 0, 0}))
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
            List<SequenceRequest> asks =
                    List.of(v(4 + random.nextDouble(), 15 + 10 * random.nextDouble()), tiny(random));
            int runs = asks.stream()
                    .mapToInt(request -> SequencePlanner.plan(request).runs().size())
                    .sum();
            if (runs <= 9) {
                compared++;
                double best = BruteDay.shortest(asks, ChangeoverTimes.USUAL);
                double found = DayPlanner.plan(asks, ChangeoverTimes.USUAL).makespanS();
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
            List<SequenceRequest> asks = jobs(random, 3 + random.nextInt(3));
            DaySchedule schedule = DayPlanner.plan(asks, ChangeoverTimes.USUAL);
            assertThat(schedule.makespanS()).isLessThanOrEqualTo(1.02 * drawn(asks, random));
        }
    }

    private static double drawn(List<SequenceRequest> asks, Random random) {
        int[] counts = asks.stream()
                .mapToInt(request -> SequencePlanner.plan(request).runs().size())
                .toArray();
        double best = Double.MAX_VALUE;
        for (int i = 0; i < 1500; i++) {
            int[] order = sticky(counts, 0.5 + 0.5 * random.nextDouble(), random);
            best = Math.min(best, DayPlanner.makespanS(asks, ChangeoverTimes.USUAL, order));
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

    private static SequenceRequest tiny(Random random) {
        return sheet(
                random.nextBoolean() ? Material.CHROMOLY_4130 : Material.CARBON_STEEL, 20 + 10 * random.nextDouble());
    }

    @Test
    void aHandsOwnTurnsAreTimedByTheSameRules() {
        List<SequenceRequest> asks = List.of(v(8, 150), sheet(Material.CARBON_STEEL, 90));
        DaySchedule planned = DayPlanner.plan(asks, ChangeoverTimes.USUAL);
        DaySchedule again = own(asks, planned.turns()).orElseThrow();
        assertThat(again.makespanS()).isCloseTo(planned.makespanS(), within(1e-6));
        assertThat(again.timeline()).isEqualTo(planned.timeline());

        int first = SequencePlanner.plan(asks.get(0)).runs().size();
        int second = SequencePlanner.plan(asks.get(1)).runs().size();
        DaySchedule inTurn =
                own(asks, List.of(new Block(0, first), new Block(1, second))).orElseThrow();
        assertThat(inTurn.makespanS()).isCloseTo(planned.oneAfterAnotherS(), within(1e-6));
        DaySchedule turned =
                own(asks, List.of(new Block(1, second), new Block(0, first))).orElseThrow();
        holds(turned, asks);
        assertThat(turned.turns()).extracting(Block::job).containsExactly(1, 0);
    }

    @Test
    void turnsThatDoNotWeldEveryRunOnceAreNone() {
        List<SequenceRequest> asks = List.of(v(8, 150), sheet(Material.CARBON_STEEL, 90));
        List<Block> turns = DayPlanner.plan(asks, ChangeoverTimes.USUAL).turns();
        assertThat(own(asks, turns.subList(1, turns.size()))).isEmpty();
        assertThat(own(asks, List.of())).isEmpty();
        List<Block> more = new ArrayList<>(turns);
        more.add(new Block(0, 1));
        assertThat(own(asks, more)).isEmpty();
    }

    private static Optional<DaySchedule> own(List<SequenceRequest> asks, List<Block> turns) {
        return DayPlanner.of(asks, ChangeoverTimes.USUAL, turns);
    }

    @Test
    void aTorchOverItsDutyRestsOverAllJobs() {
        List<DutyPoint> torch = List.of(new DutyPoint(100, 35));
        WeldQuantity work =
                new WeldQuantity(3, OptionalDouble.of(250), "", OptionalDouble.empty(), 5, OptionalDouble.empty());
        SequenceRequest request = WeldSequenceTest.ask(
                Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3),
                WeldingConditions.usual(),
                work,
                List.of(),
                torch);
        DaySchedule schedule = DayPlanner.plan(List.of(request, request), ChangeoverTimes.USUAL);
        DutyCycle duty = new DutyCycle();
        schedule.timeline().stream()
                .filter(span -> span.doing() == DayActivity.ARC)
                .forEach(span -> duty.burn(
                        span.startS(),
                        span.lengthS(),
                        request.dutyPerS(SequencePlanner.plan(request)
                                .runs()
                                .get(span.run() - 1)
                                .rmsA())));
        assertThat(duty.most()).isLessThanOrEqualTo(DutyCycle.WINDOW_S + 1e-3);
    }
}
