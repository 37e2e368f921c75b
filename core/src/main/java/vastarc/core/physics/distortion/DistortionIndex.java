package vastarc.core.physics.distortion;

/**
 * What pulls, to compare one way of welding with another; no figure in millimetres or degrees. {@code docs/model/map.md (13)}. Source: own.
 *
 * @param heatJPerMm heat that a millimetre of seam took, J/mm
 * @param lopsided   how much more melted in front than behind, 0 to 1
 * @param index      both over the square of the thickness
 */
public record DistortionIndex(double heatJPerMm, double lopsided, double index) {

    /**
     * {@return the index of a weld: the heat of a millimetre, and how much more of it melted in front than behind, over the square of the thickness
     * that has to bear it}
     *
     * @param heatJPerMm heat that a millimetre of seam took, J/mm
     * @param frontMm    width of what melted in front, mm
     * @param backMm     width of what melted behind, mm
     * @param thickMm    thickness of the joint, mm, above 0
     */
    public static DistortionIndex of(double heatJPerMm, double frontMm, double backMm, double thickMm) {
        double lopsided = frontMm > 0 ? (frontMm - backMm) / (frontMm + backMm) : 0;
        return new DistortionIndex(heatJPerMm, lopsided, heatJPerMm * (1 + 2 * lopsided) / (thickMm * thickMm));
    }
}
