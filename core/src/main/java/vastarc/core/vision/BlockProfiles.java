package vastarc.core.vision;

import java.util.Arrays;
import vastarc.core.base.numerics.OrderStatistics;

/**
 * Brightness and colour across a seam, averaged over stretches of it, and what they tell of edges and of ripples. {@code docs/model/vision.md (5)}.
 */
final class BlockProfiles {

    /** Edges are looked at over so much, mm, or what a picture's pixels allow. */
    private static final double EDGE_MM = 0.12;

    private static final double EDGE_PIXELS = 1.2;
    private static final double COLOUR_SHARE = 0.5;

    /** Ripples are shorter than this along the seam, mm. */
    private static final double RIPPLE_MM = 2.5;

    private static final double TEXTURE_ACROSS_MM = 0.25;
    private static final double BEND_MM = 0.3;
    private static final double LEAST_ENERGY = 1;
    private static final double SHARP = 0.15;
    private static final double SLOW = 0.6;
    private static final double SLOWEST = 1.5;
    private static final double COHERENT_ACROSS_MM = 0.1;
    private static final double PLAIN = 0.35;
    private static final double FULL = 0.7;
    private static final double TEXTURE_ALONG_BLOCKS = 3;

    private final SeamView view;
    private final double blockMm;
    private final int count;
    private final double[][] slope;
    private final double[][] texture;
    private double edgeUnit;

    private BlockProfiles(SeamView view, double blockMm) {
        this.view = view;
        this.blockMm = blockMm;
        this.count = Math.max(1, (int) (view.rows() * view.pitchMm() / blockMm));
        this.slope = new double[count][];
        this.texture = new double[count][];
    }

    static BlockProfiles of(SeamView view, double blockMm) {
        BlockProfiles profiles = new BlockProfiles(view, blockMm);
        profiles.slopes();
        profiles.textures();
        return profiles;
    }

    int count() {
        return count;
    }

    /** The middle of a block along the seam. */
    double mm(int block) {
        return view.mm(0) + (block + 0.5) * blockMm;
    }

    /** How clear an edge is there, 0 to 1. */
    double edge(int block, double besideMm) {
        double steep = at(slope[block], besideMm);
        return steep / (steep + edgeUnit);
    }

    /** Whether there are ripples, 0 to 1: how much the brightness varies there against plain metal. */
    double texture(int block, double besideMm) {
        return at(texture[block], besideMm);
    }

    private double at(double[] values, double besideMm) {
        int column = (int) Math.round(view.column(besideMm));
        return values[Math.max(0, Math.min(values.length - 1, column))];
    }

    /** The steepest place within so much of a guess, or the top of the edge that begins there, to a part of a column. */
    double refined(int block, double besideMm, double withinMm) {
        double[] steep = slope[block];
        int reach = Math.max(1, (int) Math.ceil(withinMm / view.pitchMm()));
        int middle = (int) Math.round(view.column(besideMm));
        int best = middle;
        for (int column = Math.max(1, middle - reach); column <= Math.min(steep.length - 2, middle + reach); column++) {
            best = steep[column] > steep[best] ? column : best;
        }
        best = climbed(steep, best, reach);
        if (best < 1 || best > steep.length - 2) {
            return besideMm;
        }
        double curve = steep[best - 1] - 2 * steep[best] + steep[best + 1];
        double shift = curve < 0 ? (steep[best - 1] - steep[best + 1]) / (2 * curve) : 0;
        return view.besideMm(best + Math.max(-0.5, Math.min(0.5, shift)));
    }

    /** On to the top of an edge whose foot a guess has met, no farther than twice the reach. */
    private static int climbed(double[] steep, int from, int reach) {
        int at = from;
        for (int step = 0; step < 2 * reach && at > 0 && at < steep.length - 1; step++) {
            int next = steep[at + 1] > steep[at - 1] ? at + 1 : at - 1;
            if (steep[next] <= steep[at]) {
                return at;
            }
            at = next;
        }
        return at;
    }

    private void slopes() {
        double sigma = Math.max(EDGE_MM, EDGE_PIXELS * view.pixelMm()) / view.pitchMm();
        for (int block = 0; block < count; block++) {
            double[] grey = derivative(mean(block, -1), sigma);
            double[] red = mean(block, 0);
            double[] green = mean(block, 1);
            double[] blue = mean(block, 2);
            double[] warm = derivative(difference(red, green), sigma);
            double[] cold = derivative(difference(green, blue), sigma);
            double[] steep = new double[grey.length];
            for (int i = 0; i < steep.length; i++) {
                steep[i] = Math.sqrt(
                        grey[i] * grey[i] + COLOUR_SHARE * COLOUR_SHARE * (warm[i] * warm[i] + cold[i] * cold[i]));
            }
            slope[block] = steep;
        }
        double[] all = Arrays.stream(slope).flatMapToDouble(Arrays::stream).toArray();
        edgeUnit = Math.max(1e-6, OrderStatistics.quantile(all, 0.5) * 2 + OrderStatistics.quantile(all, 0.97) * 0.35);
    }

    private static double[] difference(double[] one, double[] other) {
        double[] difference = new double[one.length];
        for (int i = 0; i < one.length; i++) {
            difference[i] = one[i] - other[i];
        }
        return difference;
    }

    /** Brightness (−1) or a colour, averaged over a block and half of its neighbours. */
    private double[] mean(int block, int channel) {
        int from = Math.max(0, (int) view.row(mm(block) - blockMm));
        int to = Math.min(view.rows(), (int) view.row(mm(block) + blockMm) + 1);
        double[] sum = new double[view.columns()];
        for (int row = from; row < to; row++) {
            for (int column = 0; column < sum.length; column++) {
                sum[column] += channel < 0 ? view.grey(row, column) : view.colour(channel, row, column);
            }
        }
        for (int column = 0; column < sum.length; column++) {
            sum[column] /= to - from;
        }
        return sum;
    }

