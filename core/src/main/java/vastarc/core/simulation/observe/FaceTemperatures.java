package vastarc.core.simulation.observe;

import java.util.List;
import vastarc.core.simulation.mesh.SectionMesh;
import vastarc.core.simulation.mesh.SectionMesh.BoundaryFace;
import vastarc.core.simulation.shape.BeadSection.Toes;
import vastarc.core.simulation.solver.TemperatureField;

/**
 * Temperatures of a row of facets, reached from the cells below them, and how far along them a temperature goes: between
 * two facets it lies where the logarithm of the potential above the coldest meets it. The potential bends less than the temperature where
 * solid meets stirred liquid.
 */
public final class FaceTemperatures {

    private final TemperatureField field;
    private final double coldest;
    private final boolean mirrored;
    private final int[] first;
    private final int[] second;
    private final double[] places;
    private final double[] halves;
    private final double[] depths;
    private final ArcFlux flux;

    /** Heat that falls on a facet, W/mm². */
    public interface ArcFlux {
        /** No arc. */
        ArcFlux NONE = (column, facet) -> 0;

        /**
         * {@return the heat on a facet, W/mm²}
         *
         * @param column number of the column along the seam, from 0
         * @param facet number of the facet in its column, from 0
         */
        double perMm2(int column, int facet);
    }

    FaceTemperatures(TemperatureField field, List<BoundaryFace> facets, double coldestC, ArcFlux flux) {
        this.flux = flux;
        this.field = field;
        this.coldest = field.melt.potentialOf(coldestC - 1);
        this.mirrored = field.grid.section.shape().isMirrored();
        int count = facets.size();
        first = new int[count];
        second = new int[count];
        places = new double[count];
        halves = new double[count];
        depths = new double[count];
        for (int i = 0; i < count; i++) {
            BoundaryFace facet = facets.get(i);
            int row = facet.row();
            int layer = facet.layer();
            int dy = facet.side().dy;
            int dz = facet.side().dz;
            SectionMesh mesh = field.grid.section;
            boolean two = mesh.isMetal(row - dy, layer - dz);
            first[i] = field.grid.cell(facet);
            second[i] = two ? field.grid.layout.place(row - dy, layer - dz) : first[i];
            places[i] = facet.placeMm();
            halves[i] = facet.lengthMm() / 2;
            depths[i] = facet.deepMm();
        }
    }

    int count() {
        return places.length;
    }

    double place(int facet) {
        return places[facet];
    }

    boolean isMirrored() {
        return mirrored;
    }

    /** °C of a facet: from the middles of the two cells below it by the parabola whose slope at the face carries the heat that goes in there. */
    double celsius(int column, int facet) {
        int start = field.pad + column * field.grid.stride;
        double a = field.melt.potential().at(field.enthalpy()[start + first[facet]]);
        double b = field.melt.potential().at(field.enthalpy()[start + second[facet]]);
        double into = flux.perMm2(column, facet) * depths[facet];
        return field.melt.celsiusOf().at((9 * a - b + 3 * into) / 8);
    }

    /** Width over which the facets are at a temperature or above it, mm; 0 where none is. */
    double width(double[] celsius, int from, double wanted) {
        Toes toes = toes(celsius, from, wanted);
        return toes.rightMm() - toes.leftMm();
    }

    /** Places between which the facets are at a temperature or above it. */
    Toes toes(double[] celsius, int from, double wanted) {
        int count = places.length;
        int last = count - 1;
        while (last >= 0 && celsius[from + last] < wanted) {
            last--;
        }
        if (last < 0) {
            return Toes.NONE;
        }
        double right = last == count - 1 ? places[last] + halves[last] : between(last, last + 1, celsius, from, wanted);
        if (mirrored) {
            return new Toes(-right, right);
        }
        int least = 0;
        while (celsius[from + least] < wanted) {
            least++;
        }
        double left = least == 0 ? places[0] - halves[0] : between(least, least - 1, celsius, from, wanted);
        return new Toes(left, right);
    }

    private double between(int in, int out, double[] celsius, int from, double wanted) {
        double a = log(celsius[from + in]);
        double b = log(celsius[from + out]);
        double w = log(wanted);
        double share = a == b ? 0 : Math.max(0, Math.min(1, (w - a) / (b - a)));
        return places[in] + (places[out] - places[in]) * share;
    }

    private double log(double celsius) {
        return Math.log(Math.max(1e-6, field.melt.potentialOf(celsius) - coldest));
    }

    /** Number of the place that lies nearest to the root. */
    int nearestToRoot() {
        int root = 0;
        for (int i = 0; i < count(); i++) {
            root = Math.abs(place(i)) < Math.abs(place(root)) ? i : root;
        }
        return root;
    }
}
