package vastarc.core.equipment;

/**
 * The scale of a control that sets a figure.
 *
 * @param unit      what it counts
 * @param low       figure at its lowest
 * @param high      figure at its highest; above {@code low}
 * @param step      smallest step it can be set by; 0 for a knob that turns freely
 * @param ticks     divisions between its first and last mark; 0 without marks
 * @param figures   the marks carry figures
 * @param startDeg  where its lowest value is, degrees clockwise from the top
 * @param sweepDeg  how far it turns
 * @param clockwise turns clockwise upwards
 * @param taper     how the figures spread
 * @param auto      has a position in which the machine chooses
 */
public record Scale(
        ScaleUnit unit,
        double low,
        double high,
        double step,
        int ticks,
        boolean figures,
        double startDeg,
        double sweepDeg,
        boolean clockwise,
        Taper taper,
        boolean auto) {

    /**
     * {@return a free knob of 300 degrees from seven to five o'clock}
     *
     * @param unit the unit
     * @param low lowest value
     * @param high highest value
     * @param ticks number of ticks
     * @param figures whether the scale shows figures
     */
    public static Scale knob(ScaleUnit unit, double low, double high, int ticks, boolean figures) {
        return new Scale(unit, low, high, 0, ticks, figures, -150, 300, true, Taper.LINEAR, false);
    }

    /**
     * {@return a figure on a display}
     *
     * @param unit the unit
     * @param low lowest value
     * @param high highest value
     * @param step smallest step
     */
    public static Scale display(ScaleUnit unit, double low, double high, double step) {
        return new Scale(unit, low, high, step, 0, true, -150, 300, true, Taper.LINEAR, false);
    }

    double inside(double value) {
        return Math.min(high, Math.max(low, value));
    }

    /**
     * {@return the nearest value the control can be set to}
     *
     * @param value the value
     */
    public double settable(double value) {
        double inside = inside(value);
        return step > 0 ? inside(low + Math.round((inside - low) / step) * step) : inside;
    }

    /**
     * {@return share of the sweep, 0–1, for a value; the nearest end for one outside}
     *
     * @param value the value
     */
    public double share(double value) {
        return taper.share(low, high, settable(value));
    }

    /**
     * {@return figure at a share of the sweep}
     *
     * @param share share of the sweep, 0 to 1
     */
    public double value(double share) {
        return taper.value(low, high, Math.min(1, Math.max(0, share)));
    }

    /**
     * {@return pointer angle at a share of the sweep, degrees clockwise from the top}
     *
     * @param share share of the sweep, 0 to 1
     */
    public double angleDeg(double share) {
        return startDeg + (clockwise ? 1 : -1) * sweepDeg * share;
    }
}
