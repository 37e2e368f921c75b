package vastarc.core.vision;

import java.util.SplittableRandom;
import vastarc.core.vision.BeadPhotographer.Difficulty;

/** A camera over a sheet: it tilts, has a white of its own, blurs and adds noise. */
final class Camera {

    final int width;
    final int height;
    final double[] white;
    private final double[] map;
    private final double blur;
    private final double noise;

    private Camera(int width, int height, double[] white, double[] map, double blur, double noise) {
        this.width = width;
        this.height = height;
        this.white = white;
        this.map = map;
        this.blur = blur;
        this.noise = noise;
    }

    static Camera of(
            SplittableRandom random, Difficulty difficulty, boolean strip, double lengthMm, int width, int height) {
        double reach = Math.max(lengthMm, 80) * (1.08 + 0.15 * random.nextDouble());
        double most = difficulty == Difficulty.CLEAN ? 6 : difficulty == Difficulty.SHOP ? 18 : 30;
        double tiltX = Math.toRadians((strip ? most : 2.5) * (2 * random.nextDouble() - 1));
        double tiltY = Math.toRadians((strip ? most : 2.5) * (2 * random.nextDouble() - 1));
        double turn = Math.toRadians(20 * (random.nextDouble() - 0.5));
        double far = 3 * reach;
        double focal = 0.97 * width * far / reach;
        double[] map = looking(tiltX, tiltY, turn, far, focal, lengthMm / 2, 6, width, height);
        boolean clean = difficulty == Difficulty.CLEAN;
        double warm = (clean ? 0.06 : 0.16) * (2 * random.nextDouble() - 1);
        double kind = random.nextDouble();
        double scale = width / 1600.0;
        double blur = scale
                * (clean
                        ? 0.6 + 0.4 * random.nextDouble()
                        : difficulty == Difficulty.SHOP
                                ? 0.8 + 1.4 * random.nextDouble()
                                : kind < 0.4 ? 9 + 10 * kind : 2.5);
        double noise =
                clean ? 1.5 : difficulty == Difficulty.SHOP ? 2 + 4 * random.nextDouble() : 6 + 8 * random.nextDouble();
        return new Camera(width, height, new double[] {1 + warm, 1, 1 - warm}, map, blur, noise);
    }

    /** The sheet as a plane under a pinhole. */
    private static double[] looking(
            double tiltX, double tiltY, double turn, double far, double focal, double midU, double midV, int w, int h) {
        double cz = Math.cos(turn);
        double sz = Math.sin(turn);
        double cx = Math.cos(tiltX);
        double sx = Math.sin(tiltX);
        double cy = Math.cos(tiltY);
        double sy = Math.sin(tiltY);
        double[] first = {cy * cz, cx * sz + sx * sy * cz, sx * sz - cx * sy * cz};
        double[] second = {-cy * sz, cx * cz - sx * sy * sz, sx * cz + cx * sy * sz};
        double[] map = new double[9];
        double[][] rows = {
            {first[0], second[0], -first[0] * midU - second[0] * midV},
            {first[1], second[1], -first[1] * midU - second[1] * midV},
            {first[2], second[2], far - first[2] * midU - second[2] * midV}
        };
        for (int k = 0; k < 3; k++) {
            map[k] = focal * rows[0][k] + w / 2.0 * rows[2][k];
            map[3 + k] = focal * rows[1][k] + h / 2.0 * rows[2][k];
            map[6 + k] = rows[2][k];
        }
        return map;
    }

    PixelPoint see(double s, double t) {
        double w = map[6] * s + map[7] * t + map[8];
        return new PixelPoint((map[0] * s + map[1] * t + map[2]) / w, (map[3] * s + map[4] * t + map[5]) / w);
    }

    double mmPerPixel(double s, double t) {
        PixelPoint a = see(s - 0.5, t);
        PixelPoint b = see(s + 0.5, t);
        PixelPoint c = see(s, t - 0.5);
        PixelPoint d = see(s, t + 0.5);
        return 1 / Math.sqrt(Math.abs((b.x() - a.x()) * (d.y() - c.y()) - (b.y() - a.y()) * (d.x() - c.x())));
    }

    /** Solves the two lines that a place of the picture gives. */
    void onSheet(double x, double y, double[] into) {
        double a = map[0] - x * map[6];
        double b = map[1] - x * map[7];
        double c = x * map[8] - map[2];
        double d = map[3] - y * map[6];
        double e = map[4] - y * map[7];
        double f = y * map[8] - map[5];
        double det = a * e - b * d;
        into[0] = (c * e - b * f) / det;
        into[1] = (a * f - c * d) / det;
    }

    /** Blurred in light, then made into eight bits with noise. */
    Photo develop(float[][] planes, SplittableRandom random) {
        for (float[] plane : planes) {
            soften(plane);
        }
        int[] packed = new int[width * height];
        for (int i = 0; i < packed.length; i++) {
            packed[i] =
                    level(planes[0][i], random) << 16 | level(planes[1][i], random) << 8 | level(planes[2][i], random);
        }
        return Photo.of(width, height, packed);
    }

    private int level(double light, SplittableRandom random) {
        double coded = light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
        double noisy = 255 * Math.min(1, coded) + noise * SimulatedBead.gauss(random);
        return (int) Math.max(0, Math.min(255, Math.round(noisy)));
    }

    private void soften(float[] plane) {
        int half = (int) Math.ceil(3 * blur);
        float[] bell = new float[2 * half + 1];
        float sum = 0;
        for (int i = -half; i <= half; i++) {
            bell[i + half] = (float) Math.exp(-i * i / (2 * blur * blur));
            sum += bell[i + half];
        }
        float[] row = new float[Math.max(width, height)];
        for (int y = 0; y < height; y++) {
            line(plane, y * width, 1, width, bell, half, sum, row);
        }
        for (int x = 0; x < width; x++) {
            line(plane, x, width, height, bell, half, sum, row);
        }
    }

    private static void line(
            float[] plane, int from, int step, int count, float[] bell, int half, float sum, float[] row) {
        for (int i = 0; i < count; i++) {
            row[i] = plane[from + i * step];
        }
        for (int i = 0; i < count; i++) {
            float value = 0;
            for (int k = -half; k <= half; k++) {
                value += bell[k + half] * row[Math.max(0, Math.min(count - 1, i + k))];
            }
            plane[from + i * step] = value / sum;
        }
    }
}
