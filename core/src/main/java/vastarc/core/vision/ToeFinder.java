package vastarc.core.vision;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import vastarc.core.base.numerics.OrderStatistics;

/**
 * Follows both toes of a bead: where the brightness breaks across the seam, with the ripples between them and none beside, both changing little along the
 * seam. The best pair of paths over all rows at once (dynamic programming), then each toe to a part of a pixel.
 * {@code docs/model/vision.md (5)}.
 */
final class ToeFinder {

    /** Rows are taken together over so much of the seam, mm. */
    static final double BLOCK_MM = 1;

    private static final double GRID_MM = 0.2;
    private static final double LEAST_WIDTH_MM = 1.4;
    private static final double STEP_COST = 0.12;
    private static final double TEXTURE_WEIGHT = 0.9;
    /** The finger was near: for each square of mm of twice the distance of the middle. */
    private static final double NEAR_COST = 0.004;

    private static final double STEP_WEIGHT = 0.4;

    /** Places on both sides of a toe that are compared. */
    private static final int NEAR = 4;

    private static final double MOVED_REACH_MM = 2;

    /** What a person says outweighs all that is seen. */
    private static final double SAID = 30;

    private final SeamView view;
    private final BlockProfiles profiles;
    private final int blocks;
    private final int places;
    private final double[][] left;
    private final double[][] right;
    private final double[][] texture;

    private ToeFinder(SeamView view, BlockProfiles profiles) {
        this.view = view;
        this.profiles = profiles;
        this.blocks = profiles.count();
        this.places = 2 * (int) (-view.besideMm(0) / GRID_MM) + 1;
        this.left = new double[blocks][];
        this.right = new double[blocks][];
        this.texture = new double[blocks][];
    }

    /** One place along the seam: both toes by their distance from the drawn line, mm, how clear they are there, 0 to 3, and how
     * much more ripples there are between them than beside, −1 to 1. */
    record ToePair(double mm, double leftMm, double rightMm, double clear, double contrast) {

        double widthMm() {
            return rightMm - leftMm;
        }

        double middleMm() {
            return (leftMm + rightMm) / 2;
        }
    }

    /** {@return the toes at every block, in order along the seam} */
    static List<ToePair> follow(SeamView view, List<SeamPoint> moved) {
        ToeFinder finder = new ToeFinder(view, BlockProfiles.of(view, BLOCK_MM));
        finder.weigh();
        int[][] path = finder.best();
        Optional<Double> period = finder.period(path);
        if (period.isPresent()) {
            finder.profiles.knowing(period.get());
            finder.weigh();
            path = finder.best();
        }
        if (moved.isEmpty()) {
            return finder.refined(path);
        }
        for (SeamPoint toe : moved) {
            finder.put(toe, path);
        }
        return finder.refined(finder.best());
    }

    /** Spacing of the ripples along the middle of a path, mm. */
    private Optional<Double> period(int[][] path) {
        int from = blocks / 6;
        int to = blocks - 1 - from;
        double[] widths = new double[blocks];
        for (int block = 0; block < blocks; block++) {
            widths[block] = beside(path[block][1]) - beside(path[block][0]);
        }
        return RippleReader.read(
                        view,
                        profiles.mm(from),
                        profiles.mm(to),
                        mm -> {
                            int block = (int) Math.max(0, Math.min(blocks - 1.0, (mm - profiles.mm(0)) / BLOCK_MM));
                            return (beside(path[block][0]) + beside(path[block][1])) / 2;
                        },
                        OrderStatistics.median(widths))
                .map(MeasuredBead.Ripple::pitchMm);
    }

    /** A place by the seam: along it and beside it, mm. */
    record SeamPoint(double mm, double besideMm) {}

    private double beside(int place) {
        return (place - (places - 1) / 2) * GRID_MM;
    }

    private void weigh() {
        for (int block = 0; block < blocks; block++) {
            left[block] = new double[places];
            texture[block] = new double[places + 1];
            for (int place = 0; place < places; place++) {
                left[block][place] = profiles.edge(block, beside(place));
                texture[block][place + 1] = texture[block][place] + profiles.texture(block, beside(place));
            }
            right[block] = left[block].clone();
        }
    }

