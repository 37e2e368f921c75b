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
import vastarc.core.reading.ProvenCurrent;
import vastarc.core.sheet.SettingKey;
import vastarc.core.sheet.Sheet;
import vastarc.web.kept.run.RunBook;

/** What the shop's own good runs teach: the current as proven on this machine, each hand's pace, a dial that drifts. */
@Component
public class ShopLearning {

    private static final int LOOKED_AT = 200;
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
        List<RunBook.Lesson> lessons = runs.lessons(machine, LOOKED_AT);
        List<Lesson> learned = new ArrayList<>();
        proven(machine, sheet, lessons).ifPresent(found -> learned.add(current(machine, sheet, found, units)));
        learned.addAll(paces(sheet, lessons, units));
        return new Learned(learned, drift(machine, lessons), machine);
    }

    private static Optional<ProvenCurrent> proven(String machine, Sheet sheet, List<RunBook.Lesson> lessons) {
        ProvenCurrent.Run wanted = new ProvenCurrent.Run(
                sheet.joint().material().name(),
                sheet.joint().form().name(),
                sheet.joint().thinnerMm(),
                machine,
                1);
        return ProvenCurrent.of(
                lessons.stream()
                        .map(one -> new ProvenCurrent.Run(one.metal(), one.form(), one.mm(), machine, one.ratio()))
                        .toList(),
                wanted);
    }

    private static Lesson current(String machine, Sheet sheet, ProvenCurrent found, UnitSystem units) {
        double reckoned = sheet.setting(SettingKey.WORKING_CURRENT).engineValue();
        String window = units.show(Quantity.amperes(found.low() * reckoned)).figure() + " to "
                + units.show(Quantity.amperes(found.high() * reckoned)).line();
        return new Lesson(
                "as proven here",
                units.show(Quantity.amperes(found.ratio() * reckoned)).line(),
                window + ", from " + found.runs() + " good runs like it on " + machine,
                SettingKey.WORKING_CURRENT,
                Math.rint(found.ratio() * reckoned));
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

    private static String drift(String machine, List<RunBook.Lesson> lessons) {
        List<Double> inOrder = new ArrayList<>();
        for (int i = lessons.size() - 1; i >= 0; i--) {
            inOrder.add(lessons.get(i).ratio());
        }
        return Drift.of(inOrder)
                .filter(Drift::isOut)
                .map(out -> machine + " gave " + Math.round(100 * out.from()) + " % of what was set at first and gives "
                        + Math.round(100 * out.now()) + " % now: read its dial with a clamp meter again.")
                .orElse("");
    }
}
