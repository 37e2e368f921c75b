package vastarc.core.advice.sequence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import org.junit.jupiter.api.Test;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sequence.WeldSequence.SegmentEnd;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sequence.WeldSequence.WaitReason;
import vastarc.core.advice.sequence.WeldSequence.WeldSegment;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.duty.DutyPoint;

/** Ways through whole jobs: worked by hand, and what holds of all of them. */
class WeldSequenceTest {

    private static final List<DutyPoint> SMALL_MACHINE = List.of(new DutyPoint(200, 35));
    private static final List<DutyPoint> SMALL_TORCH = List.of(new DutyPoint(125, 35));

    static SequenceRequest ask(
            Joint joint,
            WeldingConditions conditions,
            WeldQuantity work,
            List<DutyPoint> machine,
            List<DutyPoint> torch) {
        return SequenceRequest.of(
                        WeldPlan.of(new Weld(joint, conditions), ShopDefaults.usual()), work, machine, torch, 20)
                .value()
                .orElseThrow();
    }

    static WeldSequence route(Joint joint, WeldingConditions conditions, WeldQuantity work) {
        return SequencePlanner.plan(ask(joint, conditions, work, List.of(), List.of()));
    }

    private static List<WeldSegment> welds(WeldSequence sequence) {
        return sequence.runs().stream()
                .filter(segment -> segment.kind() == SegmentKind.WELD)
                .toList();
    }

    @Test
    void aTubeStandingStillIsWeldedInOppositeQuadrants() {
        Joint tube = Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, 1.5).tubeOd(60);
        WeldQuantity quarter =
                new WeldQuantity(1, OptionalDouble.empty(), "", OptionalDouble.of(0.30), 20, OptionalDouble.empty());
        WeldSequence sequence = route(tube, WeldingConditions.usual(), quarter);
        double girth = Math.PI * 60;

