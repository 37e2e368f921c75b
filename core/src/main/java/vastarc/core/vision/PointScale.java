package vastarc.core.vision;

/**
 * A scale from two places of known distance, the camera held square to the sheet. {@code docs/model/vision.md (1)}.
 *
 * @param from           one place
 * @param to             the other
 * @param mmPerPixel     how long a pixel is
 * @param tapUncertainty of the distance, as a share, half of a 90 % interval
 */
record PointScale(PixelPoint from, PixelPoint to, double mmPerPixel, double tapUncertainty) implements PlaneMap {

    /** How far a tapped place lies from the one that is meant, pixels, one standard deviation in the direction that counts (judgement). */
    private static final double TAP = 0.5;

    static PointScale of(PixelPoint from, PixelPoint to, double mm) {
        double pixels = from.distance(to);
        return new PointScale(from, to, mm / pixels, Uncertain.NINE_OF_TEN * Math.sqrt(2) * TAP / pixels);
    }

    private double cos() {
        return (to.x() - from.x()) / from.distance(to);
    }

    private double sin() {
        return (to.y() - from.y()) / from.distance(to);
    }

    @Override
    public PlanePoint toPlane(PixelPoint place) {
        double x = place.x() - from.x();
        double y = place.y() - from.y();
        return new PlanePoint(mmPerPixel * (x * cos() + y * sin()), mmPerPixel * (y * cos() - x * sin()));
    }

    @Override
    public PixelPoint toPicture(PlanePoint point) {
        double u = point.uMm() / mmPerPixel;
        double v = point.vMm() / mmPerPixel;
        return new PixelPoint(from.x() + u * cos() - v * sin(), from.y() + u * sin() + v * cos());
    }

    @Override
    public double uncertainty(PlanePoint point) {
        return tapUncertainty;
    }
}
