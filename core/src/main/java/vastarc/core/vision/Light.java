package vastarc.core.vision;

/** Between the values of a picture, 0 to 255, and the light they stand for, 0 to 1. Source: IEC 61966-2-1 (sRGB). */
final class Light {

    private static final double FULL = 255;
    private static final double TOE = 0.04045;
    private static final double TOE_SLOPE = 12.92;
    private static final double OFFSET = 0.055;
    private static final double GAMMA = 2.4;

    private Light() {}

    static double of(double value) {
        double share = value / FULL;
        return share <= TOE ? share / TOE_SLOPE : Math.pow((share + OFFSET) / (1 + OFFSET), GAMMA);
    }
}
