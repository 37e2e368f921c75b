package vastarc.core.record.procedure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.PassSchedule.ScheduledPass;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.plan.WeldPlan;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.joint.EdgePreparation;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.Weld;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;
import vastarc.core.record.procedure.ProcedureCheck.Departure;

class ProcedureCheckTest {

    private static final String DAY = "2026-11-29";

    /** A procedure being written: open in everything that is not said. */
    private static final class Draft {
        private List<Material> materials = List.of();
        private List<JointForm> joints = List.of();
        private OpenRange thicknessMm = OpenRange.ALL;
        private OpenRange tubeOdMm = OpenRange.ALL;
        private List<Position> positions = List.of();
        private OpenRange currentA = OpenRange.ALL;
        private OpenRange heatInput = OpenRange.ALL;
        private OpenRange preheatC = OpenRange.ALL;
        private OpenRange interpassC = OpenRange.ALL;
        private List<String> fillers = List.of();
        private Optional<Boolean> purged = Optional.empty();
        private Optional<String> from = Optional.empty();
        private Optional<String> until = Optional.empty();

        private WeldProcedure written() {
            return new WeldProcedure(
                    "P-12",
                    materials,
                    joints,
                    thicknessMm,
                    tubeOdMm,
                    positions,
                    currentA,
                    heatInput,
                    preheatC,
                    interpassC,
                    fillers,
                    purged,
                    "",
                    from,
                    until);
        }

        private List<String> leaves(SetupSheet sheet) {
            return ProcedureCheck.of(written(), sheet, DAY).stream()
                    .map(Departure::field)
                    .toList();
        }
    }

    private static OpenRange range(double low, double high) {
        return new OpenRange(OptionalDouble.of(low), OptionalDouble.of(high));
    }

    private static SetupSheet sheet(Joint joint, boolean wire, boolean purged) {
        Weld weld = new Weld(joint, WeldingConditions.usual().with(draft -> {
            draft.wire = wire;
            draft.purged = purged;
        }));
        return WeldPlan.of(weld, ShopDefaults.usual()).sheet().value().orElseThrow();
    }

