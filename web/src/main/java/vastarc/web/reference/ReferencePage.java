package vastarc.web.reference;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.IntStream;
import vastarc.core.advice.parameters.Method;
import vastarc.core.advice.parameters.ParameterKey;
import vastarc.core.advice.parameters.ParameterTopic;
import vastarc.core.base.notation.GaugeScale;
import vastarc.core.base.text.Phrase;
import vastarc.core.base.text.Phrasebook;
import vastarc.core.base.units.Quantity;
import vastarc.core.base.units.UnitSystem;
import vastarc.core.domain.consumable.Cup;
import vastarc.core.domain.consumable.FillerRod;
import vastarc.core.domain.consumable.Tungsten;
import vastarc.core.domain.joint.Position;
import vastarc.core.record.diagnosis.Symptom;
import vastarc.core.reference.Glossary;
import vastarc.core.reference.ModelPages;
import vastarc.core.reference.OutsideCheck;
import vastarc.web.drawing.Drawing;
import vastarc.web.drawing.PositionDrawing;
import vastarc.web.layout.Labels;
import vastarc.web.layout.ModelAddress;
import vastarc.web.layout.ReferenceAnchors;

/**
 * What the welder looks up, finished for display.
 *
 * @param words     of the trade
 * @param settings  with how each is calculated and what to do when the bead says otherwise
 * @param symptoms  with their causes
 * @param positions drawn
 */
