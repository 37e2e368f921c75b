package vastarc.core.simulation.observe;

import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import vastarc.core.simulation.mesh.Grid;
import vastarc.core.simulation.mesh.SectionMesh;
import vastarc.core.simulation.mesh.SectionMesh.SectionPoint;
import vastarc.core.simulation.observe.PeakTemperatureRecorder.PoolState;
import vastarc.core.simulation.result.BeadSurface;
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
    private static final double FACES_MM = 28;
    private static final double SECTION_MM = 8;

    private final List<Frame> frames = new ArrayList<>();
    private @Nullable FrameLayout layout;
    private @Nullable List<ByteBuffer> beads;
    private @Nullable BeadSurface surface;
    private int surfaces;

    /**
     * How the pictures are laid out.
     *
     * @param columns   columns along the seam that are shown
     * @param columnMm  length of each
     * @param ring      the last meets the first
     * @param mirrored  only one half of each section is shown
     * @param frontMm   places across the seam on the faces that see the arc
     * @param backMm    the same behind; empty where there is no back
     * @param frontAt   where those places lie in the section
     * @param backAt    the same behind
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
            List<Double> frontMm,
            List<Double> backMm,
            List<SectionPoint> frontAt,
            List<SectionPoint> backAt,
            List<Double> acrossMm,
            List<Double> downMm,
            ByteBuffer metal,
            double meltC) {

        /** Copies its lists, and lets nobody write into its bytes. */
        public FrameLayout {
            frontMm = List.copyOf(frontMm);
            backMm = List.copyOf(backMm);
            frontAt = List.copyOf(frontAt);
            backAt = List.copyOf(backAt);
            acrossMm = List.copyOf(acrossMm);
            downMm = List.copyOf(downMm);
            metal = metal.asReadOnlyBuffer();
        }
    }

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
            ByteBuffer front,
            ByteBuffer back,
            ByteBuffer section) {

        /** Lets nobody write into its bytes. */
        public Frame {
            front = front.asReadOnlyBuffer();
            back = back.asReadOnlyBuffer();
            section = section.asReadOnlyBuffer();
        }
    }

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

    /** {@return the bead's surface as it was last worked out; nothing before the first time} */
    public synchronized @Nullable BeadSurface surface() {
        return surface;
    }

    /** {@return how often the surface has been worked out} */
    public synchronized int surfaces() {
        return surfaces;
    }

    /**
     * Takes the bead's surface.
     *
     * @param latest as it is now
     */
    public synchronized void take(BeadSurface latest) {
        surface = latest;
        surfaces++;
    }

    /** {@return the number of frames recorded so far} */
    public synchronized int count() {
        return frames.size();
    }

    /**
     * {@return the hottest that each cell of a section was, for every shown column, once the run is over; nothing
     * before}
     */
    public synchronized @Nullable List<ByteBuffer> beads() {
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
        SectionMesh mesh = grid.section;
        rowFrom = first(mesh::acrossMm);
        rowTo = last(mesh::acrossMm, mesh.rows());
        layerFrom = first(mesh::downMm);
        layerTo = last(mesh::downMm, mesh.layers());
        byte[] metal = new byte[(rowTo - rowFrom) * (layerTo - layerFrom)];
        int at = 0;
        for (int layer = layerFrom; layer < layerTo; layer++) {
            for (int row = rowFrom; row < rowTo; row++) {
                metal[at++] = (byte) (mesh.isMetal(row, layer) ? 1 : 0);
            }
        }
        layout = new FrameLayout(
                (grid.columns + everyColumn - 1) / everyColumn,
                grid.dx * everyColumn,
                grid.ring,
                mesh.shape().isMirrored(),
                places(watch.front, frontPlaces),
                places(watch.back, backPlaces),
                places(watch.front, frontPlaces).stream()
                        .map(mesh.shape()::frontAt)
                        .toList(),
                places(watch.back, backPlaces).stream()
                        .map(mesh.shape()::backAt)
                        .toList(),
                edges(mesh::acrossMm, rowFrom, rowTo),
                edges(mesh::downMm, layerFrom, layerTo),
                ByteBuffer.wrap(metal),
                meltC);
    }

    private static int[] shown(FaceTemperatures face) {
        return IntStream.range(0, face.count())
                .filter(i -> Math.abs(face.place(i)) <= FACES_MM)
                .toArray();
    }

    private static List<Double> places(FaceTemperatures face, int[] shown) {
        return Arrays.stream(shown).mapToObj(face::place).toList();
    }

    private static List<Double> edges(IntToDoubleFunction edge, int from, int to) {
        return IntStream.rangeClosed(from, to).mapToObj(edge::applyAsDouble).toList();
    }

    private static int first(IntToDoubleFunction edge) {
        int first = 0;
        while (edge.applyAsDouble(first + 1) < -SECTION_MM) {
            first++;
        }
        return first;
    }

    private static int last(IntToDoubleFunction edge, int cells) {
        int last = cells;
        while (edge.applyAsDouble(last - 1) > SECTION_MM) {
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
                ByteBuffer.wrap(
                        planes(watch, watch.front, frontPlaces, watch.frontNow, watch.frontPeak, watch.frontAir)),
                ByteBuffer.wrap(planes(watch, watch.back, backPlaces, watch.backNow, watch.backPeak, watch.backAir)),
                ByteBuffer.wrap(section(watch, path.xMm()))));
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
        List<ByteBuffer> all = new ArrayList<>();
        for (int x = 0; x < watch.field.grid.columns; x += everyColumn) {
            all.add(ByteBuffer.wrap(bead(watch, x)).asReadOnlyBuffer());
        }
        beads = List.copyOf(all);
    }
}
