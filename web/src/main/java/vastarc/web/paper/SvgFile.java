package vastarc.web.paper;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import org.springframework.web.util.HtmlUtils;
import vastarc.web.drawing.Drawing;

/** A drawing as a file of its own. */
public final class SvgFile {

    private SvgFile() {}

    /**
     * As large as life: a unit of the drawing is a millimetre.
     *
     * @param drawing the drawing
     * @return the text
     */
    public static String ofLife(Drawing drawing) {
        return wide(drawing, Double.parseDouble(drawing.viewBox().split(" ")[2]));
    }

    /**
     * At a width.
     *
     * @param drawing the drawing
     * @param mm      how wide it is printed, mm
     * @return the text
     */
    public static String wide(Drawing drawing, double mm) {
        String[] box = drawing.viewBox().split(" ");
        double high = mm * Double.parseDouble(box[3]) / Double.parseDouble(box[2]);
        StringBuilder svg = new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
                .append(figure(mm))
                .append("mm\" height=\"")
                .append(figure(high))
                .append("mm\" viewBox=\"")
                .append(drawing.viewBox())
                .append("\" font-size=\"")
                .append(drawing.fontMm())
                .append("\" font-family=\"sans-serif\"><title>")
                .append(escaped(drawing.title()))
                .append("</title><style>")
                .append(new Ink().of(drawing))
                .append("</style>\n");
        for (Drawing.Path path : drawing.paths()) {
            svg.append("<path class=\"")
                    .append(path.style())
                    .append("\" d=\"")
                    .append(path.d())
                    .append("\">")
                    .append(path.words().isEmpty() ? "" : "<title>" + escaped(path.words()) + "</title>")
                    .append("</path>\n");
        }
        for (Drawing.Label label : drawing.labels()) {
            svg.append("<text x=\"")
                    .append(label.x())
                    .append("\" y=\"")
                    .append(label.y())
                    .append("\" text-anchor=\"")
                    .append(label.anchor())
                    .append("\">")
                    .append(escaped(label.text()))
                    .append("</text>\n");
        }
        return svg.append("</svg>\n").toString();
    }

    private static String figure(double mm) {
        return BigDecimal.valueOf(mm)
                .setScale(3, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }

    /** What XML wants escaped and nothing else: it knows no names such as {@code &deg;}. */
    private static String escaped(String text) {
        return HtmlUtils.htmlEscape(text, StandardCharsets.UTF_8.name());
    }
}
