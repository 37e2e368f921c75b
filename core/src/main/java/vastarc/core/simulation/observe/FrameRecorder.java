package vastarc.core.simulation.observe;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.observe.PeakTemperatureRecorder.PoolState;
import vastarc.core.simulation.solver.TemperatureField;
import vastarc.core.simulation.source.TorchPath;

/**
 * What is seen of a simulation while it runs: pictures of both faces and of the section under the arc, every so often. Temperatures stand as
 * bytes of {@link #STEP_C} °C each, the hottest at 255.
 */
public final class FrameRecorder {

    /** °C that one step of a byte means. */
    public static final double STEP_C = 7;

    private static final int MOST_COLUMNS = 160;
    private static final double FACES_MM = 16;
    private static final double SECTION_MM = 8;

    private final List<Frame> frames = new ArrayList<>();
    private @Nullable FrameLayout layout;
    private @Nullable List<byte[]> beads;

    /**
     * How the pictures are laid out.
     *
     * @param columns   columns along the seam that are shown
     * @param columnMm  length of each
     * @param ring      the last meets the first
     * @param mirrored  only one half of each section is shown
     * @param frontMm   places across the seam on the faces that see the arc
     * @param backMm    the same behind; empty where there is no back
     * @param acrossMm  edges of the cells of the section across
     * @param downMm    edges of its cells downward
     * @param metal     of the cells of the section, row by row downward: 1 where there is metal
     * @param meltC     above this it is molten, °C
     */
    public record FrameLayout(
            int columns,
            double columnMm,
            boolean ring,
            boolean mirrored,
            double[] frontMm,
            double[] backMm,
            double[] acrossMm,
            double[] downMm,
            byte[] metal,
            double meltC) {}

    /**
     * One picture.
     *
     * @param s          since the strike
     * @param arcXMm     where the arc is along the seam
     * @param currentA   at the arc; 0 when it is out
     * @param poolMm     width of the pool in front now
     * @param poolBackMm the same behind
     * @param front      now, then the hottest so far, then the hottest in the air: columns times places each
     * @param back       the same behind
     * @param section    the cells under the arc now, then the hottest so far
     */
    public record Frame(
            double s,
            double arcXMm,
            double currentA,
            double poolMm,
            double poolBackMm,
            byte[] front,
            byte[] back,
            byte[] section) {}

    private int everyColumn;
    private int[] frontPlaces = {};
    private int[] backPlaces = {};
    private int rowFrom;
    private int rowTo;
    private int layerFrom;
    private int layerTo;

    /** {@return how the pictures are laid out; nothing before the first one} */
    public synchronized @Nullable FrameLayout layout() {
        return layout;
    }

    /**
     * {@return pictures from a number on}
     *
     * @param number number of the first frame, from 0
     */
    public synchronized List<Frame> from(int number) {
        return List.copyOf(frames.subList(Math.max(0, Math.min(number, frames.size())), frames.size()));
    }

    /** {@return the number of frames recorded so far} */
    public synchronized int count() {
        return frames.size();
    }

    /**
     * {@return the hottest that each cell of a section was, for every shown column, once the run is over; nothing
     * before}
     */
    public synchronized @Nullable List<byte[]> beads() {
        return beads;
    }

    /**
     * Lays out the pictures before the first one.
     *
     * @param watch the peak temperatures
     * @param meltC melting point, °C
     */
    public synchronized void begin(PeakTemperatureRecorder watch, double meltC) {
        Grid grid = watch.field.grid;
        everyColumn = Math.max(1, (grid.columns + MOST_COLUMNS - 1) / MOST_COLUMNS);
        frontPlaces = shown(watch.front);
        backPlaces = shown(watch.back);
        double[] across = grid.section.across();
        double[] down = grid.section.down();
        rowFrom = first(across);
        rowTo = last(across);
        layerFrom = first(down);
        layerTo = last(down);
        byte[] metal = new byte[(rowTo - rowFrom) * (layerTo - layerFrom)];
        int at = 0;
        for (int layer = layerFrom; layer < layerTo; layer++) {
            for (int row = rowFrom; row < rowTo; row++) {
                metal[at++] = (byte) (grid.section.isMetal(row, layer) ? 1 : 0);
            }
        }
        layout = new FrameLayout(
                (grid.columns + everyColumn - 1) / everyColumn,
                grid.dx * everyColumn,
                grid.ring,
                grid.section.shape().isMirrored(),
                places(watch.front, frontPlaces),
                places(watch.back, backPlaces),
                Arrays.copyOfRange(across, rowFrom, rowTo + 1),
                Arrays.copyOfRange(down, layerFrom, layerTo + 1),
                metal,
                meltC);
    }

