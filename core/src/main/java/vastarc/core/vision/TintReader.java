package vastarc.core.vision;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import vastarc.core.base.numerics.OrderStatistics;
import vastarc.core.domain.material.Family;
import vastarc.core.vision.MeasuredBead.SeenTint;
import vastarc.core.vision.MeasuredBead.TintSide;
import vastarc.core.vision.TintBand.LabColour;
import vastarc.core.vision.ToeFinder.ToePair;

/**
 * Reads the colour beside the toes, made true by the strip's grey, by a clean place, or by the metal farther off. {@code docs/model/vision.md (8)}.
 */
final class TintReader {

    private static final double STEP_MM = 0.15;
    private static final double FROM_TOE_MM = 0.15;
    private static final double REACH_MM = 10;
    private static final double CLEAN_L = 76;

    /** A band narrower than this is the soft edge between two others, mm. */
    private static final double LEAST_BAND_MM = 0.3;

    /** Two colours side by side mix to grey, and a toe throws a shadow. */
    private static final double LEAST_GREY_MM = 0.5;

    private final SeamView view;
    private final List<TintBand> bands;
    private final WhiteBalance white;

    private TintReader(SeamView view, List<TintBand> bands, WhiteBalance white) {
        this.view = view;
        this.bands = bands;
        this.white = white;
    }

    /** What the colours of a picture are multiplied by to be true, in light. */
    record WhiteBalance(double red, double green, double blue) {

        LabColour of(double[] seen) {
            return LabColour.of(red * seen[0], green * seen[1], blue * seen[2]);
        }

        /** One that makes a colour that is seen neutral and of a lightness. */
        static WhiteBalance neutral(double[] seen, double reflectance) {
            return new WhiteBalance(
                    reflectance / Math.max(1e-4, seen[0]),
                    reflectance / Math.max(1e-4, seen[1]),
                    reflectance / Math.max(1e-4, seen[2]));
        }

        /** As clean metal gives light back. */
        static WhiteBalance clean(double[] seen) {
            double reflectance = Math.pow((CLEAN_L + 16) / 116, 3);
            return neutral(seen, reflectance);
        }
    }

    /** The hottest band beside the toes that count; empty for a metal that is not judged by its tint. */
    static Optional<SeenTint> read(SeamView view, List<ToePair> toes, Family family, Optional<WhiteBalance> balance) {
        List<TintBand> bands = TintBand.of(family);
        if (bands.isEmpty() || toes.isEmpty()) {
            return Optional.empty();
        }
        WhiteBalance white = balance.orElseGet(() -> WhiteBalance.clean(far(view, toes)));
        return Optional.of(new TintReader(view, bands, white).hottest(toes));
    }

    /** The metal as far off as the picture lies along the seam. */
    private static double[] far(SeamView view, List<ToePair> toes) {
        double[] left = median(view, toes, -1, REACH_MM - 1);
        double[] right = median(view, toes, 1, REACH_MM - 1);
        return new double[] {(left[0] + right[0]) / 2, (left[1] + right[1]) / 2, (left[2] + right[2]) / 2};
    }

    /** The colour at a distance beside a toe, in light, the middle one along the seam. */
    private static double[] median(SeamView view, List<ToePair> toes, int side, double beyondMm) {
        double[] middle = new double[3];
        for (int channel = 0; channel < 3; channel++) {
            double[] values = new double[toes.size()];
            for (int i = 0; i < values.length; i++) {
                ToePair toe = toes.get(i);
                double beside = (side < 0 ? toe.leftMm() : toe.rightMm()) + side * beyondMm;
                int row = (int) Math.max(0, Math.min(view.rows() - 1.0, Math.round(view.row(toe.mm()))));
                int column = (int) Math.max(0, Math.min(view.columns() - 1.0, Math.round(view.column(beside))));
                values[i] = Light.of(view.colour(channel, row, column));
            }
            middle[channel] = OrderStatistics.median(values);
        }
        return middle;
    }

    /** A stretch across the seam of one band. */
    private record Stripe(TintBand band, double widthMm, double deltaE) {}

    private SeenTint hottest(List<ToePair> toes) {
        List<Stripe> left = stripes(toes, -1);
        List<Stripe> right = stripes(toes, 1);
        List<Stripe> both = new ArrayList<>(left);
        both.addAll(right);
        TintBand hottest = hottestOf(both);
        double coloured = colouredMm(both);
        List<Stripe> its =
                both.stream().filter(stripe -> stripe.band() == hottest).toList();
        double width = its.stream().mapToDouble(Stripe::widthMm).sum();
        double deltaE = its.stream().mapToDouble(Stripe::deltaE).min().orElse(0);
        return new SeenTint(
                hottest.name(),
                hottest.heat() == 0 || coloured == 0 ? 1 : width / coloured,
                deltaE,
                new TintSide(hottestOf(left).name(), colouredMm(left)),
                new TintSide(hottestOf(right).name(), colouredMm(right)));
    }

    private TintBand hottestOf(List<Stripe> stripes) {
        return stripes.stream()
                .filter(stripe ->
                        stripe.widthMm() >= (stripe.band().name() == TintName.GREY ? LEAST_GREY_MM : LEAST_BAND_MM))
                .map(Stripe::band)
                .max(Comparator.comparingInt(TintBand::heat))
                .orElse(bands.get(0));
    }

    private static double colouredMm(List<Stripe> stripes) {
        return stripes.stream()
                .filter(stripe -> stripe.band().heat() > 0)
                .mapToDouble(Stripe::widthMm)
                .sum();
    }

    /** From the toe outwards until bare metal has lasted for a while. */
    private List<Stripe> stripes(List<ToePair> toes, int side) {
        int steps = (int) (REACH_MM / STEP_MM);
        TintBand[] met = new TintBand[steps];
        double[] off = new double[steps];
        for (int i = 0; i < steps; i++) {
            LabColour colour = white.of(median(view, toes, side, FROM_TOE_MM + i * STEP_MM));
            met[i] = TintBand.nearest(bands, colour);
            off[i] = met[i].colour().difference(colour, 1);
        }
        return runs(met, off);
    }

    private List<Stripe> runs(TintBand[] met, double[] off) {
        List<Stripe> runs = new ArrayList<>();
        int from = 0;
        for (int i = 1; i <= met.length; i++) {
            if (i == met.length || met[i] != met[from]) {
                double width = (i - from) * STEP_MM;
                if (met[from].heat() == 0 && width >= 1 && from > 0) {
                    return runs;
                }
                runs.add(new Stripe(met[from], width, OrderStatistics.median(Arrays.copyOfRange(off, from, i))));
                if (met[from].heat() == 0 && width >= 1) {
                    return runs;
                }
                from = i;
            }
        }
        return runs;
    }
}
