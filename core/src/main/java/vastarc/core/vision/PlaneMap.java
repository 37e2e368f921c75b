package vastarc.core.vision;

/** From a picture to the sheet that it shows and back. */
public interface PlaneMap {

    /**
     * {@return where a place of the picture lies on the sheet}
     *
     * @param place in the picture
     */
    PlanePoint toPlane(PixelPoint place);

    /**
     * {@return where a place of the sheet lies in the picture; not a number where it cannot be seen}
     *
     * @param point on the sheet
     */
    PixelPoint toPicture(PlanePoint point);

    /**
     * {@return how uncertain a length near a place is, as a share of it, half of a 90 % interval}
     *
     * @param point on the sheet
     */
    double uncertainty(PlanePoint point);

    /**
     * {@return how long a pixel is at a place, mm: the root of the area it covers}
     *
     * @param point on the sheet
     */
    default double mmPerPixel(PlanePoint point) {
        double h = 0.5;
        PixelPoint right = toPicture(point.plus(h, 0));
        PixelPoint left = toPicture(point.plus(-h, 0));
        PixelPoint below = toPicture(point.plus(0, h));
        PixelPoint above = toPicture(point.plus(0, -h));
        double area = Math.abs(
                (right.x() - left.x()) * (below.y() - above.y()) - (right.y() - left.y()) * (below.x() - above.x()));
        return 2 * h / Math.sqrt(area);
    }
}
