package vastarc.core.simulation.result;

/**
 * What one temperature encloses at one instant, mm: widths over both sides of the seam, lengths along it, depth below the arc's face.
 *
 * @param frontMm how far ahead of the arc it reaches on the arc's face
 * @param tailMm  how far behind the arc it reaches there
 */
public record IsothermExtent(
        double celsius,
        double widthTopMm,
        double widthBottomMm,
        double lengthTopMm,
        double lengthBottomMm,
        double depthMm,
        double frontMm,
        double tailMm) {}
