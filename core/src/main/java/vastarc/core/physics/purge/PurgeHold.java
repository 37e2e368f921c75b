package vastarc.core.physics.purge;

import vastarc.core.physics.purge.PurgePlan.PurgeRequest;

/**
 * Flow of argon while the root is molten, with its range, L/min.
 *
 * @param value what to set
 * @param low   least, against the leak
 * @param high  most that leaves the root sound at this vent
 * @param limit what decides the value
 */
public record PurgeHold(double value, double low, double high, HoldLimit limit) {

    /** Hold flow over fill flow (judgement). */
    public static final double USUAL_SHARE = 0.6;

    /** Below this flow no flowmeter is set, L/min (judgement). */
    static final double LEAST_NARROW = 1;

    private static final double LEAST = 3;
    private static final double MOST = 8;
    private static final double NARROW_MM = 20;
    private static final double MOST_NARROW = 2;

    /** What decides the hold flow. */
    public enum HoldLimit {
        /** A share of the fill flow. */
        SHARE,
        /** The bore: a trickle in narrow tube. */
        BORE,
        /** What the molten root bears at this vent. */
        ROOT,
        /** The leak it has to keep out. */
        LEAK
    }

    /**
     * {@return the hold flow of a purge: a share of the fill flow within 3 to 8 L/min, in a bore under 20 mm 1 to 2
     * L/min by the bore; never more than leaves the root sound at this vent} {@code docs/model/purge.md (6)}. Source:
     * flows [judgement], root {@link RootPressure}.
     *
     * @param request the request
     */
    public static PurgeHold of(PurgeRequest request) {
        boolean narrow = request.acrossMm() < NARROW_MM;
        double sound = RootPressure.flowLPerMin(request.root().mostPa(), request.vent());
        double against = leastAgainstLeak(request);
        double low = Math.max(narrow ? LEAST_NARROW : LEAST, against);
        double high = Math.min(sound, narrow ? MOST_NARROW : MOST);
        double usual = narrow
                ? LEAST_NARROW + (MOST_NARROW - LEAST_NARROW) * request.acrossMm() / NARROW_MM
                : Math.min(MOST, Math.max(LEAST, request.holdShare() * request.flow()));
        double value = Math.max(Math.min(usual, high), Math.min(low, high));
        HoldLimit limit = value < usual
                ? HoldLimit.ROOT
                : value > usual ? HoldLimit.LEAK : narrow ? HoldLimit.BORE : HoldLimit.SHARE;
        return new PurgeHold(value, Math.min(low, value), Math.max(high, value), limit);
    }

    /** Least flow whose floor lies under the target, L/min; 0 without a leak. */
    static double leastAgainstLeak(PurgeRequest request) {
        return request.leak() == 0 || request.targetPpm() <= request.argonPpm()
                ? 0
                : request.leak() * (Purge.AIR_PPM - request.targetPpm()) / (request.targetPpm() - request.argonPpm());
    }
}
