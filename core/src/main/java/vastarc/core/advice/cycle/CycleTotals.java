package vastarc.core.advice.cycle;

import vastarc.core.physics.heat.ArcModel;

/**
 * What a weld adds up to.
 *
 * @param lengthS          from the first touch until the gas is shut, s
 * @param arcS             time with an arc, s
 * @param averageA         mean current while the arc burns, A
 * @param rmsA             root mean square current while the arc burns, A
 * @param energyKj         electric energy of the arc, kJ
 * @param gasL             shielding gas, L
 * @param peakPercent      share of the welding time at the peak, %; 100 without pulse
 * @param dutyPercent      arc time of one such weld in ten minutes, %, at most 100
 * @param repeatedPercent  arc time in ten minutes when the next weld starts as soon as this one's gas is shut, %
 */
public record CycleTotals(
        double lengthS,
        double arcS,
        double averageA,
        double rmsA,
        double energyKj,
        double gasL,
        double peakPercent,
        double dutyPercent,
        double repeatedPercent) {

    private static final double TEN_MINUTES_S = 600;

    static CycleTotals of(CycleTimeline timeline, ArcModel arc, double gasLPerMin) {
        CurrentMoments moments = timeline.moments();
        double arcS = moments.arcS();
        double length = timeline.lengthS();
        return new CycleTotals(
                length,
                arcS,
                arcS > 0 ? moments.chargeAs() / arcS : 0,
                arcS > 0 ? Math.sqrt(moments.squareA2s() / arcS) : 0,
                moments.energyJ(arc) / 1000,
                timeline.gasS() * gasLPerMin / 60,
                moments.weldS() > 0 ? 100 * moments.peakS() / moments.weldS() : 0,
                Math.min(100, 100 * arcS / TEN_MINUTES_S),
                length > 0 ? 100 * arcS / length : 0);
    }
}
