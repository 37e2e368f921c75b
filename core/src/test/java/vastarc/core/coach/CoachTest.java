package vastarc.core.coach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import vastarc.core.advice.cycle.CycleChoices;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.advice.cycle.CycleTimeline.TimelineSpan;
import vastarc.core.advice.cycle.Phase;
import vastarc.core.advice.cycle.TriggerMode;
import vastarc.core.advice.cycle.TriggerMode.TriggerModeName;
import vastarc.core.advice.cycle.WeldCycle;
import vastarc.core.advice.parameters.OwnValues;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.plan.WeldPlan.PlanRequest;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.coach.Coach.MeterReading;
import vastarc.core.domain.joint.ControlDevice;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.PulsePurpose;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.physics.purge.PurgeSetup;
import vastarc.core.record.weldlog.MeasuredQuantity;
import vastarc.core.record.weldlog.Recording;
import vastarc.core.record.weldlog.SyntheticRecording;
import vastarc.core.record.weldlog.SyntheticRecording.OperatorFault;

class CoachTest {

    private static final double MS = 0.001;
    private static final int RUNS = Integer.getInteger("vastarc.coach-runs", 300);
    private static final int QUIET_RUNS = Integer.getInteger("vastarc.coach-runs", 400);
    private static final List<OperatorFault> QUIET =
            List.of(OperatorFault.NONE, OperatorFault.SLOW, OperatorFault.EARLY_RELEASE, OperatorFault.NO_SLOPE);
    private static final List<JointForm> FORMS =
            List.of(JointForm.SQUARE_BUTT, JointForm.T_FILLET, JointForm.LAP, JointForm.OUTSIDE_CORNER);

    private static WeldCycle cycle(
            Material metal, JointForm form, double mm, TriggerModeName logic, PulsePurpose pulse) {
        TriggerMode mode = TriggerMode.of(logic);
        ControlDevice control = mode.control().orElse(ControlDevice.TRIGGER_4T);
        Weld weld =
                new Weld(Joint.of(metal, form, mm), WeldingConditions.usual().with(draft -> {
                    draft.control = control;
                    draft.pulse = pulse;
                }));
        CycleChoices choices = new CycleChoices(Optional.of(mode), Map.of());
        PlanRequest request = new PlanRequest(
                weld, ShopDefaults.usual(), OwnValues.none(), PurgeSetup.usual(), choices, Optional.empty(), 1);
        return WeldPlan.of(request).score().value().orElseThrow();
    }

    private static WeldCycle drawn(SplittableRandom random) {
        Material metal = Material.values()[random.nextInt(Material.values().length)];
        JointForm form = FORMS.get(random.nextInt(FORMS.size()));
        double mm = 1 + random.nextInt(8) * 0.25;
        ControlDevice control = ControlDevice.values()[random.nextInt(ControlDevice.values().length)];
        PulsePurpose pulse = PulsePurpose.values()[random.nextInt(PulsePurpose.values().length)];
        return cycle(metal, form, mm, TriggerMode.of(control).name(), pulse);
    }

    private static List<Cue> of(List<Cue> cues, CueKind kind) {
        return cues.stream().filter(cue -> cue.kind() == kind).toList();
    }

    private static double one(List<Cue> cues, CueKind kind) {
        List<Cue> found = of(cues, kind);
        assertThat(found).as(kind + " in " + cues).hasSize(1);
        return found.get(0).s();
    }

