package vastarc.core.simulation.observe;

import org.hipparchus.analysis.polynomials.PolynomialFunctionLagrangeForm;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.observe.FaceTemperatures.ArcFlux;
import vastarc.core.simulation.solver.TemperatureField;

/**
 * Reads temperatures between the cells of a field. Faces are reached from the three cells below them along a parabola, the seam line from
 * the two beside it along an even one; an outline lies where the logarithm of the temperature above the coldest meets it along a straight
 * line between two cells.
 */
public final class TemperatureReader {

    private static final int AROUND = 4;

    private final TemperatureField field;
    private final Grid grid;
    private final double coldestC;
    private final double dz;
    private final FaceTemperatures top;
    private final FaceTemperatures bottom;

    /**
     * Reads a field as it is at each time.
     *
     * @param field the temperatures
     * @param coldestC lowest temperature that a reader asks for, °C; columns colder than it are passed over
     * @param flux heat of the arc on the faces
     */
    public TemperatureReader(TemperatureField field, double coldestC, ArcFlux flux) {
        this.top = new FaceTemperatures(field, field.grid.section.front(), coldestC, flux);
        this.bottom = new FaceTemperatures(field, field.grid.section.back(), coldestC, ArcFlux.NONE);
        this.field = field;
        this.grid = field.grid;
        this.coldestC = coldestC - 1;
        this.dz = grid.section.downMm(1) - grid.section.downMm(0);
    }

    /** A face of a plate. */
    public enum PlateFace {
        /** The face that sees the arc. */
        TOP,
        /** The face behind. */
        BOTTOM
    }

    /** °C of a face over a row's middle. */
    double face(int column, int row, PlateFace face) {
        return (face == PlateFace.TOP ? top : bottom).celsius(column, row);
    }

    /**
     * {@return °C of a face on the seam line}
     *
     * @param column number of the column along the seam, from 0
     * @param face the face
     */
    public double seam(int column, PlateFace face) {
        double near = face(column, 0, face);
        double far = face(column, 1, face);
        double nearSquare = grid.y(0) * grid.y(0);
        double farSquare = grid.y(1) * grid.y(1);
        return near - (far - near) * nearSquare / (farSquare - nearSquare);
    }

    /** How far from the seam a temperature reaches on a face at a column, mm; 0 where it does not. */
    double reach(int column, double celsius, PlateFace face) {
        double outer = face(column, grid.rows - 1, face);
        if (outer >= celsius) {
            return grid.section.acrossMm(grid.rows);
        }
        for (int row = grid.rows - 2; row >= 0; row--) {
            double inner = face(column, row, face);
            if (inner >= celsius) {
                return between(grid.y(row), inner, grid.y(row + 1), outer, celsius);
            }
            outer = inner;
        }
        double middle = seam(column, face);
        return middle >= celsius ? between(0, middle, grid.y(0), outer, celsius) : 0;
    }

    /** Where between two places a temperature is met. */
    double between(double placeA, double celsiusA, double placeB, double celsiusB, double celsius) {
        double a = Math.log(Math.max(1e-3, celsiusA - coldestC));
        double b = Math.log(Math.max(1e-3, celsiusB - coldestC));
        double wanted = Math.log(Math.max(1e-3, celsius - coldestC));
        return a == b ? placeA : placeA + (placeB - placeA) * Math.max(0, Math.min(1, (wanted - a) / (b - a)));
    }

    /** How deep below the arc's face a temperature reaches under the seam at a column, mm. */
    double depth(int column, double celsius) {
        double thickness = grid.layers * dz;
        double deeper = seam(column, PlateFace.BOTTOM);
        if (deeper >= celsius) {
            return thickness;
        }
        double at = thickness;
        for (int layer = grid.layers - 1; layer >= 0; layer--) {
            double here = inside(column, layer);
            double middle = (layer + 0.5) * dz;
            if (here >= celsius) {
                return between(middle, here, at, deeper, celsius);
            }
            deeper = here;
            at = middle;
        }
        double top = seam(column, PlateFace.TOP);
        return top >= celsius ? between(0, top, at, deeper, celsius) : 0;
    }

    private double inside(int column, int layer) {
        double near = field.celsius(column, 0, layer);
        double far = field.celsius(column, 1, layer);
        double nearSquare = grid.y(0) * grid.y(0);
        double farSquare = grid.y(1) * grid.y(1);
        return near - (far - near) * nearSquare / (farSquare - nearSquare);
    }

    /** °C at a place: cubic along the seam and across it, straight through the thickness. */
    double at(double xMm, double yMm, double zMm) {
        int first = (int) Math.floor(xMm / grid.dx - 0.5) - 1;
        double[] places = new double[AROUND];
        double[] values = new double[AROUND];
        for (int i = 0; i < AROUND; i++) {
            int column = first + i;
            places[i] = grid.x(column);
            values[i] = across(Math.max(-1 - column, Math.min(column, 2 * grid.columns - 1 - column)), yMm, zMm);
        }
        return PolynomialFunctionLagrangeForm.evaluate(places, values, xMm);
    }

    private double across(int mirrored, double yMm, double zMm) {
        int column = Math.max(0, Math.min(grid.columns - 1, mirrored));
        int beyond = 0;
        while (beyond < grid.rows && grid.y(beyond) < yMm) {
            beyond++;
        }
        int first = Math.min(beyond - AROUND / 2, grid.rows - AROUND);
        double[] places = new double[AROUND];
        double[] values = new double[AROUND];
        for (int i = 0; i < AROUND; i++) {
            int row = first + i;
            int real = row < 0 ? -1 - row : row;
            places[i] = row < 0 ? -grid.y(real) : grid.y(real);
            values[i] = through(column, real, zMm);
        }
        return PolynomialFunctionLagrangeForm.evaluate(places, values, yMm);
    }

    private double through(int column, int row, double zMm) {
        double layer = zMm / dz - 0.5;
        if (layer < 0) {
            double face = face(column, row, PlateFace.TOP);
            return face + (field.celsius(column, row, 0) - face) * zMm / (dz / 2);
        }
        if (layer > grid.layers - 1) {
            double face = face(column, row, PlateFace.BOTTOM);
            double above = grid.layers * dz - zMm;
            return face + (field.celsius(column, row, grid.layers - 1) - face) * above / (dz / 2);
        }
        int upper = (int) Math.min(grid.layers - 2, Math.floor(layer));
        double a = field.celsius(column, row, upper);
        return a + (field.celsius(column, row, upper + 1) - a) * (layer - upper);
    }

    /** The column whose seam is hottest on a face. */
    int hottest(PlateFace face) {
        int row = grid.layout.place(0, face == PlateFace.TOP ? 0 : grid.layers - 1);
        int hottest = 0;
        for (int column = 1; column < reached(); column++) {
            if (field.enthalpy()[field.pad + column * grid.stride + row]
                    > field.enthalpy()[field.pad + hottest * grid.stride + row]) {
                hottest = column;
            }
        }
        return hottest;
    }

    Grid grid() {
        return grid;
    }

    /** {@return columns that can be warm} */
    public int reached() {
        return field.reached();
    }
}
