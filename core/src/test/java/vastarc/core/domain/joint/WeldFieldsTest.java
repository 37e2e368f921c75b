package vastarc.core.domain.joint;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import vastarc.core.base.units.Length;
import vastarc.core.base.validation.Outcome;
import vastarc.core.base.validation.Problem;
import vastarc.core.domain.joint.JointLimits.InputRange;
import vastarc.core.domain.material.Material;
import vastarc.core.input.InputField;
import vastarc.core.input.InputSource;
import vastarc.core.input.WeldFields;

/** The registry of inputs, read from values as they are: every one arrives where it is found again, and none is in another's way. */
class WeldFieldsTest {

    /** Inputs that hold values, not texts. */
    private static final class Given implements InputSource {

        private final Map<InputField<?>, Object> values = new HashMap<>();
        private final List<Problem> problems = new ArrayList<>();

        private <T> Given with(InputField<T> field, T value) {
            values.put(field, value);
            return this;
        }

        @Override
        public <E extends Enum<E>> Optional<E> choice(InputField<E> field, Class<E> type) {
            return Optional.ofNullable(type.cast(values.get(field)));
        }

        @Override
        public Optional<Boolean> flag(InputField<Boolean> field) {
            return Optional.ofNullable((Boolean) values.get(field));
        }

        @Override
        public Optional<Length> length(InputField<Length> field) {
            return Optional.ofNullable((Length) values.get(field));
        }

        @Override
        public Optional<Double> figure(InputField<Double> field) {
            return Optional.ofNullable((Double) values.get(field));
        }

        @Override
        public void note(Problem problem) {
            problems.add(problem);
        }

        @Override
        public List<Problem> problems() {
            return List.copyOf(problems);
        }
    }

    private static Given joint(JointForm form, double thicknessMm) {
        return new Given()
                .with(WeldFields.MATERIAL, Material.STAINLESS_304L)
                .with(WeldFields.JOINT, form)
                .with(WeldFields.BASE, Length.ofMillimetres(thicknessMm));
    }

    private static Weld weld(Given given) {
        Outcome<Weld> read = WeldFields.read(given);
        assertThat(read.problems()).isEmpty();
        return read.value().orElseThrow();
    }

    static Stream<InputField<?>> fields() {
        return WeldFields.ALL.stream();
    }

    private static JointForm formFor(InputField<?> field) {
        return field == WeldFields.GROOVE_ANGLE || field == WeldFields.ROOT_FACE
                ? JointForm.V_BUTT
                : Stream.of(JointForm.values())
                        .filter(field::appliesTo)
                        .reduce((first, last) -> last)
                        .orElseThrow();
    }

    private static Object another(InputField<?> field) {
        Optional<InputRange> range = field.range();
        double inside =
                range.map(of -> of.low() + 0.25 * (of.high() - of.low())).orElse(Double.NaN);
        return switch (field.kind()) {
            case CHOICE -> field.choicesFor(formFor(field)).get(1);
            case FLAG -> !(Boolean) field.usual().orElseThrow();
            case LENGTH -> Length.ofMillimetres(inside);
            case FIGURE -> inside;
        };
    }

    @ParameterizedTest
    @MethodSource("fields")
    void whatIsGivenIsFoundAgainAndNothingElseMoves(InputField<?> field) {
        Weld before = weld(joint(formFor(field), 5));
        Given given = joint(formFor(field), 5);
        given.values.put(field, another(field));

        Weld after = weld(given);

        assertThat(field.of(after).map(Object.class::cast)).contains(another(field));
        // A metal, a thickness and a preparation carry along what follows them where it is not given; one way to
        // penetrate has two names.
        List<InputField<?>> followers = List.of(
                WeldFields.OTHER_MATERIAL,
                WeldFields.ABUTTING,
                WeldFields.GROOVE_ANGLE,
                WeldFields.ROOT_FACE,
                WeldFields.GAP,
                WeldFields.BOTH_SIDES,
                WeldFields.PENETRATION,
                WeldFields.JOINT);
        WeldFields.ALL.stream()
                .filter(other -> other != field && !followers.contains(other) && field != WeldFields.JOINT)
                .forEach(other -> assertThat(other.of(after)).as(other.name()).isEqualTo((Optional) other.of(before)));
    }

    @ParameterizedTest
    @MethodSource("fields")
    void whatIsNotToldIsTheUsual(InputField<?> field) {
        Weld entered = weld(joint(formFor(field), 5));

        field.usual()
                .ifPresent(usual ->
                        assertThat(field.of(entered).map(Object.class::cast)).contains(usual));
    }

    @Test
    void theOtherMemberFollowsTheFirstUnlessItIsTold() {
        Weld alone = weld(joint(JointForm.LAP, 2));
        Weld entered = weld(joint(JointForm.LAP, 2)
                .with(WeldFields.ABUTTING, Length.ofMillimetres(3))
                .with(WeldFields.OTHER_MATERIAL, Material.CARBON_STEEL));

        assertThat(alone.joint().abutting()).isEqualTo(Length.ofMillimetres(2));
        assertThat(alone.joint().other()).isEqualTo(Material.STAINLESS_304L);
        assertThat(entered.joint().abutting()).isEqualTo(Length.ofMillimetres(3));
        assertThat(entered.joint().other()).isEqualTo(Material.CARBON_STEEL);
    }

