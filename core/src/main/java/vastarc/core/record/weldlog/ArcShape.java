package vastarc.core.record.weldlog;

import java.util.Arrays;
import java.util.Optional;
import java.util.stream.IntStream;
import vastarc.core.base.numerics.OrderStatistics;

/**
 * How an arc rose, held and fell.
 *
 * @param startA   current it was struck at, A
 * @param upS      from there to the working current; 0 where it jumps, s
 * @param workingA the peak where it is pulsed, A
 * @param downS    from the working current to where it went out; 0 where it was cut, s
 * @param endA     current at which it went out, A
 * @param scatter  how unsteady the working current was: half the span of nine tenths of the readings, share of it; 0 where it is pulsed
 * @param workS    time at working current, s
 * @param pulse    seen in it
 */
public record ArcShape(
        double startA,
        double upS,
        double workingA,
        double downS,
        double endA,
        double scatter,
        double workS,
        Optional<DetectedPulse> pulse) {

    private static final double SMOOTH_S = 0.3;
    private static final double END_S = 0.16;
    private static final double NEAR_TOP = 0.9;
    private static final double LOW = 0.15;
    private static final double HIGH = 0.85;
    private static final double LEAST_STEP = 0.1;

    /** The shape of an arc: the readings while it burned. */
    static ArcShape of(Channel arc, double fromS, double toS) {
        Optional<DetectedPulse> pulse = PulseFinder.find(arc);
        double[] s = arc.times();
        double[] a = arc.values();
        double[] level = pulse.isPresent() ? a : RobustStatistics.smoothed(s, a, SMOOTH_S);
        double first = pulse.map(DetectedPulse::peakA).orElseGet(() -> upper(level));
        ArcRamps ends = ArcRamps.of(s, a, level, first, pulse.isPresent(), arc.stepS());
        double[] held = ends.held(s, a, fromS, toS);
        double working = pulse.isPresent() || held.length == 0 ? first : OrderStatistics.median(held);
        double scatter = pulse.isPresent() || held.length == 0
                ? 0
                : (OrderStatistics.quantile(held, 0.95) - OrderStatistics.quantile(held, 0.05)) / 2 / working;
        double work =
                Math.max(0, toS - fromS - ends.up().lengthS() - ends.down().lengthS());
        return new ArcShape(
                ends.up().footA(),
                ends.up().lengthS(),
                working,
                ends.down().lengthS(),
                ends.down().footA(),
                scatter,
                work,
                pulse);
    }

    /** The middle of what is near the top. */
    private static double upper(double[] level) {
        double top = NEAR_TOP * OrderStatistics.quantile(level, 0.95);
        return OrderStatistics.median(
                Arrays.stream(level).filter(value -> value >= top).toArray());
    }

    /** Both ramps. */
    private record ArcRamps(Ramp up, Ramp down) {

        static ArcRamps of(double[] s, double[] a, double[] level, double working, boolean pulsed, double stepS) {
            double[] back = reversed(level);
            double noise = RobustStatistics.noise(a);
            return new ArcRamps(
                    Ramp.of(s, a, pulsed ? risen(level) : level, working, noise, stepS),
                    Ramp.of(mirrored(s), reversed(a), pulsed ? risen(back) : back, working, noise, stepS));
        }

        /** What was read between them. */
        double[] held(double[] s, double[] a, double fromS, double toS) {
            double from = fromS + up.lengthS() + END_S;
            double to = toS - down.lengthS() - END_S;
            return IntStream.range(0, s.length)
                    .filter(i -> s[i] >= from && s[i] <= to)
                    .mapToDouble(i -> a[i])
                    .toArray();
        }
    }

    /** The greatest so far: through the gaps of a pulse. */
    private static double[] risen(double[] values) {
        double[] risen = values.clone();
        for (int i = 1; i < risen.length; i++) {
            risen[i] = Math.max(risen[i], risen[i - 1]);
        }
        return risen;
    }

    private static double[] mirrored(double[] s) {
        double[] mirrored = new double[s.length];
        for (int i = 0; i < s.length; i++) {
            mirrored[i] = -s[s.length - 1 - i];
        }
        return mirrored;
    }

    private static double[] reversed(double[] values) {
        double[] reversed = new double[values.length];
        for (int i = 0; i < values.length; i++) {
            reversed[i] = values[values.length - 1 - i];
        }
        return reversed;
    }

    /** From the first reading up to the working current: where it began, and how long it took. */
    private record Ramp(double footA, double lengthS) {

        static Ramp of(double[] s, double[] a, double[] envelope, double working, double noise, double stepS) {
            double foot = foot(s, a);
            double rise = working - foot;
            if (rise < Math.max(LEAST_STEP * working, 4 * noise)) {
                return new Ramp(foot, 0);
            }
            int top = 0;
            while (top < envelope.length - 1 && envelope[top] < foot + HIGH * rise) {
                top++;
            }
            int bottom = top;
            while (bottom > 0 && envelope[bottom] > foot + LOW * rise) {
                bottom--;
            }
            return new Ramp(foot, length(s, envelope, new int[] {bottom, top}, rise, stepS));
        }

        /** The current at the very beginning: a sloping one is not averaged far. */
        private static double foot(double[] s, double[] a) {
            int last = 0;
            while (last + 1 < s.length && s[last + 1] - s[0] < END_S) {
                last++;
            }
            return OrderStatistics.median(Arrays.copyOf(a, last + 1));
        }

        /** The line through the middle of the ramp, as long as the whole of it; 0 for a jump. */
        private static double length(double[] s, double[] envelope, int[] ends, double rise, double stepS) {
            int count = ends[1] - ends[0] + 1;
            double span = s[ends[1]] - s[ends[0]];
            if (span <= 1.5 * stepS || count < 3) {
                return 0;
            }
            double meanS = 0;
            double meanA = 0;
            for (int i = ends[0]; i <= ends[1]; i++) {
                meanS += s[i] / count;
                meanA += envelope[i] / count;
            }
            double top = 0;
            double bottom = 0;
            for (int i = ends[0]; i <= ends[1]; i++) {
                top += (s[i] - meanS) * (envelope[i] - meanA);
                bottom += (s[i] - meanS) * (s[i] - meanS);
            }
            return top <= 0 ? 0 : rise * bottom / top;
        }
    }
}