public record ReferencePage(
        List<TermLine> words,
        List<ParameterLine> settings,
        List<SymptomLine> symptoms,
        List<PositionTile> positions,
        List<List<String>> tungstens,
        List<List<String>> cups,
        List<List<String>> wires,
        List<List<String>> gauges,
        List<MethodTopicLine> schools,
        List<String> cautions,
        List<OutsideLine> outside) {

    private static final List<String> CAUTIONS = List.of(
            "qualified",
            "argon",
            "fume.STEEL",
            "fume.CHROMOLY",
            "fume.STAINLESS",
            "fume.TITANIUM",
            "titaniumHold",
            "liftOnly");

    /** A word. */
    public record TermLine(String id, String term, String meaning, String aliases, String note) {}

    /** A setting. */
    public record ParameterLine(
            String id, String name, String formula, String ifWrong, String source, String equation) {
        public ParameterLine {
            name = Labels.of(name);
        }
    }

    /** A figure beside that of a standard. */
    public record OutsideLine(String what, String here, String there, String difference, String why) {}

    /** A symptom. */
    public record SymptomLine(String id, String seen, List<String> causes) {
        public SymptomLine {
            seen = Labels.of(seen);
        }
    }

    /** A position. */
    public record PositionTile(String id, String letters, String names, String words, Drawing drawing) {}

    /** A matter and its methods, the default first. */
    public record MethodTopicLine(String matter, List<String> schools) {
        public MethodTopicLine {
            matter = Labels.of(matter);
        }
    }

    private static OutsideLine outside(OutsideCheck check, UnitSystem units) {
        return new OutsideLine(
                Phrasebook.say(check.what(), units),
                units.show(check.here()).line(),
                units.show(check.there()).line(),
                String.format(Locale.ROOT, "%+.0f %%", check.differencePercent())
                        .replace('-', '−'),
                Phrasebook.say(check.why(), units));
    }

    private static SymptomLine symptom(Symptom symptom) {
        return new SymptomLine(
                ReferenceAnchors.id(ReferenceAnchors.symptom(symptom)),
                Labels.of(say(symptom.words())),
                symptom.likelyCauses().stream().map(cause -> say(cause.words())).toList());
    }

    static ReferencePage of(UnitSystem units) {
        return new ReferencePage(
                Glossary.entries().stream()
                        .map(entry -> new TermLine(
                                ReferenceAnchors.id(ReferenceAnchors.term(entry.term())),
                                entry.term(),
                                entry.meaning(),
                                String.join(", ", entry.aliases()),
                                entry.note()))
                        .toList(),
                Arrays.stream(ParameterKey.values()).map(ReferencePage::setting).toList(),
                Symptom.all().stream().map(ReferencePage::symptom).toList(),
                Arrays.stream(Position.values()).map(ReferencePage::position).toList(),
                Tungsten.sizes().stream().map(size -> tungsten(size, units)).toList(),
                Cup.sizes().stream().map(cup -> cup(cup, units)).toList(),
                FillerRod.sizes().stream().map(wire -> wire(wire, units)).toList(),
                gauges(units),
                Arrays.stream(ParameterTopic.values())
                        .map(topic -> new MethodTopicLine(
                                say("matter." + topic.name()),
                                Arrays.stream(Method.values())
                                        .filter(method -> method.matter() == topic)
                                        .map(method -> say(method.words()))
                                        .toList()))
                        .toList(),
                CAUTIONS.stream().map(code -> say("caution." + code)).toList(),
                OutsideCheck.all().stream().map(check -> outside(check, units)).toList());
    }

    private static String say(String words) {
        return Phrasebook.say(Phrase.of(words), UnitSystem.METRIC);
    }

    private static ParameterLine setting(ParameterKey key) {
        return new ParameterLine(
                ReferenceAnchors.id(ReferenceAnchors.setting(key)),
                say(key.words()),
                say(key.words() + ".formula"),
                say(key.words() + ".ifWrong"),
                say(key.words() + ".source"),
                ModelPages.of(key).map(ModelAddress::of).orElse(""));
    }

    private static PositionTile position(Position position) {
        String words = say("position." + position.name());
        return new PositionTile(
                ReferenceAnchors.id(ReferenceAnchors.position(position)),
                position.letters(),
                position.numberLetterName(),
                words,
                PositionDrawing.of(position, words));
    }

    private static String amps(double value, UnitSystem units) {
        return units.show(Quantity.amperes(value)).figure();
    }

    private static List<String> tungsten(Tungsten size, UnitSystem units) {
        return List.of(
                units.show(Quantity.stockMillimetres(size.diameterMm())).line(),
                amps(size.minStableA(), units),
                amps(size.usualLowA(), units) + " – " + amps(size.usualHighA(), units),
                amps(size.practicalMaxA(), units));
    }

    private static List<String> cup(Cup cup, UnitSystem units) {
        return List.of(
                "no. " + cup.number() + (cup.lens() ? ", lens" : ""),
                units.show(Quantity.millimetres(cup.boreMm())).line(),
                units.show(Quantity.litresPerMin(cup.flowLPerMin(1000))).figure() + " – "
                        + units.show(Quantity.litresPerMin(cup.flowLPerMin(cup.lens() ? 1600 : 1400)))
                                .line(),
                units.show(Quantity.litresPerMin(cup.flowLPerMin(2000))).line());
    }

    private static List<String> wire(FillerRod wire, UnitSystem units) {
        return List.of(
                units.show(Quantity.stockMillimetres(wire.diameterMm())).line(),
                units.show(Quantity.millimetres(wire.fromMm())).figure() + " – "
                        + units.show(Quantity.millimetres(wire.toMm())).line());
    }

    /** Gauges: a number means another thickness in sheet of another metal, and in tube. */
    private static List<List<String>> gauges(UnitSystem units) {
        return IntStream.rangeClosed(7, 30)
                .mapToObj(number -> List.of(
                        number + " ga",
                        gauge(GaugeScale.SHEET_STEEL, number, units),
                        gauge(GaugeScale.STAINLESS_SHEET, number, units),
                        gauge(GaugeScale.TUBE, number, units)))
                .toList();
    }

    private static String gauge(GaugeScale scale, int number, UnitSystem units) {
        return Optional.of(scale)
                .flatMap(own -> own.thickness(number))
                .map(length -> units.show(length.quantity()).line())
                .orElse("–");
    }
}
