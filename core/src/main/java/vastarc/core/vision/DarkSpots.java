package vastarc.core.vision;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.vision.MeasuredBead.Sign;
import vastarc.core.vision.ToeFinder.ToePair;

/** Places on the bead that are far darker than it is about them, small and round: they may be pores. {@code docs/model/vision.md (10)}. */
final class DarkSpots {

    private static final double ACROSS_MM = 0.5;
    private static final double DARKER = 0.45;
    private static final double EDGE_SHARE = 0.18;
    private static final int MOST = 12;
    private static final double LIKELY = 0.4;
    private static final double LIKELIER = 0.4;

    private DarkSpots() {}

    /** Each a sign of porosity, at most twelve. */
    static List<Sign> on(SeamView view, PlaneMap map, List<ToePair> toes, double widthMm) {
        List<Sign> signs = new ArrayList<>();
        for (ToePair toe : toes) {
            double inner = widthMm * (0.5 - EDGE_SHARE);
            double usual = usual(view, toe, inner);
            double step = ACROSS_MM / 2;
            for (double off = -inner; off <= inner && signs.size() < MOST; off += step) {
                double dark = 1 - view.meanGrey(toe.mm(), toe.middleMm() + off, step) / usual;
                boolean alone = signs.isEmpty()
                        || signs.get(signs.size() - 1).at().distance(place(view, map, toe, off))
                                > 2 * ACROSS_MM / view.pixelMm();
                if (dark > DARKER && alone) {
                    signs.add(new Sign(
                            "POROSITY",
                            place(view, map, toe, off),
                            Math.min(0.9, LIKELY + LIKELIER * (dark - DARKER))));
                }
            }
        }
        return signs;
    }

    private static PixelPoint place(SeamView view, PlaneMap map, ToePair toe, double off) {
        return map.toPicture(view.line().at(toe.mm()).beside(toe.middleMm() + off));
    }

    private static double usual(SeamView view, ToePair toe, double inner) {
        double[] discs = new double[9];
        for (int i = 0; i < discs.length; i++) {
            discs[i] = view.meanGrey(toe.mm(), toe.middleMm() + inner * (i / 4.0 - 1), ACROSS_MM);
        }
        return Math.max(1, OrderStatistics.median(discs));
    }
}
