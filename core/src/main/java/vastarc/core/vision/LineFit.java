package vastarc.core.vision;

/** A straight line through evenly spaced values, by least squares. */
final class LineFit {

    private LineFit() {}

    /** The value at the first place, and how much it grows from one to the next. */
    static double[] of(double[] values) {
        double middle = (values.length - 1) / 2.0;
        double mean = 0;
        double slope = 0;
        double squares = 0;
        for (int i = 0; i < values.length; i++) {
            mean += values[i] / values.length;
            slope += (i - middle) * values[i];
            squares += (i - middle) * (i - middle);
        }
        double each = squares == 0 ? 0 : slope / squares;
        return new double[] {mean - each * middle, each};
    }
}
