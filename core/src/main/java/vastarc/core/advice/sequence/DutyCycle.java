package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import vastarc.core.physics.duty.DutyPoint;

/**
 * How long machine and torch may burn in any ten minutes. A second of arc at a current takes 1/D of a second from each, D its duty there;
 * no ten minutes take more than ten. Source: heating by the square of the current [textbook].
 */
public final class DutyCycle {

    /** The window over which a duty cycle counts: ten minutes (IEC 60974-1), s. */
    public static final double WINDOW_S = 600;

    private static final double SLACK = 1e-6;
    private static final int HALVINGS = 30;

    private final List<ArcBurn> burns = new ArrayList<>();

    /** An arc, and what a second of it takes from machine or torch, whichever is more. */
    private record ArcBurn(double startS, double endS, double perS) {

        double within(double from, double to) {
            return Math.max(0, Math.min(endS, to) - Math.max(startS, from)) * perS;
        }
    }

    /**
     * {@return what a second of arc takes, at a current: at least one}
     *
     * @param machine the duty points of the machine's plate
     * @param torch the duty points of the torch
     * @param currentA current, A
     */
    public static double perS(List<DutyPoint> machine, List<DutyPoint> torch, double currentA) {
        double least = Math.min(DutyPoint.percentAt(machine, currentA), DutyPoint.percentAt(torch, currentA));
        return 100 / Math.max(1, least);
    }

    /** Longest arc at one stretch, s. */
    static double longestS(double perS) {
        return WINDOW_S / perS;
    }

    /**
     * An arc has burnt.
     *
     * @param startS start, s
     * @param arcS time the arc burns, s
     * @param perS duty taken by a second of arc
     */
    public void burn(double startS, double arcS, double perS) {
        if (arcS > 0) {
            burns.add(new ArcBurn(startS, startS + arcS, perS));
        }
    }

    /** The most that any ten minutes take, s of ten minutes. */
    double most() {
        return ends().map(this::taken).max().orElse(0);
    }

    private DoubleStream ends() {
        return DoubleStream.concat(
                burns.stream().mapToDouble(ArcBurn::endS),
                burns.stream().mapToDouble(burn -> burn.startS() + WINDOW_S));
    }

    private double taken(double endS) {
        return burns.stream()
                .mapToDouble(burn -> burn.within(endS - WINDOW_S, endS))
                .sum();
    }

    /**
     * How much of ten minutes is used.
     *
     * @param s     a time
     * @param share of the ten minutes up to it, 0 to 1; over 1 where too much has burnt
     */
    public record DutyUse(double s, double share) {}

    /** {@return the use over the time of all arcs; straight between two points} */
    public List<DutyUse> used() {
        return burns.stream()
                .flatMap(
                        burn -> Stream.of(burn.startS(), burn.endS(), burn.startS() + WINDOW_S, burn.endS() + WINDOW_S))
                .distinct()
                .sorted()
                .map(s -> new DutyUse(s, taken(s) / WINDOW_S))
                .toList();
    }

    /** The earliest start at or after a time from which an arc may burn. */
    double earliest(double fromS, double arcS, double perS) {
        if (arcS <= 0 || fits(fromS, arcS, perS)) {
            return fromS;
        }
        double low = fromS;
        double high = fromS + WINDOW_S;
        for (int i = 0; i < HALVINGS; i++) {
            double mid = (low + high) / 2;
            if (fits(mid, arcS, perS)) {
                high = mid;
            } else {
                low = mid;
            }
        }
        return high;
    }

    /**
     * {@return how long an arc may burn from a time on, at one stretch, s; at most ten minutes}
     *
     * @param fromS start, s
     * @param perS duty taken by a second of arc
     */
    public double leftS(double fromS, double perS) {
        double low = 0;
        double high = WINDOW_S;
        if (fits(fromS, high, perS)) {
            return high;
        }
        for (int i = 0; i < HALVINGS; i++) {
            double mid = (low + high) / 2;
            if (fits(fromS, mid, perS)) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return low;
    }

    private boolean fits(double startS, double arcS, double perS) {
        double end = startS + arcS;
        if (over(end, startS, perS)) {
            return false;
        }
        for (ArcBurn burn : burns) {
            double leaves = burn.startS() + WINDOW_S;
            if (leaves > startS && leaves < end && over(leaves, startS, perS)) {
                return false;
            }
        }
        return true;
    }

    /** Whether the ten minutes up to a time take more than ten, with an arc that has burnt since its start. */
    private boolean over(double at, double startS, double perS) {
        double sum = (at - startS) * perS;
        for (ArcBurn burn : burns) {
            sum += burn.within(at - WINDOW_S, at);
        }
        return sum > WINDOW_S + SLACK;
    }
}
