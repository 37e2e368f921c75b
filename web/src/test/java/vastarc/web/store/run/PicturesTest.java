package vastarc.web.store.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import vastarc.web.store.run.Pictures.PreparedPicture;

class PicturesTest {

    private static final String DEVICE = "PHONE OF BAY TWO";
    private static final int ORIENTATION = 0x0112;
    private static final int MAKE = 0x010F;

    /** Orientation 1 lies as it is, 3 is upside down, 6 and 8 lie on their sides: red is the left half as stored. */
    @ParameterizedTest
    @CsvSource({"1, 400, 200, 20, 100", "3, 400, 200, 380, 100", "6, 200, 400, 100, 20", "8, 200, 400, 100, 380"})
    void aPhonesPictureIsTurnedUpright(int orientation, int width, int height, int redX, int redY) throws IOException {
        PreparedPicture picture = Pictures.take(phonePicture(400, 200, orientation));
        BufferedImage kept = ImageIO.read(new ByteArrayInputStream(picture.jpeg()));
        assertThat(new int[] {picture.width(), picture.height(), kept.getWidth(), kept.getHeight()})
                .containsExactly(width, height, width, height);
        Color red = new Color(kept.getRGB(redX, redY));
        Color other = new Color(kept.getRGB(width - redX, height - redY));
        assertThat(red.getRed() - red.getBlue()).isGreaterThan(150);
        assertThat(other.getBlue() - other.getRed()).isGreaterThan(150);
    }

    @Test
    void nothingIsKeptOfTheDevice() throws IOException {
        byte[] file = phonePicture(400, 200, 6);
        assertThat(text(file)).contains("Exif").contains(DEVICE);
        assertThat(text(Pictures.take(file).jpeg())).doesNotContain("Exif").doesNotContain(DEVICE);
    }

    @Test
    void aLargePictureIsMadeSmallerInItsOwnShape() throws IOException {
        PreparedPicture picture = Pictures.take(phonePicture(3200, 1600, 6));
        assertThat(picture.width()).isEqualTo(800);
        assertThat(picture.height()).isEqualTo(Pictures.SIDE);
        assertThat(Pictures.isSmallJpeg(picture.jpeg())).isTrue();
    }

    /** 59 megapixels in a small file: never unpacked whole. */
    @Test
    void anEnormousPictureIsReadByPartsAndTakesLittleMemory() throws IOException {
        BufferedImage picture = new BufferedImage(9000, 6550, BufferedImage.TYPE_BYTE_BINARY);
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(picture, "png", plain);
        com.sun.management.ThreadMXBean threads = (com.sun.management.ThreadMXBean) ManagementFactory.getThreadMXBean();
        long before = threads.getThreadAllocatedBytes(Thread.currentThread().getId());

        PreparedPicture taken = Pictures.take(plain.toByteArray());

        long allocated = threads.getThreadAllocatedBytes(Thread.currentThread().getId()) - before;
        assertThat(taken.width()).isEqualTo(Pictures.SIDE);
        assertThat(taken.height()).isBetween(1160, 1170);
        assertThat(allocated).as("bytes").isLessThan(100_000_000);
    }

    @Test
    void moreThanCanBeReadIsRefusedByItsSize() throws IOException {
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(9000, 7000, BufferedImage.TYPE_BYTE_BINARY), "png", plain);
        assertThatThrownBy(() -> Pictures.take(plain.toByteArray()))
                .isInstanceOf(PictureRefused.class)
                .hasMessageContaining("63 megapixels; up to 60");
    }

    @Test
    void aFileCutShortOrOfAnotherKindIsRefusedInWords() throws IOException {
        byte[] whole = phonePicture(400, 200, 1);
        assertThatThrownBy(() -> Pictures.take(Arrays.copyOf(whole, 60))).isInstanceOf(PictureRefused.class);
        assertThatThrownBy(() -> Pictures.take("a,b\n1,2".getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(PictureRefused.class)
                .hasMessageContaining("JPEG, PNG or WebP");
    }

    /** A JPEG whose left half is red and right half blue, with the block a phone writes before it. */
    private static byte[] phonePicture(int width, int height, int orientation) throws IOException {
        BufferedImage picture = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = picture.createGraphics();
        pen.setColor(Color.RED);
        pen.fillRect(0, 0, width / 2, height);
        pen.setColor(Color.BLUE);
        pen.fillRect(width / 2, 0, width - width / 2, height);
        pen.dispose();
        ByteArrayOutputStream plain = new ByteArrayOutputStream();
        ImageIO.write(picture, "jpg", plain);
        byte[] body = plain.toByteArray();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(body, 0, 2);
        out.write(exif(orientation));
        out.write(body, 2, body.length - 2);
        return out.toByteArray();
    }

    private static byte[] exif(int orientation) throws IOException {
        byte[] device = (DEVICE + '\0').getBytes(StandardCharsets.US_ASCII);
        ByteArrayOutputStream block = new ByteArrayOutputStream();
        DataOutputStream out = new DataOutputStream(block);
        out.write("Exif\0\0MM\0*".getBytes(StandardCharsets.US_ASCII));
        out.writeInt(8);
        out.writeShort(2);
        out.writeShort(MAKE);
        out.writeShort(2);
        out.writeInt(device.length);
        out.writeInt(8 + 2 + 2 * 12 + 4);
        out.writeShort(ORIENTATION);
        out.writeShort(3);
        out.writeInt(1);
        out.writeShort(orientation);
        out.writeShort(0);
        out.writeInt(0);
        out.write(device);
        ByteArrayOutputStream segment = new ByteArrayOutputStream();
        DataOutputStream head = new DataOutputStream(segment);
        head.writeShort(0xFFE1);
        head.writeShort(block.size() + 2);
        block.writeTo(head);
        return segment.toByteArray();
    }

    private static String text(byte[] file) {
        return new String(file, StandardCharsets.ISO_8859_1);
    }
}
