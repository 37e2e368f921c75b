package vastarc.web.kept.shop;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.consumable.Cup;
import vastarc.core.consumable.Tungsten;
import vastarc.core.consumable.Wire;
import vastarc.core.consumable.WireAlloy;
import vastarc.core.joint.InputField;
import vastarc.core.joint.WeldFields;
import vastarc.core.route.Prices;
import vastarc.core.sheet.Matter;
import vastarc.core.sheet.School;
import vastarc.core.sheet.Schools;
import vastarc.core.sheet.ShopWays;
import vastarc.core.sheet.Stock;
import vastarc.core.table.InOrder;
import vastarc.web.format.CoreJson;
import vastarc.web.kept.document.DocumentFormat;

/**
 * How the shop works, as it is kept.
 *
 * @param schools     school by matter; matters left out go by the default
 * @param tungstensMm owned diameters, mm; empty for untold
 * @param cups        owned cup numbers
 * @param wiresMm     owned wire diameters, mm
 * @param newJob      what a new job starts with, by field: arc control, torch travel, pulse
 * @param putAwayDays after how many days a job put away goes for good; 0 for never
 * @param money       what the shop's money is called; may be empty
 * @param prices      what it pays, in that money
 */
public record Habits(
        Map<Matter, School> schools,
        List<Double> tungstensMm,
        List<Integer> cups,
        List<Double> wiresMm,
        Map<String, String> newJob,
        int putAwayDays,
        String money,
        Prices prices) {

    /** Format 1 knew of no end for jobs put away, format 2 of no prices. */
    public static final DocumentFormat<Habits> FORMAT = DocumentFormat.of(
            "way the shop works", CoreJson.kept(), Habits.class, List.of(Habits::keepingForGood, Habits::unpriced));

    /** Letters of the money's name. */
    public static final int MAX_MONEY = 8;

    /** What a shop may choose for jobs put away, days; 0 for never. */
    public static final List<Integer> PUT_AWAY_DAYS = List.of(0, 30, 90, 365);

    /** Fields that a shop may start a new job with. */
    public static final List<InputField<?>> STARTED =
            List.of(WeldFields.CONTROL, WeldFields.TECHNIQUE, WeldFields.PULSE);

    public Habits {
        Map<Matter, School> sound = new EnumMap<>(Matter.class);
        schools.forEach((matter, school) -> {
            if (school != null && school.matter() == matter) {
                sound.put(matter, school);
            }
        });
        schools = sound;
        tungstensMm = List.copyOf(new TreeSet<>(tungstensMm));
        cups = List.copyOf(new TreeSet<>(cups));
        wiresMm = List.copyOf(new TreeSet<>(wiresMm));
        newJob = new TreeMap<>(newJob);
    }

    static JsonNode keepingForGood(JsonNode one) {
        return ((ObjectNode) one).put("putAwayDays", 0);
    }

    static JsonNode unpriced(JsonNode two) {
        return ((ObjectNode) two).put("money", "").set("prices", CoreJson.kept().valueToTree(Prices.untold()));
    }

    /** Only sizes that are made and fields that a new job has. */
    public boolean isSound() {
        return Tungsten.sizes().stream().map(Tungsten::diameterMm).toList().containsAll(tungstensMm)
                && Cup.sizes().stream().map(Cup::number).toList().containsAll(cups)
                && Wire.sizes().stream().map(Wire::diameterMm).toList().containsAll(wiresMm)
                && PUT_AWAY_DAYS.contains(putAwayDays)
                && money.length() <= MAX_MONEY
                && prices.problems().isEmpty()
                && WireAlloy.classes().containsAll(prices.wirePerKg().keySet())
                && newJob.entrySet().stream()
                        .allMatch(field -> STARTED.stream()
                                .anyMatch(started ->
                                        started.name().equals(field.getKey()) && isChoice(started, field.getValue())));
    }

    private static boolean isChoice(InputField<?> field, String name) {
        return field.choices().stream().anyMatch(choice -> choice.toString().equals(name));
    }

    public static Habits usual() {
        return new Habits(Map.of(), List.of(), List.of(), List.of(), Map.of(), 0, "", Prices.untold());
    }

    public Habits with(School school) {
        Map<Matter, School> changed = new EnumMap<>(Matter.class);
        changed.putAll(schools);
        changed.put(school.matter(), school);
        return new Habits(changed, tungstensMm, cups, wiresMm, newJob, putAwayDays, money, prices);
    }

    public Habits stocked(List<Double> tungstens, List<Integer> owned, List<Double> wires) {
        return new Habits(schools, tungstens, owned, wires, newJob, putAwayDays, money, prices);
    }

    public Habits starting(Map<String, String> fields) {
        return new Habits(schools, tungstensMm, cups, wiresMm, fields, putAwayDays, money, prices);
    }

    public Habits forgettingAfter(int days) {
        return new Habits(schools, tungstensMm, cups, wiresMm, newJob, days, money, prices);
    }

    public Habits paying(String moneyName, Prices told) {
        return new Habits(schools, tungstensMm, cups, wiresMm, newJob, putAwayDays, moneyName, told);
    }

    /** For the planner. */
    public ShopWays ways() {
        return new ShopWays(
                Schools.usual().with(schools.values()),
                new Stock(InOrder.set(tungstensMm), InOrder.set(cups), InOrder.set(wiresMm)));
    }
}
