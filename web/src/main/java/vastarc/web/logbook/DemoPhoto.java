package vastarc.web.logbook;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Line2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.SplittableRandom;
import javax.imageio.ImageIO;
import vastarc.core.vision.StripLayout;
import vastarc.web.drawing.StripDrawing;

/** A bead drawn for the demo shop, where a photograph would stand; it says so itself. */
final class DemoPhoto {

    private static final int WIDTH = 1200;
    private static final int HEIGHT = 800;
    private static final int MIDDLE = 330;

    /** Of the printed strip that lies beside the bead: pixels a mm, and where its squares begin. */
    private static final double SCALE = 14;

    private static final int TINTED = 45;
    private static final int STRIP_LEFT = 90;
    private static final int STRIP_TOP = 580;
    private static final Color METAL = new Color(168, 170, 170);
    private static final Color GREY = new Color(188, 188, 188);
    private static final Color BEAD = new Color(196, 197, 194);

    private DemoPhoto() {}

    /**
     * Draws a bead with its tint.
     *
     * @param tint beside it
     * @param widthMm from toe to toe, mm
     * @param even how regular its ripples lie, 0 to 1
     * @return a PNG
     */
    static byte[] of(Color tint, double widthMm, double even, long seed) throws IOException {
        double half = SCALE * widthMm / 2;
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        SplittableRandom random = new SplittableRandom(seed);
        metal(pen, random);
        tinted(pen, tint, half);
        bead(pen, half, even, random);
        strip(pen);
        pen.setColor(new Color(40, 40, 40));
        pen.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 26));
        pen.drawString("drawn for the demo shop", 30, 44);
        pen.dispose();
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        ImageIO.write(image, "png", png);
        return png.toByteArray();
    }

    /** Brushed along the seam. */
    private static void metal(Graphics2D pen, SplittableRandom random) {
        pen.setColor(METAL);
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        for (int i = 0; i < 900; i++) {
            int grey = 150 + random.nextInt(45);
            pen.setColor(new Color(grey, grey, grey, 90));
            double y = random.nextInt(HEIGHT);
            double x = random.nextInt(WIDTH);
            pen.draw(new Line2D.Double(x, y, x + 60 + random.nextInt(240), y));
        }
    }

    private static void tinted(Graphics2D pen, Color tint, double half) {
        Color none = new Color(tint.getRed(), tint.getGreen(), tint.getBlue(), 0);
        Color full = new Color(tint.getRed(), tint.getGreen(), tint.getBlue(), 150);
        pen.setPaint(new GradientPaint(0, (float) (MIDDLE - half - TINTED), none, 0, (float) (MIDDLE - half), full));
        pen.fill(new Rectangle2D.Double(60, MIDDLE - half - TINTED, WIDTH - 120, TINTED));
        pen.setPaint(new GradientPaint(0, (float) (MIDDLE + half), full, 0, (float) (MIDDLE + half + TINTED), none));
        pen.fill(new Rectangle2D.Double(60, MIDDLE + half, WIDTH - 120, TINTED));
    }

    private static void bead(Graphics2D pen, double half, double even, SplittableRandom random) {
        pen.setColor(BEAD);
        pen.fill(new RoundRectangle2D.Double(60, MIDDLE - half, WIDTH - 120, 2 * half, 2 * half, 2 * half));
        pen.setStroke(new BasicStroke(3));
        for (double x = 90; x < WIDTH - 150; x += 24 + (1 - even) * (random.nextDouble() - 0.5) * 30) {
            int grey = 120 + random.nextInt(30);
            pen.setColor(new Color(grey, grey, grey));
            pen.draw(new Arc2D.Double(x, MIDDLE - half + 6, 60, 2 * half - 12, -80, 160, Arc2D.OPEN));
        }
    }

    private static void strip(Graphics2D pen) {
        pen.setColor(Color.WHITE);
        field(pen, -5, -5, StripLayout.GREY_TO_MM + 10, StripLayout.ROWS * StripLayout.SQUARE_MM + 10);
        pen.setColor(GREY);
        double grey = StripLayout.GREY_TO_MM - StripLayout.GREY_FROM_MM;
        field(pen, StripLayout.GREY_FROM_MM, 0, grey, StripLayout.ROWS * StripLayout.SQUARE_MM);
        pen.setColor(Color.BLACK);
        for (StripDrawing.BlackSquare square : StripDrawing.squares()) {
            field(pen, square.x(), square.y(), StripLayout.SQUARE_MM, StripLayout.SQUARE_MM);
        }
    }

    /** A field of the strip, mm. */
    private static void field(Graphics2D pen, double u, double v, double width, double height) {
        pen.fill(new Rectangle2D.Double(STRIP_LEFT + SCALE * u, STRIP_TOP + SCALE * v, SCALE * width, SCALE * height));
    }
}
