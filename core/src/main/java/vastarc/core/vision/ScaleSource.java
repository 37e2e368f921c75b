package vastarc.core.vision;

import java.util.function.UnaryOperator;

/** What in the picture has a known size. */
public sealed interface ScaleSource {

    /**
     * {@return the same with its places moved}
     *
     * @param place where a place lies there
     */
    ScaleSource at(UnaryOperator<PixelPoint> place);

    /**
     * Two places of known distance, such as the ends of a rule or the edges of a sheet.
     *
     * @param from one
     * @param to   the other
     * @param mm   their distance, mm
     */
    record KnownDistance(PixelPoint from, PixelPoint to, double mm) implements ScaleSource {

        @Override
        public ScaleSource at(UnaryOperator<PixelPoint> place) {
            return new KnownDistance(place.apply(from), place.apply(to), mm);
        }
    }

    /**
     * The outline of a tube, tapped on both sides of it.
     *
     * @param from     one side
     * @param to       the other, straight across the tube
     * @param tubeOdMm outside diameter, mm
     */
    record TubeOutline(PixelPoint from, PixelPoint to, double tubeOdMm) implements ScaleSource {

        @Override
        public ScaleSource at(UnaryOperator<PixelPoint> place) {
            return new TubeOutline(place.apply(from), place.apply(to), tubeOdMm);
        }
    }

    /** The printed strip, which is found. */
    record PrintedStrip() implements ScaleSource {

        @Override
        public ScaleSource at(UnaryOperator<PixelPoint> place) {
            return this;
        }
    }
}
