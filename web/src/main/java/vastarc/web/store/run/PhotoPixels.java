package vastarc.web.store.run;

import vastarc.core.vision.BeadMeasurer;
import vastarc.core.vision.BeadMeasurer.Measurement;
import vastarc.core.vision.MeasureRequest;
import vastarc.core.vision.Photo;
import vastarc.core.vision.PixelPoint;

/**
 * The pixels of a picture, unpacked: of a large one every second or third.
 *
 * @param photo the pixels, upright
 * @param step  of how many pixels of the picture each stands for one, along each side
 */
public record PhotoPixels(Photo photo, int step) {

    private static final Object ONE_AT_A_TIME = new Object();

    /**
     * {@return what a picture measures, in its own pixels}
     *
     * @param file    the picture
     * @param request what is asked, in its own pixels
     * @throws PictureRefused with words, where it is none that can be measured
     */
    public static MeasuredPhoto measure(byte[] file, MeasureRequest request) {
        // Several large ones unpacked at once would not fit into the program's memory.
        synchronized (ONE_AT_A_TIME) {
            PhotoPixels pixels = Pictures.unpacked(file);
            return new MeasuredPhoto(BeadMeasurer.measure(pixels.photo(), request.at(pixels::shrunk)), pixels.step());
        }
    }

    /** A place of the picture among the pixels that were unpacked. */
    private PixelPoint shrunk(PixelPoint place) {
        return new PixelPoint((place.x() - 0.5) / step + 0.5, (place.y() - 0.5) / step + 0.5);
    }

    /**
     * What was measured.
     *
     * @param measurement in the pixels that were unpacked
     * @param step        of how many pixels of the picture each stands for one
     */
    public record MeasuredPhoto(Measurement measurement, int step) {

        /**
         * {@return a place in the picture's own pixels}
         *
         * @param place among those that were unpacked
         */
        public PixelPoint full(PixelPoint place) {
            return new PixelPoint((place.x() - 0.5) * step + 0.5, (place.y() - 0.5) * step + 0.5);
        }
    }
}
