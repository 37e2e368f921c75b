package vastarc.web.format;

import com.fasterxml.jackson.annotation.JsonAutoDetect;
import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Length;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.Unit;
import vastarc.core.base.units.UnitSystem;

/**
 * Core records as JSON, in two ways: <em>spoken</em> for answers (sentences in words, units by their symbols, five significant digits), and
 * as <em>data</em> for what is stored (sentences by key and arguments, so that they can be said again in either unit system).
 */
public final class CoreJson {

    private static final MathContext FIGURES = new MathContext(5);
    private static final JsonMapper SPOKEN = builder().addModule(spoken()).build();
    private static final JsonMapper DATA = builder()
            .addModule(data())
            .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private CoreJson() {}

    private static JsonMapper.Builder builder() {
        return JsonMapper.builder()
                .changeDefaultVisibility(checks -> checks.withIsGetterVisibility(JsonAutoDetect.Visibility.NONE));
    }

    /**
     * For answers.
     *
     * @return the json mapper
     */
    public static JsonMapper answers() {
        return SPOKEN;
    }

    /**
     * For what is stored.
     *
     * @return the json mapper
     */
    public static JsonMapper kept() {
        return DATA;
    }

    /**
     * {@return five significant digits: more than the model knows, enough to compare}
     *
     * @param value the value
     */
    public static double rounded(double value) {
        return Double.isFinite(value) ? new BigDecimal(value).round(FIGURES).doubleValue() : value;
    }

    private static SimpleModule spoken() {
        SimpleModule module = new SimpleModule("spoken");
        module.addSerializer(Phrase.class, writer((phrase, out) -> out.writeString(say(phrase))));
        module.addSerializer(Unit.class, writer((unit, out) -> out.writeString(unit.symbol())));
        ValueSerializer<Double> rounding = writer((value, out) -> out.writeNumber(rounded(value)));
        module.addSerializer(Double.class, rounding);
        module.addSerializer(double.class, rounding);
        return module;
    }

    private static String say(Phrase phrase) {
        return Phrasebook.say(phrase, UnitSystem.METRIC);
    }

    private static SimpleModule data() {
        SimpleModule module = new SimpleModule("data");
        module.addSerializer(Phrase.class, writer((phrase, out) -> out.writeTree(PhraseData.of(phrase))));
        module.addDeserializer(Phrase.class, reader(PhraseData::phrase));
        module.addSerializer(Length.class, writer((length, out) -> out.writeNumber(length.inMillimetres())));
        module.addDeserializer(Length.class, reader(node -> Length.ofMillimetres(node.asDouble())));
        return module;
    }

    private interface JsonWriting<T> {
        void write(T value, JsonGenerator out);
    }

    private interface JsonReading<T> {
        T read(JsonNode node);
    }

    private static <T> ValueSerializer<T> writer(JsonWriting<T> writing) {
        return new ValueSerializer<>() {
            @Override
            public void serialize(T value, JsonGenerator out, SerializationContext context) {
                writing.write(value, out);
            }
        };
    }

    private static <T> ValueDeserializer<T> reader(JsonReading<T> reading) {
        return new ValueDeserializer<>() {
            @Override
            public T deserialize(JsonParser parser, DeserializationContext context) {
                return reading.read(parser.readValueAsTree());
            }
        };
    }

    /** A phrase as {@code {"key": …, "arguments": [text, number, {"value", "unit"}, {"mm"}, phrase]}}. */
    private static final class PhraseData {

        private static final String KEY = "key";
        private static final String ARGUMENTS = "arguments";
        private static final String VALUE = "value";
        private static final String UNIT = "unit";
        private static final String LENGTH = "mm";

        static ObjectNode of(Phrase phrase) {
            ObjectNode node = JsonMapper.shared().createObjectNode();
            node.put(KEY, phrase.key());
            ArrayNode arguments = node.putArray(ARGUMENTS);
            phrase.arguments().forEach(argument -> arguments.add(argument(argument)));
            return node;
        }

        private static JsonNode argument(Object argument) {
            if (argument instanceof Phrase phrase) {
                return of(phrase);
            }
            ObjectNode node = JsonMapper.shared().createObjectNode();
            if (argument instanceof Quantity quantity) {
                return node.put(VALUE, quantity.value())
                        .put(UNIT, quantity.unit().name());
            }
            if (argument instanceof Length length) {
                return node.put(LENGTH, length.inMillimetres());
            }
            return JsonMapper.shared().valueToTree(argument.toString());
        }

        static Phrase phrase(JsonNode node) {
            List<Object> arguments = new ArrayList<>();
            node.path(ARGUMENTS).forEach(argument -> arguments.add(argument(argument)));
            return new Phrase(text(node.get(KEY)), arguments);
        }

        private static Object argument(JsonNode node) {
            if (node.has(KEY)) {
                return phrase(node);
            }
            if (node.has(LENGTH)) {
                return Length.ofMillimetres(node.get(LENGTH).asDouble());
            }
            return node.has(VALUE)
                    ? Quantity.of(node.get(VALUE).asDouble(), Unit.valueOf(text(node.get(UNIT))))
                    : node.asString();
        }

        private static String text(JsonNode node) {
            if (node == null || !node.isString()) {
                throw new IllegalArgumentException("a phrase lacks its key or its unit");
            }
            return node.asString();
        }
    }
}
