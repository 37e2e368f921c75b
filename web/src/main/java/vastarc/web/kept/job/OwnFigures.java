package vastarc.web.kept.job;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import vastarc.core.notation.LengthReader;
import vastarc.core.notation.NumberReader;
import vastarc.core.quantity.Length;
import vastarc.core.quantity.Quantity;
import vastarc.core.quantity.Unit;
import vastarc.core.quantity.UnitSystem;
import vastarc.core.score.ScoreKey;

/**
 * The hand's own values over the engine's.
 *
 * @param values figures, each in its setting's unit
 * @param unread texts that are no figures, kept as typed until they are mended or emptied
 */
public record OwnFigures(Map<ScoreKey, Double> values, Map<ScoreKey, String> unread) {

    /** Own values are sent under this name, followed by the setting's. */
    public static final String PREFIX = "own.";

    private static final OwnFigures NONE = new OwnFigures(Map.of(), Map.of());

    public OwnFigures {
        values = sorted(values);
        unread = sorted(unread);
    }

    private static <T> Map<ScoreKey, T> sorted(Map<ScoreKey, T> map) {
        Map<ScoreKey, T> copy = new EnumMap<>(ScoreKey.class);
        copy.putAll(map);
        return Collections.unmodifiableMap(copy);
    }

    public static OwnFigures none() {
        return NONE;
    }

    /** The name an own value is sent under. */
    public static String field(ScoreKey key) {
        return PREFIX + key.apiName();
    }

    public boolean isEmpty() {
        return values.isEmpty() && unread.isEmpty();
    }

    public OptionalDouble of(ScoreKey key) {
        Double value = values.get(key);
        return value == null ? OptionalDouble.empty() : OptionalDouble.of(value);
    }

    /** What was sent, in place of these. A figure sent as it was shown keeps the digits that were not. */
    public OwnFigures changedTo(Map<String, String> sent, UnitSystem shown) {
        Map<ScoreKey, Double> figures = new EnumMap<>(ScoreKey.class);
        Map<ScoreKey, String> texts = new EnumMap<>(ScoreKey.class);
        for (ScoreKey key : ScoreKey.values()) {
            String text = sent.getOrDefault(field(key), "");
            if (!text.isBlank()) {
                OptionalDouble figure = asShown(key, text, shown) ? of(key) : read(key, text, shown);
                figure.ifPresentOrElse(value -> figures.put(key, value), () -> texts.put(key, JointText.cleaned(text)));
            }
        }
        return new OwnFigures(figures, texts);
    }

    private boolean asShown(ScoreKey key, String text, UnitSystem shown) {
        OptionalDouble kept = of(key);
        return kept.isPresent()
                && shown.show(Quantity.of(kept.getAsDouble(), key.unit()))
                        .figure()
                        .equals(text.strip());
    }

    /** A figure as typed, in the setting's unit; empty where the text is none. */
    static OptionalDouble read(ScoreKey key, String text, UnitSystem bare) {
        if (key.unit() == Unit.MILLIMETRE) {
            return new LengthReader(bare, Optional.empty())
                    .read(text, key.apiName()).value().stream()
                            .mapToDouble(Length::inMillimetres)
                            .findFirst();
        }
        return NumberReader.read(text, key.unit().symbol());
    }

    /** Without one of them. */
    public OwnFigures without(ScoreKey key) {
        Map<ScoreKey, Double> figures = new EnumMap<>(ScoreKey.class);
        figures.putAll(values);
        figures.remove(key);
        Map<ScoreKey, String> texts = new EnumMap<>(ScoreKey.class);
        texts.putAll(unread);
        texts.remove(key);
        return new OwnFigures(figures, texts);
    }
}
