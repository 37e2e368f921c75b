package vastarc.core.vision;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import vastarc.core.domain.material.Family;
import vastarc.core.vision.SimulatedBead.TintStripe;

/**
 * Makes photographs of simulated beads for the tests: light and shade from the bead's shape, tints, brushed metal, a camera that tilts, blurs and has a white
 * of its own. It knows nothing of how they are measured.
 */
final class BeadPhotographer {

    /** How hard a picture is. */
    enum Difficulty {
        CLEAN,
        SHOP,
        BAD
    }

    private static final Map<String, double[]> TINTS = Map.of(
            "PALE_STRAW", new double[] {0.60, 0.53, 0.38},
            "STRAW", new double[] {0.54, 0.40, 0.19},
            "BROWN", new double[] {0.30, 0.17, 0.09},
            "PURPLE", new double[] {0.20, 0.11, 0.20},
            "BLUE", new double[] {0.11, 0.17, 0.36},
            "GREY", new double[] {0.17, 0.17, 0.18});
    private static final List<String> ORDER =
            List.of("SILVER", "PALE_STRAW", "STRAW", "BROWN", "PURPLE", "BLUE", "GREY");

    private final SplittableRandom random;
    final Difficulty difficulty;
    final SimulatedBead bead;
    final boolean strip;
    final String hottest;
    private final Camera camera;
    private final Lamp light;
    private final double stripTurn;
    private final double stripU;
    private final double stripV;
    private final int brush;
    private final double brushStrength;
    private final double metal;
    private final boolean mirrored;

    BeadPhotographer(long seed, Difficulty difficulty) {
        this(seed, difficulty, 1600, 1200, false);
    }

    BeadPhotographer(long seed, Difficulty difficulty, int width, int height, boolean mirrored) {
        this.random = new SplittableRandom(seed);
        this.difficulty = difficulty;
        this.mirrored = mirrored;
        this.strip = random.nextInt(2) == 0 || mirrored;
        int hot = random.nextInt(ORDER.size());
        this.hottest = ORDER.get(hot);
        this.bead = SimulatedBead.of(random, 0.03 + 0.15 * random.nextDouble(), stripes(hot));
        this.brush = random.nextInt(3);
        this.brushStrength = 0.03 + (difficulty == Difficulty.CLEAN ? 0.05 : 0.12) * random.nextDouble();
        this.metal = 0.45 + 0.2 * random.nextDouble();
        this.stripTurn = random.nextInt(3) == 0 ? Math.PI : 0.2 * (random.nextDouble() - 0.5);
        this.stripU = bead.lengthMm / 2 - 34 * Math.cos(stripTurn);
        this.stripV = Math.cos(stripTurn) > 0 ? bead.widthMm + 9 : bead.widthMm + 22;
        this.camera = Camera.of(random, difficulty, strip, bead.lengthMm, width, height);
        this.light = Lamp.of(random, difficulty, camera, bead);
    }

    private List<TintStripe> stripes(int hottestAt) {
        List<TintStripe> stripes = new ArrayList<>();
        for (int i = hottestAt; i > 0; i--) {
            double[] colour = TINTS.get(ORDER.get(i));
            double shade = 0.92 + 0.16 * random.nextDouble();
            stripes.add(new TintStripe(
                    ORDER.get(i),
                    0.5 + 0.9 * random.nextDouble(),
                    colour[0] * shade * (0.96 + 0.08 * random.nextDouble()),
                    colour[1] * shade * (0.96 + 0.08 * random.nextDouble()),
                    colour[2] * shade * (0.96 + 0.08 * random.nextDouble())));
        }
        return stripes;
    }

    /** What is asked of the picture: the scale, and the seam as a finger would draw it. */
    MeasureRequest request(Family family) {
        double rough = difficulty == Difficulty.CLEAN ? 0.5 : 1.2;
        List<PixelPoint> seam = new ArrayList<>();
        for (double share : new double[] {0.03, 0.5, 0.97}) {
            seam.add(camera.see(
                    share * bead.lengthMm + rough * SimulatedBead.gauss(random),
                    bead.middle(share * bead.lengthMm) + rough * SimulatedBead.gauss(random)));
        }
        PixelPoint from = camera.see(0.1 * bead.lengthMm, -bead.widthMm);
        PixelPoint to = camera.see(0.1 * bead.lengthMm + 50, -bead.widthMm);
        PixelPoint clean = camera.see(0.5 * bead.lengthMm, -bead.widthMm / 2 - tinted() - 4);
        return new MeasureRequest(
                strip ? new ScaleSource.PrintedStrip() : new ScaleSource.KnownDistance(from, to, 50),
                seam,
                Optional.of(family),
                OptionalDouble.of(1.2),
                strip ? Optional.empty() : Optional.of(clean),
                List.of(),
                List.of());
    }

    double tinted() {
        return bead.tints.stream().mapToDouble(TintStripe::widthMm).sum();
    }