    private static TimelineSpan span(WeldCycle cycle, Phase phase) {
        return cycle.timeline().spans().stream()
                .filter(span -> span.phase() == phase)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(PulsePurpose.class)
    void cuesStandAtTheTimesOfTheCycle(PulsePurpose pulse) {
        WeldCycle cycle = cycle(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, TriggerModeName.TRIGGER_4T, pulse);
        List<Cue> cues = Coach.planned(cycle, CoachLevel.BEGINNER, OptionalDouble.empty());
        TimelineSpan weld = span(cycle, Phase.WELD);
        double seam = cycle.values().of(CycleKey.SEAM_LENGTH);

        assertThat(one(cues, CueKind.GAS_ON)).isCloseTo(0, within(MS));
        assertThat(one(cues, CueKind.STRIKE))
                .isCloseTo(span(cycle, Phase.STRIKE).startS(), within(MS));
        assertThat(one(cues, CueKind.EASE_OFF))
                .isCloseTo(span(cycle, Phase.DOWN_SLOPE).startS(), within(MS));
        assertThat(one(cues, CueKind.BREAK_ARC)).isCloseTo(cycle.timeline().arcOutS(), within(MS));
        assertThat(one(cues, CueKind.LIFT)).isCloseTo(cycle.timeline().lengthS(), within(MS));
        assertThat(one(cues, CueKind.HALFWAY)).isCloseTo((weld.startS() + weld.endS()) / 2, within(MS));
        assertThat(of(cues, CueKind.DAB).stream().map(Cue::s)).isEqualTo(cycle.dabTimes());
        List<Cue> travel = of(cues, CueKind.TRAVEL);
        assertThat(travel).hasSize((int) Math.floor(seam / PlannedCues.TRAVEL_MM + 1e-9));
        for (Cue cue : travel) {
            double mm = cue.value().orElseThrow();
            assertThat(cue.s()).isCloseTo(weld.startS() + mm / cycle.rhythm().travelMmPerS(), within(MS));
        }
    }

    @Test
    void postFlowIsCountedDownToTheLift() {
        WeldCycle cycle =
                cycle(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, TriggerModeName.TRIGGER_4T, PulsePurpose.NONE);
        List<Cue> cues = Coach.planned(cycle, CoachLevel.BEGINNER, OptionalDouble.empty());
        double shut = one(cues, CueKind.LIFT);
        List<Double> left = of(cues, CueKind.HOLD).stream()
                .map(cue -> cue.value().orElseThrow())
                .toList();

        assertThat(left).isSortedAccordingTo((a, b) -> Double.compare(b, a)).endsWith(3.0, 2.0, 1.0);
        assertThat(of(cues, CueKind.HOLD))
                .allSatisfy(
                        cue -> assertThat(cue.s() + cue.value().orElseThrow()).isCloseTo(shut, within(MS)));
    }

    @Test
    void dipsOfTitaniumAreCountedAndThoseOfSteelAreNot() {
        WeldCycle titanium =
                cycle(Material.TITANIUM_GR2, JointForm.SQUARE_BUTT, 2, TriggerModeName.TRIGGER_4T, PulsePurpose.NONE);
        WeldCycle steel =
                cycle(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, 2, TriggerModeName.TRIGGER_4T, PulsePurpose.NONE);
        List<Cue> dips = of(Coach.planned(titanium, CoachLevel.PACE, OptionalDouble.empty()), CueKind.DIP);

        assertThat(dips).isNotEmpty();
        assertThat(dips.get(0).value()).hasValue(5);
        assertThat(dips.get(0).s()).isEqualTo(titanium.dabTimes().get(4));
        assertThat(of(Coach.planned(steel, CoachLevel.BEGINNER, OptionalDouble.empty()), CueKind.DIP))
                .isEmpty();
    }

    @Test
    void theDutyIsToldTenSecondsBeforeItIsUsedUp() {
        WeldCycle cycle =
                cycle(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, TriggerModeName.TRIGGER_4T, PulsePurpose.NONE);
        double perS = 600 / 20.0;
        List<Cue> cues = Coach.planned(cycle, CoachLevel.WARNINGS, OptionalDouble.of(perS));

        assertThat(one(cues, CueKind.DUTY)).isCloseTo(span(cycle, Phase.STRIKE).startS() + 10, within(0.01));
        assertThat(Coach.planned(cycle, CoachLevel.WARNINGS, OptionalDouble.of(1)))
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(TriggerModeName.class)
    void underEveryTriggerModeCuesComeInTimeAndNeverMoreThanAPersonTakesIn(TriggerModeName logic) {
        for (PulsePurpose pulse : PulsePurpose.values()) {
            WeldCycle cycle = cycle(Material.TITANIUM_GR2, JointForm.SQUARE_BUTT, 1.5, logic, pulse);
            List<Cue> cues = Coach.planned(cycle, CoachLevel.BEGINNER, OptionalDouble.of(2));

            assertThat(cues).isSortedAccordingTo((a, b) -> Double.compare(a.s(), b.s()));
            for (Cue cue : cues) {
                long within = cues.stream()
                        .filter(other -> other.s() > cue.s() - 1 && other.s() <= cue.s())
                        .count();
                assertThat(within).isLessThanOrEqualTo(CueOrder.MOST_PER_S);
                assertThat(Phrasebook.say(cue.words(), UnitSystem.INCH)).isNotBlank();
            }
            assertThat(of(cues, CueKind.BREAK_ARC)).isNotEmpty();
            assertThat(one(cues, CueKind.LIFT)).isEqualTo(cycle.timeline().lengthS());
        }
    }

    @Test
    void aWarningIsNeverBuriedAndNothingOfThePaceIsSaidRightAfterIt() {
        List<Cue> many = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            many.add(Cue.of(1 + 0.01 * i, CueKind.DAB));
        }
        many.add(Cue.of(1.2, CueKind.GAS_LOST));
        many.add(Cue.of(1.9, CueKind.DAB));
        many.add(Cue.of(2.1, CueKind.DAB));
        List<Cue> heard = CueOrder.heard(many);

        assertThat(one(heard, CueKind.GAS_LOST)).isEqualTo(1.2);
        assertThat(heard.stream().filter(cue -> cue.s() > 1.2 && cue.s() < 2)).isEmpty();
        assertThat(heard.get(heard.size() - 1).s()).isEqualTo(2.1);
    }

    @Test
    void eachLevelHearsLessThanTheOneBeforeAndWhatIsWrongAtEvery() {
        for (CueKind kind : CueKind.values()) {
            if (kind.isLive()) {
                assertThat(CoachLevel.values()).allMatch(level -> level.hears(kind));
            }
            assertThat(CoachLevel.BEGINNER.hears(kind)).isTrue();
        }
        assertThat(Arrays.stream(CueKind.values()).filter(CoachLevel.PACE::hears))
                .contains(CueKind.DAB, CueKind.EASE_OFF)
                .doesNotContain(CueKind.WAIT, CueKind.GAS_ON);
        assertThat(Arrays.stream(CueKind.values())
                        .filter(CoachLevel.WARNINGS::hears)
                        .filter(kind -> !kind.isLive()))
                .containsExactly(CueKind.DUTY);
    }

    /** What goes wrong in a run, and how meters show it. */
    private enum Fault {
        GAS(CueKind.GAS_LOST, MeasuredQuantity.GAS_FLOW),
        ARC(CueKind.ARC_LONG, MeasuredQuantity.VOLTAGE),
        HOT(CueKind.CURRENT_OFF, MeasuredQuantity.CURRENT),
        COLD(CueKind.CURRENT_OFF, MeasuredQuantity.CURRENT);

        private final CueKind raises;
        private final MeasuredQuantity shows;

        Fault(CueKind raises, MeasuredQuantity shows) {
            this.raises = raises;
            this.shows = shows;
        }

        double read(double value) {
            return switch (this) {
                case GAS -> 0.05 * value;
                case ARC -> value + 2.4;
                case HOT -> 1.35 * value;
                case COLD -> 0.65 * value;
            };
        }
    }

    private static List<MeterReading> readings(Recording recording) {
        List<MeterReading> readings = new ArrayList<>();
        recording.channels().forEach((quantity, channel) -> {
            for (int i = 0; i < channel.size(); i++) {
                readings.add(new MeterReading(channel.s(i), quantity, channel.value(i)));
            }
        });
        return readings;
    }

    private static List<Cue> live(WeldCycle cycle, List<MeterReading> readings) {
        return Coach.of(cycle, CoachLevel.WARNINGS, readings).stream()
                .filter(cue -> cue.kind().isLive())
                .toList();
    }

    /** A whole weld is played and read ten times a second; in the middle of it something goes wrong and stays so. */
    @Test
    void ofThreeHundredRunsWithAFaultItIsToldWithinASecondAndHardlyAnythingElse() {
        SplittableRandom random = new SplittableRandom(38);
        int right = 0;
        int wrong = 0;
        List<String> missed = new ArrayList<>();
        for (int run = 0; run < RUNS; run++) {
            WeldCycle cycle = drawn(random.split());
            Fault fault = Fault.values()[run % Fault.values().length];
            TimelineSpan weld = span(cycle, Phase.WELD);
            double at = weld.startS() + (0.2 + 0.5 * random.nextDouble()) * (weld.endS() - weld.startS());
            List<MeterReading> read = readings(SyntheticRecording.weld(cycle, OperatorFault.NONE, run)).stream()
                    .map(one -> one.quantity() == fault.shows && one.s() >= at && one.s() < at + 4
                            ? new MeterReading(one.s(), one.quantity(), fault.read(one.value()))
                            : one)
                    .toList();
            List<Cue> raised = live(cycle, read);
            boolean heard =
                    raised.stream().anyMatch(cue -> cue.kind() == fault.raises && cue.s() >= at && cue.s() <= at + 1.1);
            boolean other = raised.stream().anyMatch(cue -> cue.kind() != fault.raises || cue.s() < at);
            right += heard ? 1 : 0;
            wrong += other ? 1 : 0;
            if (!heard || other) {
                missed.add(run + " " + fault + " at " + at + " " + cycle.rhythm() + " "
                        + cycle.values().of(CycleKey.PULSE_RATE) + ": " + raised);
            }
        }
        assertThat(right).as(String.join("\n", missed)).isGreaterThanOrEqualTo((int) Math.ceil(0.98 * RUNS));
        assertThat(wrong).as(String.join("\n", missed)).isLessThanOrEqualTo(RUNS / 100);
    }

    /** Nothing a meter shows is wrong here, whenever the welder ends: warnings in one run of a hundred at most. */
    @Test
    void runsWithoutAFaultOfTheMachineAreLeftAlone() {
        SplittableRandom random = new SplittableRandom(83);
        List<String> raised = new ArrayList<>();
        for (int run = 0; run < QUIET_RUNS; run++) {
            WeldCycle cycle = drawn(random.split());
            OperatorFault fault = QUIET.get(run % QUIET.size());
            List<Cue> cues = live(cycle, readings(SyntheticRecording.weld(cycle, fault, run)));
            if (!cues.isEmpty()) {
                raised.add(run + " " + fault + " " + cycle.values().of(CycleKey.PULSE_RATE) + " " + cues);
            }
        }
        assertThat(raised).as(String.join("\n", raised)).hasSizeLessThanOrEqualTo(QUIET_RUNS / 100);
    }

    @Test
    void gasThatIsShutEarlyIsToldOverTheHotEndAndALostPulseWhileItIsWelded() {
        WeldCycle pulsed = cycle(
                Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2, TriggerModeName.TRIGGER_4T, PulsePurpose.RIPPLE);
        List<Cue> early = live(pulsed, readings(SyntheticRecording.weld(pulsed, OperatorFault.GAS_SHUT_EARLY, 4)));
        assertThat(early.get(0).kind()).isEqualTo(CueKind.GAS_LOST);
        assertThat(early.get(0).s())
                .isBetween(pulsed.timeline().arcOutS(), pulsed.timeline().arcOutS() + 2.5);

        TimelineSpan weld = span(pulsed, Phase.WELD);
        double mean = pulsed.timeline().at(weld.startS() + 0.01).currentA() * 0.8;
        List<MeterReading> flat = readings(SyntheticRecording.weld(pulsed, OperatorFault.NONE, 4)).stream()
                .map(one -> one.quantity() == MeasuredQuantity.CURRENT
                                && one.s() > weld.startS() + 5
                                && one.s() < weld.endS()
                        ? new MeterReading(one.s(), one.quantity(), mean)
                        : one)
                .toList();
        assertThat(live(pulsed, flat).get(0).kind()).isEqualTo(CueKind.PULSE_LOST);
        assertThat(live(pulsed, flat).get(0).s()).isBetween(weld.startS() + 5, weld.startS() + 6.2);
    }
}
