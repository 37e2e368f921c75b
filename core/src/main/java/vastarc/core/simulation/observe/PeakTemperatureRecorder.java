package vastarc.core.simulation.observe;

import java.util.Arrays;
import java.util.stream.IntStream;
import vastarc.core.simulation.mesh.ColumnLayout;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.SectionMesh;
import vastarc.core.simulation.observe.FaceTemperatures.ArcFlux;
import vastarc.core.simulation.shape.BeadSection.Toes;
import vastarc.core.simulation.solver.TemperatureField;

/** Stores what the seam has seen: how hot each place of both faces was, how hot it was in the air, what of the section was molten. */
public final class PeakTemperatureRecorder {

    private static final double BEHIND_MM = 18;
    private static final double AHEAD_MM = 7;
    private static final int ALL_EVERY = 16;

    final TemperatureField field;
    final FaceTemperatures front;
    final FaceTemperatures back;
    /**
     * The front with the heat that falls on it. Where the pool ends, solid metal of less conductivity lies below stirred liquid: there its steep
     * slope, carried on as a parabola, reaches too far (decision 056): the hottest place is read with it, widths without.
     */
    private final FaceTemperatures heated;

    private final ArcFlux flux;

    final double[] frontNow;
    final double[] frontPeak;
    final double[] frontAir;
    final double[] backNow;
    final double[] backPeak;
    final double[] backAir;

    final FreezingTimes frontTimes;
    final FreezingTimes backTimes;
    /** When each column was last looked at, s. */
    private final double[] seenS;

    /** Highest enthalpy of each cell, J/mm³. */
    private final float[] peaks;

    private final double coverMm;
    private final boolean purged;
    private final double initialC;
    private final double meltC;
    private final float melts;
    private int looks;

    /** The state of the pool. */
    public record PoolState(double frontMm, double backMm, double lengthMm, double volumeMm3, double hottestC) {}

    /**
     * Records the peaks of a field from now on.
     *
     * @param field the temperatures
     * @param initialC temperature before the arc, °C
     * @param meltC temperature at which the metal counts as molten, °C
     * @param coverMm length that the gas covers behind the arc, mm
     * @param purged whether the back is purged
     * @param flux heat of the arc on the faces
     */
    public PeakTemperatureRecorder(
            TemperatureField field, double initialC, double meltC, double coverMm, boolean purged, ArcFlux flux) {
        this.field = field;
        this.front = new FaceTemperatures(field, field.grid.section.front(), initialC, ArcFlux.NONE);
        this.flux = flux;
        this.heated = new FaceTemperatures(field, field.grid.section.front(), initialC, flux);
        this.back = new FaceTemperatures(field, field.grid.section.back(), initialC, ArcFlux.NONE);
        this.coverMm = coverMm;
        this.purged = purged;
        this.initialC = initialC;
        this.meltC = meltC;
        this.melts = (float) field.melt.enthalpy().at(meltC);
        int columns = field.grid.columns;
        this.frontNow = cold(columns * front.count());
        this.frontPeak = cold(columns * front.count());
        this.frontAir = cold(columns * front.count());
        this.backNow = cold(columns * back.count());
        this.backPeak = cold(columns * back.count());
        this.backAir = cold(columns * back.count());
        this.frontTimes = new FreezingTimes(frontNow.length, meltC);
        this.backTimes = new FreezingTimes(backNow.length, meltC);
        this.seenS = new double[columns];
        this.peaks = new float[columns * field.grid.stride];
    }

    private double[] cold(int length) {
        double[] values = new double[length];
        Arrays.fill(values, initialC);
        return values;
    }

    /**
     * Looks at the seam.
     *
     * @param s     now, from the strike
     * @param arcX  where the torch is, mm
     * @param gasOn it still gives gas
     * @param whole looks at all of it, not only near the arc
     */
    public void look(double s, double arcX, boolean gasOn, boolean whole) {
        for (int x : columns(arcX, whole || looks++ % ALL_EVERY == 0)) {
            see(s, x, arcX, gasOn);
        }
    }

    private void see(double s, int column, double arcX, boolean gasOn) {
        double away = distance(field.grid.x(column), arcX);
        // The cup is round: beside the seam its gas reaches less far back.
        double beside = gasOn && away <= coverMm ? Math.sqrt(coverMm * coverMm - away * away) : -1;
        Look look = new Look(column, seenS[column], s);
        see(front, look, frontNow, frontTimes);
        see(back, look, backNow, backTimes);
        raise(front, column, frontNow, frontPeak, frontAir, beside);
        raise(back, column, backNow, backPeak, backAir, purged ? Double.POSITIVE_INFINITY : -1);
        seenS[column] = s;
        raisePeaks(field.enthalpy(), field.pad + column * field.grid.stride, column * field.grid.stride);
    }

    private void raisePeaks(double[] enthalpy, int start, int kept) {
        for (int i = 0; i < field.grid.stride; i++) {
            float here = (float) enthalpy[start + i];
            if (here > peaks[kept + i]) {
                peaks[kept + i] = here;
            }
        }
    }

    /** A column, when it was seen before, and now. */
    private record Look(int column, double beforeS, double nowS) {}

    private static void see(FaceTemperatures face, Look look, double[] now, FreezingTimes times) {
        int from = look.column() * face.count();
        for (int i = 0; i < face.count(); i++) {
            double celsius = face.celsius(look.column(), i);
            times.see(from + i, now[from + i], look.beforeS(), celsius, look.nowS());
            now[from + i] = celsius;
        }
    }

