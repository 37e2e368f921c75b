package vastarc.core.advice.cycle;

import java.util.Optional;
import vastarc.core.physics.heat.Pulse;

/**
 * A stretch of time in which nothing but the current changes, and that evenly.
 *
 * @param phase  where the arc is
 * @param startS from, s
 * @param endS   to, s; not before {@code startS}
 * @param fromA  current at the start, the peak where it is pulsed, A
 * @param toA    current at the end, A
 * @param beat   the pulse added to it
 * @param gas    gas flows
 * @param held   the trigger is held
 * @param footFrom where the foot is at the start, 0–1
 * @param footTo where the foot is at the end, 0–1
 * @param jumps  the logic lets the current jump where this stretch begins
 */
public record CurrentSegment(
        Phase phase,
        double startS,
        double endS,
        double fromA,
        double toA,
        Optional<PulseOverlay> beat,
        boolean gas,
        boolean held,
        double footFrom,
        double footTo,
        boolean jumps) {

    /**
     * A pulse over a current that may itself change.
     *
     * @param pulse   rate, on-time and background; its peak is the stretch's own current
     * @param originS when its first cycle began, s
     * @param leastA  the background never falls below, A
     */
    public record PulseOverlay(Pulse pulse, double originS, double leastA) {

        /** {@return the pulse rate, Hz; 0 without a pulse} */
        public double rateHz() {
            return pulse.rateHz();
        }

        /** {@return the share of each pulse at the peak, 0 to 1; 1 without a pulse} */
        public double onFraction() {
            return pulse.onFraction();
        }

        /** {@return background over peak current, 0 to 1; 1 without a pulse} */
        public double backgroundRatio() {
            return pulse.backgroundRatio();
        }

        /**
         * {@return whether the pulse is at its peak}
         *
         * @param timeS time, s
         */
        public boolean onAt(double timeS) {
            return pulse.rhythm().isOnAt(timeS - originS);
        }

        /**
         * {@return the next instant after one, s, at which it changes between peak and background}
         *
         * @param timeS time, s
         */
        public double nextEdgeS(double timeS) {
            return originS + pulse.rhythm().nextEdgeS(timeS - originS);
        }

        /**
         * {@return background under a peak, A}
         *
         * @param peakA peak current, A
         */
        public double backgroundA(double peakA) {
            return Math.min(peakA, Math.max(leastA, pulse.backgroundRatio() * peakA));
        }
    }

    /** {@return how long it lasts, s} */
    public double lengthS() {
        return endS - startS;
    }

    /**
     * {@return the current without its pulse, A}
     *
     * @param timeS time, s
     */
    public double envelopeA(double timeS) {
        double length = lengthS();
        return length <= 0 ? toA : fromA + (toA - fromA) * (timeS - startS) / length;
    }

    double currentA(double timeS) {
        double envelope = envelopeA(timeS);
        return beat.isEmpty() || beat.get().onAt(timeS) ? envelope : beat.get().backgroundA(envelope);
    }

    /** Integrals over the whole stretch. */
    CurrentMoments moments() {
        return beat.isEmpty() ? CurrentMoments.of(lengthS(), fromA, toA, phase) : pulsed(beat.get());
    }

    private CurrentMoments pulsed(PulseOverlay over) {
        double period = 1 / over.pulse().rateHz();
        long first = (long) Math.floor((startS - over.originS()) / period);
        long last = (long) Math.ceil((endS - over.originS()) / period);
        CurrentMoments sum = CurrentMoments.NONE;
        boolean level = fromA == toA;
        for (long cycle = first; cycle < last; cycle++) {
            long whole = level ? wholeCycles(over, cycle, last, period) : 0;
            if (whole > 1) {
                sum = sum.plus(cycle(over, cycle, period).times(whole));
                cycle += whole - 1;
            } else {
                sum = sum.plus(cycle(over, cycle, period));
            }
        }
        return sum;
    }

    /** How many full cycles lie inside from this one on. */
    private long wholeCycles(PulseOverlay over, long cycle, long last, double period) {
        double begins = over.originS() + cycle * period;
        if (begins < startS) {
            return 0;
        }
        return Math.min(last - cycle, (long) Math.floor((endS - begins) / period));
    }

    private CurrentMoments cycle(PulseOverlay over, long cycle, double period) {
        double begins = over.originS() + cycle * period;
        double off = begins + over.pulse().onFraction() * period;
        return high(begins, off).plus(low(over, off, begins + period));
    }

    private CurrentMoments high(double from, double to) {
        double a = Math.max(from, startS);
        double b = Math.min(to, endS);
        return b <= a ? CurrentMoments.NONE : CurrentMoments.of(b - a, envelopeA(a), envelopeA(b), phase);
    }

    /** A background that reaches its floor on the way is taken in two pieces. */
    private CurrentMoments low(PulseOverlay over, double from, double to) {
        double a = Math.max(from, startS);
        double b = Math.min(to, endS);
        if (b <= a) {
            return CurrentMoments.NONE;
        }
        double kink = kink(over, a, b);
        return lowPiece(over, a, kink).plus(lowPiece(over, kink, b));
    }

    private CurrentMoments lowPiece(PulseOverlay over, double a, double b) {
        return b <= a
                ? CurrentMoments.NONE
                : CurrentMoments.atBackground(b - a, over.backgroundA(envelopeA(a)), over.backgroundA(envelopeA(b)));
    }

    /** Where the background leaves or meets its floor between two times; the later time where it does not. */
    private double kink(PulseOverlay over, double a, double b) {
        double floorAt = over.leastA() / over.pulse().backgroundRatio();
        double from = envelopeA(a) - floorAt;
        double to = envelopeA(b) - floorAt;
        return from * to < 0 ? a + (b - a) * from / (from - to) : b;
    }
}