    private static int[] shown(FaceTemperatures face) {
        return IntStream.range(0, face.count())
                .filter(i -> Math.abs(face.place(i)) <= FACES_MM)
                .toArray();
    }

    private static double[] places(FaceTemperatures face, int[] shown) {
        return Arrays.stream(shown).mapToDouble(face::place).toArray();
    }

    private static int first(double[] edges) {
        int first = 0;
        while (edges[first + 1] < -SECTION_MM) {
            first++;
        }
        return first;
    }

    private static int last(double[] edges) {
        int last = edges.length - 1;
        while (edges[last - 1] > SECTION_MM) {
            last--;
        }
        return last;
    }

    /**
     * Takes a picture.
     *
     * @param watch the peak temperatures
     * @param path the path of the torch
     * @param pool the pool
     */
    public synchronized void take(PeakTemperatureRecorder watch, TorchPath path, PoolState pool) {
        frames.add(new Frame(
                path.realS(),
                path.xMm(),
                path.currentA(),
                pool.frontMm(),
                pool.backMm(),
                planes(watch, watch.front, frontPlaces, watch.frontNow, watch.frontPeak, watch.frontAir),
                planes(watch, watch.back, backPlaces, watch.backNow, watch.backPeak, watch.backAir),
                section(watch, path.xMm())));
    }

    private byte[] planes(PeakTemperatureRecorder watch, FaceTemperatures face, int[] places, double[]... values) {
        int columns = watch.field.grid.columns;
        byte[] planes = new byte[values.length * ((columns + everyColumn - 1) / everyColumn) * places.length];
        int at = 0;
        for (double[] plane : values) {
            for (int x = 0; x < columns; x += everyColumn) {
                for (int place : places) {
                    planes[at++] = toByte(plane[x * face.count() + place]);
                }
            }
        }
        return planes;
    }

    static byte toByte(double celsius) {
        return (byte) Math.max(0, Math.min(255, Math.round(celsius / STEP_C)));
    }

    private byte[] section(PeakTemperatureRecorder watch, double xMm) {
        TemperatureField field = watch.field;
        int column = Math.floorMod((int) Math.floor(xMm / field.grid.dx), field.grid.columns);
        int cells = (rowTo - rowFrom) * (layerTo - layerFrom);
        byte[] planes = new byte[2 * cells];
        int at = 0;
        for (int layer = layerFrom; layer < layerTo; layer++) {
            for (int row = rowFrom; row < rowTo; row++) {
                planes[at++] = toByte(field.celsius(column, row, layer));
            }
        }
        System.arraycopy(bead(watch, column), 0, planes, cells, cells);
        return planes;
    }

    private byte[] bead(PeakTemperatureRecorder watch, int column) {
        TemperatureField field = watch.field;
        byte[] cells = new byte[(rowTo - rowFrom) * (layerTo - layerFrom)];
        int at = 0;
        for (int layer = layerFrom; layer < layerTo; layer++) {
            for (int row = rowFrom; row < rowTo; row++) {
                float peak = watch.peak(column, row, layer);
                cells[at++] = toByte(field.melt.temperature().at(peak));
            }
        }
        return cells;
    }

    /**
     * Keeps what was molten of each section, once the run is over.
     *
     * @param watch the peak temperatures
     */
    public synchronized void end(PeakTemperatureRecorder watch) {
        List<byte[]> all = new ArrayList<>();
        for (int x = 0; x < watch.field.grid.columns; x += everyColumn) {
            all.add(bead(watch, x));
        }
        beads = List.copyOf(all);
    }
}
