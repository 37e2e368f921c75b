package vastarc.core.physics.purge;

/**
 * An argon cylinder that feeds torch and purge through two flowmeters.
 *
 * @param sizeL     water volume, L
 * @param bar       pressure on its gauge, bar
 */
public record Cylinder(double sizeL, double bar) {

    /** Below this the flow sinks and moisture comes over: it is changed. Judgement. */
    public static final double LEFT_BAR = 10;

    /** {@return argon that may be drawn, L} */
    public double argonL() {
        return Math.max(0, sizeL * (bar - LEFT_BAR));
    }

    /**
     * {@return how long it feeds a flow, min}
     *
     * @param flowLPerMin flow, L/min
     */
    public double minutes(double flowLPerMin) {
        return argonL() / flowLPerMin;
    }
}