    double trueMmPerPixel() {
        return camera.mmPerPixel(bead.lengthMm / 2, 0);
    }

    /** Where a place of the sheet is seen. */
    PixelPoint see(double s, double t) {
        return camera.see(s, t);
    }

    Photo photograph() {
        int w = camera.width;
        int h = camera.height;
        float[][] planes = new float[3][w * h];
        double[] at = new double[2];
        double[] colour = new double[3];
        for (int y = 0; y < h; y++) {
            for (int x = 0; x < w; x++) {
                camera.onSheet(x + 0.5, y + 0.5, at);
                surface(at[0], at[1], colour);
                double lit = light.at(bead, at[0], at[1], x, y, isPaper(at[0], at[1]));
                double gloss = isPaper(at[0], at[1]) ? 0 : light.gloss(bead, at[0], at[1], x, y);
                for (int c = 0; c < 3; c++) {
                    planes[c][y * w + x] = (float) ((colour[c] * lit + gloss) * camera.white[c]);
                }
            }
        }
        return camera.develop(planes, random);
    }

    private double stripAlong(double s, double t) {
        return (s - stripU) * Math.cos(stripTurn) + (t - stripV) * Math.sin(stripTurn);
    }

    private double stripAcross(double s, double t) {
        double across = -(s - stripU) * Math.sin(stripTurn) + (t - stripV) * Math.cos(stripTurn);
        return mirrored ? 10 - across : across;
    }

    private boolean isPaper(double s, double t) {
        double u = stripAlong(s, t);
        double v = stripAcross(s, t);
        return strip && u > -3 && u < 76 && v > -3 && v < 13;
    }

    private void surface(double s, double t, double[] colour) {
        if (isPaper(s, t)) {
            double v = paper(stripAlong(s, t), stripAcross(s, t));
            colour[0] = v;
            colour[1] = v;
            colour[2] = v;
            return;
        }
        double d = bead.beyondToe(s, t);
        double bare = metal * (1 + brushStrength * grain(s, t));
        colour[0] = bare;
        colour[1] = bare;
        colour[2] = bare * 0.98;
        if (d < 0) {
            double bright = metal * 1.08;
            colour[0] = bright;
            colour[1] = bright;
            colour[2] = bright * 0.98;
            if (bead.tintedBead && !bead.tints.isEmpty()) {
                blend(colour, bead.tints.get(0), 0.35);
            }
            double shade = 1 - 0.7 * bead.inCrater(s, t);
            for (int c = 0; c < 3; c++) {
                colour[c] *= shade;
            }
            return;
        }
        double from = 0;
        for (int i = 0; i < bead.tints.size(); i++) {
            TintStripe stripe = bead.tints.get(i);
            double soft = 0.25;
            double share = Math.min(1, Math.max(0, (from + stripe.widthMm() - d) / soft + 0.5))
                    * Math.min(1, Math.max(0, (d - from) / soft + (i == 0 ? 1 : 0.5)));
            blend(colour, stripe, share);
            from += stripe.widthMm();
        }
    }

    /** Tinted metal keeps the grain of what lies under it. */
    private void blend(double[] colour, TintStripe stripe, double share) {
        double grain = colour[0] / metal * (metal / 0.55);
        colour[0] += share * (stripe.red() * grain - colour[0]);
        colour[1] += share * (stripe.green() * grain - colour[1]);
        colour[2] += share * (stripe.blue() * grain - colour[2]);
    }

    private static double paper(double u, double v) {
        boolean grey = u >= 61 && u < 73 && v >= 0 && v < 10;
        if (grey) {
            return 0.5;
        }
        if (u < 0 || u >= 60 || v < 0 || v >= 10) {
            return 0.88;
        }
        int column = (int) (u / 5);
        int row = (int) (v / 5);
        return (row + column) % 2 == 0 && row + column > 0 ? 0.04 : 0.88;
    }

    /** Brushed along, across or neither. */
    private double grain(double s, double t) {
        double a = brush == 0 ? s * 0.08 : s * 3;
        double b = brush == 1 ? t * 0.08 : t * 3;
        return noise(a, b) + 0.6 * noise(2.3 * a + 40, 2.3 * b + 7);
    }

    private static double noise(double x, double y) {
        int x0 = (int) Math.floor(x);
        int y0 = (int) Math.floor(y);
        double fx = x - x0;
        double fy = y - y0;
        double top = lattice(x0, y0) * (1 - fx) + lattice(x0 + 1, y0) * fx;
        double low = lattice(x0, y0 + 1) * (1 - fx) + lattice(x0 + 1, y0 + 1) * fx;
        return top * (1 - fy) + low * fy;
    }

    private static double lattice(int x, int y) {
        int h = x * 374761393 + y * 668265263;
        h = (h ^ h >>> 13) * 1274126177;
        return ((h ^ h >>> 16) & 0xffff) / 32767.5 - 1;
    }
}