        List<WeldSegment> runs = welds(sequence);
        assertThat(runs).hasSize(4);
        assertThat(runs)
                .extracting(segment -> Math.round(4 * (segment.toMm() - 4.5) / girth))
                .containsExactly(1L, 3L, 2L, 4L);
        assertThat(runs.get(0).end()).isEqualTo(SegmentEnd.TURN);
        assertThat(runs.get(3).toMm()).isCloseTo(girth + 4.5, within(0.01));
        assertThat(runs.get(1).waits()).containsKeys(WaitReason.POST_FLOW, WaitReason.HANDLING, WaitReason.ROTATION);
        assertThat(sequence.runs().stream().filter(segment -> segment.kind() == SegmentKind.TACK))
                .hasSize(4);
        WeldingConditions positioner = WeldingConditions.usual().with(draft -> draft.technique = Technique.POSITIONER);
        assertThat(welds(route(tube, positioner, WeldQuantity.usual()))).hasSize(1);
    }

    @Test
    void aLongThinSheetGoesInBackStepsFromEndsAndMiddle() {
        Joint sheet = Joint.of(Material.STAINLESS_304L, JointForm.OUTSIDE_CORNER, 1.2);
        WeldSequence sequence = route(
                sheet,
                WeldingConditions.usual().with(draft -> draft.wire = false),
                WeldQuantity.usual().of(1, 600));

        List<WeldSegment> runs = welds(sequence);
        assertThat(runs).hasSize(9).allSatisfy(segment -> {
            assertThat(segment.fromMm()).isGreaterThan(segment.toMm());
            assertThat(segment.lengthMm()).isLessThanOrEqualTo(75 + 0.01);
            assertThat(segment.end()).isEqualTo(SegmentEnd.BACK_STEP);
        });
        List<WeldSegment> tacks = sequence.runs().stream()
                .filter(segment -> segment.kind() == SegmentKind.TACK)
                .toList();
        assertThat(tacks).hasSize(20);
        assertThat(tacks.get(0).fromMm()).isCloseTo(10, within(0.01));
        assertThat(tacks.get(1).fromMm()).isGreaterThan(570);
        assertThat(tacks.get(2).fromMm()).isBetween(260.0, 300.0);
    }

    @Test
    void aFrameOfTwelveSaddlesIsTackedWholeBeforeItIsWelded() {
        Joint saddle =
                Joint.of(Material.CHROMOLY_4130, JointForm.TUBE_SADDLE, 1.2).tubeOd(25.4);
        WeldSequence sequence =
                route(saddle, WeldingConditions.usual(), WeldQuantity.usual().of(12, 80));
        int lastTack = sequence.runs().stream()
                .filter(segment -> segment.kind() == SegmentKind.TACK)
                .mapToInt(WeldSegment::n)
                .max()
                .orElseThrow();
        assertThat(welds(sequence).get(0).n()).isEqualTo(lastTack + 1);
        assertThat(welds(sequence)).extracting(WeldSegment::seam).contains(1, 12);
        assertThat(welds(sequence).get(0).seam())
                .isNotEqualTo(welds(sequence).get(1).seam());
    }

    @Test
    void aVInPassesWaitsForTheTemperatureBetween() {
        Joint plate = Joint.of(Material.CHROMOLY_4130, JointForm.V_BUTT, 8);
        SequenceRequest request =
                ask(plate, WeldingConditions.usual(), WeldQuantity.usual().of(1, 150), List.of(), List.of());
        WeldSequence sequence = SequencePlanner.plan(request);
        int passes = request.passes().size();
        assertThat(passes).isGreaterThanOrEqualTo(3);
        List<WeldSegment> second =
                welds(sequence).stream().filter(segment -> segment.pass() == 2).toList();
        WeldSegment before = welds(sequence).stream()
                .filter(segment -> segment.pass() == 1)
                .reduce((a, b) -> b)
                .orElseThrow();
        assertThat(second.get(0).waitFor()).isEqualTo(WaitReason.COOLING);
        assertThat(second.get(0).startS())
                .isCloseTo(before.endS() + request.passes().get(1).coolsS(), within(1e-6));
    }

    @Test
    void titaniumStopsAfterTenToFifteenDipsAndGoesOnWhenTheGasHasRunOut() {
        Joint ring = Joint.of(Material.TITANIUM_GR2, JointForm.TUBE_BUTT, 1.5).tubeOd(38.1);
        WeldSequence sequence =
                route(ring, WeldingConditions.usual().with(draft -> draft.purged = true), WeldQuantity.usual());
        List<WeldSegment> runs = welds(sequence);
        assertThat(runs.get(0).end()).isEqualTo(SegmentEnd.DIPS);
        assertThat(runs.get(0).lengthMm()).isBetween(25.0, 40.0);
        assertThat(runs)
                .anySatisfy(segment ->
                        assertThat(runs.get(0).toMm() - segment.fromMm()).isBetween(3.0, 5.0));
        assertThat(runs.get(1).waitFor()).isEqualTo(WaitReason.POST_FLOW);
        assertThat(runs.get(1).waits()).doesNotContainKey(WaitReason.HANDLING);
        assertThat(sequence.runs().get(0).waits()).containsEntry(WaitReason.PURGE, 180.0);
        assertThat(sequence.totals().purgeArgonL()).isPositive();
    }

    static Joint pipe(double mm) {
        return Joint.of(Material.STAINLESS_316L, JointForm.TUBE_BUTT, mm).tubeOd(60.3);
    }

    static WeldingConditions standing(Position position) {
        return WeldingConditions.usual().with(draft -> draft.position = position);
    }

    @Test
    void standingPipeGoesUpOneSideAndThenTheOther() {
        WeldSequence sequence = route(pipe(3.9), standing(Position.PH), WeldQuantity.usual());
        double girth = Math.PI * 60.3;
        List<WeldSegment> root =
                welds(sequence).stream().filter(segment -> segment.pass() == 1).toList();
        assertThat(root).hasSize(2);
        assertThat(root.get(0).fromMm()).isZero();
        assertThat(root.get(0).toMm()).isBetween(girth / 2 + 3, girth / 2 + 8);
        assertThat(root.get(1).fromMm()).isBetween(girth + 3, girth + 8);
        assertThat(root.get(1).toMm()).isBetween(girth / 2 - 8, girth / 2 - 3);
        assertThat(sequence.notes()).extracting(note -> note.key()).contains("route.note.standing");
    }

    @Test
    void standingThinTubeGoesInOppositeQuarters() {
        List<WeldSegment> runs = welds(route(pipe(1.6), standing(Position.PH), WeldQuantity.usual()));
        double girth = Math.PI * 60.3;
        assertThat(runs).hasSize(4);
        assertThat(runs)
                .extracting(segment -> (int) Math.floor(4 * (segment.fromMm() + segment.toMm()) / 2 / girth))
                .containsExactly(0, 2, 1, 3);
    }

    @Test
    void stopsOfPassesLieApart() {
        Joint plate = Joint.of(Material.CARBON_STEEL, JointForm.V_BUTT, 8);
        List<WeldSegment> runs = welds(
                route(plate, WeldingConditions.usual(), WeldQuantity.usual().of(1, 900)));
        List<Double> first = stops(runs, 1);
        assertThat(first).isNotEmpty();
        assertThat(stops(runs, 2))
                .allSatisfy(stop -> assertThat(first)
                        .allSatisfy(other -> assertThat(Math.abs(stop - other)).isGreaterThanOrEqualTo(10)));
    }

    private static List<Double> stops(List<WeldSegment> runs, int pass) {
        return runs.stream()
                .filter(segment -> segment.pass() == pass && segment.toMm() < 899)
                .map(WeldSegment::toMm)
                .toList();
    }

    @Test
    void theArcIsOnNoMoreThanItsShareOfTheTime() {
        Joint sheet = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3);
        for (double share : new double[] {0.25, 0.35}) {
            WeldSequence sequence = route(
                    sheet,
                    WeldingConditions.usual(),
                    WeldQuantity.usual().of(1, 300).sharing(share));
            assertThat(sequence.totals().arcS() / sequence.totals().wallS()).isLessThanOrEqualTo(share + 1e-9);
        }
    }

    @Test
    void aTorchOverItsDutyRests() {
        Joint plate = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3);
        SequenceRequest request =
                ask(plate, WeldingConditions.usual(), WeldQuantity.usual().of(6, 300), SMALL_MACHINE, SMALL_TORCH);
        WeldSequence sequence = SequencePlanner.plan(request);
        double amps = request.passes().get(0).rmsA();
        double percent = DutyPoint.percentAt(SMALL_TORCH, amps);
        assertThat(welds(sequence)).extracting(WeldSegment::waitFor).contains(WaitReason.DUTY);
        double busy = welds(sequence).stream().mapToDouble(WeldSegment::arcS).sum();
        double span = sequence.totals().wallS();
        assertThat(100 * busy / span).isLessThan(percent + 6);
        assertThat(SequenceCheck.check(request, sequence)).isEmpty();
        SequenceRequest hot = SequenceRequest.of(
                        WeldPlan.of(new Weld(plate, WeldingConditions.usual()), ShopDefaults.usual()),
                        WeldQuantity.usual().of(6, 300),
                        SMALL_MACHINE,
                        SMALL_TORCH,
                        40)
                .value()
                .orElseThrow();
        assertThat(SequencePlanner.plan(hot).totals().wallS()).isGreaterThan(span);
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
            WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
                draft.wire = random.nextBoolean();
                draft.rotated = random.nextBoolean();
                draft.purged = random.nextBoolean();
            });
            WeldQuantity work = new WeldQuantity(
                    1 + random.nextInt(5),
                    random.nextBoolean() ? OptionalDouble.empty() : OptionalDouble.of(30 + 500 * random.nextDouble()),
                    "",
                    OptionalDouble.empty(),
                    random.nextInt(60),
                    OptionalDouble.empty());
            var found = SequenceRequest.of(
                    WeldPlan.of(new Weld(sized, conditions), ShopDefaults.usual()),
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

    private static void keeps(SequenceRequest request) {
        WeldSequence sequence = SequencePlanner.plan(request);
        assertThat(SequenceCheck.check(request, sequence)).isEmpty();
        assertThat(sequence.totals().arcS())
                .isCloseTo(
                        sequence.runs().stream().mapToDouble(WeldSegment::arcS).sum(), within(1e-6));
        double end = 0;
        for (WeldSegment segment : sequence.runs()) {
            assertThat(segment.startS() - end).isCloseTo(segment.waitS(), within(1e-6));
            assertThat(segment.waits().getOrDefault(WaitReason.POST_FLOW, 0.0))
                    .isLessThanOrEqualTo(segment.waitS() + 1e-6);
            end = segment.endS();
        }
        double wire = welds(sequence).stream()
                .mapToDouble(segment -> 1.03e-3
                        * segment.lengthMm()
                        * request.passes().get(segment.pass() - 1).wireMmPerMm())
                .sum();
        assertThat(sequence.totals().wireM()).isCloseTo(wire, within(1e-9));
        sequence.notes()
                .forEach(note ->
                        assertThat(Phrasebook.say(note, UnitSystem.METRIC)).isNotBlank());
    }
}