    private final SetupSheet lap = sheet(Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2), true, false);

    @Test
    void anOpenProcedureIsLeftByNothing() {
        assertThat(new Draft().leaves(lap)).isEmpty();
    }

    /** Twenty procedures around twenty sheets, each range drawn so that it holds or does not: what is said is what crosses, and nothing else. */
    @Test
    void everyCrossingIsSaidAndNoneIsInvented() {
        SplittableRandom random = new SplittableRandom(41);
        for (int i = 0; i < 20; i++) {
            Material metal = Material.values()[random.nextInt(Material.values().length)];
            JointForm form = random.nextBoolean() ? JointForm.LAP : JointForm.TUBE_BUTT;
            Joint bare = Joint.of(metal, form, 1 + random.nextDouble());
            SetupSheet sheet = sheet(form.isTube() ? bare.tubeOd(50.8) : bare, random.nextBoolean(), true);
            List<String> expected = new ArrayList<>();
            Draft draft = new Draft();
            draft.materials = drawn(random, expected, "materials", metal, Material.values());
            draft.joints = drawn(random, expected, "joints", form, JointForm.values());
            draft.thicknessMm =
                    drawn(random, expected, "thicknessMm", sheet.joint().thinnerMm());
            if (form.isTube()) {
                draft.tubeOdMm = drawn(random, expected, "tubeOdMm", 50.8);
            }
            draft.positions =
                    drawn(random, expected, "positions", sheet.practice().position(), Position.values());
            heat(random, expected, sheet, draft);

            assertThat(draft.leaves(sheet)).as("procedure " + i).containsExactlyInAnyOrderElementsOf(expected);
        }
    }

    private static void heat(SplittableRandom random, List<String> expected, SetupSheet sheet, Draft draft) {
        draft.currentA = drawn(
                random,
                expected,
                "currentA",
                sheet.setting(ParameterKey.WORKING_CURRENT).value());
        draft.heatInput = drawn(
                random,
                expected,
                "heatInputKjPerMm",
                sheet.setting(ParameterKey.HEAT_INPUT).value());
        draft.preheatC = drawn(
                random,
                expected,
                "preheatC",
                sheet.setting(ParameterKey.PREHEAT).value());
        if (sheet.find(ParameterKey.INTERPASS).isPresent()) {
            draft.interpassC = drawn(
                    random,
                    expected,
                    "interpassC",
                    sheet.setting(ParameterKey.INTERPASS).value());
        }
    }

    private static OpenRange drawn(SplittableRandom random, List<String> expected, String field, double value) {
        boolean holds = random.nextBoolean();
        boolean above = random.nextBoolean();
        if (!holds) {
            expected.add(field);
        }
        OptionalDouble end = OptionalDouble.of(above == holds ? 1.1 * value + 1 : 0.9 * value - 1);
        return above ? new OpenRange(OptionalDouble.empty(), end) : new OpenRange(end, OptionalDouble.empty());
    }

    private static <E extends Enum<E>> List<E> drawn(
            SplittableRandom random, List<String> expected, String field, E value, E[] all) {
        boolean holds = random.nextBoolean();
        if (!holds) {
            expected.add(field);
        }
        return holds ? List.of(all[0], value) : List.of(all[(value.ordinal() + 1) % all.length]);
    }

    @Test
    void aValueOnTheLimitIsWithin() {
        double amps = lap.setting(ParameterKey.WORKING_CURRENT).value();
        Draft draft = new Draft();
        draft.currentA = range(amps, amps);

        assertThat(draft.leaves(lap)).isEmpty();
        draft.currentA = range(amps + 0.1, amps + 1);
        assertThat(draft.leaves(lap)).containsExactly("currentA");
    }

    @Test
    void everyMemberAndEveryPassCounts() {
        SetupSheet groove = sheet(
                Joint.of(Material.CARBON_STEEL, JointForm.TUBE_BUTT, 6)
                        .tubeOd(114.3)
                        .prepared(EdgePreparation.V),
                true,
                false);
        List<ScheduledPass> passes = groove.passes().orElseThrow().passes();
        double most = passes.stream().mapToDouble(ScheduledPass::currentA).max().orElseThrow();
        double least =
                passes.stream().mapToDouble(ScheduledPass::currentA).min().orElseThrow();
        Draft draft = new Draft();
        draft.currentA = range(0, (most + least) / 2);

        List<Departure> leaves = ProcedureCheck.of(draft.written(), groove, DAY);

        assertThat(leaves).isNotEmpty().allSatisfy(departure -> {
            assertThat((Double) departure.value()).isGreaterThan((most + least) / 2);
            assertThat(passes.get(departure.pass().orElseThrow() - 1).currentA())
                    .isGreaterThan((most + least) / 2);
        });
        SetupSheet unlike =
                sheet(Joint.of(Material.CARBON_STEEL, JointForm.LAP, 3).abutting(1.5), true, false);
        Draft thick = new Draft();
        thick.thicknessMm = range(2, 4);
        assertThat(thick.leaves(unlike)).containsExactly("thicknessMm");
        thick.thicknessMm = range(5, 8);
        assertThat(thick.leaves(unlike)).containsExactly("thicknessMm", "thicknessMm");
    }

    @ParameterizedTest
    @CsvSource({
        "2026-11-29, 2026-11-29, ''",
        "2026-11-30, , from",
        ", 2026-11-28, until",
        "2026-12-01, 2027-01-01, from",
    })
    void itHoldsFromItsFirstDayToItsLast(String from, String until, String field) {
        Draft draft = new Draft();
        draft.from = Optional.ofNullable(from);
        draft.until = Optional.ofNullable(until);

        assertThat(draft.leaves(lap)).isEqualTo(field.isEmpty() ? List.of() : List.of(field));
    }

    @Test
    void fillerAndPurgeAreHeldToThePapers() {
        Draft draft = new Draft();
        draft.fillers = List.of("ER308L");
        assertThat(draft.leaves(lap)).containsExactly("fillers");
        draft.fillers = List.of("ER70S-2", "ER70S-6");
        SetupSheet bare = sheet(Joint.of(Material.CARBON_STEEL, JointForm.LAP, 2), false, false);
        assertThat(draft.leaves(bare)).containsExactly("fillers");
        draft.fillers = List.of(WeldProcedure.NO_FILLER);
        assertThat(draft.leaves(bare)).isEmpty();
        draft.purged = Optional.of(true);
        assertThat(draft.leaves(bare)).containsExactly("purged");
        draft.purged = Optional.of(false);
        assertThat(draft.leaves(bare)).isEmpty();
    }

    @Test
    void whatIsLeftIsSaidInASentence() {
        Draft draft = new Draft();
        draft.currentA = new OpenRange(OptionalDouble.empty(), OptionalDouble.of(20));
        draft.materials = List.of(Material.TITANIUM_GR2);

        assertThat(ProcedureCheck.of(draft.written(), lap, DAY).stream()
                        .map(departure -> Phrasebook.say(departure.words(), UnitSystem.METRIC)))
                .anySatisfy(words -> assertThat(words).isEqualTo("Metal carbon steel is not covered."))
                .anySatisfy(words -> assertThat(words).startsWith("Current ").endsWith(", covered is at most 20 A."));
    }
}
