package vastarc.web.request;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.input.InputField;
import vastarc.core.input.InputField.InputKind;
import vastarc.core.input.JointPhrase;
import vastarc.core.input.JointReading;
import vastarc.core.input.WeldFields;
import vastarc.web.store.job.JobContent;
import vastarc.web.store.job.JointText;

/** A job of a joint said in one line. */
public final class PhraseJob {

    private static final int PLACES = 4;

    private PhraseJob() {}

    /**
     * {@return a line as sent, without what stands around it and what is longer than a line can be}
     *
     * @param text as sent
     */
    public static String line(String text) {
        String line = text.strip();
        return line.substring(0, Math.min(line.length(), JointPhrase.MAX_CHARACTERS));
    }

    /**
     * {@return a fresh job with what the line says typed into it}
     *
     * @param reading what the line says
     * @param fresh a job as the shop starts it
     */
    public static JobContent of(JointReading reading, JobContent fresh) {
        JointText joint = fresh.joint();
        for (Map.Entry<String, String> text : texts(reading).entrySet()) {
            joint = joint.with(WeldFields.named(text.getKey()).orElseThrow(), Optional.of(text.getValue()));
        }
        return fresh.with(joint);
    }

    /**
     * {@return what would be typed into the fields of a joint, by their names}
     *
     * @param reading what the line says
     */
    public static Map<String, String> texts(JointReading reading) {
        Map<String, String> texts = new LinkedHashMap<>();
        reading.fields().forEach((name, value) -> {
            if (value instanceof List<?> both) {
                put(texts, WeldFields.BASE, both.get(0));
                both.stream().skip(1).forEach(other -> put(texts, WeldFields.ABUTTING, other));
            } else {
                put(texts, WeldFields.named(name).orElseThrow(), value);
            }
        });
        return texts;
    }

    /**
     * {@return what a person should look at again: words that may mean several things, and those that mean nothing;
     * empty where there are none}
     *
     * @param reading what the line says
     */
    public static String notes(JointReading reading) {
        List<String> notes = new ArrayList<>();
        reading.doubts()
                .forEach(doubt -> notes.add(say(
                        "phrase.doubt",
                        doubt.text(),
                        doubt.options().get(0),
                        String.join(
                                ", ", doubt.options().subList(1, doubt.options().size())))));
        if (!reading.unknown().isEmpty()) {
            notes.add(say("phrase.unknown", String.join(", ", reading.unknown())));
        }
        return String.join(" ", notes);
    }

    private static String say(String words, Object... arguments) {
        return Phrasebook.say(Phrase.of(words, arguments), UnitSystem.METRIC);
    }

    /** A length with its unit, so that it says the same in a shop that measures in inches. */
    private static void put(Map<String, String> texts, InputField<?> field, Object value) {
        String text = value instanceof Double figure ? plain(figure) : value.toString();
        texts.put(field.name(), field.kind() == InputKind.LENGTH ? text + " mm" : text);
    }

    private static String plain(double figure) {
        return BigDecimal.valueOf(figure)
                .setScale(PLACES, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
