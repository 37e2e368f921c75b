package vastarc.core.physics.heat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.OptionalDouble;
import org.assertj.core.data.Percentage;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.aggregator.ArgumentsAccessor;
import org.junit.jupiter.params.provider.CsvFileSource;
import vastarc.core.base.units.Length;
import vastarc.core.domain.joint.BackingBar;
import vastarc.core.domain.joint.FillerFeed;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.Penetration;
import vastarc.core.domain.joint.Position;
import vastarc.core.domain.joint.Technique;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** Whole set-ups worked outside this program, and tables of currents by thickness. */
class WorkedExamplesTest {

    private static final Percentage CLOSE = Percentage.withPercentage(0.5);
    private static final Percentage TABLE = Percentage.withPercentage(0.6);

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/worked-examples.csv", useHeadersInDisplayName = true)
    void aWholeSetUpMatchesItsWorkedExample(ArgumentsAccessor row) {
        Material material = Material.valueOf(row.getString(1));
        JointForm form = JointForm.valueOf(row.getString(2));
        Joint joint = Joint.of(material, form, row.getDouble(3)).abutting(row.getDouble(4));
        double limited = row.getDouble(11);
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.position = Position.valueOf(row.getString(5));
            draft.wire = row.getBoolean(6);
            draft.wireFeed = FillerFeed.valueOf(row.getString(7));
            draft.technique = Technique.valueOf(row.getString(8));
            draft.chill = BackingBar.valueOf(row.getString(9));
            draft.preheatC = OptionalDouble.of(row.getDouble(10));
            if (limited > 0) {
                draft.penetration = Optional.of(Penetration.PARTIAL);
                draft.depth = Optional.of(Length.ofMillimetres(limited));
            }
        });
        FusionRequirement requirement =
                joint.isCorner() ? given(row, joint, conditions) : FusionRequirement.of(joint, conditions);

        HeatBalance heat = HeatBalance.of(joint, conditions, requirement);

        assertThat(requirement.speedMmPerS()).as("speed").isCloseTo(row.getDouble(12), CLOSE);
        assertThat(requirement.halfWidthMm()).as("y").isCloseTo(row.getDouble(13), CLOSE);
        assertThat(requirement.depthMm()).as("z").isCloseTo(row.getDouble(14), CLOSE);
        assertThat(requirement.depositedAreaMm2()).as("deposit").isCloseTo(row.getDouble(15), CLOSE);
        JointConduction paths = JointConduction.of(joint, conditions, requirement);
        assertThat(heat.platePowerW() / CornerModel.pathShare(joint))
                .as("plate")
                .isCloseTo(row.getDouble(16), CLOSE);
        assertThat(heat.wirePowerW()).as("wire").isCloseTo(row.getDouble(17), CLOSE);
        arc(row, joint, heat);
        assertThat(paths.frontWidthMm(heat.platePowerW(), row.getDouble(22)))
                .as("front")
                .isCloseTo(row.getDouble(22), within(0.01));
        assertThat(heat.pool().backWidthMm()).as("back").isCloseTo(row.getDouble(23), within(0.01));
        assertThat(heat.poolBehindMm()).as("pool behind the arc").isCloseTo(row.getDouble(24), CLOSE);
    }

    /** Inside corners take more than the worked figures say: the block behind their root. */
    private static void arc(ArgumentsAccessor row, Joint joint, HeatBalance heat) {
        if (CornerModel.pathShare(joint) > 1) {
            return;
        }
        assertThat(heat.currentA()).as("current").isCloseTo(row.getDouble(18), CLOSE);
        assertThat(heat.voltageV()).as("voltage").isCloseTo(row.getDouble(19), CLOSE);
        assertThat(heat.arcEnergyKjPerMm()).as("arc energy").isCloseTo(row.getDouble(20), CLOSE);
        assertThat(heat.heatInputKjPerMm()).as("heat input").isCloseTo(row.getDouble(21), CLOSE);
    }

    /** What a row says is melted and laid, at the speed of the practice. */
    private static FusionRequirement given(ArgumentsAccessor row, Joint joint, WeldingConditions conditions) {
        FusionRequirement usual = FusionRequirement.of(joint, conditions);
        return new FusionRequirement(
                row.getDouble(13),
                row.getDouble(14),
                row.getDouble(15),
                0,
                row.getDouble(12),
                usual.arcMm(),
                usual.sinkMm());
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/amperes-by-thickness.csv", useHeadersInDisplayName = true)
    void currentByThicknessMatchesTheTable(
            double thicknessMm, JointForm form, Material material, Technique technique, boolean wire, double currentA) {
        Joint joint = Joint.of(material, form, thicknessMm);
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> {
            draft.technique = technique;
            draft.wire = wire;
        });

        assertThat(HeatBalance.of(joint, conditions).currentA()).isCloseTo(currentA, TABLE);
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/known-gaps/edge-amperes.csv", useHeadersInDisplayName = true)
    void edgeCurrentIsNearTheTableThatDisagreesWithTheExamples(
            double thicknessMm, JointForm form, Material material, Technique technique, boolean wire, double currentA) {
        Joint joint = Joint.of(material, form, thicknessMm);
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> draft.wire = wire);

        assertThat(HeatBalance.of(joint, conditions).currentA()).isCloseTo(currentA, Percentage.withPercentage(5));
    }

    @ParameterizedTest
    @CsvFileSource(resources = "/reference/foil.csv", useHeadersInDisplayName = true)
    void foilMatchesTheTable(double thicknessMm, double currentA, double voltageV, double widthMm) {
        Joint joint = Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, thicknessMm);
        WeldingConditions conditions = WeldingConditions.usual().with(draft -> draft.wire = false);
        FusionRequirement usual = FusionRequirement.of(joint, conditions);
        FusionRequirement micro = new FusionRequirement(
                usual.halfWidthMm(), usual.depthMm(), 0, 0, usual.speedMmPerS(), 1, usual.sinkMm());

        HeatBalance heat = HeatBalance.of(joint, conditions, micro);

        assertThat(heat.currentA()).isCloseTo(currentA, CLOSE);
        assertThat(heat.voltageV()).isCloseTo(voltageV, CLOSE);
        assertThat(2 * micro.halfWidthMm()).isCloseTo(widthMm, CLOSE);
    }
}
