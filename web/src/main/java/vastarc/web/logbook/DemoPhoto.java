package vastarc.web.logbook;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Arc2D;
import java.awt.geom.Line2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.SplittableRandom;
import javax.imageio.ImageIO;

/** A bead drawn for the demo shop, where a photograph would stand; it says so itself. */
final class DemoPhoto {

    private static final int WIDTH = 1200;
    private static final int HEIGHT = 800;
    private static final int MIDDLE = 420;
    private static final int HALF = 78;
    private static final Color METAL = new Color(168, 170, 170);
    private static final Color BEAD = new Color(196, 197, 194);

    private DemoPhoto() {}

    /**
     * Draws a bead with its tint.
     *
     * @param tint beside it
     * @param even how regular its ripples lie, 0 to 1
     * @return a PNG
     */
    static byte[] of(Color tint, double even, long seed) throws IOException {
        BufferedImage image = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D pen = image.createGraphics();
        pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        SplittableRandom random = new SplittableRandom(seed);
        metal(pen, random);
        tinted(pen, tint);
        bead(pen, even, random);
        pen.setColor(new Color(40, 40, 40));
        pen.setFont(new Font(Font.SANS_SERIF, Font.PLAIN, 26));
        pen.drawString("drawn for the demo shop", 30, HEIGHT - 30);
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

    private static void tinted(Graphics2D pen, Color tint) {
        Color none = new Color(tint.getRed(), tint.getGreen(), tint.getBlue(), 0);
        Color full = new Color(tint.getRed(), tint.getGreen(), tint.getBlue(), 150);
        pen.setPaint(new GradientPaint(0, MIDDLE - 2 * HALF, none, 0, MIDDLE - HALF, full));
        pen.fillRect(60, MIDDLE - 2 * HALF, WIDTH - 120, HALF);
        pen.setPaint(new GradientPaint(0, MIDDLE + HALF, full, 0, MIDDLE + 2 * HALF, none));
        pen.fillRect(60, MIDDLE + HALF, WIDTH - 120, HALF);
    }

    private static void bead(Graphics2D pen, double even, SplittableRandom random) {
        pen.setColor(BEAD);
        pen.fill(new RoundRectangle2D.Double(60, MIDDLE - HALF, WIDTH - 120, 2 * HALF, 2 * HALF, 2 * HALF));
        pen.setStroke(new BasicStroke(3));
        for (double x = 90; x < WIDTH - 150; x += 24 + (1 - even) * (random.nextDouble() - 0.5) * 30) {
            int grey = 120 + random.nextInt(30);
            pen.setColor(new Color(grey, grey, grey));
            pen.draw(new Arc2D.Double(x, MIDDLE - HALF + 6, 60, 2 * HALF - 12, -80, 160, Arc2D.OPEN));
        }
    }
}
