package vastarc.core.physics.purge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import vastarc.core.base.units.PhysicalConstants;

/**
 * Air driven out by argon, between two limits: pushed ahead of it (displacement) and stirred into it (well mixed).
 *
 * <p>Well mixed \( \frac{dC}{dt} = \frac{Q C_{in} + Q_l C_0 - (Q+Q_l) C}{V} \), so
 * \( t = \frac{V}{Q+Q_l}\ln\frac{C_0-C_f}{C_t-C_f} \) with the floor \( C_f = \frac{Q C_{in} + Q_l C_0}{Q+Q_l} \); displacement
 * \( V/Q \); blend 0.6 of well mixed [judgement], claimed only where argon comes in low and air leaves high and the stream is slow enough to
 * lie in layers (Richardson number above 1). The hose pushes its own air ahead first. {@code docs/model/purge.md (1)}. Source: [textbook]. Checked by: purge.csv.
 *
 * @param volumeL     between the dams, L
 * @param flowLPerMin Q, argon, L/min
 * @param leakLPerMin Q_l, air that gets in, L/min
 * @param argonPpm    C_in, oxygen in the argon, ppm by volume
 * @param targetPpm   C_t, ppm by volume
 * @param layered     displacement may be claimed
 * @param hoseL       dead volume of the hose, L
 */
public record Purge(
        double volumeL,
        double flowLPerMin,
        double leakLPerMin,
        double argonPpm,
        double targetPpm,
        boolean layered,
        double hoseL) {

    /** Oxygen in air, ppm by volume. */
    public static final double AIR_PPM = 209_500;

    private static final double BLEND = 0.6;
    private static final int CURVE_POINTS = 60;
    private static final double BEYOND = 1.3;
    private static final double LIGHTER_KG_PER_M3 = 0.46;

    /** Oxygen at a time, by both ways of calculation, ppm. */
    public record OxygenPoint(double s, double mixedPpm, double blendPpm) {}

    /**
     * {@return whether argon at this flow lies under the air in a part, rather than stirring it: Δρ g D/(ρ u²) > 1
     * [textbook]}
     *
     * @param flowLPerMin flow, L/min
     * @param part the part
     */
    public static boolean liesInLayers(double flowLPerMin, PurgePart part) {
        double d = part.acrossMm() * 1e-3;
        double speed = flowLPerMin / 6e4 / (part.areaMm2() * 1e-6);
        return LIGHTER_KG_PER_M3
                        * PhysicalConstants.GRAVITY_M_PER_S2
                        * d
                        / (PhysicalConstants.ARGON_KG_PER_M3 * speed * speed)
                > 1;
    }

    /**
     * {@return dead volume of a hose, L}
     *
     * @param lengthM length, m
     * @param boreMm inside diameter, mm
     */
    public static double hoseL(double lengthM, double boreMm) {
        return Math.PI / 4 * boreMm * boreMm * lengthM / 1000;
    }

    /** {@return oxygen it settles at however long it runs, ppm} */
    public double floorPpm() {
        return (flowLPerMin * argonPpm + leakLPerMin * AIR_PPM) / (flowLPerMin + leakLPerMin);
    }

    /** {@return whether the target lies above the floor} */
    public boolean isReachable() {
        return targetPpm > floorPpm();
    }

    /** {@return time in which the hose empties its own air into the work, s} */
    public double hoseS() {
        return 60 * hoseL / flowLPerMin;
    }

    /** {@return until the target, stirred, s; empty where it is never reached} */
    public Optional<Double> mixedS() {
        return isReachable() ? Optional.of(hoseS() + mixedTo(targetPpm)) : Optional.empty();
    }

    private double mixedTo(double ppm) {
        double floor = floorPpm();
        double timeConstant = 60 * volumeL / (flowLPerMin + leakLPerMin);
        return timeConstant * Math.max(0, Math.log((AIR_PPM - floor) / (ppm - floor)));
    }

    /** {@return one filling pushed through, s; empty where nothing lies in layers} */
    public Optional<Double> displacementS() {
        return layered ? Optional.of(hoseS() + 60 * volumeL / flowLPerMin) : Optional.empty();
    }

    /**
     * {@return what is usual between the two, never less than one filling, s; the stirred time where displacement is
     * not claimed}
     */
    public Optional<Double> blendS() {
        double stirred = mixedTo(targetPpm);
        double blend = layered ? Math.max(BLEND * stirred, Math.min(stirred, 60 * volumeL / flowLPerMin)) : stirred;
        return isReachable() ? Optional.of(hoseS() + blend) : Optional.empty();
    }

    /**
     * {@return oxygen after a time, stirred, ppm}
     *
     * @param s time, s
     */
    public double mixedPpm(double s) {
        return afterPpm(s, 1);
    }

    /**
     * {@return oxygen after a time, blended, ppm}
     *
     * @param s time, s
     */
    public double blendPpm(double s) {
        return afterPpm(s, layered ? BLEND : 1);
    }

    private double afterPpm(double s, double share) {
        double running = Math.max(0, s - hoseS()) / share;
        double rate = (flowLPerMin + leakLPerMin) / (60 * volumeL);
        return floorPpm() + (AIR_PPM - floorPpm()) * Math.exp(-rate * running);
    }

    /**
     * {@return fillings and argon until a time, each 0 or more}
     *
     * @param s time, s
     */
    public double changes(double s) {
        return flowLPerMin * s / 60 / volumeL;
    }

    /**
     * {@return the argon used in {@code s} seconds of fill flow, L}
     *
     * @param s time, s
     */
    public double argonL(double s) {
        return flowLPerMin * s / 60;
    }

    /**
     * {@return oxygen over time, a little beyond the stirred time; to ten fillings where the target is never reached}
     */
    public List<OxygenPoint> curve() {
        double end = mixedS().map(s -> BEYOND * s).orElse(hoseS() + 600 * volumeL / flowLPerMin);
        List<OxygenPoint> points = new ArrayList<>(CURVE_POINTS + 1);
        for (int i = 0; i <= CURVE_POINTS; i++) {
            double s = end * i / CURVE_POINTS;
            points.add(new OxygenPoint(s, mixedPpm(s), blendPpm(s)));
        }
        return points;
    }
}
