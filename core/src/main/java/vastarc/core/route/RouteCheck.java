package vastarc.core.route;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import vastarc.core.quantity.Quantity;
import vastarc.core.route.Route.Kind;
import vastarc.core.route.Route.Run;
import vastarc.core.wording.Phrase;

/** Holds a route, made or changed by a hand, against everything a route has to keep. */
public final class RouteCheck {

    private static final double SLACK = 1e-6;

    private RouteCheck() {}

    /** What it breaks, in words; empty where it breaks nothing. */
    public static List<Phrase> check(RouteAsk ask, Route route) {
        List<Phrase> broken = new ArrayList<>();
        order(route, broken);
        time(ask, route, broken);
        duty(ask, route, broken);
        covered(ask, route, broken);
        lengths(ask, route, broken);
        return List.copyOf(broken);
    }

    /** Tacks before runs, passes one upon the other where they lie. */
    private static void order(Route route, List<Phrase> broken) {
        Map<Integer, Boolean> welded = new HashMap<>();
        for (Run run : route.runs()) {
            if (run.kind() == Kind.TACK && welded.getOrDefault(run.seam(), false)) {
                broken.add(Phrase.of("route.broken.tack", run.n(), run.seam()));
            }
            if (run.kind() == Kind.WELD) {
                welded.put(run.seam(), true);
                boolean under = route.runs().stream()
                        .filter(other -> other.seam() == run.seam() && other.kind() == Kind.WELD)
                        .anyMatch(other -> other.pass() < run.pass() && other.n() > run.n() && meets(other, run));
                if (under) {
                    broken.add(Phrase.of("route.broken.pass", run.n(), run.pass()));
                }
            }
        }
    }

    private static boolean meets(Run one, Run other) {
        return Math.max(low(one), low(other)) < Math.min(high(one), high(other)) - SLACK;
    }

    private static double low(Run run) {
        return Math.min(run.fromMm(), run.toMm());
    }

    private static double high(Run run) {
        return Math.max(run.fromMm(), run.toMm());
    }

    /** One arc at a time, and no pass on metal that is too hot. */
    private static void time(RouteAsk ask, Route route, List<Phrase> broken) {
        Map<Integer, Run> last = new HashMap<>();
        Run before = null;
        for (Run run : route.runs()) {
            if (before != null && run.startS() < before.endS() - SLACK) {
                broken.add(Phrase.of("route.broken.twoArcs", before.n(), run.n()));
            }
            Run under = last.get(run.seam());
            if (under != null && run.pass() > 1 && run.pass() != under.pass()) {
                double cools = ask.passes().get(run.pass() - 1).coolsS();
                if (run.startS() < under.endS() + cools - SLACK) {
                    broken.add(Phrase.of("route.broken.hot", run.n(), Quantity.seconds(cools)));
                }
            }
            last.put(run.seam(), run);
            before = run;
        }
    }

    private static void duty(RouteAsk ask, Route route, List<Phrase> broken) {
        Duty duty = new Duty();
        route.runs().forEach(run -> duty.burn(run.startS(), run.arcS(), ask.dutyPerS(run.rmsA())));
        if (duty.most() > Duty.WINDOW_S + 1e-3) {
            broken.add(Phrase.of("route.broken.duty", Quantity.seconds(duty.most() - Duty.WINDOW_S)));
        }
    }

    /** Every seam welded in every pass from end to end. */
    private static void covered(RouteAsk ask, Route route, List<Phrase> broken) {
        for (int seam = 1; seam <= ask.work().seams(); seam++) {
            for (PassFigures pass : ask.passes()) {
                int which = seam;
                List<Run> along = route.runs().stream()
                        .filter(run -> run.seam() == which && run.pass() == pass.pass() && run.kind() == Kind.WELD)
                        .sorted((a, b) -> Double.compare(low(a), low(b)))
                        .toList();
                double to = 0;
                for (Run run : along) {
                    to = low(run) <= to + SLACK ? Math.max(to, high(run)) : to;
                }
                if (to < ask.seamMm() - SLACK) {
                    broken.add(Phrase.of("route.broken.gap", seam, pass.pass(), Quantity.ruled(to)));
                }
            }
        }
    }

    private static void lengths(RouteAsk ask, Route route, List<Phrase> broken) {
        for (Run run : route.runs()) {
            if (run.kind() == Kind.WELD) {
                double most =
                        Stretches.most(ask, ask.passes().get(run.pass() - 1)).mm();
                double over = 2 * ask.overlapMm() + Stretches.STAGGER_MM;
                if (run.lengthMm() > most + over + SLACK) {
                    broken.add(Phrase.of("route.broken.long", run.n(), Quantity.ruled(most)));
                }
            }
        }
    }
}
