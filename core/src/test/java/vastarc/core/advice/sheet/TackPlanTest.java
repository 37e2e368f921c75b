package vastarc.core.advice.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.TackPlan.TackOrder;
import vastarc.core.base.units.Length;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.Joint;
import vastarc.core.domain.joint.JointForm;
import vastarc.core.domain.joint.WeldingConditions;
import vastarc.core.domain.material.Material;

/** Figures of a tack against those of the seam it is for. */
class TackPlanTest {

    private static final double CLOSE = 1e-9;

    private static SetupSheet sheet(Joint joint) {
        return SheetPlanner.plan(joint, WeldingConditions.usual()).value().orElseThrow();
    }

    private static Tungsten tungsten(SetupSheet sheet) {
        double diameter = sheet.setting(ParameterKey.TUNGSTEN_DIAMETER).value();
        return Tungsten.sizes().stream()
                .filter(size -> size.diameterMm() == diameter)
                .findFirst()
                .orElseThrow();
    }

    private static Joint butt(double t) {
        return Joint.of(Material.STAINLESS_304L, JointForm.SQUARE_BUTT, t);
    }

    @ParameterizedTest
    @CsvSource({"0.5, THIN", "1.5, THIN", "1.51, PLATE", "3, PLATE"})
    void thinSheetIsTackedFromItsEndsAndPlateFromItsMiddle(double t, TackOrder order) {
        TackPlan tacks = sheet(butt(t)).tacks();

        assertThat(tacks.order()).isEqualTo(order);
        assertThat(tacks.order().phrase().key()).isEqualTo("tack.order." + order);
        assertThat(tacks.quick().isPresent()).isEqualTo(order == TackOrder.THIN);
    }

    /** A spot at two and a half times the seam's current, at most what the tungsten carries, only where the parts touch. */
    @ParameterizedTest
    @CsvSource({"1.2, 0, true", "1.2, 0.1, true", "1.2, 0.2, false", "2, 0, false"})
    void aQuickSpotWantsThinPartsThatTouch(double t, double gapMm, boolean offered) {
        SetupSheet sheet = sheet(butt(t).with(draft -> draft.gap = Length.ofMillimetres(gapMm)));

        assertThat(sheet.tacks().quick().isPresent()).isEqualTo(offered);
        sheet.tacks().quick().ifPresent(spot -> {
            double most = tungsten(sheet).practicalMaxA();
            assertThat(spot.currentA()).isCloseTo(Math.min(2.5 * sheet.heat().currentA(), most), within(CLOSE));
            assertThat(spot.onS()).isLessThan(sheet.tacks().onS());
        });
    }

    @ParameterizedTest
    @CsvSource({"0.8", "1.5", "2", "3"})
    void currentTimesAndLengthsFollowFromTheSeam(double t) {
        SetupSheet sheet = sheet(butt(t));
        TackPlan tacks = sheet.tacks();

        assertThat(tacks.currentA()).isCloseTo(1.1 * sheet.heat().currentA(), within(CLOSE));
        assertThat(tacks.stitchPitchMm()).isCloseTo(0.7 * sheet.heat().pool().frontWidthMm(), within(CLOSE));
        assertThat(tacks.lengthLowMm()).isEqualTo(2 * t);
        assertThat(tacks.lengthHighMm()).isEqualTo(4 * t);
        assertThat(tacks.preFlowS())
                .isEqualTo(sheet.setting(ParameterKey.PRE_FLOW).value());
        double third = sheet.setting(ParameterKey.POST_FLOW).value() / 3;
        assertThat(tacks.postFlowS()).isCloseTo(Math.max(1, Math.min(5, third)), within(CLOSE));
        assertThat(tacks.onS()).isGreaterThanOrEqualTo(0.5);
        assertThat(tacks.fusion()).isEqualTo(tacks.onS() <= 2);
    }

    /** Doubling the wait until the pool is solid doubles the pause; it is one and a half times that wait. */
    @Test
    void betweenStitchesThePoolGoesSolid() {
        SetupSheet sheet = sheet(butt(2));
        TackPlan tacks = sheet.tacks();
        double power = 0.7 * sheet.heat().arc().powerW(tacks.currentA());
        double freeze = sheet.heat().pool().freezeTimeS(sheet.heat().metal(), power, 0);

        assertThat(tacks.pauseS()).isCloseTo(Math.max(0.3, 1.5 * freeze), within(CLOSE));
    }

    @Test
    void aTubeIsTackedByCountOnlyWhereItsDiameterIsKnown() {
        Joint tube = Joint.of(Material.STAINLESS_304L, JointForm.TUBE_BUTT, 1.5);

        assertThat(sheet(tube).tacks().order()).isEqualTo(TackOrder.THIN);
        assertThat(sheet(tube.tubeOd(38)).tacks().order()).isEqualTo(TackOrder.TUBE);
        assertThat(sheet(tube.tubeOd(38)).tacks().count()).isEqualTo(3);
    }
}
