package vastarc.core.vision;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import vastarc.core.domain.material.Family;
import vastarc.core.vision.MeasuredBead.SeenTint;
import vastarc.core.vision.MeasuredBead.Sign;
import vastarc.core.vision.ToeFinder.ToePair;

/**
 * What the numbers suggest of the symptoms in Read, by how likely: a person confirms each. {@code docs/model/vision.md (10)}.
 */
final class BeadSigns {

    /** Evenness at which uneven ripples are as likely as not, and how fast that changes. */
    private static final double UNEVEN_AT = 0.78;

    private static final double UNEVEN_OVER = 0.04;
    private static final double WIDENS_AT = 0.12;
    private static final double WIDENS_OVER = 0.03;
    private static final double LEAST = 0.3;
    private static final int DARK_TINT = 3;
    private static final double DARK_LIKELY = 0.8;

    private BeadSigns() {}

    /** The bead with its signs, likeliest first. */
    static MeasuredBead on(
            MeasuredBead bead,
            Optional<Family> family,
            SeamView view,
            PlaneMap map,
            BeadStretch stretch,
            List<ToePair> counted) {
        List<Sign> signs = new ArrayList<>();
        PixelPoint middle = at(view, map, counted.get(counted.size() / 2), 0.5);
        PixelPoint end = at(view, map, counted.get(counted.size() - 1), 0.5);
        bead.ripple()
                .ifPresent(ripple ->
                        add(signs, "RIPPLE_UNEVEN", middle, logistic((UNEVEN_AT - ripple.evenness()) / UNEVEN_OVER)));
        add(signs, "BEAD_WIDENS", end, logistic((bead.widens() - WIDENS_AT) / WIDENS_OVER));
        PixelPoint toe = at(view, map, counted.get(counted.size() / 2), 1.1);
        bead.tint().ifPresent(tint -> tinted(signs, tint, family.orElse(Family.STAINLESS), toe));
        signs.addAll(BeadEnds.signs(view, map, stretch, counted));
        signs.addAll(DarkSpots.on(view, map, counted, bead.width().meanMm()));
        signs.sort(Comparator.comparingDouble(Sign::likelihood).reversed());
        return new MeasuredBead(
                bead.mmPerPixel(),
                bead.seamMm(),
                bead.width(),
                bead.straightness(),
                bead.ripple(),
                bead.travel(),
                bead.tint(),
                signs,
                bead.outline(),
                bead.widens());
    }

    static void add(List<Sign> signs, String symptom, PixelPoint at, double likelihood) {
        if (likelihood >= LEAST) {
            signs.add(new Sign(symptom, at, likelihood));
        }
    }

    static double logistic(double x) {
        return 1 / (1 + Math.exp(-x));
    }

    private static void tinted(List<Sign> signs, SeenTint tint, Family family, PixelPoint at) {
        if (family == Family.TITANIUM) {
            switch (tint.band()) {
                case PURPLE, BLUE -> add(signs, "TI_BLUE", at, DARK_LIKELY);
                case GREY -> add(signs, "TI_GREY", at, DARK_LIKELY);
                case WHITE_POWDER -> add(signs, "TI_WHITE_POWDER", at, DARK_LIKELY);
                default -> {
                    // Silver and straw are as they should be.
                }
            }
        } else if (tint.band().ordinal() >= DARK_TINT) {
            add(signs, "TINT_DARK_FRONT", at, DARK_LIKELY);
        }
    }

    /** A place of the picture: 0 at one toe, 1 at the other. */
    static PixelPoint at(SeamView view, PlaneMap map, ToePair toe, double across) {
        return map.toPicture(view.line().at(toe.mm()).beside(toe.leftMm() + across * toe.widthMm()));
    }
}
