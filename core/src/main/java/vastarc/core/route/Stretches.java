package vastarc.core.route;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import vastarc.core.route.Route.End;
import vastarc.core.route.Route.Kind;
import vastarc.core.sheet.TackPlan;

/**
 * Where the runs of a seam begin and end, and in which order.
 *
 * <p>A run ends at the seam's end, where the tube has to be turned, when the rod is used up (900 mm, 100 left in the hand), on titanium
 * after 36 mm (75 under a trailing shield), or when the duty is; a thin long seam goes in back-steps. A level pipe that stands still is
 * welded from six up to twelve on both sides, thin tube in opposite quarters; a saddle begins on a flank. Stops of one pass lie 15 mm from
 * those of the pass before. A restart goes over the end before by 3 to 8 mm. Source: handbook and judgement.
 */
final class Stretches {

    static final double ROD_MM = 800;
    static final double STAGGER_MM = 15;

    private static final double THIN_MM = 2;
    private static final double LONG_MM = 150;
    private static final double STEP_MM = 75;
    private static final double SAFE_DUTY = 0.98;
    private static final double EDGE_MM = 10;
    /** Pieces in fours of a saddle would stop in its heel and toe. */
    private static final int HEEL_STOPS = 4;

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
                .mapToInt(pass -> count(ask, length, most(ask, pass)))
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
                .or(ask.isDipped() ? ask.dippedMm() : Double.MAX_VALUE, End.DIPS);
        boolean steps = !ask.isTube() && t <= THIN_MM && ask.seamMm() > LONG_MM;
        return steps ? most.or(STEP_MM, End.BACK_STEP) : most;
    }

    /** Runs of a pass. A restart goes over the run before: what is new of a run is so much shorter. */
    private static int count(RouteAsk ask, double length, Most most) {
        int sides = sides(ask);
        if (length / sides <= most.mm() + 1e-9) {
            return sides;
        }
        double fresh = Math.max(most.mm() / 2, most.mm() - ask.overlapMm());
        int count = (int) Math.ceil((length - 1e-9) / fresh);
        if (isHalved(ask)) {
            return count % HEEL_STOPS == 0 ? count + 1 : count;
        }
        return (count + sides - 1) / sides * sides;
    }

    private static int sides(RouteAsk ask) {
        if (ask.isStanding()) {
            return isQuartered(ask) ? 4 : 2;
        }
        return isHalved(ask) ? 2 : 1;
    }

    /** A saddle in two halves, each from flank to flank, through heel or toe. */
    private static boolean isHalved(RouteAsk ask) {
        return ask.isSaddle() && ask.closes();
    }

    private static boolean isQuartered(RouteAsk ask) {
        return ask.sheet().joint().thinnerMm() <= THIN_MM;
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
        int count = count(ask, length, most);
        if (ask.isStanding()) {
            return standing(ask, pass, most, count);
        }
        boolean back = most.end() == End.BACK_STEP && count > 1;
        double over = ask.overlapMm();
        List<Stretch> pieces = new ArrayList<>();
        for (int i : order(count, ask.isTube())) {
            double low = between(ask, pass, count, i);
            double high = between(ask, pass, count, i + 1);
            double behind = i > 0 ? low - over : low;
            double closed = ask.closes() && i == count - 1 ? high + over : high;
            End end = i == count - 1 && !back ? End.SEAM : most.end();
            pieces.add(
                    back
                            ? new Stretch(1, pass.pass(), high, behind, Kind.WELD, end)
                            : new Stretch(1, pass.pass(), behind, closed, Kind.WELD, end));
        }
        return pieces;
    }

    /** Where a piece ends and the next begins, mm: every other pass so much further that its stops do not lie on those below. */
    private static double between(RouteAsk ask, PassFigures pass, int count, int i) {
        double length = ask.seamMm();
        double shift = pass.pass() % 2 == 0 ? Math.min(STAGGER_MM, length / count / 3) : 0;
        return i == 0 ? 0 : i == count ? length : Math.max(0, length * i / count - shift);
    }

    /**
     * From six o'clock (0 and all round) to twelve (half way) up one side and then the other; thin tube in opposite quarters. Falling pipe
     * counts from twelve and goes down. Each run begins over the one before, so that both tie-ins are crossed.
     */
    private static List<Stretch> standing(RouteAsk ask, PassFigures pass, Most most, int count) {
        double length = ask.seamMm();
        double over = ask.overlapMm();
        double shift = pass.pass() % 2 == 0 ? Math.min(STAGGER_MM, length / count / 3) : 0;
        int half = count / 2;
        List<Stretch> pieces = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean first = isQuartered(ask) && half > 1 ? i % 2 == 0 : i < half;
            int step = isQuartered(ask) && half > 1 ? i / 2 : i % half;
            int at = isQuartered(ask) && half > 1 && !first ? (step + 1) % half : step;
            double low = length / 2 * at / half;
            double high = length / 2 * (at + 1) / half;
            double from = at == 0 ? low : low - over - shift;
            double to = at == half - 1 ? high + over : high - shift;
            boolean atTop = at == half - 1;
            End end = atTop ? End.SEAM : most.end() == End.SEAM ? End.TURN : most.end();
            pieces.add(
                    first
                            ? new Stretch(1, pass.pass(), from, to, Kind.WELD, end)
                            : new Stretch(
                                    1,
                                    pass.pass(),
                                    at == 0 ? length + over : length - from,
                                    length - to,
                                    Kind.WELD,
                                    end));
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

    /** Where tacks begin, in their order, mm; of a saddle heel, toe and both flanks. */
    static List<Double> tackPlaces(RouteAsk ask) {
        TackPlan plan = ask.sheet().tacks();
        double length = ask.seamMm();
        if (ask.isSaddle() && ask.closes()) {
            return List.of(length / 4, 3 * length / 4, 0.0, length / 2);
        }
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
