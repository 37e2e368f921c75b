package vastarc.core.advice.sequence;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import vastarc.core.advice.sequence.WeldSequence.SegmentEnd;
import vastarc.core.advice.sequence.WeldSequence.SegmentKind;
import vastarc.core.advice.sheet.TackPlan;
import vastarc.core.advice.sheet.TackPlan.TackOrder;

/**
 * Where the runs of a seam begin and end, and in which order.
 *
 * <p>A run ends at the seam's end, where the tube has to be turned, when the rod is used up (900 mm, 100 left in the welder), on titanium
 * after 36 mm (75 under a trailing shield), or when the duty is; a thin long seam goes in back-steps. A level fixed pipe is
 * welded from six up to twelve on both sides, thin tube in opposite quarters; a saddle begins on a flank. Stops of one pass lie 15 mm from
 * those of the pass before. A restart goes over the end before by 3 to 8 mm. Source: handbook and judgement.
 */
final class SeamSplitter {

    static final double ROD_MM = 800;
    static final double STAGGER_MM = 15;

    private static final double THIN_MM = 2;
    private static final double LONG_MM = 150;
    private static final double STEP_MM = 75;
    private static final double SAFE_DUTY = 0.98;
    private static final double EDGE_MM = 10;
    /** Pieces in fours of a saddle would stop in its heel and toe. */
    private static final int HEEL_STOPS = 4;

    private SeamSplitter() {}

    /** A stretch before it has its time. */
    record UntimedSegment(int seam, int pass, double fromMm, double toMm, SegmentKind kind, SegmentEnd end) {

        double lengthMm() {
            return Math.abs(toMm - fromMm);
        }
    }

    /** How far one run may go, and what ends it. */
    record SegmentLimit(double mm, SegmentEnd end) {

        /** The shorter of the two; one that does not apply changes nothing. */
        SegmentLimit or(OptionalDouble otherMm, SegmentEnd other) {
            return otherMm.isPresent() ? or(otherMm.getAsDouble(), other) : this;
        }

        SegmentLimit or(double otherMm, SegmentEnd other) {
            return otherMm < mm ? new SegmentLimit(otherMm, other) : this;
        }
    }

    static int count(SequenceRequest request) {
        double length = request.seamMm();
        int runs = request.passes().stream()
                .mapToInt(pass -> count(request, length, most(request, pass)))
                .sum();
        return request.work().seams() * (runs + tackPlaces(request).size());
    }

    static SegmentLimit most(SequenceRequest request, PassFigures pass) {
        double t = request.sheet().joint().thinnerMm();
        double duty = SAFE_DUTY * DutyCycle.longestS(request.dutyPerS(pass.rmsA())) * pass.mmPerS();
        SegmentLimit most = new SegmentLimit(request.seamMm(), SegmentEnd.SEAM)
                .or(request.turnMm(), SegmentEnd.TURN)
                .or(duty, SegmentEnd.DUTY)
                .or(rodMm(pass), SegmentEnd.ROD)
                .or(
                        request.isDipped() ? OptionalDouble.of(request.dippedMm()) : OptionalDouble.empty(),
                        SegmentEnd.DIPS);
        boolean steps = !request.isTube() && t <= THIN_MM && request.seamMm() > LONG_MM;
        return steps ? most.or(STEP_MM, SegmentEnd.BACK_STEP) : most;
    }

    /** How far a rod lasts, mm; empty without filler. */
    private static OptionalDouble rodMm(PassFigures pass) {
        return pass.wireMmPerMm() > 0 ? OptionalDouble.of(ROD_MM / pass.wireMmPerMm()) : OptionalDouble.empty();
    }

    /** Runs of a pass. A restart goes over the run before: what is new of a run is so much shorter. */
    private static int count(SequenceRequest request, double length, SegmentLimit most) {
        int sides = sides(request);
        if (length / sides <= most.mm() + 1e-9) {
            return sides;
        }
        double fresh = Math.max(most.mm() / 2, most.mm() - request.overlapMm());
        int count = (int) Math.ceil((length - 1e-9) / fresh);
        if (isHalved(request)) {
            return count % HEEL_STOPS == 0 ? count + 1 : count;
        }
        return (count + sides - 1) / sides * sides;
    }

    private static int sides(SequenceRequest request) {
        if (request.isFixedPosition()) {
            return isQuartered(request) ? 4 : 2;
        }
        return isHalved(request) ? 2 : 1;
    }

    /** A saddle in two halves, each from flank to flank, through heel or toe. */
    private static boolean isHalved(SequenceRequest request) {
        return request.isSaddle() && request.closes();
    }

    private static boolean isQuartered(SequenceRequest request) {
        return request.sheet().joint().thinnerMm() <= THIN_MM;
    }

