package vastarc.web.request;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.springframework.stereotype.Component;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.reading.Drift;
import vastarc.core.sheet.School;
import vastarc.core.sheet.Setting;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.core.wording.Phrase;
import vastarc.core.wording.Phrasebook;
import vastarc.web.kept.run.RunBook;

/** What the shop's own good runs teach: the current as proven on this machine, each hand's pace, a dial that drifts. */
@Component
public class ShopLearning {

    private static final int LEAST_OF_A_HAND = 3;
    private static final double SAME = 0.02;

    private final RunBook runs;

    ShopLearning(RunBook runs) {
        this.runs = runs;
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
    public record Lesson(String name, String figure, String from, SettingKey key, double value) {}

    /**
     * What is learned for a job.
     *
     * @param lessons to take
     * @param drift   words where the machine's current drifts; empty where it does not
     * @param machine whose
     */
    public record Learned(List<Lesson> lessons, String drift, String machine) {

        /** Nothing yet. */
        public static Learned nothing() {
            return new Learned(List.of(), "", "");
        }
    }

    /** For a sheet on a machine, in a reader's units. */
    public Learned of(String machine, Sheet sheet, UnitSystem units) {
        List<RunBook.Lesson> lessons = runs.lessons(machine, ProvenRuns.LOOKED_AT);
        List<Lesson> learned = new ArrayList<>();
        current(machine, sheet, units).ifPresent(learned::add);
        learned.addAll(paces(sheet, lessons, units));
        return new Learned(learned, drift(machine, lessons), machine);
    }

    /** Offered where another school is chosen. */
    private static Optional<Lesson> current(String machine, Sheet sheet, UnitSystem units) {
        Setting current = sheet.setting(SettingKey.WORKING_CURRENT);
        return sheet.schools().stream()
                .filter(one -> one.school() == School.AS_PROVEN_HERE && current.school() != School.AS_PROVEN_HERE)
                .findFirst()
                .map(one -> one.currentA()
                        * sheet.balanceA()
                        / sheet.schools().get(0).currentA())
                .map(amperes -> new Lesson(
                        Phrasebook.say(Phrase.of(School.AS_PROVEN_HERE.words()), units),
                        units.show(Quantity.amperes(amperes)).line(),
                        Phrasebook.say(note(sheet), units) + ", " + machine,
                        SettingKey.WORKING_CURRENT,
                        Math.rint(amperes)));
    }

    private static Phrase note(Sheet sheet) {
        return sheet.schools().get(sheet.schools().size() - 1).note();
    }

    /** A hand's own pace, by the middle of at least three runs, where it is another than the sheet's. */
    private static List<Lesson> paces(Sheet sheet, List<RunBook.Lesson> lessons, UnitSystem units) {
        Map<String, List<Double>> by = new TreeMap<>();
        lessons.stream()
                .filter(one -> one.paceRatio() > 0 && !one.hand().isEmpty())
                .forEach(one -> by.computeIfAbsent(one.hand(), hand -> new ArrayList<>())
                        .add(one.paceRatio()));
        double planned = sheet.setting(SettingKey.TRAVEL_SPEED).engineValue();
        List<Lesson> paces = new ArrayList<>();
        by.forEach((hand, ratios) -> {
            double middle = ratios.stream().sorted().toList().get(ratios.size() / 2);
            if (ratios.size() >= LEAST_OF_A_HAND && Math.abs(middle - 1) > SAME) {
                paces.add(new Lesson(
                        "the pace of " + hand,
                        units.show(Quantity.mmPerMin(middle * planned)).line(),
                        "the middle of " + ratios.size() + " good runs",
                        SettingKey.TRAVEL_SPEED,
                        Math.rint(middle * planned)));
            }
        });
        return paces;
    }

    /**
     * A machine's control chart.
     *
     * @param ratios current read to current reckoned, in order of time
     * @param drift  their chart
     * @param said   what it says
     */
    public record MachineDrift(List<Double> ratios, Drift drift, String said) {}

    /** The control chart of a machine; empty from too few good runs with a current that was read. */
    public Optional<MachineDrift> drift(String machine) {
        List<Double> ratios = ratios(runs.lessons(machine, ProvenRuns.LOOKED_AT));
        return Drift.of(ratios).map(drift -> new MachineDrift(ratios, drift, said(machine, drift)));
    }

    private static List<Double> ratios(List<RunBook.Lesson> lessons) {
        List<Double> inOrder = new ArrayList<>();
        for (int i = lessons.size() - 1; i >= 0; i--) {
            inOrder.add(lessons.get(i).ratio());
        }
        return inOrder;
    }

    private static String drift(String machine, List<RunBook.Lesson> lessons) {
        return Drift.of(ratios(lessons))
                .filter(Drift::isOut)
                .map(out -> said(machine, out))
                .orElse("");
    }

    private static String said(String machine, Drift drift) {
        String figures = machine + " gave " + Math.round(100 * drift.from())
                + " % of the calculated current at first and gives " + Math.round(100 * drift.now()) + " % now";
        return drift.isOut()
                ? figures + ": read its dial with a clamp meter again."
                : figures + "; that is inside what chance does.";
    }
}
