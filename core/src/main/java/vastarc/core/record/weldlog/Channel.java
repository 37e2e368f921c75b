package vastarc.core.record.weldlog;

import java.util.Arrays;
import java.util.OptionalDouble;
import vastarc.core.base.numerics.OrderStatistics;

/** Readings of one quantity in order of time; equal times are allowed. */
public final class Channel {

    private static final Channel NONE = new Channel(new double[0], new double[0]);

    private final double[] s;
    private final double[] value;

    private Channel(double[] s, double[] value) {
        this.s = s;
        this.value = value;
    }

    /**
     * {@return readings}
     *
     * @param s when, s; finite, none earlier than the one before
     * @param value in the quantity's unit; finite, as many
     * @throws IllegalArgumentException where they are not so
     */
    public static Channel of(double[] s, double[] value) {
        if (s.length != value.length) {
            throw new IllegalArgumentException(s.length + " times and " + value.length + " values");
        }
        for (int i = 0; i < s.length; i++) {
            if (!Double.isFinite(s[i]) || !Double.isFinite(value[i]) || i > 0 && s[i] < s[i - 1]) {
                throw new IllegalArgumentException("reading " + i + " is not finite or goes back in time");
            }
        }
        return new Channel(s.clone(), value.clone());
    }

    /** {@return a channel without readings} */
    public static Channel none() {
        return NONE;
    }

    /** {@return the number of readings} */
    public int size() {
        return s.length;
    }

    /** {@return whether there is no reading} */
    public boolean isEmpty() {
        return s.length == 0;
    }

    /**
     * {@return time of a reading, s}
     *
     * @param i number of the reading, from 0
     */
    public double s(int i) {
        return s[i];
    }

    /**
     * {@return the value of the reading at {@code i}, counted from 0, in the unit of its quantity}
     *
     * @param i number of the reading, from 0
     */
    public double value(int i) {
        return value[i];
    }

    /** {@return time of the last, s; 0 without any} */
    public double endS() {
        return isEmpty() ? 0 : s[s.length - 1];
    }

    /** The first reading at or after a time; {@link #size()} where there is none. */
    int from(double atS) {
        int low = 0;
        int high = s.length;
        while (low < high) {
            int middle = (low + high) >>> 1;
            if (s[middle] < atS) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /**
     * {@return the last reading up to a time; the first one before it; empty without any}
     *
     * @param atS time, s
     */
    public OptionalDouble lastAt(double atS) {
        int after = from(Math.nextUp(atS));
        return isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(value[Math.max(0, after - 1)]);
    }

    /**
     * {@return mean over a stretch of time, weighted by time; empty where nothing was read in it}
     *
     * @param fromS start, s
     * @param toS end, s
     */
    public OptionalDouble mean(double fromS, double toS) {
        return over(fromS, toS, 1);
    }

    /**
     * {@return root of the mean square over a stretch of time; empty where nothing was read in it}
     *
     * @param fromS start, s
     * @param toS end, s
     */
    public OptionalDouble rms(double fromS, double toS) {
        OptionalDouble square = over(fromS, toS, 2);
        return square.isPresent() ? OptionalDouble.of(Math.sqrt(square.getAsDouble())) : square;
    }

    private OptionalDouble over(double fromS, double toS, int power) {
        int first = from(fromS);
        int last = from(Math.nextUp(toS)) - 1;
        if (first > last) {
            return OptionalDouble.empty();
        }
        double sum = 0;
        double time = 0;
        for (int i = first; i <= last; i++) {
            double left = i == first ? fromS : (s[i - 1] + s[i]) / 2;
            double right = i == last ? toS : (s[i] + s[i + 1]) / 2;
            double width = Math.max(0, right - left);
            sum += width * (power == 1 ? value[i] : value[i] * value[i]);
            time += width;
        }
        double only = power == 1 ? value[first] : value[first] * value[first];
        return OptionalDouble.of(time > 0 ? sum / time : only);
    }

    /** Usual time between two readings, s; 0 where there are not two. */
    double stepS() {
        if (s.length < 2) {
            return 0;
        }
        double[] steps = new double[s.length - 1];
        for (int i = 0; i < steps.length; i++) {
            steps[i] = s[i + 1] - s[i];
        }
        return OrderStatistics.median(steps);
    }

    /**
     * {@return a part of it, from one reading to another, both included}
     *
     * @param first number of the first reading, from 0
     * @param last number of the last reading, from 0
     */
    public Channel part(int first, int last) {
        return new Channel(Arrays.copyOfRange(s, first, last + 1), Arrays.copyOfRange(value, first, last + 1));
    }

    double[] times() {
        return s.clone();
    }

    double[] values() {
        return value.clone();
    }

    /**
     * {@return the same for a drawing: of every stretch of time the least and the greatest reading, so that no peak
     * is lost}
     *
     * @param most readings wanted, at least 2
     */
    public Channel thinned(int most) {
        if (size() <= most) {
            return this;
        }
        int bins = Math.max(1, most / 2);
        double width = Math.max(1e-9, (endS() - s[0]) / bins);
        double[] times = new double[2 * bins + 2];
        double[] kept = new double[2 * bins + 2];
        int count = 0;
        for (int from = 0; from < size(); ) {
            int bin = (int) ((s[from] - s[0]) / width);
            int least = from;
            int greatest = from;
            int to = from;
            while (to < size() && (int) ((s[to] - s[0]) / width) == bin) {
                least = value[to] < value[least] ? to : least;
                greatest = value[to] > value[greatest] ? to : greatest;
                to++;
            }
            for (int i : least == greatest
                    ? new int[] {least}
                    : new int[] {Math.min(least, greatest), Math.max(least, greatest)}) {
                times[count] = s[i];
                kept[count++] = value[i];
            }
            from = to;
        }
        return new Channel(Arrays.copyOf(times, count), Arrays.copyOf(kept, count));
    }
}
