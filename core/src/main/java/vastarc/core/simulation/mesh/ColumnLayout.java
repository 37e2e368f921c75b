package vastarc.core.simulation.mesh;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Where the cells of a section are in a column's memory. A section that is nearly all metal is stored as it is, layer after layer. Of another,
 * as of a tee, only the stretch of each layer that holds metal is stored, so that what lies between its members takes no memory to pass through;
 * narrow stretches that lie one above the other, as in the leg of a tee, stand two to a register.
 */
public final class ColumnLayout {

    /** Each stretch that is stored alone is filled up to a multiple of this, so that every width of the processor's registers fits. */
    private static final int LANES = 8;

    /** Stretches no wider than this can stand two to a register. */
    private static final int NARROW = LANES / 2;

    /** The place of a cell without metal. */
    public static final int NONE = -1;

    /** Sections with less metal than this share of their frame are stored by stretches. */
    private static final double FULL = 0.6;

    private final int rows;
    private final boolean whole;
    private final int[] firsts;
    private final int[] places;
    private final boolean[] narrow;
    private final int[] cells;
    private final int length;

    /** Where registers begin in a column, and how far below and above each cell of theirs its neighbour is. */
    public static final class Blocks {

        private final int[] starts;
        private final int[] below;
        private final int[] above;

        private Blocks(int[] starts, int[] below, int[] above) {
            this.starts = starts;
            this.below = below;
            this.above = above;
        }

        /** {@return how many there are} */
        public int count() {
            return starts.length;
        }

        /**
         * {@return the place in a column where a block begins}
         *
         * @param block number of the block, from 0
         */
        public int start(int block) {
            return starts[block];
        }

        /**
         * {@return the index difference to the cells one layer down}
         *
         * @param block number of the block, from 0
         */
        public int below(int block) {
            return below[block];
        }

        /**
         * {@return the index difference to the cells one layer up}
         *
         * @param block number of the block, from 0
         */
        public int above(int block) {
            return above[block];
        }
    }

    /**
     * Numbers the cells of metal of a section, column by column.
     *
     * @param mesh the section
     */
    public ColumnLayout(SectionMesh mesh) {
        rows = mesh.rows();
        int layers = mesh.layers();
        boolean[][] metal = new boolean[layers][rows];
        int count = 0;
        for (int layer = 0; layer < layers; layer++) {
            for (int row = 0; row < rows; row++) {
                metal[layer][row] = mesh.isMetal(row, layer);
                count += metal[layer][row] ? 1 : 0;
            }
        }
        whole = count >= FULL * rows * layers;
        firsts = new int[layers];
        places = new int[layers];
        narrow = new boolean[layers];
        cells = new int[layers * rows];
        length = upTo(LANES, (whole ? layers * rows : placeStretches(metal)) + LANES - 1);
        for (int layer = 0; layer < layers; layer++) {
            places[layer] = whole ? layer * rows : places[layer];
            for (int row = 0; row < rows; row++) {
                cells[layer * rows + row] = metal[layer][row] ? places[layer] + row - firsts[layer] : NONE;
            }
        }
    }

    /** Finds a place for each layer's stretch. Returns the place after the last. */
    private int placeStretches(boolean[][] metal) {
        int at = 0;
        int layer = 0;
        while (layer < metal.length) {
            int after = layer + 1;
            while (after < metal.length && Arrays.equals(metal[after], metal[layer])) {
                after++;
            }
            int first = first(metal[layer]);
            int width = after(metal[layer]) - first;
            boolean pairs = width <= NARROW && pairs(layer, after);
            at += pairs && begins(layer, after) ? NARROW : 0;
            for (; layer < after; layer++) {
                firsts[layer] = first;
                places[layer] = at;
                narrow[layer] = pairs;
                at += pairs ? NARROW : upTo(LANES, width);
            }
            at = upTo(LANES, at);
        }
        return at;
    }

    /**
     * Whether like layers can stand two to a register. The cells of a register have their neighbours at one distance, so a layer next to other ones
     * stands alone: at the end of its register below those, at the beginning of it above them.
     */
    private boolean pairs(int from, int after) {
        boolean free = from == 0 || after == places.length;
        return after - from > 1 && (free || (after - from) % 2 == 0);
    }

    /** Whether they begin at the end of a register. */
    private boolean begins(int from, int after) {
        return from > 0 || after < places.length && (after - from) % 2 == 0;
    }

    private static int upTo(int multiple, int count) {
        return (count + multiple - 1) / multiple * multiple;
    }

    private static int first(boolean[] metal) {
        int row = 0;
        while (row < metal.length - 1 && !metal[row]) {
            row++;
        }
        return row;
    }

    private static int after(boolean[] metal) {
        int row = metal.length;
        while (row > 1 && !metal[row - 1]) {
            row--;
        }
        return row;
    }

    /** {@return cells of a column with those that only fill it up} */
    public int length() {
        return length;
    }

    /**
     * {@return where a cell is; {@link #NONE} where there is no metal}
     *
     * @param row number of the row, from 0
     * @param layer number of the layer, from 0
     */
    public int place(int row, int layer) {
        return cells[layer * rows + row];
    }

    /**
     * Begins so that registers of so many lanes meet every cell of metal, and as few others as may be.
     *
     * @param lanes numbers in a register
     * @return the blocks
     */
    public Blocks blocks(int lanes) {
        List<int[]> found = new ArrayList<>();
        int free = 0;
        for (int layer = 0; layer < places.length; layer++) {
            for (int row = 0; row < rows; row++) {
                int cell = place(row, layer);
                if (cell >= free) {
                    // A stretch begins at a whole number of registers: none reaches from one into the next.
                    int start = whole ? cell : cell - cell % lanes;
                    found.add(new int[] {start, step(layer, 1), step(layer, -1)});
                    free = start + lanes;
                }
            }
        }
        return new Blocks(column(found, 0), column(found, 1), column(found, 2));
    }

    private static int[] column(List<int[]> blocks, int column) {
        return blocks.stream().mapToInt(block -> block[column]).toArray();
    }

    /** From a layer's cells to those of the next one. */
    private int step(int layer, int by) {
        int other = layer + by;
        if (whole) {
            return by * rows;
        }
        if (other < 0 || other >= places.length) {
            return narrow[layer] ? by * NARROW : 0;
        }
        return places[other] - firsts[other] - places[layer] + firsts[layer];
    }
}