    /** A toe that a person has put right counts before what is seen. */
    private void put(SeamPoint toe, int[][] path) {
        for (int block = 0; block < blocks; block++) {
            if (Math.abs(profiles.mm(block) - toe.mm()) <= MOVED_REACH_MM / 2) {
                double middle = (beside(path[block][0]) + beside(path[block][1])) / 2;
                double[] side = toe.besideMm() < middle ? left[block] : right[block];
                for (int place = 0; place < places; place++) {
                    side[place] = Math.abs(beside(place) - toe.besideMm()) <= GRID_MM / 2 ? SAID : -SAID;
                }
            }
        }
    }

    /** How well a pair of toes fits a block: both edges, ripples between them and none beside, and that change right at the toes. */
    private double fit(int block, int from, int to) {
        double drawn = beside(from) + beside(to);
        return left[block][from]
                + right[block][to]
                - NEAR_COST * drawn * drawn
                + TEXTURE_WEIGHT * contrast(block, from, to)
                + STEP_WEIGHT * (step(block, from, 1) + step(block, to, -1));
    }

    /** How much more ripples there are between two toes than on the side that has more of them, −1 to 1. */
    private double contrast(int block, int from, int to) {
        int flank = Math.max(2, (to - from) / 3);
        double beside = Math.max(
                mean(block, Math.max(0, from - flank), from), mean(block, to + 1, Math.min(places, to + flank + 1)));
        return Math.max(-1, Math.min(1, mean(block, from + 1, to) - beside));
    }

    /** How much the ripples set in at a toe, −1 to 1. */
    private double step(int block, int toe, int inwards) {
        int in = Math.max(0, Math.min(places, toe + inwards * NEAR));
        int out = Math.max(0, Math.min(places, toe - inwards * NEAR));
        double inside = mean(block, Math.min(toe, in), Math.max(toe, in));
        double outside = mean(block, Math.min(toe, out), Math.max(toe, out));
        return Math.max(-1, Math.min(1, inside - outside));
    }

    private double mean(int block, int from, int to) {
        return (texture[block][to] - texture[block][from]) / Math.max(1, to - from);
    }

    /** The pair of places of each block. */
    private int[][] best() {
        int least = (int) Math.ceil(LEAST_WIDTH_MM / GRID_MM);
        int states = places * places;
        short[][] cameBy = new short[blocks][states];
        double[] before = new double[states];
        double[] now = new double[states];
        for (int block = 0; block < blocks; block++) {
            for (int from = 0; from < places; from++) {
                for (int to = 0; to < places; to++) {
                    int state = from * places + to;
                    if (to - from < least || from <= NEAR || to >= places - 1 - NEAR) {
                        now[state] = Double.NEGATIVE_INFINITY;
                    } else {
                        now[state] = fit(block, from, to) + (block == 0 ? 0 : arrive(before, cameBy[block], from, to));
                    }
                }
            }
            double[] swap = before;
            before = now;
            now = swap;
        }
        return traced(before, cameBy);
    }

    /** The best of what stood before within a step of both toes, with what the steps cost. */
    private double arrive(double[] before, short[] cameBy, int from, int to) {
        double best = Double.NEGATIVE_INFINITY;
        for (int a = -1; a <= 1; a++) {
            for (int b = -1; b <= 1; b++) {
                int f = from + a;
                int t = to + b;
                if (f >= 0 && f < places && t >= 0 && t < places) {
                    double value = before[f * places + t] - STEP_COST * (Math.abs(a) + Math.abs(b));
                    if (value > best) {
                        best = value;
                        cameBy[from * places + to] = (short) (3 * (a + 1) + b + 1);
                    }
                }
            }
        }
        return best;
    }

    private int[][] traced(double[] last, short[][] cameBy) {
        int state = 0;
        for (int i = 1; i < last.length; i++) {
            state = last[i] > last[state] ? i : state;
        }
        int[][] path = new int[blocks][];
        for (int block = blocks - 1; block >= 0; block--) {
            int from = state / places;
            int to = state % places;
            path[block] = new int[] {from, to};
            short step = cameBy[block][state];
            state = (from + step / 3 - 1) * places + to + step % 3 - 1;
        }
        return path;
    }

    private List<ToePair> refined(int[][] path) {
        return IntStream.range(0, blocks)
                .mapToObj(block -> {
                    int from = path[block][0];
                    int to = path[block][1];
                    return new ToePair(
                            profiles.mm(block),
                            profiles.refined(block, beside(from), GRID_MM),
                            profiles.refined(block, beside(to), GRID_MM),
                            fit(block, from, to),
                            contrast(block, from, to));
                })
                .toList();
    }
}
