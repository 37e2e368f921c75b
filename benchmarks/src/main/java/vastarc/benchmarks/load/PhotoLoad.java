package vastarc.benchmarks.load;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.SplittableRandom;
import javax.imageio.ImageIO;
import vastarc.core.vision.StripLayout;

/**
 * A large photograph of a drawn bead beside its strip, measured again and again by the running program.
 *
 * <p>Use, with the program on this machine: {@code benchmarks/run-load PhotoLoad 8090 12 10}, megapixels and times. For one core start the program with
 * {@code taskset -c 0 ./run --port 8090}.
 */
public final class PhotoLoad {

    private static final double PICTURE_MM = 110;
    private static final double SHAPE = 3.0 / 4;
    private static final double BEAD_FROM_MM = 8;
    private static final double BEAD_MM = 90;
    private static final double BEAD_Y_MM = 28;
    private static final double HALF_WIDTH_MM = 3.2;
    private static final double RIPPLE_MM = 1.7;
    private static final double STRIP_X_MM = 18;
    private static final double STRIP_Y_MM = 56;
    private static final String BOUNDARY = "photograph";

    private final double scale;
    private final Graphics2D pen;
    private final BufferedImage image;

    private PhotoLoad(double megapixels) {
        int width = (int) Math.sqrt(megapixels * 1e6 / SHAPE);
        this.image = new BufferedImage(width, (int) (SHAPE * width), BufferedImage.TYPE_INT_RGB);
        this.scale = width / PICTURE_MM;
        this.pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        pen.scale(scale, scale);
    }

    public static void main(String[] arguments) throws Exception {
        int port = Integer.parseInt(arguments.length > 0 ? arguments[0] : "8080");
        double megapixels = Double.parseDouble(arguments.length > 1 ? arguments[1] : "12");
        int count = Math.min(1000, Integer.parseInt(arguments.length > 2 ? arguments[2] : "10"));
        byte[] jpeg = new PhotoLoad(megapixels).jpeg();
        HttpRequest request = HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/v1/measure"))
                .header("Content-Type", "multipart/form-data; boundary=" + BOUNDARY)
                .POST(HttpRequest.BodyPublishers.ofByteArray(form(jpeg)))
                .build();
        Times times = new Times();
        String answer = "";
        for (int i = 0; i < count; i++) {
            long sent = System.nanoTime();
            HttpResponse<String> response =
                    HttpClient.newHttpClient().send(request, HttpResponse.BodyHandlers.ofString());
            times.add(System.nanoTime() - sent, response.body().contains("\"seamMm\""));
            answer = response.statusCode() + " " + response.body().substring(0, 120);
        }
        times.print(megapixels + " megapixels, " + jpeg.length / 1024 + " KB");
        System.out.println(answer + "; " + StreamLoad.memory(port));
    }

    private static byte[] form(byte[] jpeg) throws IOException {
        ByteArrayOutputStream form = new ByteArrayOutputStream();
        String part = "--" + BOUNDARY + "\r\nContent-Disposition: form-data; name=";
        form.write((part + "\"image\"; filename=\"bead.jpg\"\r\nContent-Type: image/jpeg\r\n\r\n")
                .getBytes(StandardCharsets.US_ASCII));
        form.write(jpeg);
        form.write(("\r\n" + part + "\"ask\"\r\n\r\n{\"scale\":{\"strip\":true},\"material\":\"STAINLESS_304L\"}\r\n--"
                        + BOUNDARY + "--\r\n")
                .getBytes(StandardCharsets.US_ASCII));
        return form.toByteArray();
    }

    private byte[] jpeg() throws IOException {
        SplittableRandom random = new SplittableRandom(12);
        field(new Color(168, 170, 170), 0, 0, PICTURE_MM, SHAPE * PICTURE_MM);
        pen.setColor(new Color(196, 197, 194));
        pen.fill(new RoundRectangle2D.Double(
                BEAD_FROM_MM,
                BEAD_Y_MM - HALF_WIDTH_MM,
                BEAD_MM,
                2 * HALF_WIDTH_MM,
                2 * HALF_WIDTH_MM,
                2 * HALF_WIDTH_MM));
        pen.setStroke(new BasicStroke(0.2f));
        for (double x = BEAD_FROM_MM + 2; x < BEAD_FROM_MM + BEAD_MM - 6; x += RIPPLE_MM) {
            int grey = 120 + random.nextInt(30);
            pen.setColor(new Color(grey, grey, grey));
            pen.draw(new Arc2D.Double(
                    x, BEAD_Y_MM - HALF_WIDTH_MM + 0.4, 4.2, 2 * HALF_WIDTH_MM - 0.8, -80, 160, Arc2D.OPEN));
        }
        strip();
        pen.dispose();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageIO.write(image, "jpeg", out);
        return out.toByteArray();
    }

    private void strip() {
        double side = StripLayout.SQUARE_MM;
        field(Color.WHITE, STRIP_X_MM - side, STRIP_Y_MM - side, StripLayout.GREY_TO_MM + 2 * side, 4 * side);
        for (int at = 0; at < StripLayout.ROWS * StripLayout.COLUMNS; at++) {
            int row = at / StripLayout.COLUMNS;
            int column = at % StripLayout.COLUMNS;
            if (StripLayout.isBlack(row, column)) {
                field(Color.BLACK, STRIP_X_MM + column * side, STRIP_Y_MM + row * side, side, side);
            }
        }
        field(
                new Color(188, 188, 188),
                STRIP_X_MM + StripLayout.GREY_FROM_MM,
                STRIP_Y_MM,
                StripLayout.GREY_TO_MM - StripLayout.GREY_FROM_MM,
                StripLayout.ROWS * side);
    }

    private void field(Color colour, double x, double y, double width, double height) {
        pen.setColor(colour);
        pen.fill(new Rectangle2D.Double(x, y, width, height));
    }
}
