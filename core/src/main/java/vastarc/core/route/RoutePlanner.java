package vastarc.core.route;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import vastarc.core.quantity.Quantity;
import vastarc.core.route.Route.End;
import vastarc.core.route.Route.Kind;
import vastarc.core.route.Route.Run;
import vastarc.core.route.Route.Wait;
import vastarc.core.route.Stretches.Stretch;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.TackPlan;
import vastarc.core.wording.Phrase;

/** Gives the runs of a job their time, with every wait and its reason, and adds up what they take. */
public final class RoutePlanner {

    /** Clean, clamp and turn a tube to the next place, s (judgement). */
    static final double TURN_S = 10;

    /** Arc between two grinds of a tungsten, and the grinding, s (judgement). */
    static final double GRIND_EVERY_S = 1800;

    static final double GRIND_S = 60;
    static final double PREHEAT_S = 300;

    /** Setting the members of a seam together and clamping them, s (judgement). */
    static final double FIT_UP_S = 90;

    /** Brushing a run before the next goes over it, s (judgement). */
    static final double BRUSH_S = 20;

    /** Grinding a stop or a tack to a feather before the next run ties into it, s (judgement). */
    static final double DRESS_S = 25;

    /** Looking a finished seam over, s (judgement). */
    static final double INSPECT_S = 30;

    private static final double WARM_K = 15;
    private static final double HELD_INSIDE_C = 300;
    private static final double HELD_INSIDE_TITANIUM_C = 200;
    private static final double LOSS = 1.03;
    private static final double MAINS_EFFICIENCY = 0.8;

    private final RouteAsk ask;
    private final Duty duty = new Duty();
    private final Map<Integer, Double> lastEnd = new HashMap<>();
    private final Map<Integer, Integer> lastPass = new HashMap<>();
    private final List<Run> runs = new ArrayList<>();
    private final Set<Integer> begun = new HashSet<>();
    private double sinceGrindS;
    private int grinds;

    private RoutePlanner(RouteAsk ask) {
        this.ask = ask;
    }

    /** The way through a job, in the hand's own order where one stands. */
    public static Route plan(RouteAsk ask) {
        List<Stretch> planned = Stretches.of(ask);
        return new RoutePlanner(ask)
                .timed(
                        ask.isOrdered()
                                ? ask.order().stream()
                                        .map(number -> planned.get(number - 1))
                                        .toList()
                                : planned);
    }

    private Route timed(List<Stretch> stretches) {
        for (Stretch stretch : stretches) {
            add(stretch);
        }
        return new Route(runs, totals(), ask.seamMm(), warping(), notes());
    }

    private PassFigures figures(Stretch stretch) {
        return ask.passes().get(Math.max(1, stretch.pass()) - 1);
    }

    private double arcS(Stretch stretch) {
        TackPlan tacks = ask.sheet().tacks();
        return stretch.kind() == Kind.TACK && tacks.fusion()
                ? tacks.onS()
                : stretch.lengthMm() / figures(stretch).mmPerS();
    }

    private double rmsA(Stretch stretch) {
        boolean spot = stretch.kind() == Kind.TACK && ask.sheet().tacks().fusion();
        return spot ? ask.sheet().tacks().currentA() : figures(stretch).rmsA();
    }

    private void add(Stretch stretch) {
        PassFigures figures = figures(stretch);
        double arc = arcS(stretch);
        double perS = ask.dutyPerS(rmsA(stretch));
        double before = runs.isEmpty() ? 0 : runs.get(runs.size() - 1).endS();
        Map<Wait, Double> waits = inHand(stretch);
        double hands = waits.values().stream().mapToDouble(s -> s).sum() + figures.preFlowS();
        double ready = before + hands;
        double cool = coolAt(stretch, figures);
        double dutied = duty.earliest(Math.max(ready, cool), arc, perS);
        if (cool > before) {
            waits.put(Wait.COOLING, cool - before);
        }
        if (dutied > Math.max(ready, cool) + 1e-6) {
            waits.put(Wait.DUTY, dutied - before);
        }
        Wait reason = dutied > Math.max(ready, cool) + 1e-6 ? Wait.DUTY : cool > ready ? Wait.COOLING : longest(waits);
        runs.add(new Run(
                runs.size() + 1,
                stretch.seam(),
                stretch.pass(),
                stretch.fromMm(),
                stretch.toMm(),
                stretch.kind(),
                stretch.end(),
                dutied,
                arc,
                dutied - before,
                reason,
                waits,
                rmsA(stretch)));
        duty.burn(dutied, arc, perS);
        lastEnd.put(stretch.seam(), dutied + arc);
        lastPass.put(stretch.seam(), stretch.pass());
        sinceGrindS += arc;
    }

