package vastarc.core.vision;

/**
 * A tube seen from the side, its outline tapped on both sides: what lies round it is unrolled. {@code docs/model/vision.md (2)}. The camera is taken to be
 * far off.
 *
 * @param flat     the picture's plane, counted from the outline tapped first, across the tube
 * @param radiusMm outside radius of the tube, mm
 */
record TubeScale(PointScale flat, double radiusMm) implements PlaneMap {

    /** Nearer to the outline than this share of the radius nothing can be seen: the surface turns away. */
    private static final double SEEN = 0.94;

    static TubeScale of(PixelPoint from, PixelPoint to, double tubeOdMm) {
        return new TubeScale(PointScale.of(from, to, tubeOdMm), tubeOdMm / 2);
    }

    @Override
    public PlanePoint toPlane(PixelPoint place) {
        PlanePoint seen = flat.toPlane(place);
        double across = Math.max(-SEEN, Math.min(SEEN, (seen.uMm() - radiusMm) / radiusMm));
        return new PlanePoint(radiusMm * Math.asin(across), seen.vMm());
    }

    @Override
    public PixelPoint toPicture(PlanePoint point) {
        double most = Math.asin(SEEN);
        double angle = Math.max(-most, Math.min(most, point.uMm() / radiusMm));
        return flat.toPicture(new PlanePoint(radiusMm * (1 + Math.sin(angle)), point.vMm()));
    }

    @Override
    public double uncertainty(PlanePoint point) {
        return flat.uncertainty(point);
    }

    /** As the tube's front shows it: nearer to its outline a pixel is longer. */
    @Override
    public double mmPerPixel(PlanePoint point) {
        return flat.mmPerPixel();
    }
}
