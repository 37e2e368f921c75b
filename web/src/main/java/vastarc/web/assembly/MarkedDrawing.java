package vastarc.web.assembly;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Font;
import java.awt.FontMetrics;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.List;
import javax.imageio.ImageIO;
import vastarc.core.record.assembly.SeamState;
import vastarc.web.assembly.AssemblyPage.Mark;

/** The drawing of an assembly with its seams marked, as a picture: for paper, and to be passed on. */
final class MarkedDrawing {

    private static final double RADIUS_SHARE = 1 / 60.0;
    private static final double TEXT_SHARE = 1.5;
    private static final Color INK = new Color(0x14181a);
    private static final Color PAPER = new Color(0xfdfbf4);
    private static final Color GREY = new Color(0x9aa39f);

    private final Graphics2D pen;
    private final double radius;

    private MarkedDrawing(Graphics2D pen, double radius) {
        this.pen = pen;
        this.radius = radius;
    }

    /** {@return the picture as JPEG} */
    static byte[] jpeg(byte[] drawing, List<Mark> marks) {
        try {
            BufferedImage image = ImageIO.read(new ByteArrayInputStream(drawing));
            Graphics2D pen = image.createGraphics();
            pen.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            MarkedDrawing marked = new MarkedDrawing(pen, RADIUS_SHARE * image.getWidth());
            marks.forEach(marked::mark);
            pen.dispose();
            ByteArrayOutputStream out = new ByteArrayOutputStream();
            ImageIO.write(image, "jpeg", out);
            return out.toByteArray();
        } catch (IOException unwritten) {
            throw new UncheckedIOException(unwritten);
        }
    }

    private void mark(Mark mark) {
        SeamState state = SeamState.valueOf(mark.state());
        disc(mark, radius * 1.2, PAPER);
        disc(mark, radius, state == SeamState.OPEN ? PAPER : state == SeamState.WELDED ? GREY : INK);
        pen.setColor(INK);
        pen.setStroke(new BasicStroke((float) (radius / 8)));
        pen.draw(circle(mark, radius));
        pen.setColor(PAPER);
        pen.setStroke(new BasicStroke((float) (radius / 5)));
        pen.draw(sign(mark, state));
        number(mark);
    }

    private void disc(Mark mark, double size, Color colour) {
        pen.setColor(colour);
        pen.fill(circle(mark, size));
    }

    private static Ellipse2D circle(Mark mark, double size) {
        return new Ellipse2D.Double(mark.x() - size, mark.y() - size, 2 * size, 2 * size);
    }

    /** A tick, a cross, or two bars. */
    private Path2D sign(Mark mark, SeamState state) {
        double[][] strokes = switch (state) {
            case ACCEPTED -> new double[][] {{-0.5, 0, -0.1, 0.45, 0.55, -0.45}};
            case REJECTED -> new double[][] {{-0.45, -0.45, 0.45, 0.45}, {0.45, -0.45, -0.45, 0.45}};
            case HELD -> new double[][] {{-0.4, -0.5, -0.4, 0.5}, {0.4, -0.5, 0.4, 0.5}};
            case OPEN, WELDED -> new double[0][];
        };
        Path2D path = new Path2D.Double();
        for (double[] stroke : strokes) {
            path.moveTo(mark.x() + radius * stroke[0], mark.y() + radius * stroke[1]);
            for (int i = 2; i < stroke.length; i += 2) {
                path.lineTo(mark.x() + radius * stroke[i], mark.y() + radius * stroke[i + 1]);
            }
        }
        return path;
    }

    private void number(Mark mark) {
        pen.setFont(new Font(Font.SANS_SERIF, Font.BOLD, (int) Math.round(TEXT_SHARE * radius)));
        FontMetrics metrics = pen.getFontMetrics();
        float left = (float) (mark.x() - metrics.stringWidth(mark.number()) / 2.0);
        float base = (float) (mark.y() + 2.6 * radius);
        pen.setColor(PAPER);
        pen.fill(new RoundRectangle2D.Double(
                left - radius / 4,
                base - metrics.getAscent(),
                metrics.stringWidth(mark.number()) + radius / 2,
                metrics.getHeight(),
                radius,
                radius));
        pen.setColor(INK);
        pen.drawString(mark.number(), left, base);
    }
}
