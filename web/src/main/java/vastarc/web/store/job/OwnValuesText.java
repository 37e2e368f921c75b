package vastarc.web.store.job;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.advice.cycle.CycleKey;
import vastarc.core.base.notation.LengthReader;
import vastarc.core.base.notation.NumberReader;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;

/**
 * The welder's own values over the engine's.
 *
 * @param values figures, each in its setting's unit
 * @param unread texts that are no figures, kept as typed until they are mended or emptied
 */
public record OwnValuesText(Map<CycleKey, Double> values, Map<CycleKey, String> unread) {

    /** Own values are sent under this name, followed by the setting's. */
    public static final String PREFIX = "own.";

    private static final OwnValuesText NONE = new OwnValuesText(Map.of(), Map.of());

    public OwnValuesText {
        values = sorted(values);
        unread = sorted(unread);
    }

    private static <T> Map<CycleKey, T> sorted(Map<CycleKey, T> map) {
        Map<CycleKey, T> copy = new EnumMap<>(CycleKey.class);
        copy.putAll(map);
        return Collections.unmodifiableMap(copy);
    }

    /** {@return no own values} */
    public static OwnValuesText none() {
        return NONE;
    }

    /**
     * {@return the name an own value is sent under}
     *
     * @param key the key
     */
    public static String field(CycleKey key) {
        return PREFIX + key.apiName();
    }

    /** {@return whether nothing is set} */
    public boolean isEmpty() {
        return values.isEmpty() && unread.isEmpty();
    }

    /**
     * {@return the own values, read}
     *
     * @param key the key
     */
    public OptionalDouble of(CycleKey key) {
        Double value = values.get(key);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /**
     * {@return what was sent, in place of these} A figure sent as it was shown keeps the digits that were not.
     *
     * @param sent the fields as sent, by name
     * @param shown the units that the values were shown in
     */
    public OwnValuesText changedTo(Map<String, String> sent, UnitSystem shown) {
        Map<CycleKey, Double> figures = new EnumMap<>(CycleKey.class);
        Map<CycleKey, String> texts = new EnumMap<>(CycleKey.class);
        for (CycleKey key : CycleKey.values()) {
            String text = sent.getOrDefault(field(key), "");
            if (!text.isBlank()) {
                OptionalDouble figure = asShown(key, text, shown) ? of(key) : read(key, text, shown);
                figure.ifPresentOrElse(value -> figures.put(key, value), () -> texts.put(key, JointText.cleaned(text)));
            }
        }
        return new OwnValuesText(figures, texts);
    }

    /**
     * {@return these with one of them as it was typed; nothing typed takes it away}
     *
     * @param key the key
     * @param text the figure as typed
     * @param shown the units that a figure without one is in
     */
    public OwnValuesText with(CycleKey key, String text, UnitSystem shown) {
        if (text.isBlank()) {
            return without(key);
        }
        Map<CycleKey, Double> figures = new EnumMap<>(CycleKey.class);
        figures.putAll(without(key).values);
        Map<CycleKey, String> texts = new EnumMap<>(CycleKey.class);
        texts.putAll(without(key).unread);
        OptionalDouble figure = asShown(key, text, shown) ? of(key) : read(key, text, shown);
        figure.ifPresentOrElse(value -> figures.put(key, value), () -> texts.put(key, JointText.cleaned(text)));
        return new OwnValuesText(figures, texts);
    }

    private boolean asShown(CycleKey key, String text, UnitSystem shown) {
        OptionalDouble kept = of(key);
        return kept.isPresent()
                && shown.show(Quantity.of(kept.getAsDouble(), key.unit()))
                        .figure()
                        .equals(text.strip());
    }

    /** A figure as typed, in the setting's unit; empty where the text is none. */
    static OptionalDouble read(CycleKey key, String text, UnitSystem bare) {
        if (key.unit() == Unit.MILLIMETRE) {
            return new LengthReader(bare, Optional.empty())
                    .read(text, key.apiName()).value().stream()
                            .mapToDouble(Length::inMillimetres)
                            .findFirst();
        }
        return NumberReader.read(text, key.unit().symbol());
    }

    /**
     * Without one of them.
     *
     * @param key the key
     * @return the own values text
     */
    public OwnValuesText without(CycleKey key) {
        Map<CycleKey, Double> figures = new EnumMap<>(CycleKey.class);
        figures.putAll(values);
        figures.remove(key);
        Map<CycleKey, String> texts = new EnumMap<>(CycleKey.class);
        texts.putAll(unread);
        texts.remove(key);
        return new OwnValuesText(figures, texts);
    }
}