    @Test
    void aTubeHasAGrooveWhereItIsPreparedOrItsAngleIsTold() {
        assertThat(weld(joint(JointForm.TUBE_BUTT, 3)).joint().groove()).isEmpty();
        assertThat(weld(joint(JointForm.TUBE_BUTT, 5)).joint().groove()).contains(Groove.OF_PIPE);
        assertThat(weld(joint(JointForm.OUTSIDE_CORNER, 5)).joint().groove()).contains(Groove.OF_CORNER);
        assertThat(weld(joint(JointForm.TUBE_BUTT, 5).with(WeldFields.PREPARATION, EdgePreparation.SQUARE))
                        .joint()
                        .groove())
                .isEmpty();
        assertThat(weld(joint(JointForm.V_BUTT, 5)).joint().groove()).contains(Groove.USUAL);

        Weld prepared = weld(joint(JointForm.TUBE_BUTT, 5).with(WeldFields.PREPARATION, EdgePreparation.V));
        assertThat(prepared.joint().groove()).contains(Groove.OF_PIPE);

        Weld grooved = weld(joint(JointForm.TUBE_BUTT, 5)
                .with(WeldFields.GROOVE_ANGLE, 70.0)
                .with(WeldFields.GAP, Length.ofMillimetres(2)));
        assertThat(grooved.joint().groove()).contains(new Groove(70, Groove.USUAL.rootFace(), Length.ofMillimetres(2)));
        assertThat(WeldFields.GAP.of(grooved)).contains(Length.ofMillimetres(2));
    }

    @Test
    void aFaultNotedByTheReaderOrByTheJointMakesNoWeld() {
        Given noted = joint(JointForm.LAP, 2);
        noted.note(Problem.badValue("gapMm", "range", "x", "0", "4"));
        Given wide = joint(JointForm.TUBE_BUTT, 5).with(WeldFields.TUBE_OD, Length.ofMillimetres(6));

        assertThat(WeldFields.read(noted).value()).isEmpty();
        assertThat(WeldFields.read(noted).problems()).hasSize(1);
        assertThat(WeldFields.read(wide).value()).isEmpty();
        assertThat(WeldFields.read(wide).problems()).isNotEmpty();
    }

    @Test
    void aFieldIsFoundByItsNameAndByWhatOthersCallIt() {
        assertThat(WeldFields.named("gapMm").map(Object.class::cast)).contains(WeldFields.GAP);
        assertThat(WeldFields.named("gap")).isEmpty();
        assertThat(WeldFields.called("GRADE").map(Object.class::cast)).contains(WeldFields.MATERIAL);
        assertThat(WeldFields.called("")).isEmpty();
        assertThat(WeldFields.choices()).allMatch(field -> !field.choices().isEmpty());
        assertThat(WeldFields.ALL)
                .filteredOn(InputField::isRequired)
                .containsExactly(WeldFields.MATERIAL, WeldFields.JOINT, WeldFields.BASE);
        assertThat(WeldFields.WIRE_FEED.words(FillerFeed.values()[0])).startsWith("feed.");
        assertThat(WeldFields.ABUTTING.gauged().map(Object.class::cast)).contains(WeldFields.OTHER_MATERIAL);
    }

    @ParameterizedTest
    @EnumSource(JointForm.class)
    void everyDepthAndPreparationOfAFormIsTakenAndEveryOtherRefusedByName(JointForm form) {
        for (EdgePreparation preparation : EdgePreparation.values()) {
            Given given = joint(form, 5).with(WeldFields.PREPARATION, preparation);
            boolean accepted = WeldFields.read(given).value().isPresent();
            assertThat(accepted).as(preparation.name()).isEqualTo(preparation.isFor(form));
            assertThat(given.problems()).allMatch(problem -> problem.field().equals("preparation"));
        }
        Joint joint = weld(joint(form, 3)).joint();
        for (Penetration penetration : Penetration.values()) {
            Given given = joint(form, 3).with(WeldFields.PENETRATION, penetration);
            boolean accepted = WeldFields.read(given).value().isPresent();
            assertThat(accepted).as(penetration.name()).isEqualTo(penetration.isFor(joint));
            assertThat(given.problems()).allMatch(problem -> problem.field().equals("penetration"));
        }
    }

    @Test
    void aPlatePreparedAsAVIsAVButtAndThinPlateIsNot() {
        Given thick = joint(JointForm.SQUARE_BUTT, 5).with(WeldFields.PREPARATION, EdgePreparation.V);
        Given thin = joint(JointForm.SQUARE_BUTT, 2).with(WeldFields.PREPARATION, EdgePreparation.V);

        assertThat(weld(thick).joint())
                .isEqualTo(weld(joint(JointForm.V_BUTT, 5)).joint());
        assertThat(WeldFields.read(thin).problems()).extracting(Problem::field).containsExactly("preparation");
    }

    @Test
    void aDepthOfTheWholePlateIsNoPartialDepth() {
        Given through = joint(JointForm.SQUARE_BUTT, 2)
                .with(WeldFields.PENETRATION, Penetration.PARTIAL)
                .with(WeldFields.DEPTH, Length.ofMillimetres(2));

        assertThat(WeldFields.read(through).problems())
                .extracting(Problem::field)
                .containsExactly("depthMm");
    }
}
