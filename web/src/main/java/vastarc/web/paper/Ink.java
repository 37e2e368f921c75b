package vastarc.web.paper;

import java.util.Locale;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.PanelDrawing;

/** The style that drawings are printed with: a PDF knows nothing of the page's, and its lines grow with the drawing. */
public final class Ink {

    /** Widths are in letters of the drawing: {@code @0.08} is eight hundredths of its letter height. */
    private static final Pattern WIDTH = Pattern.compile("@([0-9.]+)");

    private static final String DRAWING = """
            path { fill: none; stroke: #111; stroke-width: @0.09; stroke-linecap: round; stroke-linejoin: round }
            text { font-family: Plex; fill: #111; stroke: none } .halo { stroke: #fff; stroke-width: @0.3 }
            .metal { fill: #dcd8cd } .pool { fill: #e5bd6c } .molten { fill: #f3c64f } .bead { fill: #bbb } .wire, .tungsten, .cup { fill: #fff }
            .arc { fill: #e0b45a; fill-opacity: .5; stroke: none } .gas, .argon { fill: #111; fill-opacity: .06; stroke: none }
            .band { fill: #111; fill-opacity: .13; stroke: none } .gridline, .ripple { stroke: #999; stroke-width: @0.04 }
            .dim { stroke-width: @0.05 } .dashed { stroke-dasharray: @0.4 @0.3 } .dotted, .target { stroke-dasharray: @0.15 @0.25 }
            .mark.second { stroke: #666 } .reading, .dot { fill: #111; stroke: none } .hole, .burnt, .dam { fill: #888 }
            .area, .fill { fill: #111; fill-opacity: .2; stroke: none } .soot { fill: #111 } .sugar { fill: #6f5b45 }
            .tint-straw { fill: #d8b35c } .tint-purple { fill: #7b3f78 } .tint-blue { fill: #2f5fa8 } .tint-grey { fill: #777 } .tint-white { fill: #fff }
            .zone { stroke: none; fill: #111; fill-opacity: .02 } .zone-NOT_THROUGH, .zone-ROOT_NOT_FUSED { fill-opacity: .1 } .zone-GOOD { fill-opacity: .24 }
            .zone-TOO_HOT_FOR_COLOUR, .zone-BACK_MELTS, .zone-UNDERCUT, .zone-TOO_WIDE { fill: #d8a13a; fill-opacity: .3 }
            .zone-SAGS { fill: #d8a13a; fill-opacity: .6 } .zone-BURN_THROUGH { fill: #c4511f; fill-opacity: .7 }
            .zone-unsure { stroke-width: @0.04 } .run-passed { fill: #111 } .chance { stroke-dasharray: @0.1 @0.3 }
            .member, .torch-body { stroke-width: @0.2 } .strong, .position { font-weight: bold } .black { fill: #000; stroke: none }
            """;

    private static final String FRONT = """
            path { fill: none; stroke: #111; stroke-width: 3 } text { font-family: Plex; fill: #111; font-size: 21px; stroke: none }
            .field, .slot, .screen, .cap, .push, .socket { fill: #fff } .frame { stroke-width: 9 } .crease, .slit, .screw, .rivet { stroke: #999 }
            .pointer { stroke-width: 7 } .bar { stroke-width: 12 } .lever { stroke-width: 7 } .lever-tip, .lamp.on, .socket-hole { fill: #111 }
            .ghost, .ghost-tip { stroke-dasharray: 7 6 } .figure { font-size: 18px } .stop { fill: #555 } .stop.on { fill: #111; font-weight: bold }
            .name { font-size: 22px } .shown { font-size: 25px; font-weight: bold } .shown.large { font-size: 40px } .idle text { fill: #999 } .idle path { stroke: #bbb } .idle .lever-tip, .idle .lamp.on { fill: #bbb }
            """;

    /**
     * Of a drawing, its lines as thick as its letters want them.
     *
     * @param drawing the drawing
     * @return the text
     */
    public String of(Drawing drawing) {
        return WIDTH.matcher(DRAWING).replaceAll(found -> scaled(found, drawing.fontMm()));
    }

    private static String scaled(MatchResult found, double letters) {
        return String.format(Locale.ROOT, "%.4f", letters * Double.parseDouble(found.group(1)));
    }

    /**
     * Of a machine's front.
     *
     * @param drawing the drawing
     * @return the text
     */
    public String of(PanelDrawing drawing) {
        return FRONT;
    }

    /**
     * {@return height of a drawing at a width, mm}
     *
     * @param viewBox the view box
     * @param widthMm width, mm
     */
    public String height(String viewBox, double widthMm) {
        String[] box = viewBox.strip().split("\\s+");
        return String.format(Locale.ROOT, "%.2fmm", widthMm * Double.parseDouble(box[3]) / Double.parseDouble(box[2]));
    }
}
