package vastarc.core.record.weldlog;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** A current drawn by hand: what a meter would have read of a weld whose shape is known. */
record Drawn(
        double startA,
        double upS,
        double workA,
        double workS,
        double downS,
        double endA,
        double rateHz,
        double onShare,
        double backgroundShare) {

    static final double STRUCK_S = 2;

    static Drawn steady(double startA, double upS, double workA, double workS, double downS, double endA) {
        return new Drawn(startA, upS, workA, workS, downS, endA, 0, 1, 1);
    }

    Drawn pulsed(double hz, double on, double background) {
        return new Drawn(startA, upS, workA, workS, downS, endA, hz, on, background);
    }

    double outS() {
        return STRUCK_S + upS + workS + downS;
    }

    private double at(double s) {
        double t = s - STRUCK_S;
        if (t < 0 || t > upS + workS + downS) {
            return 0;
        }
        if (t < upS) {
            return startA + (workA - startA) * t / upS;
        }
        if (t < upS + workS) {
            double cycles = (t - upS) * rateHz;
            return rateHz == 0 || cycles - Math.floor(cycles) < onShare ? workA : backgroundShare * workA;
        }
        return downS == 0 ? 0 : workA + (endA - workA) * (t - upS - workS) / downS;
    }

    /** Read so many times a second: noise is a share of the current, or so many amperes, whichever is more. */
    Channel read(double perS, double noiseShare, double noiseA, long seed) {
        Random random = new Random(seed);
        List<double[]> read = new ArrayList<>();
        double phase = random.nextDouble() / perS;
        for (int i = 0; i / perS < outS() + 3; i++) {
            double s = phase + i / perS;
            double a = at(s);
            read.add(new double[] {s, Math.abs(a + random.nextGaussian() * Math.max(noiseA, noiseShare * a))});
        }
        return Channel.of(
                read.stream().mapToDouble(one -> one[0]).toArray(),
                read.stream().mapToDouble(one -> one[1]).toArray());
    }
}
