package vastarc.web.service;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import vastarc.core.advice.parameters.Drift;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.sheet.Parameter;
import vastarc.core.advice.sheet.SetupSheet;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.web.store.run.WeldRunQueries;
import vastarc.web.store.run.WeldRunQueries.RunLesson;

/** What the shop's own good runs teach: the current as proven on this machine, each welder's pace, a dial that drifts. */
@Component
public class ShopLearning {

    private static final int LEAST_OF_A_HAND = 3;
    private static final double SAME = 0.02;

    private static final String ENGINES_RANGE = "The range of the working current is the engine’s.";

    private final WeldRunQueries runs;
    private final ProvenRuns proven;

    ShopLearning(WeldRunQueries runs, ProvenRuns proven) {
        this.runs = runs;
        this.proven = proven;
    }

    /**
     * Something learned that can be taken onto the sheet.
     *
     * @param name   what it is
     * @param figure with its unit
     * @param from   from what it was learned
     * @param key    of the sheet's setting
     * @param value  in its unit
     */
    public record OfferedLesson(String name, String figure, String from, ParameterKey key, double value) {}

    /**
     * What is learned for a job.
     *
     * @param lessons to take
     * @param drift   words where the machine's current drifts; empty where it does not
     * @param machine whose
     * @param range   whose the range of the working current is, in a sentence
     */
    public record JobLessons(List<OfferedLesson> lessons, String drift, String machine, String range) {

        /** {@return nothing yet} */
        public static JobLessons nothing() {
            return new JobLessons(List.of(), "", "", ENGINES_RANGE);
        }
    }

    /**
     * For a sheet on a machine, in a reader's units.
     *
     * @param machine name of the machine
     * @param sheet the sheet
     * @param units the units
     * @return the job lessons
     */
    public JobLessons of(String machine, SetupSheet sheet, UnitSystem units) {
        List<RunLesson> lessons = runs.lessons(machine, ProvenRuns.LOOKED_AT);
        List<OfferedLesson> learned = new ArrayList<>();
        current(machine, sheet, units).ifPresent(learned::add);
        learned.addAll(paces(sheet, lessons, units));
        return new JobLessons(learned, drift(machine, lessons), machine, range(machine, sheet));
    }

    private String range(String machine, SetupSheet sheet) {
        return sheet.setting(ParameterKey.WORKING_CURRENT).school() == Method.AS_PROVEN_HERE
                ? "The range is this shop’s: nine of ten good runs on " + machine + ", by "
                        + proven.at(machine).known(sheet.weld()).runs() + " of them."
                : ENGINES_RANGE;
    }

    /** Offered where another method is chosen. */
    private static Optional<OfferedLesson> current(String machine, SetupSheet sheet, UnitSystem units) {
        Parameter current = sheet.setting(ParameterKey.WORKING_CURRENT);
        return sheet.schools().stream()
                .filter(methodCurrent ->
                        methodCurrent.school() == Method.AS_PROVEN_HERE && current.school() != Method.AS_PROVEN_HERE)
                .findFirst()
                .map(methodCurrent -> methodCurrent.currentA()
                        * sheet.balanceA()
                        / sheet.schools().get(0).currentA())
                .map(amperes -> new OfferedLesson(
                        Phrasebook.say(Phrase.of(Method.AS_PROVEN_HERE.words()), units),
                        units.show(Quantity.amperes(amperes)).line(),
                        Phrasebook.say(note(sheet), units) + ", " + machine,
                        ParameterKey.WORKING_CURRENT,
                        Math.rint(amperes)));
    }

    private static Phrase note(SetupSheet sheet) {
        return sheet.schools().get(sheet.schools().size() - 1).note();
    }

    /** A welder's own pace, by the middle of at least three runs, where it is another than the sheet's. */
    private static List<OfferedLesson> paces(SetupSheet sheet, List<RunLesson> lessons, UnitSystem units) {
        Map<String, List<Double>> by = new TreeMap<>();
        lessons.stream()
                .filter(runLesson ->
                        runLesson.paceRatio() > 0 && !runLesson.hand().isEmpty())
                .forEach(runLesson -> by.computeIfAbsent(runLesson.hand(), welder -> new ArrayList<>())
                        .add(runLesson.paceRatio()));
        double planned = sheet.setting(ParameterKey.TRAVEL_SPEED).engineValue();
        List<OfferedLesson> paces = new ArrayList<>();
        by.forEach((welder, ratios) -> {
            double middle = ratios.stream().sorted().toList().get(ratios.size() / 2);
            if (ratios.size() >= LEAST_OF_A_HAND && Math.abs(middle - 1) > SAME) {
                paces.add(new OfferedLesson(
                        "Travel speed of " + welder,
                        units.show(Quantity.mmPerMin(middle * planned)).line(),
                        "median of " + ratios.size() + " good runs",
                        ParameterKey.TRAVEL_SPEED,
                        Math.rint(middle * planned)));
            }
        });
        return paces;
    }

    /**
     * A machine's control chart.
     *
     * @param ratios current read to current calculated, in order of time
     * @param drift  their chart
     * @param said   what it says
     */
    public record MachineDrift(List<Double> ratios, Drift drift, String said) {}

    /**
     * {@return the control chart of a machine; empty from too few good runs with a current that was read}
     *
     * @param machine name of the machine
     */
    public Optional<MachineDrift> drift(String machine) {
        List<Double> ratios = ratios(runs.lessons(machine, ProvenRuns.LOOKED_AT));
        return Drift.of(ratios).map(drift -> new MachineDrift(ratios, drift, driftText(machine, drift)));
    }

    private static List<Double> ratios(List<RunLesson> lessons) {
        List<Double> inOrder = new ArrayList<>();
        for (int i = lessons.size() - 1; i >= 0; i--) {
            inOrder.add(lessons.get(i).ratio());
        }
        return inOrder;
    }

    private static String drift(String machine, List<RunLesson> lessons) {
        return Drift.of(ratios(lessons))
                .filter(Drift::isOut)
                .map(out -> driftText(machine, out))
                .orElse("");
    }

    private static String driftText(String machine, Drift drift) {
        long now = Math.round(100 * drift.now());
        return drift.isOut()
                ? machine + " gave " + Math.round(100 * drift.from()) + " % of the calculated current and gives " + now
                        + " % since its run " + (drift.since() + 1)
                        + ": read its dial with a clamp meter again. Only runs since then teach its current."
                : machine + " gives " + now + " % of the calculated current; its runs differ by no more than chance.";
    }
}
