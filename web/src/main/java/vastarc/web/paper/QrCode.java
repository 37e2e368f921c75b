package vastarc.web.paper;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.EncodeHintType;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.util.List;
import java.util.Map;
import vastarc.web.drawing.Drawing;

/** A code that a tablet's camera reads. */
public final class QrCode {

    private static final Map<EncodeHintType, Object> HINTS =
            Map.of(EncodeHintType.ERROR_CORRECTION, ErrorCorrectionLevel.M, EncodeHintType.MARGIN, 2);

    private QrCode() {}

    /**
     * Draws a text as a code, a unit a cell.
     *
     * @param text the text
     * @return the drawing
     * @throws IllegalArgumentException if the text is too long for one
     */
    public static Drawing of(String text) {
        BitMatrix cells;
        try {
            cells = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 0, 0, HINTS);
        } catch (WriterException tooLong) {
            throw new IllegalArgumentException("too long for a code: " + text.length(), tooLong);
        }
        StringBuilder d = new StringBuilder();
        for (int y = 0; y < cells.getHeight(); y++) {
            for (int x = 0; x < cells.getWidth(); x++) {
                int from = x;
                while (x < cells.getWidth() && cells.get(x, y)) {
                    x++;
                }
                if (x > from) {
                    // Neighbours as one: between two of them a printer or a screen leaves a light line.
                    d.append('M').append(from).append(' ').append(y);
                    d.append('h')
                            .append(x - from)
                            .append("v1h")
                            .append(from - x)
                            .append('Z');
                }
            }
        }
        return new Drawing(
                "0 0 " + cells.getWidth() + " " + cells.getHeight(),
                "A code to read: " + text,
                List.of(new Drawing.Path(d.toString(), "black")),
                List.of(),
                1);
    }
}
