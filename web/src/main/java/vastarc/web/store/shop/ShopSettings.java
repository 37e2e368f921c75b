package vastarc.web.store.shop;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.advice.parameters.ChosenMethods;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.advice.parameters.ShopDefaults;
import vastarc.core.advice.parameters.Stock;
import vastarc.core.advice.sequence.Prices;
import vastarc.core.base.tables.OrderedCollections;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.FillerAlloy;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.input.InputField;
import vastarc.core.input.WeldFields;
import vastarc.web.format.CoreJson;
import vastarc.web.store.document.DocumentFormat;

/**
 * How the shop works, as it is stored.
 *
 * @param schools     method by matter; matters left out go by the default
 * @param tungstensMm owned diameters, mm; empty for not given
 * @param cups        owned cup numbers
 * @param wiresMm     owned wire diameters, mm
 * @param newJob      what a new job starts with, by field: arc control, torch travel, pulse
 * @param putAwayDays after how many days a job archived goes for good; 0 for never
 * @param money       what the shop's money is called; may be empty
 * @param prices      what it pays, in that money
 */
public record ShopSettings(
        Map<ParameterTopic, Method> schools,
        List<Double> tungstensMm,
        List<Integer> cups,
        List<Double> wiresMm,
        Map<String, String> newJob,
        int putAwayDays,
        String money,
        Prices prices) {

    /** Format 1 knew of no end for jobs archived, format 2 of no prices. */
    public static final DocumentFormat<ShopSettings> FORMAT = DocumentFormat.of(
            "way the shop works",
            CoreJson.kept(),
            ShopSettings.class,
            List.of(ShopSettings::keepingForGood, ShopSettings::unpriced));

    /** Letters of the money's name. */
    public static final int MAX_MONEY = 8;

    /** What a shop may choose for jobs archived, days; 0 for never. */
    public static final List<Integer> REMOVED_DAYS = List.of(0, 30, 90, 365);

    /** Fields that a shop may start a new job with. */
    public static final List<InputField<?>> STARTED =
            List.of(WeldFields.CONTROL, WeldFields.TECHNIQUE, WeldFields.PULSE);

    public ShopSettings {
        Map<ParameterTopic, Method> sound = new EnumMap<>(ParameterTopic.class);
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

    static JsonNode keepingForGood(JsonNode node) {
        return ((ObjectNode) node).put("putAwayDays", 0);
    }

    static JsonNode unpriced(JsonNode two) {
        return ((ObjectNode) two).put("money", "").set("prices", CoreJson.kept().valueToTree(Prices.none()));
    }

    /** {@return whether an archive may hold it} */
    public boolean isSound() {
        return Tungsten.sizes().stream().map(Tungsten::diameterMm).toList().containsAll(tungstensMm)
                && Cup.sizes().stream().map(Cup::number).toList().containsAll(cups)
                && FillerRod.sizes().stream()
                        .map(FillerRod::diameterMm)
                        .toList()
                        .containsAll(wiresMm)
                && REMOVED_DAYS.contains(putAwayDays)
                && money.length() <= MAX_MONEY
                && prices.problems().isEmpty()
                && FillerAlloy.classes().containsAll(prices.wirePerKg().keySet())
                && newJob.entrySet().stream()
                        .allMatch(field -> STARTED.stream()
                                .anyMatch(started ->
                                        started.name().equals(field.getKey()) && isChoice(started, field.getValue())));
    }

    private static boolean isChoice(InputField<?> field, String name) {
        return field.choices().stream().anyMatch(choice -> choice.toString().equals(name));
    }

    /** {@return the settings of a new shop} */
    public static ShopSettings usual() {
        return new ShopSettings(Map.of(), List.of(), List.of(), List.of(), Map.of(), 0, "", Prices.none());
    }

    /**
     * {@return these settings with another method}
     *
     * @param method the method
     */
    public ShopSettings with(Method method) {
        Map<ParameterTopic, Method> changed = new EnumMap<>(ParameterTopic.class);
        changed.putAll(schools);
        changed.put(method.matter(), method);
        return new ShopSettings(changed, tungstensMm, cups, wiresMm, newJob, putAwayDays, money, prices);
    }

    /**
     * {@return these settings with another stock}
     *
     * @param tungstens the diameters that the shop has, mm
     * @param owned the sizes that the shop has
     * @param wires the diameters that the shop has, mm
     */
    public ShopSettings stocked(List<Double> tungstens, List<Integer> owned, List<Double> wires) {
        return new ShopSettings(schools, tungstens, owned, wires, newJob, putAwayDays, money, prices);
    }

    /**
     * {@return these settings with other choices for new jobs}
     *
     * @param fields the values by name
     */
    public ShopSettings starting(Map<String, String> fields) {
        return new ShopSettings(schools, tungstensMm, cups, wiresMm, fields, putAwayDays, money, prices);
    }

    /**
     * {@return these settings with another time until removed jobs are deleted, days}
     *
     * @param days how many days
     */
    public ShopSettings forgettingAfter(int days) {
        return new ShopSettings(schools, tungstensMm, cups, wiresMm, newJob, days, money, prices);
    }

    /**
     * {@return these settings with other prices}
     *
     * @param moneyName name of the currency
     * @param prices the prices
     */
    public ShopSettings paying(String moneyName, Prices prices) {
        return new ShopSettings(schools, tungstensMm, cups, wiresMm, newJob, putAwayDays, moneyName, prices);
    }

    /**
     * For the planner.
     *
     * @return the shop defaults
     */
    public ShopDefaults defaults() {
        return new ShopDefaults(
                ChosenMethods.usual().with(schools.values()),
                new Stock(
                        OrderedCollections.set(tungstensMm),
                        OrderedCollections.set(cups),
                        OrderedCollections.set(wiresMm)));
    }
}
