package vastarc.core.simulation.observe;

import java.util.Arrays;
import vastarc.core.simulation.mesh.Grid;

/** When each place of a face first melted and last froze, s from the strike; not a number where it has not. */
final class FreezingTimes {

    private final double meltC;
    private final float[] meltedS;
    private final float[] frozenS;

    /** @param places of the face, all columns together */
    FreezingTimes(int places, double meltC) {
        this.meltC = meltC;
        this.meltedS = new float[places];
        this.frozenS = new float[places];
        Arrays.fill(meltedS, Float.NaN);
        Arrays.fill(frozenS, Float.NaN);
    }

    /** A place was at one temperature and is at another now; in between it went evenly. */
    void see(int place, double beforeC, double beforeS, double nowC, double nowS) {
        boolean was = beforeC >= meltC;
        boolean is = nowC >= meltC;
        if (was == is) {
            return;
        }
        float crossed = (float) (beforeS + (nowS - beforeS) * (meltC - beforeC) / (nowC - beforeC));
        if (is) {
            meltedS[place] = Float.isNaN(meltedS[place]) ? crossed : meltedS[place];
            frozenS[place] = Float.NaN;
        } else {
            frozenS[place] = crossed;
        }
    }

    /** When the first place of a column melted; not a number where none has. */
    float firstMeltedS(int column, int count) {
        float first = Float.NaN;
        for (int i = column * count; i < (column + 1) * count; i++) {
            first = Float.isNaN(first) || meltedS[i] < first ? meltedS[i] : first;
        }
        return first;
    }

    /**
     * When a place between the columns and facets froze; not a number where none of those round it has. Each column lags behind the arc by its
     * own time: that lag is averaged over some columns, since cells freeze one by one and a bead's edge does not.
     */
    float frozenS(FaceTemperatures face, Grid grid, ArcPassage arc, double xMm, double placeMm) {
        double passed = arc.passedS(xMm);
        if (face.count() == 0 || Double.isNaN(passed)) {
            return Float.NaN;
        }
        int middle = (int) Math.floor(xMm / grid.dx);
        double lags = 0;
        int counted = 0;
        for (int i = middle - arc.columns(); i <= middle + arc.columns(); i++) {
            double lag = lagS(face, grid, arc, i, placeMm);
            if (!Double.isNaN(lag)) {
                lags += lag;
                counted++;
            }
        }
        return counted == 0 ? Float.NaN : (float) (passed + lags / counted);
    }

    private double lagS(FaceTemperatures face, Grid grid, ArcPassage arc, int column, double placeMm) {
        if (!grid.ring && column != grid.index(column)) {
            return Double.NaN;
        }
        double lag = acrossS(face, grid.index(column), placeMm) - arc.passedS(grid.x(grid.index(column)));
        return lag >= 0 ? lag : Double.NaN;
    }

    private double acrossS(FaceTemperatures face, int column, double placeMm) {
        int start = column * face.count();
        double place = face.isMirrored() ? Math.abs(placeMm) : placeMm;
        int high = 0;
        while (high < face.count() && face.place(high) < place) {
            high++;
        }
        int low = high - 1;
        while (low >= 0 && Float.isNaN(frozenS[start + low])) {
            low--;
        }
        while (high < face.count() && Float.isNaN(frozenS[start + high])) {
            high++;
        }
        if (low < 0 || high >= face.count()) {
            return low >= 0 ? frozenS[start + low] : high < face.count() ? frozenS[start + high] : Double.NaN;
        }
        double share = (place - face.place(low)) / (face.place(high) - face.place(low));
        return frozenS[start + low] + share * (frozenS[start + high] - frozenS[start + low]);
    }
}
