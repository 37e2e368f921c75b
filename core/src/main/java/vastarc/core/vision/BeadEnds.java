package vastarc.core.vision;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.MeasuredBead.Sign;
import vastarc.core.vision.ToeFinder.ToePair;

/**
 * What the ends of a bead suggest: a start that is narrower than the rest, and a dark hollow where the arc went out. {@code docs/model/vision.md (10)}.
 */
final class BeadEnds {

    /** A start is looked at over this many widths of the bead, behind its round beginning. */
    private static final double START_WIDTHS = 2;

    private static final double NARROW_AT = 0.15;
    private static final double NARROW_OVER = 0.03;

    /** How much darker than the bead a hollow is, as a share, where it is as likely as not. */
    private static final double DARKER_AT = 0.3;

    private static final double DARKER_OVER = 0.05;

    /** The hollow is looked for along the middle of the last width, but for the very rim. */
    private static final double RIM_WIDTHS = 0.25;

    private static final double DISC_WIDTHS = 0.1;
    private static final int PLACES = 12;

    private BeadEnds() {}

    /** Signs of both ends, with their likelihoods; the seam is taken to begin where it was begun to be drawn. */
    static List<Sign> signs(SeamView view, PlaneMap map, BeadStretch stretch, List<ToePair> counted) {
        double width = OrderStatistics.median(
                counted.stream().mapToDouble(ToePair::widthMm).toArray());
        List<Sign> signs = new ArrayList<>();
        startsNarrow(view, map, stretch, counted, width, signs);
        crater(view, map, stretch, width, signs);
        return signs;
    }

    private static void startsNarrow(
            SeamView view, PlaneMap map, BeadStretch stretch, List<ToePair> counted, double width, List<Sign> signs) {
        double first = stretch.fromMm() + BeadStretch.END_SHARE * width;
        List<ToePair> start = counted.stream()
                .filter(toe -> toe.mm() >= first && toe.mm() <= first + START_WIDTHS * width)
                .toList();
        if (start.isEmpty()) {
            return;
        }
        double mean = start.stream().mapToDouble(ToePair::widthMm).average().orElse(width);
        BeadSigns.add(
                signs,
                "BEAD_NARROW_COLD",
                BeadSigns.at(view, map, start.get(0), 0.5),
                BeadSigns.logistic((1 - mean / width - NARROW_AT) / NARROW_OVER));
    }

    private static void crater(SeamView view, PlaneMap map, BeadStretch stretch, double width, List<Sign> signs) {
        double half = DISC_WIDTHS * width;
        double[] usual = new double[PLACES];
        for (int i = 0; i < PLACES; i++) {
            double mm = stretch.middleMm() + width * (i - PLACES / 2.0) / 2;
            usual[i] = view.meanGrey(mm, stretch.middleOf(mm), half);
        }
        double bright = Math.max(1, OrderStatistics.median(usual));
        double darkest = bright;
        double at = stretch.toMm();
        double last = stretch.toMm() - RIM_WIDTHS * width;
        for (int i = 0; i <= PLACES; i++) {
            double mm = last - width * (1 - RIM_WIDTHS) * i / PLACES;
            double grey = view.meanGrey(mm, stretch.middleOf(mm), half);
            if (grey < darkest) {
                darkest = grey;
                at = mm;
            }
        }
        PixelPoint place = map.toPicture(view.line().at(at).beside(stretch.middleOf(at)));
        BeadSigns.add(signs, "CRATER", place, BeadSigns.logistic((1 - darkest / bright - DARKER_AT) / DARKER_OVER));
    }
}