    private static Wait longest(Map<Wait, Double> waits) {
        return waits.entrySet().stream()
                .filter(entry -> entry.getKey() != Wait.COOLING)
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(Wait.NONE);
    }

    /** What the hands do one after the other before a run, s. */
    private Map<Wait, Double> inHand(Stretch stretch) {
        Map<Wait, Double> waits = new EnumMap<>(Wait.class);
        if (begun.add(stretch.seam())) {
            waits.put(Wait.FIT_UP, FIT_UP_S);
        }
        if (runs.isEmpty()) {
            first(waits);
            return waits;
        }
        Run last = runs.get(runs.size() - 1);
        waits.put(
                Wait.POST_FLOW,
                last.kind() == Kind.TACK
                        ? ask.sheet().tacks().postFlowS()
                        : ask.passes().get(last.pass() - 1).postFlowS());
        boolean tacking = last.kind() == Kind.TACK && stretch.kind() == Kind.TACK && last.seam() == stretch.seam();
        if (!tacking && last.end() != End.DIPS) {
            waits.put(Wait.HANDLING, ask.work().handlingS());
        }
        if (last.end() == End.TURN && stretch.kind() == Kind.WELD) {
            waits.put(Wait.ROTATION, TURN_S);
        }
        if (stretch.kind() == Kind.WELD && last.end() != End.DIPS) {
            tieIn(stretch, waits);
        }
        if (sinceGrindS > GRIND_EVERY_S) {
            waits.put(Wait.GRIND, GRIND_S);
            sinceGrindS = 0;
            grinds++;
        }
        return waits;
    }

    /** What a run that ties into another, or goes over one, has to wait for: a feathered stop or tack, a brushed bead. */
    private void tieIn(Stretch stretch, Map<Wait, Double> waits) {
        Integer under = lastPass.get(stretch.seam());
        boolean over = under != null && under > 0 && under < stretch.pass();
        boolean restarts = under != null && under == stretch.pass();
        if (over) {
            waits.put(Wait.BRUSH, BRUSH_S);
        }
        if (restarts || under != null && under == 0) {
            waits.put(Wait.DRESS, DRESS_S);
        }
    }

    private void first(Map<Wait, Double> waits) {
        if (ask.sheet().practice().metalC() > ask.ambientC() + WARM_K) {
            waits.put(Wait.PREHEAT, PREHEAT_S);
        }
        if (ask.sheet().practice().purged()) {
            waits.put(Wait.PURGE, ask.purgeS());
        }
    }

    /** When the seam is cool enough for another pass, s. */
    private double coolAt(Stretch stretch, PassFigures figures) {
        Double last = lastEnd.get(stretch.seam());
        Integer pass = lastPass.get(stretch.seam());
        if (last == null || pass == null) {
            return 0;
        }
        boolean another = stretch.pass() > 1 && stretch.pass() != pass;
        return another ? last + figures.coolsS() : 0;
    }

    private Route.Totals totals() {
        double arc = 0;
        double wire = 0;
        double gram = 0;
        double gas = 0;
        double joule = 0;
        double density = ask.sheet().joint().material().properties().densityKgPerM3() * 1e-6;
        for (Run run : runs) {
            PassFigures figures = ask.passes().get(Math.max(1, run.pass()) - 1);
            boolean tack = run.kind() == Kind.TACK;
            double mm = tack ? 0 : run.lengthMm() * figures.wireMmPerMm() * LOSS;
            double still = tack
                    ? ask.sheet().tacks().preFlowS() + ask.sheet().tacks().postFlowS()
                    : figures.preFlowS() + figures.postFlowS();
            arc += run.arcS();
            wire += mm / 1000;
            gram += mm * figures.wireMm2() * density;
            gas += (run.arcS() + still) * figures.gasLPerMin() / 60;
            joule += figures.voltage() * (tack ? run.rmsA() : figures.currentA()) * run.arcS() / MAINS_EFFICIENCY;
        }
        double wall = runs.isEmpty() ? 0 : honest(arc, runs.get(runs.size() - 1).endS() + afterLastS());
        return new Route.Totals(
                arc,
                wall,
                wire,
                gram,
                gas,
                purge(wall),
                joule / 3.6e6,
                (int) Math.ceil(wire * 1000 / Stretches.ROD_MM - 1e-9),
                grinds);
    }

