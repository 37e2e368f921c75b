package vastarc.core.vision;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import vastarc.core.vision.BeadPhotographer.Difficulty;

/** Scales: two places, a tube's outline, the printed strip. */
class PlaneMapTest {

    @Test
    void twoPlacesGiveAScale() {
        PointScale scale = PointScale.of(new PixelPoint(100, 200), new PixelPoint(400, 600), 50);

        assertThat(scale.mmPerPixel(new PlanePoint(0, 0))).isCloseTo(0.1, within(1e-9));
        assertThat(scale.toPlane(new PixelPoint(400, 600)).uMm()).isCloseTo(50, within(1e-9));
        PixelPoint back = scale.toPicture(scale.toPlane(new PixelPoint(321, 123)));
        assertThat(back.distance(new PixelPoint(321, 123))).isLessThan(1e-9);
        assertThat(scale.uncertainty(new PlanePoint(0, 0))).isBetween(0.001, 0.01);
    }

    /** Half way between the axis and the outline lie 30° of the tube's surface. */
    @Test
    void aTubeIsUnrolled() {
        TubeScale scale = TubeScale.of(new PixelPoint(100, 100), new PixelPoint(500, 100), 40);

        assertThat(scale.toPlane(new PixelPoint(300, 100)).uMm()).isCloseTo(0, within(1e-9));
        assertThat(scale.toPlane(new PixelPoint(400, 150)).uMm()).isCloseTo(20 * Math.PI / 6, within(1e-9));
        assertThat(scale.toPlane(new PixelPoint(400, 150)).vMm()).isCloseTo(5, within(1e-9));
        PixelPoint back = scale.toPicture(scale.toPlane(new PixelPoint(380, 240)));
        assertThat(back.distance(new PixelPoint(380, 240))).isLessThan(1e-6);
    }

    @Test
    void theStripGivesTheScaleUnderATilt() {
        for (long seed : new long[] {2, 4, 7, 12, 19}) {
            BeadPhotographer photographer = new BeadPhotographer(seed, Difficulty.SHOP);
            assertThat(photographer.strip).isTrue();
            StripScale scale = StripFinder.find(photographer.photograph()).orElseThrow();
            PlanePoint at = scale.toPlane(photographer.see(photographer.bead.lengthMm / 2, 0));

            double off = scale.mmPerPixel(at) / photographer.trueMmPerPixel() - 1;
            assertThat(Math.abs(off)).as("seed " + seed).isLessThan(0.005);
        }
    }

    @Test
    void theStripIsAsItIsPrinted() {
        assertThat(StripLayout.isBlack(0, 0)).as("left out").isFalse();
        assertThat(StripLayout.isBlack(0, 2)).isTrue();
        assertThat(StripLayout.isBlack(1, 1)).isTrue();
        assertThat(StripLayout.isBlack(1, 0)).isFalse();
        assertThat(StripLayout.edges())
                .allSatisfy(edge ->
                        assertThat(Math.abs(edge.u()) + Math.abs(edge.v())).isEqualTo(1));
    }
}
