package vastarc.core.vision;

import java.util.List;
import java.util.SplittableRandom;

/** A bead as it lies on a sheet: what is known of it before it is photographed. Lengths in mm, s along the seam, t across it. */
final class SimulatedBead {

    /** A tint beside the toes, hottest first: its name in the answer, how wide it is, and the light it gives back in red, green and blue. */
    record TintStripe(String band, double widthMm, double red, double green, double blue) {}

    final double lengthMm;
    final double widthMm;
    final double drift;
    final double wanderMm;
    final double wanderPhase;
    final double pitchMm;
    final double bow;
    final double rippleHeight;
    final double capHeight;
    final double[] ripples;
    final List<TintStripe> tints;
    final boolean tintedBead;

    /** How wide the start is, as a share of the rest; 1 as wide. */
    double startShare = 1;

    /** Across the hollow at the end, as a share of the width; 0 for none. */
    double craterShare;

    private SimulatedBead(SplittableRandom random, double jitter, List<TintStripe> tints) {
        this.widthMm = 3 + 6 * random.nextDouble();
        this.lengthMm = Math.max(9 * widthMm, 45 + 50 * random.nextDouble());
        this.drift = 0.16 * (random.nextDouble() - 0.5);
        this.wanderMm = 0.12 * widthMm * random.nextDouble();
        this.wanderPhase = 6.28 * random.nextDouble();
        this.pitchMm = Math.min(0.4 * widthMm, 0.8 + 1.4 * random.nextDouble());
        this.bow = 0.4 + 0.7 * random.nextDouble();
        this.rippleHeight = pitchMm * (0.02 + 0.04 * random.nextDouble());
        this.capHeight = widthMm * (0.08 + 0.14 * random.nextDouble());
        this.tints = tints;
        this.tintedBead = random.nextInt(3) == 0;
        int count = (int) (2 * lengthMm / pitchMm) + 8;
        this.ripples = new double[count];
        double at = -0.5 * lengthMm - 2 * pitchMm;
        for (int i = 0; i < count; i++) {
            ripples[i] = at;
            at += pitchMm * Math.max(0.4, 1 + jitter * gauss(random));
        }
    }

    static SimulatedBead of(SplittableRandom random, double jitter, List<TintStripe> tints) {
        return new SimulatedBead(random, jitter, tints);
    }

    static double gauss(SplittableRandom random) {
        return Math.sqrt(-2 * Math.log(1 - random.nextDouble())) * Math.cos(2 * Math.PI * random.nextDouble());
    }

    double middle(double s) {
        return wanderMm * Math.sin(wanderPhase + 2 * Math.PI * s / 70);
    }

    /** Half the width at a place, but for the rounds at both ends. */
    private double fullHalf(double s) {
        double warm = Math.max(0, Math.min(1, s / (4 * widthMm)));
        return widthMm / 2 * (1 + drift * (s / lengthMm - 0.5)) * (startShare + (1 - startShare) * warm * warm);
    }

    /** Half the width at a place; it closes in a round at both ends. */
    double half(double s) {
        double full = fullHalf(s);
        double end = Math.min(s, lengthMm - s);
        if (end <= 0) {
            return 0;
        }
        double share = Math.min(1, end / full);
        return full * Math.sqrt(1 - (1 - share) * (1 - share));
    }

    /** Mean width over the stretch that is to count: three quarters of a width left out at each end. */
    double soundWidth() {
        double sum = 0;
        int count = 0;
        for (double s = 0.75 * widthMm; s <= lengthMm - 0.75 * widthMm; s += 0.1) {
            sum += 2 * half(s);
            count++;
        }
        return sum / count;
    }

    /** Mean spacing of the ripples over the same stretch. */
    double soundPitch() {
        double first = Double.NaN;
        double last = Double.NaN;
        int count = 0;
        for (double ripple : ripples) {
            if (ripple >= 0.75 * widthMm && ripple <= lengthMm - 0.75 * widthMm) {
                first = Double.isNaN(first) ? ripple : first;
                last = ripple;
                count++;
            }
        }
        return (last - first) / (count - 1);
    }

    /** Height above the sheet; 0 beside the bead. */
    double height(double s, double t) {
        double half = half(s);
        double off = t - middle(s);
        if (Math.abs(off) >= half) {
            return 0;
        }
        double share = off / half;
        double room = 1 - share * share;
        double crest = s - bow * half * share * share;
        return capHeight * room * half / (widthMm / 2) + rippleHeight * Math.min(1, 3 * room) * ripple(crest);
    }

    /** How far into the hollow at the end a place lies: 1 in its middle, 0 outside. */
    double inCrater(double s, double t) {
        double radius = craterShare * widthMm / 2;
        double off = Math.hypot(s - (lengthMm - 0.6 * widthMm), t - middle(s));
        return off < radius ? 1 - off * off / (radius * radius) : 0;
    }

    private double ripple(double s) {
        int low = 0;
        int high = ripples.length - 1;
        while (high - low > 1) {
            int mid = (low + high) / 2;
            if (ripples[mid] <= s) {
                low = mid;
            } else {
                high = mid;
            }
        }
        double share = (s - ripples[low]) / (ripples[high] - ripples[low]);
        return Math.cos(2 * Math.PI * share) + 0.3 * Math.cos(4 * Math.PI * share + 0.6);
    }

    /** Distance from the nearer toe, mm; below 0 on the bead. */
    double beyondToe(double s, double t) {
        double inside = Math.max(0, Math.min(lengthMm, s));
        double across = Math.abs(t - middle(s)) - half(s);
        double full = startShare < 1 ? fullHalf(inside) : widthMm / 2;
        if (s >= 0 && s <= lengthMm && (half(s) > 0.9 * full || across < 0)) {
            return across;
        }
        double middle = Math.max(full, Math.min(lengthMm - full, inside));
        return Math.hypot(s - middle, t - middle(s)) - full;
    }
}
