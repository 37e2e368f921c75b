package vastarc.core.advice.parameters;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import vastarc.core.advice.parameters.PassSchedule.ClockPosition;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Groove;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** Passes of thick joints, against sections worked out from the drawing of the joint. */
class PassScheduleTest {

    private static final WeldingConditions USUAL = WeldingConditions.usual();
    private static final double ROOT_MM2 = 10;
    private static final double CLOSE = 1e-6;

    private static SheetDecisions decisions(Joint joint, WeldingConditions conditions) {
        return ThermalPlan.of(joint, conditions).value().orElseThrow().first(SheetChoices.of(ShopDefaults.usual()));
    }

    private static PassSchedule schedule(Joint joint, WeldingConditions conditions) {
        return PassSchedule.of(decisions(joint, conditions)).orElseThrow();
    }

    private static Joint vButt(double t) {
        return Joint.of(Material.CARBON_STEEL, JointForm.SQUARE_BUTT, t).prepared(EdgePreparation.V);
    }

    private static WeldingConditions in(Position position) {
        return USUAL.with(draft -> draft.position = position);
    }

    private static List<PassKind> kinds(PassSchedule schedule) {
        return schedule.passes().stream().map(ScheduledPass::kind).toList();
    }

    /** A V of 60° on a land of 1.5 mm and a gap of 2.4 mm, with its cap of 1 mm. */
    private static double vMm2(double t) {
        double tan = Math.tan(Math.PI / 6);
        return 2.4 * t + (t - 1.5) * (t - 1.5) * tan + 2.0 / 3 * (2.4 + 2 * (t - 1.5) * tan + 2);
    }

    @ParameterizedTest
    @CsvSource({"4, PA, 14", "6, PA, 14", "9, PA, 14", "12, PA, 14", "6, PF, 9.8", "9, PF, 9.8", "9, HL045, 9.8"})
    void aVTakesItsRootAndFillsOfOneSizeAndNothingIsLeftOver(double t, Position position, double fillMm2) {
        PassSchedule schedule = schedule(vButt(t), in(position));
        List<ScheduledPass> passes = schedule.passes();

        int count = 1 + (int) Math.ceil((vMm2(t) - ROOT_MM2) / fillMm2);
        assertThat(passes).hasSize(count);
        assertThat(passes.get(0).areaMm2()).isCloseTo(ROOT_MM2, within(CLOSE));
        assertThat(passes.stream().skip(1))
                .allSatisfy(pass -> assertThat(pass.areaMm2())
                        .isCloseTo((vMm2(t) - ROOT_MM2) / (count - 1), within(CLOSE))
                        .isLessThanOrEqualTo(fillMm2 + CLOSE));
        assertThat(schedule.sectionMm2()).isCloseTo(vMm2(t), within(CLOSE));
        assertThat(kinds(schedule)).startsWith(PassKind.ROOT).endsWith(PassKind.CAP);
        assertThat(kinds(schedule).subList(1, count - 1)).allMatch(kind -> kind == PassKind.FILL);
    }

    /** The higher a narrow groove is filled, the further each pass has to reach: to the edges where it has filled half of its section. */
    @Test
    void everyPassOfANarrowGrooveReachesItsEdges() {
        double tan = Math.tan(Math.toRadians(15));
        Joint narrow = vButt(9).with(draft ->
                draft.groove = Optional.of(new Groove(30, Length.ofMillimetres(1.5), Length.ofMillimetres(1))));
        List<WeldPass> runs = decisions(narrow, USUAL).runs();

        assertThat(runs).hasSize(3);
        double each = runs.get(1).areaMm2();
        for (int pass = 1; pass < runs.size(); pass++) {
            double filled = ROOT_MM2 + (pass - 0.5) * each;
            double half = Math.sqrt(1 + 4 * tan * filled) / 2;
            assertThat(runs.get(pass).demand().halfWidthMm()).isCloseTo(Math.min(2.7, half), within(CLOSE));
        }
        assertThat(runs.get(2).currentA()).isGreaterThan(runs.get(1).currentA());
    }

    /** On a bevel of 45° a pool that has filled A reaches from corner to corner of a half square: √(2A). */
    @Test
    void everyPassOfABevelReachesItsEdges() {
        Joint stem = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 10).prepared(EdgePreparation.BEVEL_ONE_SIDE);
        List<WeldPass> runs = decisions(stem, in(Position.PF)).runs();