    private static void raise(
            FaceTemperatures face, int column, double[] now, double[] peak, double[] air, double coveredMm) {
        int from = column * face.count();
        for (int i = 0; i < face.count(); i++) {
            peak[from + i] = Math.max(peak[from + i], now[from + i]);
            if (Math.abs(face.place(i)) > coveredMm) {
                air[from + i] = Math.max(air[from + i], now[from + i]);
            }
        }
    }

    private double distance(double x, double arcX) {
        double straight = Math.abs(x - arcX);
        return field.grid.ring ? Math.min(straight % length(), length() - straight % length()) : straight;
    }

    private double length() {
        return field.grid.columns * field.grid.dx;
    }

    /** Columns near the arc, or all of them. */
    private int[] columns(double arcX, boolean all) {
        int columns = field.grid.columns;
        int reached = field.grid.ring ? columns : field.reached();
        int from = (int) Math.floor((arcX - BEHIND_MM) / field.grid.dx);
        int to = (int) Math.ceil((arcX + AHEAD_MM) / field.grid.dx);
        if (all || to - from >= columns) {
            return IntStream.range(0, reached).toArray();
        }
        return field.grid.ring
                ? IntStream.range(from, to).map(x -> Math.floorMod(x, columns)).toArray()
                : IntStream.range(Math.max(0, from), Math.min(to, reached)).toArray();
    }

    /** The pool as it was at the last look. */
    PoolState pool(double arcX, double meltC) {
        Grid grid = field.grid;
        double frontMm = 0;
        double backMm = 0;
        double hottest = initialC;
        int molten = 0;
        double volume = 0;
        for (int x : columns(arcX, false)) {
            double width = front.width(frontNow, x * front.count(), meltC);
            frontMm = Math.max(frontMm, width);
            backMm = Math.max(backMm, back.width(backNow, x * back.count(), meltC));
            molten += width > 0 ? 1 : 0;
            for (int i = 0; i < front.count(); i++) {
                boolean lit = flux.perMm2(x, i) > 0;
                hottest = Math.max(hottest, lit ? heated.celsius(x, i) : frontNow[x * front.count() + i]);
            }
            volume += width > 0 ? molten(x) : 0;
        }
        return new PoolState(frontMm, backMm, molten * grid.dx, volume * grid.section.whole(), hottest);
    }

    private double molten(int column) {
        int start = field.pad + column * field.grid.stride;
        double volume = 0;
        for (int i = 0; i < field.grid.stride; i++) {
            volume += field.enthalpy()[start + i] >= melts ? field.grid.volume[i] : 0;
        }
        return volume;
    }

    /** Width of the bead that stays on the face at a column, mm. */
    double frontBeadMm(int column, double meltC) {
        return front.width(frontPeak, column * front.count(), meltC);
    }

    /** Toes of the bead that stays on the face at a column. */
    Toes frontToes(int column, double meltC) {
        return front.toes(frontPeak, column * front.count(), meltC);
    }

    Toes backToes(int column, double meltC) {
        return back.count() == 0 ? Toes.NONE : back.toes(backPeak, column * back.count(), meltC);
    }

    double backBeadMm(int column, double meltC) {
        return back.count() == 0 ? 0 : back.width(backPeak, column * back.count(), meltC);
    }

    /** The hottest that a column of a face was while it was in the air, °C. */
    double hottestInAirC(int column, boolean ahead) {
        int count = ahead ? front.count() : back.count();
        double[] air = ahead ? frontAir : backAir;
        return Arrays.stream(air, column * count, (column + 1) * count).max().orElse(initialC);
    }

    /** A cell has been molten. */
    boolean wasMolten(int column, int row, int layer) {
        return peak(column, row, layer) >= melts;
    }

    /** How far below the root, into the base member, metal was molten at a column, mm: between the middles of two cells by their peaks. */
    double rootMm(int column) {
        SectionMesh mesh = field.grid.section;
        int row = 0;
        while (row < mesh.rows() - 1 && mesh.acrossMm(row + 1) <= 0) {
            row++;
        }
        int deepest = mesh.layers() - 1;
        while (deepest >= 0 && !(mesh.downMm(deepest) >= 0 && wasMolten(column, row, deepest))) {
            deepest--;
        }
        if (deepest < 0) {
            return 0;
        }
        return deepest < mesh.layers() - 1 && mesh.isMetal(row, deepest + 1)
                ? meltedBetween(column, row, deepest)
                : mesh.downMm(deepest + 1);
    }

    /** Where the peak passes the melting point between the middle of a layer that melted and that of the next, which did not, mm. */
    private double meltedBetween(int column, int row, int layer) {
        SectionMesh mesh = field.grid.section;
        double in = middleMm(mesh, layer);
        double hot = celsiusOf(peak(column, row, layer));
        double cold = celsiusOf(peak(column, row, layer + 1));
        double share = hot > cold ? (hot - meltC) / (hot - cold) : 0;
        return in + share * (middleMm(mesh, layer + 1) - in);
    }

    private static double middleMm(SectionMesh mesh, int layer) {
        return (mesh.downMm(layer) + mesh.downMm(layer + 1)) / 2;
    }

    private double celsiusOf(double enthalpy) {
        return field.melt.temperature().at(enthalpy);
    }

    /** Highest enthalpy of a cell, J/mm³; 0 where there is no metal. */
    float peak(int column, int row, int layer) {
        int cell = field.grid.layout.place(row, layer);
        return cell == ColumnLayout.NONE ? 0 : peaks[column * field.grid.stride + cell];
    }
}
