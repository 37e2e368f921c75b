package vastarc.core.vision;

import java.util.List;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.MeasureRefusal.RefusalException;
import vastarc.core.vision.MeasureRequest.Stretch;
import vastarc.core.vision.ToeFinder.ToePair;

/**
 * How much of the line bears a bead: from the middle outwards as long as the toes are clear. {@code docs/model/vision.md (6)}.
 *
 * @param all    the toes from its beginning to its end
 * @param fromMm where it begins, along the line
 * @param toMm   where it ends
 */
record BeadStretch(List<ToePair> all, double fromMm, double toMm) {

    /** So much of a bead's width is left out at each end. */
    static final double END_SHARE = 0.75;

    private static final double CLEAR_SHARE = 0.5;
    private static final int LEAST_COUNTED = 5;
    private static final double LEAST_CLEAR = 0.9;

    static BeadStretch of(SeamView view, List<ToePair> toes, double drawnMm) {
        double[] clear =
                Robust.smoothed(toes.stream().mapToDouble(ToePair::clear).toArray(), 1);
        int middle = nearest(toes, drawnMm / 2);
        double[] inner = toes.stream()
                .filter(toe -> toe.mm() > 0.15 * drawnMm && toe.mm() < 0.85 * drawnMm)
                .mapToDouble(ToePair::clear)
                .toArray();
        double usual = OrderStatistics.median(inner);
        if (!(usual > LEAST_CLEAR)) {
            throw new RefusalException(MeasureRefusal.NO_SEAM);
        }
        int from = end(view, toes, clear, middle, -1, CLEAR_SHARE * usual);
        int to = end(view, toes, clear, middle, 1, CLEAR_SHARE * usual);
        double half = ToeFinder.BLOCK_MM / 2;
        return new BeadStretch(
                toes.subList(from, to + 1),
                toes.get(from).mm() - half,
                toes.get(to).mm() + half);
    }

    private static int nearest(List<ToePair> toes, double mm) {
        int best = 0;
        for (int i = 1; i < toes.size(); i++) {
            best = Math.abs(toes.get(i).mm() - mm) < Math.abs(toes.get(best).mm() - mm) ? i : best;
        }
        return best;
    }

    private static int end(SeamView view, List<ToePair> toes, double[] clear, int from, int step, double least) {
        int at = from;
        while (at + step >= 0
                && at + step < toes.size()
                && isBead(view, toes.get(at + step), clear[at + step], least)) {
            at += step;
        }
        return at;
    }

    private static boolean isBead(SeamView view, ToePair toe, double clear, double least) {
        int row = (int) Math.max(0, Math.min(view.rows() - 1.0, Math.round(view.row(toe.mm()))));
        return clear >= least && view.isSeen(row);
    }

    double lengthMm() {
        return toMm - fromMm;
    }

    double middleMm() {
        return (fromMm + toMm) / 2;
    }

    /** The sound stretch without what is left out. */
    List<ToePair> counted(List<Stretch> leftOut) {
        double width = OrderStatistics.median(
                all.stream().mapToDouble(ToePair::widthMm).toArray());
        List<ToePair> counted = all.stream()
                .filter(toe -> toe.mm() >= fromMm + END_SHARE * width && toe.mm() <= toMm - END_SHARE * width)
                .filter(toe -> leftOut.stream().noneMatch(out -> out.contains(toe.mm())))
                .toList();
        if (counted.size() < LEAST_COUNTED) {
            throw new RefusalException(MeasureRefusal.NO_SEAM);
        }
        return counted;
    }

    /** Where the middle of the bead is beside the line, between the blocks. */
    double middleOf(double mm) {
        int last = all.size() - 1;
        double at = (mm - all.get(0).mm()) / ToeFinder.BLOCK_MM;
        int low = (int) Math.max(0, Math.min(last, Math.floor(at)));
        int high = Math.min(last, low + 1);
        double share = Math.max(0, Math.min(1, at - low));
        return all.get(low).middleMm() * (1 - share) + all.get(high).middleMm() * share;
    }
}
