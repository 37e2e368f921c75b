package vastarc.web.store.run;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Directory;
import com.drew.metadata.exif.ExifDirectoryBase;
import com.drew.metadata.exif.ExifIFD0Directory;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Iterator;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javax.imageio.IIOException;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import vastarc.core.vision.Photo;

/**
 * Takes photographs as phones and cameras make them: turned upright, made smaller, and written anew as JPEG, so that nothing but the
 * picture itself is stored: no position, no name of a device.
 */
public final class Pictures {

    /** Largest file taken, bytes. */
    static final int MAX_BYTES = 12 * 1024 * 1024;

    /** Longest side of what is stored, pixels. */
    static final int SIDE = 1600;

    private static final long MAX_PIXELS = 60_000_000;
    private static final long MAX_MEASURED = 40_000_000;
    private static final int LEAST_MEASURED = 120;

    /** Of a kind that can only be unpacked whole. */
    private static final long MAX_PIXELS_WHOLE = 16_000_000;

    private static final double MOST_UNPACKED = 12_000_000;
    private static final double QUALITY = 0.85;
    private static final Set<String> KINDS = Set.of("jpeg", "png", "webp");

    private Pictures() {}

    /**
     * A picture ready to be kept.
     *
     * @param jpeg   itself
     * @param width  pixels
     * @param height pixels
     */
    public record PreparedPicture(byte[] jpeg, int width, int height) {}

    /** What a file says of itself: its kind, its longest side and its shortest in pixels. */
    private record PictureInfo(String kind, int side, int width) {

        long pixels() {
            return (long) side * width;
        }

        /** Every how many pixels it is read, so that no more than {@link #MOST_UNPACKED} are unpacked. */
        int step() {
            return (int) Math.ceil(Math.sqrt((double) side * width / MOST_UNPACKED));
        }
    }

    /**
     * Makes a picture of a file. One at a time: several large ones unpacked at once would not fit into the program's memory.
     *
     * @param file the file
     * @return the picture
     * @throws PictureRefused with words for the welder, where it is none that can be taken
     */
    public static synchronized PreparedPicture take(byte[] file) {
        if (file.length > MAX_BYTES) {
            throw new PictureRefused(
                    "it is larger than " + MAX_BYTES / 1024 / 1024 + " MB; take it at a lower resolution");
        }
        try {
            BufferedImage upright = upright(file, look(file), SIDE);
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            Thumbnails.of(upright)
                    .scale(1)
                    .outputFormat("jpg")
                    .outputQuality(QUALITY)
                    .toOutputStream(out);
            return new PreparedPicture(out.toByteArray(), upright.getWidth(), upright.getHeight());
        } catch (IOException | RuntimeException e) {
            if (e instanceof PictureRefused refused) {
                throw refused;
            }
            throw new PictureRefused("it is damaged");
        }
    }

    /**
     * Unpacks a picture to be measured, never more than {@link #MOST_UNPACKED} of its pixels. One at a time, like {@link #take}.
     *
     * @throws PictureRefused with words, where it is none that can be measured
     */
    static synchronized PhotoPixels unpacked(byte[] file) {
        try {
            PictureInfo seen = look(file);
            if (seen.pixels() > MAX_MEASURED) {
                throw new PictureRefused("it has " + seen.pixels() / 1_000_000 + " megapixels; up to "
                        + MAX_MEASURED / 1_000_000 + " are measured");
            }
            if (seen.width() < LEAST_MEASURED) {
                throw new PictureRefused("it is less than " + LEAST_MEASURED + " pixels wide or high");
            }
            BufferedImage upright = upright(file, seen, Integer.MAX_VALUE);
            int[] packed = ((DataBufferInt) upright.getRaster().getDataBuffer()).getData();
            return new PhotoPixels(Photo.of(upright.getWidth(), upright.getHeight(), packed), seen.step());
        } catch (IOException | RuntimeException e) {
            if (e instanceof PictureRefused refused) {
                throw refused;
            }
            throw new PictureRefused("it is damaged");
        }
    }

    /**
     * {@return whether bytes are a picture as this program keeps them: JPEG, no longer than it may be}
     *
     * @param file the bytes
     */
    public static boolean isSmallJpeg(byte[] file) {
        try {
            PictureInfo seen = look(file);
            return "jpeg".equals(seen.kind())
                    && seen.side() <= SIDE
                    && upright(file, seen, SIDE).getWidth() > 0;
        } catch (IOException | RuntimeException e) {
            return false;
        }
    }

    /** Read by every so many pixels, so that what is unpacked stays small however large the picture is. */
    private static BufferedImage upright(byte[] file, PictureInfo seen, int longest) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            ImageReader reader = ImageIO.getImageReaders(in).next();
            try {
                reader.setInput(in);
                ImageReadParam parts = reader.getDefaultReadParam();
                int step = seen.step();
                parts.setSourceSubsampling(step, step, 0, 0);
                int side = Math.min(longest, (seen.side() + step - 1) / step);
                Thumbnails.Builder<BufferedImage> picture =
                        Thumbnails.of(reader.read(0, parts)).size(side, side).imageType(BufferedImage.TYPE_INT_RGB);
                held(file).map(ExifFilterUtils::getFilterForOrientation).ifPresent(picture::addFilter);
                return picture.asBufferedImage();
            } finally {
                reader.dispose();
            }
        }
    }

    /** How the camera was held, where the file says so and it was not upright. */
    private static Optional<Orientation> held(byte[] file) {
        try {
            Directory exif = ImageMetadataReader.readMetadata(new ByteArrayInputStream(file))
                    .getFirstDirectoryOfType(ExifIFD0Directory.class);
            Integer told = exif == null ? null : exif.getInteger(ExifDirectoryBase.TAG_ORIENTATION);
            return Optional.ofNullable(told)
                    .map(Orientation::typeOf)
                    .filter(orientation -> orientation != Orientation.TOP_LEFT);
        } catch (IOException | ImageProcessingException | IllegalArgumentException unknown) {
            return Optional.empty();
        }
    }

    /** Looks at kind and size before anything is unpacked: a small file may claim to be enormous. */
    private static PictureInfo look(byte[] file) throws IOException {
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(file))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new PictureRefused("it is no photograph; a JPEG, PNG or WebP file is taken");
            }
            ImageReader reader = readers.next();
            try {
                String kind = reader.getFormatName().toLowerCase(Locale.ROOT);
                if (!KINDS.contains(kind)) {
                    throw new PictureRefused("it is a " + kind + " file; a JPEG, PNG or WebP file is taken");
                }
                reader.setInput(in);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                long pixels = (long) width * height;
                long most = kind.equals("webp") ? MAX_PIXELS_WHOLE : MAX_PIXELS;
                if (pixels > most) {
                    throw new PictureRefused("it has " + pixels / 1_000_000 + " megapixels; up to " + most / 1_000_000
                            + " are taken of a " + kind + " file");
                }
                return new PictureInfo(kind, Math.max(width, height), Math.min(width, height));
            } finally {
                reader.dispose();
            }
        } catch (IIOException e) {
            throw new PictureRefused("it is damaged");
        }
    }
}
