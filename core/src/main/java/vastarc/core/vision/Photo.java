package vastarc.core.vision;

import boofcv.struct.image.GrayF32;

/** The pixels of a photograph, three colours of eight bits as cameras write them. It does not copy what it is given, for a photograph is large. */
public final class Photo {

    private static final int FULL = 255;
    private static final double RED = 0.299;
    private static final double GREEN = 0.587;
    private static final double BLUE = 0.114;
    private static final int BYTE = 8;

    private final int width;
    private final int height;
    private final int[] packed;

    private Photo(int width, int height, int[] packed) {
        this.width = width;
        this.height = height;
        this.packed = packed;
    }

    /**
     * {@return a photograph}
     *
     * @param width  pixels, at least 1
     * @param height pixels, at least 1
     * @param packed red, green and blue in the lower 24 bits, row by row; not to be changed afterwards
     * @throws IllegalArgumentException where the pixels are not as many as the size says
     */
    public static Photo of(int width, int height, int[] packed) {
        if (width < 1 || height < 1 || (long) width * height != packed.length) {
            throw new IllegalArgumentException("a picture of " + width + " by " + height + " has not " + packed.length);
        }
        return new Photo(width, height, packed);
    }

    /** {@return its width, pixels} */
    public int width() {
        return width;
    }

    /** {@return its height, pixels} */
    public int height() {
        return height;
    }

    boolean contains(PixelPoint place) {
        return place.x() >= 0 && place.y() >= 0 && place.x() <= width && place.y() <= height;
    }

    /** Adds red, green and blue of a place between pixels, each 0 to 255, to what stands in {@code into}; beyond its edge that of the edge. */
    void add(double x, double y, float[] into) {
        double px = Math.max(0, Math.min(width - 1.001, x - 0.5));
        double py = Math.max(0, Math.min(height - 1.001, y - 0.5));
        int left = (int) px;
        int top = (int) py;
        float fx = (float) (px - left);
        float fy = (float) (py - top);
        int at = top * width + left;
        int right = left + 1 < width ? 1 : 0;
        int below = top + 1 < height ? width : 0;
        weigh(packed[at], (1 - fx) * (1 - fy), into);
        weigh(packed[at + right], fx * (1 - fy), into);
        weigh(packed[at + below], (1 - fx) * fy, into);
        weigh(packed[at + below + right], fx * fy, into);
    }

    private static void weigh(int pixel, float weight, float[] into) {
        into[0] += weight * (pixel >> 2 * BYTE & FULL);
        into[1] += weight * (pixel >> BYTE & FULL);
        into[2] += weight * (pixel & FULL);
    }

    /** Brightness of a place between pixels, 0 to 255. */
    double grey(double x, double y) {
        float[] colour = new float[3];
        add(x, y, colour);
        return grey(colour[0], colour[1], colour[2]);
    }

    static double grey(double red, double green, double blue) {
        return RED * red + GREEN * green + BLUE * blue;
    }

    /** Its brightness made smaller: each pixel is the mean of {@code step} by {@code step}. */
    GrayF32 reduced(int step) {
        GrayF32 small = new GrayF32(width / step, height / step);
        float share = 1f / (step * step);
        for (int y = 0; y < small.height; y++) {
            for (int x = 0; x < small.width; x++) {
                small.data[y * small.width + x] = share * block(x * step, y * step, step);
            }
        }
        return small;
    }

    private float block(int fromX, int fromY, int step) {
        int red = 0;
        int green = 0;
        int blue = 0;
        for (int y = fromY; y < fromY + step; y++) {
            int row = y * width;
            for (int at = row + fromX; at < row + fromX + step; at++) {
                int pixel = packed[at];
                red += pixel >> 2 * BYTE & FULL;
                green += pixel >> BYTE & FULL;
                blue += pixel & FULL;
            }
        }
        return (float) grey(red, green, blue);
    }
}
