package vastarc.core.advice.cycle;

import java.util.ArrayList;
import java.util.List;
import vastarc.core.physics.heat.ArcModel;
import vastarc.core.physics.heat.HeatBalance;
import vastarc.core.physics.heat.JointConduction;

/**
 * How the pool grows and freezes along a weld cycle.
 *
 * <p>\( \dot w = (w_\infty(I) - w)/\tau \); \( w_\infty \) the width at which the face just melts under the current I,
 * \( \tau = t_f/2 \), t_f the freezing time of the pool at working current. {@code docs/model/currents.md (9)}. Widths: {@link JointConduction} [textbook]; the lag by judgement, chosen
 * so that a pool left alone is down to about an eighth of its width after its freezing time. A pulse above 10 per second is felt as its
 * average.
 *
 * @param points from 0 s to the end
 */
public record PoolTrack(List<PoolPoint> points) {

    /** Pool width at a time. */
    public record PoolPoint(double atS, double widthMm) {}

    private static final double AVERAGED_ABOVE_HZ = 10;
    private static final int WIDTHS = 12;
    private static final int SHOWN = 400;
    private static final double LEAST_STEP_S = 0.005;
    private static final int MOST_STEPS = 20_000;

    /** Pool width on the face by current, between evenly spaced currents. */
    private record WidthTable(double stepA, double[] widthMm) {

        static WidthTable of(HeatBalance heat, double mostA) {
            double[] widths = new double[WIDTHS + 1];
            JointConduction joint = JointConduction.of(heat.joint(), heat.practice(), heat.demand());
            double guess = heat.pool().frontWidthMm();
            for (int i = WIDTHS; i > 0; i--) {
                double power = ArcModel.EFFICIENCY * heat.arc().powerW(mostA * i / WIDTHS) - heat.wirePowerW();
                widths[i] = power <= 0 ? 0 : joint.frontWidthMm(power, Math.max(0.2, guess));
                guess = widths[i];
            }
            return new WidthTable(mostA / WIDTHS, widths);
        }

        double at(double currentA) {
            double place = Math.min(WIDTHS, Math.max(0, currentA / stepA));
            int low = Math.min(WIDTHS - 1, (int) place);
            return widthMm[low] + (widthMm[low + 1] - widthMm[low]) * (place - low);
        }
    }

    static PoolTrack of(CycleTimeline timeline, HeatBalance heat) {
        double most = timeline.segments().stream()
                .mapToDouble(segment -> Math.max(segment.fromA(), segment.toA()))
                .max()
                .orElse(0);
        double length = timeline.lengthS();
        if (most <= 0 || length <= 0) {
            return new PoolTrack(List.of(new PoolPoint(0, 0)));
        }
        WidthTable widths = WidthTable.of(heat, most);
        double freeze = heat.pool().freezeTimeS(heat.metal(), heat.platePowerW(), 0);
        double lag = Math.max(0.02, freeze / 2);
        double step = Math.max(length / MOST_STEPS, Math.min(lag / 8, Math.max(LEAST_STEP_S, length / 3000)));
        return new PoolTrack(follow(timeline, widths, lag, step));
    }

    private static List<PoolPoint> follow(CycleTimeline timeline, WidthTable widths, double lag, double step) {
        List<PoolPoint> points = new ArrayList<>();
        double length = timeline.lengthS();
        double shownEvery = length / SHOWN;
        double shown = 0;
        double width = 0;
        double kept = 1 - Math.exp(-step / lag);
        points.add(new PoolPoint(0, 0));
        int index = 0;
        List<CurrentSegment> segments = timeline.segments();
        for (double t = step; t < length; t += step) {
            while (index < segments.size() - 1 && segments.get(index).endS() <= t) {
                boolean out = segments.get(index).phase().isArc()
                        && !segments.get(index + 1).phase().isArc();
                if (out) {
                    points.add(new PoolPoint(segments.get(index).endS(), width));
                }
                index++;
            }
            width += (widths.at(felt(segments.get(index), t)) - width) * kept;
            if (t - shown >= shownEvery) {
                points.add(new PoolPoint(t, width));
                shown = t;
            }
        }
        points.add(new PoolPoint(length, width));
        return points;
    }

    private static double felt(CurrentSegment segment, double timeS) {
        if (segment.beat().isPresent() && segment.beat().get().pulse().rateHz() > AVERAGED_ABOVE_HZ) {
            double peak = segment.envelopeA(timeS);
            double on = segment.beat().get().pulse().onFraction();
            return on * peak + (1 - on) * segment.beat().get().backgroundA(peak);
        }
        return segment.currentA(timeS);
    }

    /**
     * {@return width at a time, mm}
     *
     * @param timeS time, s
     */
    public double widthAt(double timeS) {
        PoolPoint before = points.get(0);
        for (PoolPoint point : points) {
            if (point.atS() > timeS) {
                double gap = point.atS() - before.atS();
                double share = gap > 0 ? (timeS - before.atS()) / gap : 0;
                return before.widthMm() + (point.widthMm() - before.widthMm()) * share;
            }
            before = point;
        }
        return before.widthMm();
    }

    /** {@return widest, mm} */
    public double widestMm() {
        return points.stream().mapToDouble(PoolPoint::widthMm).max().orElse(0);
    }
}