        double each = runs.get(1).areaMm2();
        double reach = Position.PF.reachFactor(stem);
        for (int pass = 1; pass < runs.size(); pass++) {
            double half = Math.sqrt(2 * (ROOT_MM2 + (pass - 0.5) * each)) / 2;
            assertThat(runs.get(pass).demand().halfWidthMm()).isCloseTo(reach * Math.min(2.7, half), within(CLOSE));
        }
    }

    @Test
    void pipeHasAHotPassOverItsRootAndPlateHasNone() {
        Joint pipe = Joint.of(Material.CARBON_STEEL, JointForm.TUBE_BUTT, 9)
                .tubeOd(168)
                .prepared(EdgePreparation.V);

        assertThat(kinds(schedule(pipe, USUAL)).get(1)).isEqualTo(PassKind.HOT);
        assertThat(kinds(schedule(vButt(9), USUAL)).get(1)).isEqualTo(PassKind.FILL);
    }

    @Test
    void weldedFromBothSidesAVHasOneMorePassBehind() {
        PassSchedule one = schedule(vButt(9), USUAL);
        PassSchedule both = schedule(vButt(9), USUAL.melting(Penetration.BOTH_SIDES));

        assertThat(kinds(both)).endsWith(PassKind.BACK).hasSize(one.passes().size() + 1);
        assertThat(kinds(one)).doesNotContain(PassKind.BACK);
    }

    /** A stem bevelled at 45° down to a land of 1.5 mm, from one side or half from each, and a quarter of it over it as a fillet. */
    @ParameterizedTest
    @CsvSource({
        "10, BEVEL_ONE_SIDE, PF, 9.8",
        "10, BEVEL_BOTH_SIDES, PA, 14",
        "12, BEVEL_BOTH_SIDES, PA, 14",
        "12, BEVEL_ONE_SIDE, PA, 14"
    })
    void aBevelledStemIsFilledOnEachSide(double t, EdgePreparation preparation, Position position, double fillMm2) {
        PassSchedule schedule =
                schedule(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, t).prepared(preparation), in(position));

        int sides = preparation == EdgePreparation.BEVEL_BOTH_SIDES ? 2 : 1;
        double cut = (t - 1.5) / sides;
        double side = cut * cut / 2 + 1.1 * (t / 4) * (t / 4) / 2;
        int count = 1 + (int) Math.ceil((side - ROOT_MM2) / fillMm2);
        assertThat(schedule.passes()).hasSize(sides * count);
        assertThat(schedule.sectionMm2()).isCloseTo(sides * side, within(CLOSE));
        assertThat(schedule.passes().stream().filter(pass -> pass.kind() == PassKind.ROOT))
                .hasSize(sides);
        assertThat(schedule.passes().stream().filter(pass -> pass.kind() == PassKind.CAP))
                .hasSize(sides);
        for (int pass = 1; pass < count; pass++) {
            assertThat(schedule.passes().get(pass).kind()).isEqualTo(pass == count - 1 ? PassKind.CAP : PassKind.FILL);
            assertThat(schedule.passes().get(pass).areaMm2()).isCloseTo((side - ROOT_MM2) / (count - 1), within(CLOSE));
        }
        double wanted = schedule.passes().get(count - 1).currentA();
        assertThat(schedule.passes().get(sides * count - 1).currentA()).isCloseTo(wanted, within(CLOSE));
    }

    @Test
    void aSmallBevelIsOnePassFromEachSide() {
        Joint small = Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 8).prepared(EdgePreparation.BEVEL_BOTH_SIDES);

        assertThat(kinds(schedule(small, USUAL))).containsExactly(PassKind.ROOT, PassKind.ROOT);
    }

    /** What a leg over 6 mm asks for beside the first pass is laid in fills of 14 mm², of 9.8 mm² climbing, and none under 8 mm². */
    @ParameterizedTest
    @CsvSource({"8, PB, 14", "10, PB, 14", "12, PB, 14", "10, PF, 9.8", "12, PF, 9.8"})
    void aLargeFilletIsLaidInPasses(double t, Position position, double fillMm2) {
        PassSchedule schedule = schedule(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, t), in(position));

        double leg = 0.75 + 0.75 * t;
        double first = 1.1 * 6 * 6 / 2;
        double rest = 1.1 * leg * leg / 2 - first;
        int count = 1 + (int) Math.ceil(rest / fillMm2);
        assertThat(schedule.passes()).hasSize(count);
        assertThat(schedule.passes().get(0).areaMm2()).isCloseTo(first, within(CLOSE));
        assertThat(schedule.passes().stream().skip(1))
                .allSatisfy(pass ->
                        assertThat(pass.areaMm2()).isCloseTo(Math.max(8, rest / (count - 1)), within(CLOSE)));
        assertThat(kinds(schedule).get(count - 1)).isEqualTo(PassKind.CAP);
    }

    @Test
    void aSocketTakesTwoPassesHoweverSmallItsLeg() {
        Joint socket = Joint.of(Material.STAINLESS_316L, JointForm.TUBE_TO_PLATE, 3)
                .tubeOd(60)
                .prepared(EdgePreparation.SOCKET);

        assertThat(kinds(schedule(socket, USUAL))).containsExactly(PassKind.ROOT, PassKind.CAP);
        assertThat(schedule(socket, USUAL).passes().get(1).areaMm2()).isEqualTo(8);
        assertThat(PassSchedule.of(decisions(socket, USUAL.with(draft -> draft.wire = false))))
                .isEmpty();
    }

    @Test
    void aSeamFusedFromBothSidesHasTwoEqualPasses() {
        Joint butt = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2);
        PassSchedule schedule = schedule(butt, USUAL.melting(Penetration.BOTH_SIDES));

        assertThat(kinds(schedule)).containsExactly(PassKind.ONE_SIDE, PassKind.OTHER_SIDE);
        assertThat(schedule.passes().get(0).currentA())
                .isEqualTo(schedule.passes().get(1).currentA());
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void fillerArcAndGasOfAMetreAreTheSumOfThePasses(boolean wire) {
        Joint butt = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, 2);
        SheetDecisions plan =
                decisions(butt, USUAL.with(draft -> draft.wire = wire).melting(Penetration.BOTH_SIDES));
        PassSchedule schedule = PassSchedule.of(plan).orElseThrow();

        double minutes = schedule.passes().stream()
                .mapToDouble(pass -> 1000 / pass.travelMmPerMin())
                .sum();
        double diameter = schedule.passes().get(0).wireDiameterMm();
        assertThat(diameter > 0).isEqualTo(wire);
        assertThat(schedule.arcMinPerM()).isCloseTo(minutes, within(CLOSE));
        assertThat(schedule.gasLPerM())
                .isCloseTo(minutes * schedule.passes().get(0).gasLPerMin(), within(CLOSE));
        double laidCm3 = schedule.sectionMm2() * 1.03;
        assertThat(schedule.gramPerM())
                .isCloseTo(wire ? laidCm3 * plan.heat().metal().densityKgPerM3() / 1000 : 0, within(CLOSE));
        assertThat(schedule.wireMPerM())
                .isCloseTo(wire ? laidCm3 / (Math.PI * diameter * diameter / 4) : 0, within(CLOSE));
    }

    @ParameterizedTest
    @CsvSource({"PH, PF", "PJ, PG"})
    void aFixedPipeIsTurnedRoundItsClock(Position fixed, Position side) {
        Joint pipe = Joint.of(Material.CARBON_STEEL, JointForm.TUBE_BUTT, 4)
                .tubeOd(114)
                .prepared(EdgePreparation.V);
        SheetDecisions plan = decisions(pipe, in(fixed));

        List<ClockPosition> clock = PassSchedule.of(plan).orElseThrow().clock();

        assertThat(clock).extracting(ClockPosition::hour).containsExactly(6, 3, 12);
        assertThat(clock).extracting(ClockPosition::position).containsExactly(Position.PE, side, Position.PA);
        for (ClockPosition hour : clock) {
            double there = decisions(pipe, in(hour.position())).heat().currentA();
            assertThat(hour.currentA())
                    .as(hour.position().name())
                    .isCloseTo(there * plan.peakA() / plan.heat().currentA(), within(CLOSE));
        }
    }

    @Test
    void nobodyWalksRoundAPipeThatTurnsOrAPlate() {
        Joint pipe = Joint.of(Material.CARBON_STEEL, JointForm.TUBE_BUTT, 6)
                .tubeOd(114)
                .prepared(EdgePreparation.V);
        WeldingConditions turned = in(Position.PH).with(draft -> draft.rotated = true);

        assertThat(schedule(pipe, turned).clock()).isEmpty();
        assertThat(schedule(pipe, in(Position.PC)).clock()).isEmpty();
        assertThat(schedule(vButt(6), in(Position.PH)).clock()).isEmpty();
        Optional<PassSchedule> thin =
                PassSchedule.of(decisions(Joint.of(Material.CARBON_STEEL, JointForm.T_FILLET, 3), USUAL));
        assertThat(thin).isEmpty();
    }

    @Test
    void theTungstenOfTheSheetMayNotSuitEveryPass() {
        PassSchedule schedule = schedule(vButt(12), USUAL);
        SheetDecisions plan = decisions(vButt(12), USUAL);

        assertThat(schedule.passes())
                .allSatisfy(pass -> assertThat(pass.tungstenHolds())
                        .isEqualTo(pass.currentA() >= plan.tungsten().minStableA()
                                && pass.currentA() <= plan.tungsten().practicalMaxA()));
    }
}
