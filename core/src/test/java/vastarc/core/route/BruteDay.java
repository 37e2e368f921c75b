package vastarc.core.route;

import java.util.List;
import vastarc.core.route.Route.Run;
import vastarc.core.route.Route.Wait;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;

/** The shortest day by trying every interleaving, timed run by run from the routes themselves; without duty. */
final class BruteDay {

    private final List<RouteAsk> asks;
    private final List<Route> routes;
    private final Day.Changes changes;
    private double best = Double.MAX_VALUE;

    private BruteDay(List<RouteAsk> asks, Day.Changes changes) {
        this.asks = asks;
        this.routes = asks.stream().map(RoutePlanner::plan).toList();
        this.changes = changes;
    }

    static double shortest(List<RouteAsk> asks, Day.Changes changes) {
        BruteDay day = new BruteDay(asks, changes);
        double[][] ends = new double[asks.size()][];
        for (int i = 0; i < ends.length; i++) {
            ends[i] = new double[day.routes.get(i).runs().size()];
        }
        day.go(new int[asks.size()], ends, -1, 0);
        return day.best;
    }

    private void go(int[] next, double[][] ends, int job, double now) {
        boolean over = true;
        for (int to = 0; to < next.length; to++) {
            if (next[to] < routes.get(to).runs().size()) {
                over = false;
                step(next, ends, job, to, now);
            }
        }
        if (over) {
            best = Math.min(best, now);
        }
    }

    private void step(int[] next, double[][] ends, int from, int to, double now) {
        RouteAsk ask = asks.get(to);
        int at = next[to];
        Run run = routes.get(to).runs().get(at);
        PassFigures figures = ask.passes().get(Math.max(1, run.pass()) - 1);
        double hands = run.waits().getOrDefault(Wait.HANDLING, 0.0)
                + run.waits().getOrDefault(Wait.ROTATION, 0.0)
                + run.waits().getOrDefault(Wait.GRIND, 0.0)
                + figures.preFlowS();
        double start = now + change(from, to) + hands;
        start = Math.max(
                start, run.waits().getOrDefault(Wait.PREHEAT, 0.0) + run.waits().getOrDefault(Wait.PURGE, 0.0));
        if (at > 0 && run.pass() > 1 && routes.get(to).runs().get(at - 1).pass() != run.pass()) {
            start = Math.max(start, ends[to][at - 1] + figures.coolsS());
        }
        double after = run.kind() == Route.Kind.TACK ? ask.sheet().tacks().postFlowS() : figures.postFlowS();
        ends[to][at] = start + run.arcS();
        next[to]++;
        go(next, ends, to, start + run.arcS() + after);
        next[to]--;
    }

    private double change(int from, int to) {
        if (from < 0 || from == to) {
            return 0;
        }
        Sheet one = asks.get(from).sheet();
        Sheet other = asks.get(to).sheet();
        double metal = one.joint().material() == other.joint().material() ? 0 : changes.metalS();
        boolean tungsten = one.setting(SettingKey.TUNGSTEN_DIAMETER).value()
                == other.setting(SettingKey.TUNGSTEN_DIAMETER).value();
        boolean cup = one.setting(SettingKey.CUP_SIZE).value()
                == other.setting(SettingKey.CUP_SIZE).value();
        return metal
                + (tungsten ? 0 : changes.tungstenS())
                + (cup ? 0 : changes.cupS())
                + (isSetAlike(one, other) ? 0 : changes.panelS());
    }

    private static boolean isSetAlike(Sheet one, Sheet other) {
        return one.setting(SettingKey.WORKING_CURRENT).value()
                        == other.setting(SettingKey.WORKING_CURRENT).value()
                && one.setting(SettingKey.PULSE_RATE).value()
                        == other.setting(SettingKey.PULSE_RATE).value()
                && one.setting(SettingKey.UP_SLOPE).value()
                        == other.setting(SettingKey.UP_SLOPE).value()
                && one.setting(SettingKey.DOWN_SLOPE).value()
                        == other.setting(SettingKey.DOWN_SLOPE).value()
                && one.setting(SettingKey.POST_FLOW).value()
                        == other.setting(SettingKey.POST_FLOW).value();
    }
}