    /** How steep values are, by the slope of a bell so wide: columns. */
    private static double[] derivative(double[] values, double sigma) {
        int half = (int) Math.ceil(3 * sigma);
        double[] bell = new double[2 * half + 1];
        double sum = 0;
        for (int i = -half; i <= half; i++) {
            bell[i + half] = -i * Math.exp(-i * i / (2 * sigma * sigma));
            sum += bell[i + half] * -i;
        }
        double[] steep = new double[values.length];
        for (int at = 0; at < values.length; at++) {
            double slope = 0;
            for (int i = -half; i <= half; i++) {
                int from = Math.max(0, Math.min(values.length - 1, at - i));
                slope += bell[i + half] * values[from];
            }
            steep[at] = slope / sum;
        }
        return steep;
    }

    private void textures() {
        double[][] energy = spread(energy(), Math.max(1, (int) Math.round(TEXTURE_ACROSS_MM / view.pitchMm())));
        for (int block = 0; block < count; block++) {
            texture[block] = Arrays.stream(energy[block])
                    .map(e -> 0.5 * Math.log(e + LEAST_ENERGY))
                    .toArray();
        }
    }

    /**
     * How much the brightness varies along the seam faster than light does, and how that changes across it: ripples bend, so they do both; a brushed surface
     * does one of them. Mean squares for each block and column, and the root of their product.
     */
    private double[][] energy() {
        float[] fast = fast();
        int columns = view.columns();
        int apart = Math.max(1, (int) Math.round(BEND_MM / view.pitchMm()));
        double[][] energy = new double[count][columns];
        for (int block = 0; block < count; block++) {
            int from = Math.max(0, (int) view.row(mm(block) - blockMm / 2));
            int to = Math.max(from + 1, Math.min(view.rows(), (int) view.row(mm(block) + blockMm / 2)));
            for (int column = 0; column < columns; column++) {
                int left = Math.max(0, column - apart);
                int right = Math.min(columns - 1, column + apart);
                double along = 0;
                double across = 0;
                for (int row = from; row < to; row++) {
                    float here = fast[row * columns + column];
                    float bend = fast[row * columns + right] - fast[row * columns + left];
                    along += here * here;
                    across += bend * bend;
                }
                energy[block][column] = Math.sqrt(along * across) / (to - from);
            }
        }
        return energy;
    }

    private float[] fast() {
        int half = Math.max(2, (int) Math.round(RIPPLE_MM / 2 / view.pitchMm()));
        int columns = view.columns();
        float[] fast = new float[view.rows() * columns];
        double[] along = new double[view.rows()];
        for (int column = 0; column < columns; column++) {
            for (int row = 0; row < along.length; row++) {
                along[row] = view.grey(row, column);
            }
            double[] slow = Robust.smoothed(along, half);
            for (int row = 0; row < along.length; row++) {
                fast[row * columns + column] = (float) (along[row] - slow[row]);
            }
        }
        return fast;
    }

    /**
     * Reads the ripples anew, their period being known: the share of what varies along the seam that has about that period. Light and shade do not change
     * it.
     */
    void knowing(double periodMm) {
        int half = (int) Math.max(1, SHARP * periodMm / view.pitchMm());
        int slowHalf = (int) Math.max(2, SLOW * periodMm / view.pitchMm());
        int slowest = (int) Math.max(3, SLOWEST * periodMm / view.pitchMm());
        int columns = view.columns();
        double[][] band = new double[count][columns];
        double[][] rest = new double[count][columns];
        double[] along = new double[view.rows()];
        for (int column = 0; column < columns; column++) {
            for (int row = 0; row < along.length; row++) {
                along[row] = view.grey(row, column);
            }
            double[] sharp = Robust.smoothed(Robust.smoothed(along, half), half);
            double[] slow = Robust.smoothed(sharp, slowHalf);
            double[] drift = Robust.smoothed(Robust.smoothed(slow, slowHalf), slowest);
            for (int block = 0; block < count; block++) {
                int from = Math.max(0, (int) view.row(mm(block) - blockMm / 2));
                int to = Math.max(from + 1, Math.min(along.length, (int) view.row(mm(block) + blockMm / 2)));
                for (int row = from; row < to; row++) {
                    double in = sharp[row] - slow[row];
                    double fast = along[row] - sharp[row];
                    double late = slow[row] - drift[row];
                    band[block][column] += in * in;
                    rest[block][column] += fast * fast + late * late;
                }
            }
        }
        int across = Math.max(1, (int) Math.round(COHERENT_ACROSS_MM / view.pitchMm()));
        double[][] b = spread(band, across);
        double[][] r = spread(rest, across);
        for (int block = 0; block < count; block++) {
            for (int column = 0; column < columns; column++) {
                double share = b[block][column] / (b[block][column] + r[block][column] + 1e-3);
                texture[block][column] = Math.max(0, Math.min(1, (share - PLAIN) / (FULL - PLAIN)));
            }
        }
    }

    private double[][] spread(double[][] energy, int across) {
        double[][] spread = new double[count][];
        for (int block = 0; block < count; block++) {
            double[] mean = new double[view.columns()];
            int from = (int) Math.max(0, block - TEXTURE_ALONG_BLOCKS);
            int to = (int) Math.min(count, block + TEXTURE_ALONG_BLOCKS + 1);
            for (int other = from; other < to; other++) {
                for (int column = 0; column < mean.length; column++) {
                    mean[column] += energy[other][column] / (to - from);
                }
            }
            spread[block] = Robust.smoothed(mean, across);
        }
        return spread;
    }
}