    /** The last post-flow, the argon behind until the inside is cool, and a look at every seam, s. */
    private double afterLastS() {
        Run last = runs.get(runs.size() - 1);
        PassFigures figures = ask.passes().get(Math.max(1, last.pass()) - 1);
        double coolC = ask.sheet().joint().isTitanium() ? HELD_INSIDE_TITANIUM_C : HELD_INSIDE_C;
        double held = ask.sheet().practice().purged() ? figures.cooling().timeToS(coolC) : 0;
        return Math.max(figures.postFlowS(), held) + INSPECT_S * ask.work().seams();
    }

    /** The arc is on no more of the time than the shop's own share of it: what else a day takes is not planned run by run. */
    private double honest(double arcS, double plannedS) {
        return Math.max(plannedS, arcS / ask.work().arcShare());
    }

    private double purge(double wall) {
        if (!ask.sheet().practice().purged()) {
            return 0;
        }
        double fill = ask.purgeS();
        double fills = PassFigures.figure(ask.sheet(), SettingKey.PURGE_FLOW, 0);
        double holds = PassFigures.figure(ask.sheet(), SettingKey.PURGE_HOLD, 0);
        return (fill * fills + Math.max(0, wall - fill) * holds) / 60;
    }

    /**
     * What pulls, to compare one order with another: heat a millimetre over the square of the thickness, by the root of the longest stretch
     * welded at one go over the seam. Source: judgement.
     */
    private double warping() {
        PassFigures first = ask.passes().get(0);
        double perMm = first.voltage() * first.currentA() / first.mmPerS();
        double thick = ask.sheet().heat().effectiveThicknessMm();
        double longest = runs.stream()
                .filter(run -> run.kind() == Kind.WELD)
                .mapToDouble(Run::lengthMm)
                .max()
                .orElse(0);
        return perMm / (thick * thick) * Math.sqrt(longest / ask.seamMm());
    }

    private List<Phrase> notes() {
        List<Phrase> notes = new ArrayList<>();
        if (!ask.isSaddle()) {
            notes.add(ask.sheet().tacks().order());
        }
        for (PassFigures pass : ask.passes()) {
            Stretches.Most most = Stretches.most(ask, pass);
            if (most.mm() < ask.seamMm() && !(most.end() == End.TURN && ask.isStanding())) {
                Phrase note = Phrase.of("route.note." + most.end(), Quantity.ruled(most.mm()));
                if (!notes.contains(note)) {
                    notes.add(note);
                }
            }
        }
        if (ask.passes().size() > 1) {
            notes.add(Phrase.of(
                    "route.note.interpass",
                    Quantity.celsius(ask.passes().get(1).interpassC()),
                    Quantity.seconds(ask.passes().get(1).coolsS())));
        }
        notes.add(Phrase.of(ask.closes() ? "route.note.tieIn" : "route.note.restart", Quantity.ruled(ask.overlapMm())));
        if (ask.isStanding()) {
            notes.add(Phrase.of(
                    ask.sheet().practice().position().isDownhill() ? "route.note.falling" : "route.note.standing"));
        } else if (ask.isTube() && ask.sheet().practice().rotated()) {
            notes.add(Phrase.of("route.note.rolled"));
        }
        if (ask.isSaddle()) {
            notes.add(Phrase.of("route.note.saddle"));
        }
        notes.add(
                Phrase.of("route.note.share", Quantity.percent(100 * ask.work().arcShare())));
        if (ask.ambientC() > RouteAsk.HOT_C) {
            notes.add(Phrase.of("route.note.hot"));
        }
        return notes;
    }
}
