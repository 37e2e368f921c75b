package vastarc.core.vision;

/**
 * A place in a picture, pixels from its upper left corner: 0, 0 is the corner itself, the middle of the first pixel is 0.5, 0.5.
 *
 * @param x to the right
 * @param y down
 */
public record PixelPoint(double x, double y) {

    /**
     * {@return how far another place is, pixels}
     *
     * @param other the other place
     */
    public double distance(PixelPoint other) {
        return Math.hypot(x - other.x, y - other.y);
    }
}