    /** All of a job: tacks first, then pass by pass, the like pieces of every seam one after the other. */
    static List<UntimedSegment> of(SequenceRequest request) {
        List<UntimedSegment> all = new ArrayList<>();
        List<Double> tacks = tackPlaces(request);
        double tackMm = tackMm(request);
        for (int seam = 1; seam <= request.work().seams(); seam++) {
            for (double at : tacks) {
                all.add(new UntimedSegment(seam, 0, at, at + tackMm, SegmentKind.TACK, SegmentEnd.TACK));
            }
        }
        for (PassFigures pass : request.passes()) {
            List<UntimedSegment> pieces = pieces(request, pass);
            for (UntimedSegment piece : pieces) {
                for (int seam = 1; seam <= request.work().seams(); seam++) {
                    all.add(new UntimedSegment(
                            seam, piece.pass(), piece.fromMm(), piece.toMm(), piece.kind(), piece.end()));
                }
            }
        }
        return all;
    }

    private static List<UntimedSegment> pieces(SequenceRequest request, PassFigures pass) {
        double length = request.seamMm();
        SegmentLimit most = most(request, pass);
        int count = count(request, length, most);
        if (request.isFixedPosition()) {
            return fixedPosition(request, pass, most, count);
        }
        boolean back = most.end() == SegmentEnd.BACK_STEP && count > 1;
        double over = request.overlapMm();
        List<UntimedSegment> pieces = new ArrayList<>();
        for (int i : order(count, request.isTube())) {
            double low = between(request, pass, count, i);
            double high = between(request, pass, count, i + 1);
            double behind = i > 0 ? low - over : low;
            double closed = request.closes() && i == count - 1 ? high + over : high;
            SegmentEnd end = i == count - 1 && !back ? SegmentEnd.SEAM : most.end();
            pieces.add(
                    back
                            ? new UntimedSegment(1, pass.pass(), high, behind, SegmentKind.WELD, end)
                            : new UntimedSegment(1, pass.pass(), behind, closed, SegmentKind.WELD, end));
        }
        return pieces;
    }

    /** Where a piece ends and the next begins, mm: every other pass so much further that its stops do not lie on those below. */
    private static double between(SequenceRequest request, PassFigures pass, int count, int i) {
        double length = request.seamMm();
        double shift = pass.pass() % 2 == 0 ? Math.min(STAGGER_MM, length / count / 3) : 0;
        return i == 0 ? 0 : i == count ? length : Math.max(0, length * i / count - shift);
    }

    /**
     * From six o'clock (0 and all round) to twelve (half way) up one side and then the other; thin tube in opposite quarters. Falling pipe
     * counts from twelve and goes down. Each run begins over the one before, so that both tie-ins are crossed.
     */
    private static List<UntimedSegment> fixedPosition(
            SequenceRequest request, PassFigures pass, SegmentLimit most, int count) {
        double length = request.seamMm();
        double over = request.overlapMm();
        double shift = pass.pass() % 2 == 0 ? Math.min(STAGGER_MM, length / count / 3) : 0;
        int half = count / 2;
        List<UntimedSegment> pieces = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            boolean first = isQuartered(request) && half > 1 ? i % 2 == 0 : i < half;
            int step = isQuartered(request) && half > 1 ? i / 2 : i % half;
            int at = isQuartered(request) && half > 1 && !first ? (step + 1) % half : step;
            double low = length / 2 * at / half;
            double high = length / 2 * (at + 1) / half;
            double from = at == 0 ? low : low - over - shift;
            double to = at == half - 1 ? high + over : high - shift;
            boolean atTop = at == half - 1;
            SegmentEnd end = atTop ? SegmentEnd.SEAM : most.end() == SegmentEnd.SEAM ? SegmentEnd.TURN : most.end();
            pieces.add(
                    first
                            ? new UntimedSegment(1, pass.pass(), from, to, SegmentKind.WELD, end)
                            : new UntimedSegment(
                                    1,
                                    pass.pass(),
                                    at == 0 ? length + over : length - from,
                                    length - to,
                                    SegmentKind.WELD,
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
    static List<Double> tackPlaces(SequenceRequest request) {
        TackPlan plan = request.sheet().tacks();
        double length = request.seamMm();
        if (request.isSaddle() && request.closes()) {
            return List.of(length / 4, 3 * length / 4, 0.0, length / 2);
        }
        if (request.closes()) {
            double spacing = (plan.spacingLowMm() + plan.spacingHighMm()) / 2;
            int count = plan.count() > 0 ? plan.count() : Math.max(4, (int) Math.round(length / spacing));
            return IntStream.of(order(count, true))
                    .mapToObj(i -> length * i / count)
                    .toList();
        }
        double spacing = plan.count() > 0 ? length / plan.count() : (plan.spacingLowMm() + plan.spacingHighMm()) / 2;
        double edge = Math.min(EDGE_MM, length / 10);
        double tack = tackMm(request);
        int count = Math.max(2, (int) Math.round((length - 2 * edge) / spacing) + 1);
        boolean thin = plan.order() == TackOrder.THIN;
        return halving(count, thin).stream()
                .map(i -> edge + (length - 2 * edge - tack) * i / (count - 1))
                .toList();
    }

    private static double tackMm(SequenceRequest request) {
        return Math.min(request.sheet().tacks().lengthLowMm(), request.seamMm() / 4);
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
