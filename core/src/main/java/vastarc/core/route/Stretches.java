package vastarc.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import vastarc.core.route.Route.End;
import vastarc.core.route.Route.Kind;
import vastarc.core.sheet.TackPlan;
import vastarc.core.sheet.WireChoice;

/**
 * Where the runs of a seam begin and end, and in which order.
 *
 * <p>A run ends at the seam's end, where the tube has to be turned, when the rod is used up (900 mm, 100 left in the hand), after twelve
 * dips on titanium, or when the duty is; a thin long seam goes in back-steps. A restart lies 8 mm behind the end before. Source: handbook and
 * judgement.
 */
final class Stretches {

    static final double ROD_MM = 800;
    static final double OVERLAP_MM = 8;
    static final int DIPS = 12;

    private static final double THIN_MM = 2;
    private static final double LONG_MM = 150;
    private static final double STEP_MM = 75;
    private static final double SAFE_DUTY = 0.98;
    private static final double EDGE_MM = 10;

    private Stretches() {}

    /** A stretch before it has its time. */
    record Stretch(int seam, int pass, double fromMm, double toMm, Kind kind, End end) {

        double lengthMm() {
            return Math.abs(toMm - fromMm);
        }
    }

    /** How far one run may go, and what ends it. */
    record Most(double mm, End end) {

        Most or(double otherMm, End other) {
            return otherMm < mm ? new Most(otherMm, other) : this;
        }
    }

    static int count(RouteAsk ask) {
        double length = ask.seamMm();
        int runs = ask.passes().stream()
                .mapToInt(pass -> pieces(length, most(ask, pass)))
                .sum();
        return ask.work().seams() * (runs + tackPlaces(ask).size());
    }

    static Most most(RouteAsk ask, PassFigures pass) {
        double t = ask.sheet().joint().thinnerMm();
        double duty = SAFE_DUTY * Duty.longestS(ask.dutyPerS(pass.rmsA())) * pass.mmPerS();
        Most most = new Most(Double.MAX_VALUE, End.SEAM)
                .or(ask.turnMm(), End.TURN)
                .or(duty, End.DUTY)
                .or(pass.wireMmPerMm() > 0 ? ROD_MM / pass.wireMmPerMm() : Double.MAX_VALUE, End.ROD)
                .or(ask.isDipped() ? DIPS / WireChoice.DABS_PER_S * pass.mmPerS() : Double.MAX_VALUE, End.DIPS);
        boolean steps = !ask.isTube() && t <= THIN_MM && ask.seamMm() > LONG_MM;
        return steps ? most.or(STEP_MM, End.BACK_STEP) : most;
    }

    /** A restart goes over 8 mm of the run before: what is new of a run is so much shorter. */
    private static int pieces(double length, Most most) {
        if (length <= most.mm()) {
            return 1;
        }
        double fresh = Math.max(most.mm() / 2, most.mm() - OVERLAP_MM);
        return (int) Math.ceil((length - 1e-9) / fresh);
    }

    /** All of a job: tacks first, then pass by pass, the like pieces of every seam one after the other. */
    static List<Stretch> of(RouteAsk ask) {
        List<Stretch> all = new ArrayList<>();
        List<Double> tacks = tackPlaces(ask);
        double tackMm = tackMm(ask);
        for (int seam = 1; seam <= ask.work().seams(); seam++) {
            for (double at : tacks) {
                all.add(new Stretch(seam, 0, at, at + tackMm, Kind.TACK, End.TACK));
            }
        }
        for (PassFigures pass : ask.passes()) {
            List<Stretch> pieces = pieces(ask, pass);
            for (Stretch piece : pieces) {
                for (int seam = 1; seam <= ask.work().seams(); seam++) {
                    all.add(new Stretch(seam, piece.pass(), piece.fromMm(), piece.toMm(), piece.kind(), piece.end()));
                }
            }
        }
        return all;
    }

    private static List<Stretch> pieces(RouteAsk ask, PassFigures pass) {
        double length = ask.seamMm();
        Most most = most(ask, pass);
        int count = pieces(length, most);
        boolean back = most.end() == End.BACK_STEP && count > 1;
        List<Stretch> pieces = new ArrayList<>();
        for (int i : order(count, ask.isTube())) {
            double low = length * i / count;
            double high = length * (i + 1) / count;
            double behind = i > 0 ? low - OVERLAP_MM : low;
            double closed = ask.closes() && i == count - 1 ? high + OVERLAP_MM : high;
            End end = i == count - 1 && !back ? End.SEAM : most.end();
            pieces.add(
                    back
                            ? new Stretch(1, pass.pass(), high, behind, Kind.WELD, end)
                            : new Stretch(1, pass.pass(), behind, closed, Kind.WELD, end));
        }
        return pieces;
    }

    /** Along a plate one after the other; round a tube opposite pieces after each other. */
    private static int[] order(int count, boolean tube) {
        if (!tube || count < 3) {
            return IntStream.range(0, count).toArray();
        }
        int half = (count + 1) / 2;
        return IntStream.range(0, count)
                .map(i -> i % 2 == 0 ? i / 2 : half + i / 2)
                .toArray();
    }

    /** Where tacks begin, in their order, mm. */
    static List<Double> tackPlaces(RouteAsk ask) {
        TackPlan plan = ask.sheet().tacks();
        double length = ask.seamMm();
        if (ask.closes()) {
            double spacing = (plan.spacingLowMm() + plan.spacingHighMm()) / 2;
            int count = plan.count() > 0 ? plan.count() : Math.max(4, (int) Math.round(length / spacing));
            return IntStream.of(order(count, true))
                    .mapToObj(i -> length * i / count)
                    .toList();
        }
        double spacing = plan.count() > 0 ? length / plan.count() : (plan.spacingLowMm() + plan.spacingHighMm()) / 2;
        double edge = Math.min(EDGE_MM, length / 10);
        double tack = tackMm(ask);
        int count = Math.max(2, (int) Math.round((length - 2 * edge) / spacing) + 1);
        boolean thin = plan.order().key().endsWith("THIN");
        return halving(count, thin).stream()
                .map(i -> edge + (length - 2 * edge - tack) * i / (count - 1))
                .toList();
    }

    private static double tackMm(RouteAsk ask) {
        return Math.min(ask.sheet().tacks().lengthLowMm(), ask.seamMm() / 4);
    }

    /** Ends and middle first (thin sheet the ends, plate the middle), then the middle of every gap. */
    static List<Integer> halving(int count, boolean endsFirst) {
        List<Integer> order = new ArrayList<>();
        int middle = (count - 1) / 2;
        List<Integer> first = endsFirst ? List.of(0, count - 1, middle) : List.of(middle, 0, count - 1);
        first.stream().distinct().forEach(order::add);
        while (order.size() < count) {
            List<Integer> sorted = order.stream().sorted().toList();
            for (int i = 1; i < sorted.size(); i++) {
                int between = (sorted.get(i - 1) + sorted.get(i)) / 2;
                if (!order.contains(between)) {
                    order.add(between);
                }
            }
        }
        return order;
    }
}
